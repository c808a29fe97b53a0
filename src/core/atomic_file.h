// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A file that appears under its name only when it is whole: written beside it under a temporary
/// name, flushed, renamed. What is not committed is removed.
///
///     auto out = AtomicFile::create("day/film.mov");
///     write(out->temporaryPath());
///     out->commit();
#pragma once

#include <filesystem>
#include <string_view>

#include "core/result.h"

namespace brisk {

class AtomicFile {
  public:
    /// Makes sure the folder exists and can be written. Errors: CannotWrite.
    static Result<AtomicFile> create(const std::filesystem::path& target);

    AtomicFile(AtomicFile&& other) noexcept;
    AtomicFile& operator=(AtomicFile&&) = delete;
    ~AtomicFile();

    [[nodiscard]] const std::filesystem::path& temporaryPath() const { return temporary_; }
    [[nodiscard]] const std::filesystem::path& target() const { return target_; }

    /// Flushes to the disk and renames over the target. Errors: CannotWrite.
    Result<void> commit();

  private:
    AtomicFile(std::filesystem::path target, std::filesystem::path temporary);
    std::filesystem::path target_;
    std::filesystem::path temporary_;
    bool pending_ = true;
};

/// Writes a whole small file in one go, atomically.
Result<void> writeWholeFile(const std::filesystem::path& target, std::string_view bytes);

/// Reads a whole small file. Errors: CannotRead.
Result<std::string> readWholeFile(const std::filesystem::path& path);

}  // namespace brisk

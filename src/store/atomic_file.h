// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A file that appears under its name only when it is whole: written beside it under a temporary
/// name, flushed, renamed. What is not committed is removed. One that is somebody's only copy is
/// replaced (`commit`); one that is handed over takes no other file's place (`commitAsNew`).
///
///     auto out = AtomicFile::create("day/film.mov");
///     write(out->temporaryPath());
///     out->commitAsNew();
///     out->target();          // day/film 2.mov, if a film.mov came in between
#pragma once

#include <filesystem>
#include <string_view>

#include "core/result.h"
#include "store/temporary_file.h"

namespace brisk {

class AtomicFile {
  public:
    /// Makes sure the folder exists and can be written. Errors: CannotWrite.
    static Result<AtomicFile> create(const std::filesystem::path& target);

    [[nodiscard]] const std::filesystem::path& temporaryPath() const { return file_.path(); }
    /// Where it will be; after commitAsNew, where it is.
    [[nodiscard]] const std::filesystem::path& target() const { return target_; }

    /// Waits until what was written is on the disk. Committing does so, too, and is quick then.
    /// Errors: CannotWrite.   Threads: while others read or write the file.
    [[nodiscard]] Result<void> sync() const;
    /// Flushes to the disk and renames over the target. Errors: CannotWrite.
    Result<void> commit();
    /// Flushes to the disk and takes the target's name, numbered where a file of that name, however
    /// written, is there. Two that do so at the same moment both stay. Errors: CannotWrite.
    Result<void> commitAsNew();

  private:
    AtomicFile(std::filesystem::path target, TemporaryFile file)
        : target_(std::move(target)), file_(std::move(file)) {}
    std::filesystem::path target_;
    TemporaryFile file_;
};

/// Writes a whole small file in one go, atomically, in the place of what was there.
Result<void> writeWholeFile(const std::filesystem::path& target, std::string_view bytes);
/// The same under a name that is free. Returns which.
Result<std::filesystem::path> writeNewFile(const std::filesystem::path& target,
                                           std::string_view bytes);

/// No shoot, report or scene is larger.
constexpr std::uintmax_t kMaxWholeFile = std::uintmax_t{256} << 20;

/// Reads a whole small file. Errors: CannotRead, also of one that is larger than `most` bytes.
Result<std::string> readWholeFile(const std::filesystem::path& path,
                                  std::uintmax_t most = kMaxWholeFile);

}  // namespace brisk

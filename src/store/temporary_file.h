// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A new, empty file beside another one, under a name that no other thread, program or computer on
/// the same folder can have, and that is held on to while somebody writes it. What a program that
/// was killed left behind can so be told from what another one is writing now.
#pragma once

#include <filesystem>

#include "core/result.h"

namespace brisk {

class TemporaryFile {
  public:
    /// In the target's folder, which must be there, with the target's ending (muxers choose by it).
    /// Errors: CannotWrite.
    static Result<TemporaryFile> createBeside(const std::filesystem::path& target);
    TemporaryFile(TemporaryFile&& other) noexcept;
    TemporaryFile& operator=(TemporaryFile&&) = delete;
    /// Removed, unless it was published.
    ~TemporaryFile();

    [[nodiscard]] const std::filesystem::path& path() const { return path_; }
    /// Waits until what was written is on the disk. 0, or why not (errno).
    [[nodiscard]] int sync() const;
    /// It has another name now, and stays.
    void published();

  private:
    TemporaryFile(std::filesystem::path path, int fd) : path_(std::move(path)), fd_(fd) {}
    std::filesystem::path path_;
    int fd_ = -1;
};

/// Removes from a folder the temporary files that this computer began and that no program of it
/// holds any more. Others' stay: nobody here can know whether they are still written.
void removeDeadTemporaries(const std::filesystem::path& folder);

}  // namespace brisk

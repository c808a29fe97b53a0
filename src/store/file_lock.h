// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Says that something is being worked on, for as long as the program lives: the system lets go of
/// it when the program ends, however it ends. Not by process numbers, which come again.
///
///     auto lock = FileLock::take(folder / ".day.brisk.lock");
///     if (!lock) return;                       // somebody else has it
///     FileLock::heldBy(place);                 // "bench-pc, process 4711", where it says so
#pragma once

#include <filesystem>
#include <optional>
#include <string>

namespace brisk {

class FileLock {
  public:
    /// Nothing where another has it, in this program or elsewhere. Where the file system knows no
    /// locks, or nothing can be written, it is had by everybody: better than no work at all.
    static std::optional<FileLock> take(const std::filesystem::path& path);
    /// Whether somebody has it.
    [[nodiscard]] static bool isHeld(const std::filesystem::path& path);
    /// As its owner wrote it down, for people; may be empty.
    [[nodiscard]] static std::string heldBy(const std::filesystem::path& path);

    FileLock(FileLock&& other) noexcept;
    FileLock& operator=(FileLock&& other) noexcept;
    FileLock(const FileLock&) = delete;
    FileLock& operator=(const FileLock&) = delete;
    /// Takes the file away, too.
    ~FileLock();

  private:
    FileLock(std::filesystem::path path, int fd) : path_(std::move(path)), fd_(fd) {}
    void release();

    std::filesystem::path path_;
    int fd_ = -1;  // -1: had without a lock
};

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Sends a growing file on its way to the disk while it is still being written, so that nobody has
/// to wait for all of it at the end.
///
///     { const WriteBehind behind(path); writeGigabytesTo(path); }
///     file.sync();      // quick: most of it is there
#pragma once

#include <condition_variable>
#include <filesystem>
#include <mutex>
#include <thread>

namespace brisk {

class WriteBehind {
  public:
    /// The file must be there. One that cannot be opened is let be.
    explicit WriteBehind(const std::filesystem::path& path);
    ~WriteBehind();
    WriteBehind(const WriteBehind&) = delete;
    WriteBehind& operator=(const WriteBehind&) = delete;

  private:
    void run();
    int fd_;
    std::mutex mutex_;
    std::condition_variable changed_;
    bool ended_ = false;
    std::thread thread_;
};

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// Source: sync_file_range(2): starts writing out pages that are dirty, and does not wait for them.
#include "store/write_behind.h"

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <chrono>

namespace brisk {
namespace {
constexpr off_t kAtOnce = 16 << 20;  // bytes: large enough to lie together on the disk
constexpr auto kBetween = std::chrono::milliseconds(20);
}  // namespace

WriteBehind::WriteBehind(const std::filesystem::path& path)
    : fd_(::open(path.c_str(), O_RDWR | O_CLOEXEC)), thread_([this] { run(); }) {}

WriteBehind::~WriteBehind() {
    {
        const std::lock_guard lock(mutex_);
        ended_ = true;
    }
    changed_.notify_all();
    thread_.join();
    if (fd_ >= 0) ::close(fd_);
}

void WriteBehind::run() {
    off_t sent = 0;
    std::unique_lock lock(mutex_);
    while (fd_ >= 0 && !changed_.wait_for(lock, kBetween, [&] { return ended_; })) {
        struct stat facts {};
        if (::fstat(fd_, &facts) != 0 || facts.st_size - sent < kAtOnce) continue;
        lock.unlock();
        ::sync_file_range(fd_, sent, facts.st_size - sent, SYNC_FILE_RANGE_WRITE);
        sent = facts.st_size;
        lock.lock();
    }
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// Source: flock(2). A lock belongs to the open file, and a file may be renamed or taken away under
// it: whoever gets the lock asks whether the name still leads to the same file, or begins again.
#include "store/file_lock.h"

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <utility>

#include "store/still_named.h"

namespace brisk {
namespace {

constexpr int kMaxTries = 20;

void signWith(int fd) {
    std::array<char, 256> host{};
    ::gethostname(host.data(), host.size() - 1);
    const std::string who = std::string(host.data()) + ", process " + std::to_string(::getpid());
    const bool written = ::ftruncate(fd, 0) == 0 && ::pwrite(fd, who.data(), who.size(), 0) ==
                                                        static_cast<ssize_t>(who.size());
    (void)written;  // only for people; the lock is what counts
}

}  // namespace

std::optional<FileLock> FileLock::take(const std::filesystem::path& path) {
    for (int i = 0; i < kMaxTries; ++i) {
        const int fd = ::open(path.c_str(), O_RDWR | O_CREAT | O_NOFOLLOW | O_CLOEXEC, 0600);
        if (fd < 0) return FileLock({}, -1);
        if (::flock(fd, LOCK_EX | LOCK_NB) != 0) {
            const bool other = errno == EWOULDBLOCK;
            ::close(fd);
            return other ? std::nullopt : std::optional(FileLock({}, -1));
        }
        if (stillNamed(fd, path)) {
            signWith(fd);
            return FileLock(path, fd);
        }
        ::close(fd);  // its owner was just taking it away
    }
    return std::nullopt;
}

bool FileLock::isHeld(const std::filesystem::path& path) {
    const int fd = ::open(path.c_str(), O_RDONLY | O_NOFOLLOW | O_CLOEXEC);
    if (fd < 0) return false;
    const bool held = ::flock(fd, LOCK_SH | LOCK_NB) != 0 && errno == EWOULDBLOCK;
    ::close(fd);
    return held;
}

std::string FileLock::heldBy(const std::filesystem::path& path) {
    const int fd = ::open(path.c_str(), O_RDONLY | O_NOFOLLOW | O_CLOEXEC);
    if (fd < 0) return {};
    std::array<char, 300> text{};
    const ssize_t n = ::read(fd, text.data(), text.size() - 1);
    ::close(fd);
    return n > 0 ? std::string(text.data(), static_cast<std::size_t>(n)) : std::string();
}

FileLock::FileLock(FileLock&& other) noexcept
    : path_(std::move(other.path_)), fd_(std::exchange(other.fd_, -1)) {}

FileLock& FileLock::operator=(FileLock&& other) noexcept {
    if (this == &other) return *this;
    release();
    path_ = std::move(other.path_);
    fd_ = std::exchange(other.fd_, -1);
    return *this;
}

FileLock::~FileLock() {
    release();
}

void FileLock::release() {
    if (fd_ < 0) return;
    // While it is still held, so that nobody else's is taken away.
    if (stillNamed(fd_, path_)) ::unlink(path_.c_str());
    ::close(fd_);
    fd_ = -1;
}

}  // namespace brisk

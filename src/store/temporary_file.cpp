// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: the name holds a tag of this computer and 64 random bits, and the file is locked
// (flock) while it is written. A file with our tag that can be locked has lost its writer. The lock
// goes with the process, however it ends.
#include "store/temporary_file.h"

#include <fcntl.h>
#include <sys/file.h>
#include <sys/random.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cerrno>
#include <cstdint>
#include <cstdio>
#include <cstring>
#include <fstream>
#include <functional>

#include "store/still_named.h"

namespace brisk {
namespace fs = std::filesystem;
namespace {

constexpr const char* kMiddle = ".part-";
constexpr std::size_t kMaxStem = 40;  // bytes of the target's name, for people who see it
constexpr int kMaxTries = 20;

std::string hexadecimal(std::uint64_t v) {
    char text[17];
    std::snprintf(text, sizeof text, "%016llx", static_cast<unsigned long long>(v));
    return text;
}

/// The same for all programs of this computer, and for no other computer.
const std::string& computerTag() {
    static const std::string tag = [] {
        std::string id;
        for (const char* place : {"/etc/machine-id", "/proc/sys/kernel/random/boot_id"}) {
            std::string line;
            std::ifstream(place) >> line;
            id += line;
        }
        char host[256] = {};
        ::gethostname(host, sizeof host - 1);
        return hexadecimal(std::hash<std::string>{}(id + host));
    }();
    return tag;
}

std::uint64_t random64() {
    std::uint64_t v = 0;
    if (::getrandom(&v, sizeof v, 0) != sizeof v) {
        v = static_cast<std::uint64_t>(::getpid()) << 32 ^ reinterpret_cast<std::uintptr_t>(&v);
    }
    return v;
}

/// The stem, no longer than is good, cut where a letter of several bytes ends.
std::string shortStem(const fs::path& target) {
    std::string stem = target.stem().string();
    if (stem.size() <= kMaxStem) return stem;
    std::size_t end = kMaxStem;
    while (end > 0 && (static_cast<unsigned char>(stem[end]) & 0xC0) == 0x80) --end;
    return stem.substr(0, end);
}

}  // namespace

Result<TemporaryFile> TemporaryFile::createBeside(const fs::path& target) {
    int why = EEXIST;
    for (int i = 0; i < kMaxTries && why == EEXIST; ++i) {
        const fs::path path =
            target.parent_path() / ("." + shortStem(target) + kMiddle + computerTag() + "-" +
                                    hexadecimal(random64()) + target.extension().string());
        const int fd =
            ::open(path.c_str(), O_RDWR | O_CREAT | O_EXCL | O_NOFOLLOW | O_CLOEXEC, 0644);
        if (fd < 0) {
            why = errno;
            continue;
        }
        // Where there are no locks, nobody will think it dead either. Where somebody else has it,
        // they were looking for dead ones in just this moment, and may take it away.
        const bool taken = ::flock(fd, LOCK_EX | LOCK_NB) != 0 && errno == EWOULDBLOCK;
        if (!taken && stillNamed(fd, path)) return TemporaryFile(path, fd);
        ::unlink(path.c_str());
        ::close(fd);
    }
    return failAt(ErrorCode::CannotWrite, target.string(), {"cannot-write"}, std::strerror(why));
}

TemporaryFile::TemporaryFile(TemporaryFile&& other) noexcept
    : path_(std::move(other.path_)), fd_(std::exchange(other.fd_, -1)) {}

TemporaryFile::~TemporaryFile() {
    if (fd_ < 0) return;
    ::unlink(path_.c_str());
    ::close(fd_);
}

int TemporaryFile::sync() const {
    return ::fsync(fd_) == 0 ? 0 : errno;
}

void TemporaryFile::published() {
    if (fd_ >= 0) ::close(fd_);
    fd_ = -1;
}

void removeDeadTemporaries(const fs::path& folder) {
    const std::string ours = kMiddle + computerTag() + "-";
    std::error_code ec;
    for (auto it = fs::directory_iterator(folder, ec); !ec && it != fs::directory_iterator();
         it.increment(ec)) {
        const std::string name = it->path().filename().string();
        if (!name.starts_with(".") || name.find(ours) == std::string::npos) continue;
        const int fd = ::open(it->path().c_str(), O_RDONLY | O_NOFOLLOW | O_CLOEXEC);
        if (fd < 0) continue;
        if (::flock(fd, LOCK_EX | LOCK_NB) == 0 && stillNamed(fd, it->path())) {
            ::unlink(it->path().c_str());
        }
        ::close(fd);
    }
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/dropped_cache.h"

#include <fcntl.h>
#include <sys/mman.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <vector>

namespace brisk {
namespace {

/// Whether no page of the file is in memory.
bool noneHeld(int fd, std::size_t bytes) {
    void* map = ::mmap(nullptr, bytes, PROT_READ, MAP_SHARED, fd, 0);
    if (map == MAP_FAILED) return false;
    const auto page = static_cast<std::size_t>(::sysconf(_SC_PAGESIZE));
    std::vector<unsigned char> held((bytes + page - 1) / page);
    const bool known = ::mincore(map, bytes, held.data()) == 0;
    ::munmap(map, bytes);
    return known && std::none_of(held.begin(), held.end(), [](unsigned char p) { return p & 1; });
}

}  // namespace

bool dropFromMemory(const std::string& path) {
    const int fd = ::open(path.c_str(), O_RDONLY | O_CLOEXEC);
    if (fd < 0) return false;
    struct stat facts {};
    const bool known = ::fstat(fd, &facts) == 0 && facts.st_size > 0;
    const bool asked = known && ::posix_fadvise(fd, 0, 0, POSIX_FADV_DONTNEED) == 0;
    const bool dropped = asked && noneHeld(fd, static_cast<std::size_t>(facts.st_size));
    ::close(fd);
    return dropped;
}

}  // namespace brisk

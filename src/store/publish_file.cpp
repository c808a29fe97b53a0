// SPDX-License-Identifier: GPL-3.0-or-later
// Source: rename(2), link(2), open(2) of the Linux manual: which of them are atomic, and where they
// are not to be had (FAT knows neither hard links nor, before Linux 6, RENAME_NOREPLACE).
#include "store/publish_file.h"

#include <fcntl.h>
#include <stdio.h>
#include <unistd.h>

#include <cerrno>

namespace brisk {
namespace fs = std::filesystem;
namespace {

std::error_code lastError() {
    return {errno, std::generic_category()};
}

/// Whether the file system said that it does not know this way.
bool notHere(const std::error_code& e) {
    for (const int code : {EINVAL, ENOSYS, ENOTSUP, EPERM, EMLINK}) {
        if (e == std::error_code(code, std::generic_category())) return true;
    }
    return false;
}

std::error_code byLink(const fs::path& from, const fs::path& to) {
    if (::link(from.c_str(), to.c_str()) != 0) return lastError();
    ::unlink(from.c_str());
    return {};
}

std::error_code byReserving(const fs::path& from, const fs::path& to) {
    const int fd = ::open(to.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_NOFOLLOW | O_CLOEXEC, 0644);
    if (fd < 0) return lastError();
    ::close(fd);
    if (::rename(from.c_str(), to.c_str()) == 0) return {};
    const std::error_code why = lastError();
    ::unlink(to.c_str());
    return why;
}

}  // namespace

std::error_code publishNew(const fs::path& from, const fs::path& to, PublishBy first) {
    if (first == PublishBy::RenameNoReplace) {
        if (::renameat2(AT_FDCWD, from.c_str(), AT_FDCWD, to.c_str(), RENAME_NOREPLACE) == 0) {
            return {};
        }
        const std::error_code why = lastError();
        if (!notHere(why)) return why;
    }
    if (first != PublishBy::Reserve) {
        const std::error_code why = byLink(from, to);
        if (!why || !notHere(why)) return why;
    }
    return byReserving(from, to);
}

void syncFolder(const fs::path& folder) {
    const int fd =
        ::open(folder.empty() ? "." : folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (fd < 0) return;
    ::fsync(fd);
    ::close(fd);
}

}  // namespace brisk

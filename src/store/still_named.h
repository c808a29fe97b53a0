// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Whether a file that is open still has its name: nobody renamed it or took it away in between.
/// Source: stat(2); a file is known by its device and inode. Private to src/store.
#pragma once

#include <sys/stat.h>

#include <filesystem>

namespace brisk {

inline bool stillNamed(int fd, const std::filesystem::path& path) {
    struct stat open {
    }, named{};
    return ::fstat(fd, &open) == 0 && ::lstat(path.c_str(), &named) == 0 &&
           open.st_ino == named.st_ino && open.st_dev == named.st_dev;
}

}  // namespace brisk

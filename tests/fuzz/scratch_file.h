// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <unistd.h>

#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <string>

namespace brisk::fuzz {

/// A file in memory that holds these bytes, gone when this is.
class ScratchFile {
  public:
    ScratchFile(const std::string& bytes, const std::string& ending)
        : path_("/dev/shm/brisk-fuzz-" + std::to_string(::getpid()) + ending) {
        std::ofstream(path_, std::ios::binary) << bytes;
    }
    ~ScratchFile() {
        std::error_code ignored;
        std::filesystem::remove(path_, ignored);
    }
    ScratchFile(const ScratchFile&) = delete;
    ScratchFile& operator=(const ScratchFile&) = delete;
    [[nodiscard]] const std::string& path() const { return path_; }

  private:
    std::string path_;
};

/// A promise that was not kept: also in a build without asserts.
inline void demand(bool kept) {
    if (!kept) std::abort();
}

}  // namespace brisk::fuzz

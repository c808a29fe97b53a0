// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/file_hash.h"

#include <fstream>
#include <vector>

#include "media/sha.h"

namespace brisk {

Result<std::string> sha256Of(const std::string& path, const JobControl& job) {
    std::ifstream in(path, std::ios::binary);
    Sha sha(256);
    std::vector<char> block(1u << 20);
    while (in) {
        if (job.stopRequested()) return cancelled();
        in.read(block.data(), static_cast<std::streamsize>(block.size()));
        sha.add(block.data(), static_cast<std::size_t>(in.gcount()));
    }
    if (!in.eof()) return fail(ErrorCode::CannotRead, path + " could not be read again.", path);
    return sha.hex();
}

}  // namespace brisk

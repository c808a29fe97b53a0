// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/fingerprint.h"

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <vector>

#include "media/read_problem.h"
#include "media/sha1.h"

namespace brisk {

Result<Fingerprint> fingerprintOf(const std::string& path) {
    if (auto problem = findReadProblem(path)) return tl::unexpected(*problem);
    constexpr std::uint64_t kPart = 64 * 1024;
    std::error_code ec;
    Fingerprint f;
    f.bytes = std::filesystem::file_size(path, ec);
    std::ifstream in(path, std::ios::binary);
    std::vector<char> part(kPart);
    Sha1 sha;
    const auto add = [&](std::uint64_t from, std::uint64_t n) {
        in.clear();
        in.seekg(static_cast<std::streamoff>(from));
        in.read(part.data(), static_cast<std::streamsize>(n));
        sha.add(part.data(), static_cast<std::size_t>(in.gcount()));
    };
    add(0, std::min(kPart, f.bytes));
    if (f.bytes > kPart) add(f.bytes - std::min(kPart, f.bytes - kPart), kPart);
    f.hash = sha.hex();
    return f;
}

}  // namespace brisk

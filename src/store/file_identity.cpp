// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/file_identity.h"

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <vector>

#include "store/hasher.h"
#include "store/read_problem.h"

namespace brisk {

Result<FileIdentity> identityOf(const std::string& path) {
    if (auto problem = findReadProblem(path)) return tl::unexpected(*problem);
    constexpr std::uint64_t kPart = 64 * 1024, kBlock = 4096, kBlocks = 16;
    std::error_code ec;
    FileIdentity f;
    f.bytes = std::filesystem::file_size(path, ec);
    std::ifstream in(path, std::ios::binary);
    std::vector<char> part(kPart);
    const auto add = [&](Hasher& sha, std::uint64_t from, std::uint64_t n) {
        in.clear();
        in.seekg(static_cast<std::streamoff>(from));
        in.read(part.data(), static_cast<std::streamsize>(n));
        sha.add(part.data(), static_cast<std::size_t>(in.gcount()));
    };
    Hasher ends(HashKind::Sha1), between(HashKind::Sha1);
    add(ends, 0, std::min(kPart, f.bytes));
    if (f.bytes > kPart) add(ends, f.bytes - std::min(kPart, f.bytes - kPart), kPart);
    f.hash = ends.hexadecimal();
    if (f.bytes > 2 * kPart) {
        for (std::uint64_t k = 1; k <= kBlocks; ++k) {
            add(between, f.bytes / (kBlocks + 1) * k, kBlock);
        }
    }
    f.middle = between.hexadecimal();
    return f;
}

}  // namespace brisk

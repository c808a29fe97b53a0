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
    constexpr std::uint64_t kPart = 64 * 1024;
    std::error_code ec;
    FileIdentity f;
    f.bytes = std::filesystem::file_size(path, ec);
    std::ifstream in(path, std::ios::binary);
    std::vector<char> part(kPart);
    Hasher sha(HashKind::Sha1);
    const auto add = [&](std::uint64_t from, std::uint64_t n) {
        in.clear();
        in.seekg(static_cast<std::streamoff>(from));
        in.read(part.data(), static_cast<std::streamsize>(n));
        sha.add(part.data(), static_cast<std::size_t>(in.gcount()));
    };
    add(0, std::min(kPart, f.bytes));
    if (f.bytes > kPart) add(f.bytes - std::min(kPart, f.bytes - kPart), kPart);
    f.hash = sha.hexadecimal();
    return f;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/fingerprint.h"

extern "C" {
#include <libavutil/mem.h>
#include <libavutil/sha.h>
}

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <memory>
#include <vector>

#include "media/read_problem.h"

namespace brisk {

Result<Fingerprint> fingerprintOf(const std::string& path) {
    if (auto problem = findReadProblem(path)) return tl::unexpected(*problem);
    constexpr std::uint64_t kPart = 64 * 1024;
    std::error_code ec;
    Fingerprint f;
    f.bytes = std::filesystem::file_size(path, ec);
    std::ifstream in(path, std::ios::binary);
    std::vector<char> part(kPart);
    const std::unique_ptr<AVSHA, void (*)(void*)> sha(av_sha_alloc(), av_free);
    av_sha_init(sha.get(), 160);
    const auto add = [&](std::uint64_t from, std::uint64_t n) {
        in.clear();
        in.seekg(static_cast<std::streamoff>(from));
        in.read(part.data(), static_cast<std::streamsize>(n));
        av_sha_update(sha.get(), reinterpret_cast<const std::uint8_t*>(part.data()),
                      static_cast<std::size_t>(in.gcount()));
    };
    add(0, std::min(kPart, f.bytes));
    if (f.bytes > kPart) add(f.bytes - std::min(kPart, f.bytes - kPart), kPart);
    std::uint8_t digest[20];
    av_sha_final(sha.get(), digest);
    static const char* digits = "0123456789abcdef";
    for (const auto b : digest) {
        f.hash += digits[b >> 4];
        f.hash += digits[b & 15];
    }
    return f;
}

}  // namespace brisk

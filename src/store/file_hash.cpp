// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/file_hash.h"

#include <xxhash.h>

#include <fstream>
#include <functional>
#include <memory>
#include <vector>

#include "store/hasher.h"

namespace brisk {

namespace {

/// Reads all of a file in pieces. Errors: CannotRead, Cancelled.
Result<void> readAll(const std::string& path, const JobControl& job,
                     const std::function<void(const char*, std::size_t)>& take) {
    std::ifstream in(path, std::ios::binary);
    std::vector<char> block(1u << 20);
    in.rdbuf()->pubsetbuf(nullptr, 0);  // pieces of this size are read as they are
    while (in) {
        if (job.stopRequested()) return cancelled();
        in.read(block.data(), static_cast<std::streamsize>(block.size()));
        take(block.data(), static_cast<std::size_t>(in.gcount()));
    }
    if (!in.eof()) return failAt(ErrorCode::CannotRead, path, {"not-read-again"});
    return {};
}

}  // namespace

std::string hexadecimal(const unsigned char* bytes, std::size_t count) {
    static const char* digits = "0123456789abcdef";
    std::string out;
    for (std::size_t i = 0; i < count; ++i) {
        out += digits[bytes[i] >> 4];
        out += digits[bytes[i] & 15];
    }
    return out;
}

Result<std::string> sha256Of(const std::string& path, const JobControl& job) {
    Hasher sha(HashKind::Sha256);
    const auto read =
        readAll(path, job, [&](const char* data, std::size_t bytes) { sha.add(data, bytes); });
    if (!read) return tl::unexpected(read.error());
    return sha.hexadecimal();
}

Result<std::string> xxh3Of(const std::string& path, const JobControl& job) {
    const std::unique_ptr<XXH3_state_t, XXH_errorcode (*)(XXH3_state_t*)> hash(XXH3_createState(),
                                                                               XXH3_freeState);
    XXH3_128bits_reset(hash.get());
    const auto read = readAll(path, job, [&](const char* data, std::size_t bytes) {
        XXH3_128bits_update(hash.get(), data, bytes);
    });
    if (!read) return tl::unexpected(read.error());
    XXH128_canonical_t digits;
    XXH128_canonicalFromHash(&digits, XXH3_128bits_digest(hash.get()));
    return hexadecimal(digits.digest, sizeof digits.digest);
}

}  // namespace brisk

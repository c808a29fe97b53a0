// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/file_hash.h"

#include <openssl/evp.h>

#include <array>
#include <fstream>
#include <memory>
#include <vector>

namespace brisk {

Result<std::string> sha256Of(const std::string& path, const JobControl& job) {
    std::ifstream in(path, std::ios::binary);
    const std::unique_ptr<EVP_MD_CTX, void (*)(EVP_MD_CTX*)> sha(EVP_MD_CTX_new(), EVP_MD_CTX_free);
    EVP_DigestInit_ex(sha.get(), EVP_sha256(), nullptr);
    std::vector<char> block(1u << 20);
    while (in) {
        if (job.stopRequested()) return cancelled();
        in.read(block.data(), static_cast<std::streamsize>(block.size()));
        EVP_DigestUpdate(sha.get(), block.data(), static_cast<std::size_t>(in.gcount()));
    }
    if (!in.eof()) return fail(ErrorCode::CannotRead, path + " could not be read again.", path);
    std::array<unsigned char, EVP_MAX_MD_SIZE> digest{};
    unsigned int bytes = 0;
    EVP_DigestFinal_ex(sha.get(), digest.data(), &bytes);
    static const char* digits = "0123456789abcdef";
    std::string out;
    for (unsigned int i = 0; i < bytes; ++i) {
        out += digits[digest[i] >> 4];
        out += digits[digest[i] & 15];
    }
    return out;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A cryptographic check value over bytes that come in pieces, by OpenSSL.
///
///     Hasher sha(HashKind::Sha256);
///     sha.add(data, bytes);
///     sha.hexadecimal();   // "9f86d081..."
#pragma once

#include <openssl/evp.h>

#include <memory>
#include <string>
#include <vector>

namespace brisk {

/// Lower-case digits, two a byte.
std::string hexadecimal(const unsigned char* bytes, std::size_t count);

enum class HashKind { Sha1, Sha256, Sha512 };

/// Threads: one at a time.
class Hasher {
  public:
    explicit Hasher(HashKind kind) : state_(EVP_MD_CTX_new(), EVP_MD_CTX_free) {
        EVP_DigestInit_ex(state_.get(),
                          kind == HashKind::Sha1     ? EVP_sha1()
                          : kind == HashKind::Sha256 ? EVP_sha256()
                                                     : EVP_sha512(),
                          nullptr);
    }
    void add(const void* data, std::size_t bytes) { EVP_DigestUpdate(state_.get(), data, bytes); }
    /// Nothing may be added afterwards.
    std::string hexadecimal() {
        const auto bytes = digest();
        return brisk::hexadecimal(bytes.data(), bytes.size());
    }
    /// The same, as bytes.
    std::vector<unsigned char> digest() {
        std::vector<unsigned char> out(EVP_MAX_MD_SIZE);
        unsigned int bytes = 0;
        EVP_DigestFinal_ex(state_.get(), out.data(), &bytes);
        out.resize(bytes);
        return out;
    }

  private:
    std::unique_ptr<EVP_MD_CTX, void (*)(EVP_MD_CTX*)> state_;
};

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// SHA-1 and SHA-256 over bytes in pieces, by libavutil. Private to src/media; recognises copies,
/// guards nothing.
#pragma once

extern "C" {
#include <libavutil/mem.h>
#include <libavutil/sha.h>
}

#include <cstdint>
#include <memory>
#include <string>

namespace brisk {

class Sha {
  public:
    /// \param bits  160 or 256.
    explicit Sha(int bits) : bits_(bits), state_(av_sha_alloc(), av_free) {
        av_sha_init(state_.get(), bits);
    }

    void add(const void* data, std::size_t bytes) {
        av_sha_update(state_.get(), static_cast<const std::uint8_t*>(data), bytes);
    }

    /// Lower-case hexadecimal; nothing may be added afterwards.
    std::string hex() {
        std::uint8_t digest[32];
        av_sha_final(state_.get(), digest);
        static const char* digits = "0123456789abcdef";
        std::string out;
        for (int i = 0; i < bits_ / 8; ++i) {
            out += digits[digest[i] >> 4];
            out += digits[digest[i] & 15];
        }
        return out;
    }

  private:
    int bits_;
    std::unique_ptr<AVSHA, void (*)(void*)> state_;
};

struct Sha1 : Sha {
    Sha1() : Sha(160) {}
};

}  // namespace brisk

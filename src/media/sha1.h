// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// SHA-1 over bytes in pieces, by libavutil. Private to src/media; recognises copies, guards
/// nothing.
#pragma once

extern "C" {
#include <libavutil/mem.h>
#include <libavutil/sha.h>
}

#include <cstdint>
#include <memory>
#include <string>

namespace brisk {

class Sha1 {
  public:
    Sha1() : state_(av_sha_alloc(), av_free) { av_sha_init(state_.get(), 160); }

    void add(const void* data, std::size_t bytes) {
        av_sha_update(state_.get(), static_cast<const std::uint8_t*>(data), bytes);
    }

    /// Lower-case hexadecimal; nothing may be added afterwards.
    std::string hex() {
        std::uint8_t digest[20];
        av_sha_final(state_.get(), digest);
        static const char* digits = "0123456789abcdef";
        std::string out;
        for (const std::uint8_t b : digest) {
            out += digits[b >> 4];
            out += digits[b & 15];
        }
        return out;
    }

  private:
    std::unique_ptr<AVSHA, void (*)(void*)> state_;
};

}  // namespace brisk

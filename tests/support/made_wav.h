// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// WAV files byte by byte, as no recorder writes them.
#pragma once

#include <cstdint>
#include <cstring>
#include <span>
#include <string>

namespace brisk::test {

struct WavClaims {
    std::uint32_t rate = 48000;
    std::uint16_t channels = 1;
    std::uint16_t format = 1;  ///< 1 = whole numbers, 3 = floats.
    std::uint16_t bits = 16;
};

inline std::string littleBytes(std::uint64_t v, int count) {
    std::string out;
    for (int i = 0; i < count; ++i) out += static_cast<char>(v >> (8 * i));
    return out;
}

inline std::string wavBytes(const WavClaims& c, const std::string& samples,
                            const std::string& chunks = {}) {
    const std::uint32_t frame = c.channels * c.bits / 8u;
    const std::string fmt = littleBytes(c.format, 2) + littleBytes(c.channels, 2) +
                            littleBytes(c.rate, 4) + littleBytes(std::uint64_t{c.rate} * frame, 4) +
                            littleBytes(frame, 2) + littleBytes(c.bits, 2);
    const std::string body = "WAVEfmt " + littleBytes(fmt.size(), 4) + fmt + chunks + "data" +
                             littleBytes(samples.size(), 4) + samples;
    return "RIFF" + littleBytes(body.size(), 4) + body;
}

inline std::string floatBytes(std::span<const float> v) {
    std::string out(v.size_bytes(), '\0');
    std::memcpy(out.data(), v.data(), out.size());
    return out;
}

}  // namespace brisk::test

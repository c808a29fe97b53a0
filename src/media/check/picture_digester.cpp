// SPDX-License-Identifier: GPL-3.0-or-later
// H.264 and HEVC travel with start codes in transport streams and with length prefixes elsewhere.
// The coded picture is the same: the digest walks its units and leaves the framing out, and with it
// the access unit delimiters and in-band parameter sets that only some containers carry.
// The hash is XXH3 of 128 bits: copies are compared, nobody is guarded against, and a card full of
// pictures is hashed faster than it is read.
#include "media/check/picture_digester.h"

#include <xxhash.h>

#include <algorithm>
#include <cstring>

namespace brisk {
namespace {

class PictureHash {
  public:
    PictureHash() : state_(XXH3_createState()) {}
    ~PictureHash() { XXH3_freeState(state_); }
    PictureHash(const PictureHash&) = delete;
    PictureHash& operator=(const PictureHash&) = delete;
    void begin() { XXH3_128bits_reset(state_); }
    void add(const std::uint8_t* data, std::size_t bytes) {
        XXH3_128bits_update(state_, data, bytes);
    }
    std::array<std::uint8_t, 16> end() {
        XXH128_canonical_t digits;
        XXH128_canonicalFromHash(&digits, XXH3_128bits_digest(state_));
        std::array<std::uint8_t, 16> out{};
        std::memcpy(out.data(), digits.digest, out.size());
        return out;
    }

  private:
    XXH3_state_t* state_;
};

bool isParameterUnit(AVCodecID codec, std::uint8_t head) {
    if (codec == AV_CODEC_ID_H264) return (head & 31) >= 7 && (head & 31) <= 9;
    const int type = (head >> 1) & 63;  // HEVC
    return type >= 32 && type <= 35;
}

void addUnit(PictureHash& hash, int& size, AVCodecID codec, const std::uint8_t* p, std::size_t n) {
    while (n > 0 && p[n - 1] == 0) --n;  // trailing zeros belong to the framing
    if (n == 0 || isParameterUnit(codec, p[0])) return;
    hash.add(p, n);
    size += static_cast<int>(n);
}

void addWithStartCodes(PictureHash& hash, int& size, AVCodecID codec, const AVPacket& pkt) {
    const std::uint8_t* d = pkt.data;
    const auto n = static_cast<std::size_t>(pkt.size);
    std::size_t unit = n;
    for (std::size_t i = 0; i + 3 <= n; ++i) {
        if (d[i] != 0 || d[i + 1] != 0 || d[i + 2] != 1) continue;
        if (unit < i) addUnit(hash, size, codec, d + unit, i - unit);
        unit = i + 3;
        i += 2;
    }
    if (unit < n) addUnit(hash, size, codec, d + unit, n - unit);
}

void addWithLengths(PictureHash& hash, int& size, AVCodecID codec, const AVPacket& pkt,
                    int prefix) {
    const std::uint8_t* d = pkt.data;
    std::size_t left = static_cast<std::size_t>(pkt.size);
    while (left > static_cast<std::size_t>(prefix)) {
        std::size_t n = 0;
        for (int i = 0; i < prefix; ++i) n = (n << 8) | d[i];
        d += prefix;
        left -= static_cast<std::size_t>(prefix);
        n = std::min(n, left);
        addUnit(hash, size, codec, d, n);
        d += n;
        left -= n;
    }
}

/// Bytes of the length prefix, or 0 where start codes separate the units.
int lengthPrefix(const AVCodecParameters* p) {
    if (p->extradata_size < 7 || p->extradata[0] != 1) return 0;
    if (p->codec_id == AV_CODEC_ID_H264) return (p->extradata[4] & 3) + 1;
    return p->extradata_size > 21 ? (p->extradata[21] & 3) + 1 : 0;
}

}  // namespace

struct PictureDigester::State {
    AVCodecID codec;
    bool units;
    int prefix;
    PictureHash hash = {};
};

PictureDigester::PictureDigester(const AVCodecParameters* picture) {
    const AVCodecID codec = picture->codec_id;
    const bool units = codec == AV_CODEC_ID_H264 || codec == AV_CODEC_ID_HEVC;
    state_.reset(new State{codec, units, units ? lengthPrefix(picture) : 0});
}
PictureDigester::PictureDigester(PictureDigester&&) noexcept = default;
PictureDigester::~PictureDigester() = default;

PacketDigest PictureDigester::of(const AVPacket& packet, std::int64_t zero) {
    State& s = *state_;
    PacketDigest d;
    if (packet.pts != AV_NOPTS_VALUE) d.pts = packet.pts - zero;
    d.key = (packet.flags & AV_PKT_FLAG_KEY) != 0;
    s.hash.begin();
    if (!s.units) {
        s.hash.add(packet.data, static_cast<std::size_t>(packet.size));
        d.size = packet.size;
    } else if (s.prefix > 0) {
        addWithLengths(s.hash, d.size, s.codec, packet, s.prefix);
    } else {
        addWithStartCodes(s.hash, d.size, s.codec, packet);
    }
    d.hash = s.hash.end();
    return d;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// H.264 and HEVC travel with start codes in transport streams and with length prefixes elsewhere.
// The coded picture is the same: the digest walks its units and leaves the framing out, and with it
// the access unit delimiters and in-band parameter sets that only some containers carry.
#include "media/packet_digest.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdlib>
#include <memory>

#include "media/av_handles.h"
#include "media/packets_of_cut.h"
#include "media/probe.h"

extern "C" {
#include <libavutil/mem.h>
#include <libavutil/murmur3.h>
}

namespace brisk {
namespace {

/// MurmurHash3, 128 bits: copies are compared, nobody is guarded against, and a card full of
/// pictures is hashed as fast as it is read.
class PictureHash {
  public:
    PictureHash() : state_(av_murmur3_alloc(), av_free) {}
    void begin() { av_murmur3_init(state_.get()); }
    void add(const std::uint8_t* data, std::size_t bytes) {
        av_murmur3_update(state_.get(), data, bytes);
    }
    std::array<std::uint8_t, 16> end() {
        std::array<std::uint8_t, 16> out{};
        av_murmur3_final(state_.get(), out.data());
        return out;
    }

  private:
    std::unique_ptr<AVMurMur3, void (*)(void*)> state_;
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

/// Digests packet after packet of one picture stream.
class Digester {
  public:
    explicit Digester(const AVStream* video)
        : codec_(video->codecpar->codec_id),
          units_(codec_ == AV_CODEC_ID_H264 || codec_ == AV_CODEC_ID_HEVC),
          prefix_(units_ ? lengthPrefix(video->codecpar) : 0) {}

    /// \param zero  time stamp of what is shown at 0.
    PacketDigest of(const AVPacket& packet, std::int64_t zero) {
        PacketDigest d;
        d.pts = packet.pts - zero;
        d.dts = packet.dts - zero;
        d.key = (packet.flags & AV_PKT_FLAG_KEY) != 0;
        hash_.begin();
        if (!units_) {
            hash_.add(packet.data, static_cast<std::size_t>(packet.size));
            d.size = packet.size;
        } else if (prefix_ > 0) {
            addWithLengths(hash_, d.size, codec_, packet, prefix_);
        } else {
            addWithStartCodes(hash_, d.size, codec_, packet);
        }
        d.hash = hash_.end();
        return d;
    }

  private:
    AVCodecID codec_;
    bool units_;
    int prefix_;
    PictureHash hash_;
};

Result<PacketList> digest(const MediaInfo& info, const PictureCut* cut, const JobControl& job) {
    const VideoFacts& facts = *info.video;
    auto input = av::openOnly(info.path, facts.stream);
    if (!input) return tl::unexpected(input.error());
    const AVStream* video = (*input)->streams[facts.stream];
    PacketList list{facts.timeBase, {}};
    if (cut) seekBeforeCut(input->get(), facts, *cut);
    const auto bytes = static_cast<double>(std::max<std::int64_t>(1, avio_size((*input)->pb)));
    Digester digester(video);
    auto packet = av::makePacket();
    std::int64_t left = cut ? cut->packets : -1;  // -1: all there are
    bool begun = !cut;
    while (left != 0 && av_read_frame(input->get(), packet.get()) >= 0) {
        if (job.stopRequested()) return cancelled();
        if (cut) {
            job.report(1 - static_cast<double>(left) / static_cast<double>(cut->packets));
        } else if (packet->pos > 0) {
            job.report(static_cast<double>(packet->pos) / bytes);
        }
        const bool ours = packet->stream_index == video->index;
        begun = begun || isFirstOf(*cut, facts, packet.get());
        if (ours && begun) {
            if (left > 0) --left;
            if (!cut || !cut->leavesOut(packet->pts)) {
                list.packets.push_back(digester.of(*packet, cut ? cut->startPts : facts.firstPts));
            }
        }
        av_packet_unref(packet.get());
    }
    return list;
}

}  // namespace

Result<PacketList> pictureDigest(const std::string& path, const JobControl& job) {
    auto info = probe(path);
    if (!info) return tl::unexpected(info.error());
    if (!info->video) return fail(ErrorCode::NotMedia, path + " has no picture.", path);
    return digest(*info, nullptr, job);
}

Result<PacketList> pictureDigest(const MediaInfo& take, const PictureCut& cut,
                                 const JobControl& job) {
    return digest(take, &cut, job);
}

std::string differenceBetween(const PacketList& a, const PacketList& b) {
    if (a.packets.size() != b.packets.size()) {
        return std::to_string(a.packets.size()) + " pictures against " +
               std::to_string(b.packets.size());
    }
    const double slack = 0.51 * std::max(a.timeBase.value(), b.timeBase.value());
    const auto apart = [&](std::int64_t x, std::int64_t y) {
        return std::fabs(ticksToSeconds(x, a.timeBase) - ticksToSeconds(y, b.timeBase)) > slack;
    };
    for (std::size_t i = 0; i < a.packets.size(); ++i) {
        const auto& x = a.packets[i];
        const auto& y = b.packets[i];
        const std::string where = "picture packet " + std::to_string(i);
        if (x.hash != y.hash || x.size != y.size || x.key != y.key) {
            return where + " holds another coded picture";
        }
        if (apart(x.pts, y.pts)) return where + " is shown at another time";
        // Only MP4 and MOV keep decoding times of their own; elsewhere they are worked out anew.
    }
    return {};
}

}  // namespace brisk

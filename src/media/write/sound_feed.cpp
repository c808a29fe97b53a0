// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/write/sound_feed.h"

#include <algorithm>

namespace brisk {
namespace {
constexpr std::int64_t kFeedBlock = 4800;  // frames: a tenth of a second
constexpr std::size_t kMostBlocks = 30;    // blocks: memory stays flat
}  // namespace

SoundFeed::SoundFeed(SoundTrackEncoder& encoder, SoundPull pull, int channels, std::int64_t frames)
    : encoder_(encoder),
      pull_(std::move(pull)),
      channels_(static_cast<std::size_t>(channels)),
      left_(frames),
      ahead_([this] { return code(); }, kMostBlocks) {}

Result<std::optional<SoundFeed::Coded>> SoundFeed::code() {
    if (finished_) return std::optional<Coded>{};
    Coded coded;
    const auto keep = [&](AVPacket* packet) -> Result<void> {
        coded.packets.push_back(av::makePacket());
        av_packet_move_ref(coded.packets.back().get(), packet);
        return {};
    };
    const std::int64_t n = std::min(kFeedBlock, left_);
    if (n > 0) {
        block_.resize(static_cast<std::size_t>(n) * channels_);
        if (auto pulled = pull_(block_); !pulled) return tl::unexpected(pulled.error());
        left_ -= n;
        if (auto done = encoder_.push(block_, keep); !done) return tl::unexpected(done.error());
    }
    coded.until = encoder_.pushedUntil();
    if (left_ <= 0) {
        finished_ = true;
        if (auto done = encoder_.finish(keep); !done) return tl::unexpected(done.error());
    }
    return coded;
}

Result<void> SoundFeed::upTo(Seconds time, const SoundTrackEncoder::Write& write) {
    while (!ended_ && until_ <= time) {
        auto coded = ahead_.next();
        if (!coded) return tl::unexpected(coded.error());
        ended_ = !coded->has_value();
        if (ended_) break;
        until_ = (*coded)->until;
        for (const av::Packet& packet : (*coded)->packets) {
            if (auto written = write(packet.get()); !written) return written;
        }
    }
    return {};
}

}  // namespace brisk

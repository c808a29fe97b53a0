// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/write/packet_source.h"

#include "media/read/packets_of_cut.h"

namespace brisk {
namespace {
// Memory stays flat: about as much is ready as lies in two batches, and one is being written.
constexpr std::size_t kBatchBytes = 4u << 20;
constexpr std::size_t kBatchPackets = 256;
constexpr std::size_t kMaxReady = 2;
}  // namespace

PacketSource::PacketSource(AVFormatContext* input, const RemuxPlan& plan, bool digests)
    : input_(input),
      plan_(plan),
      zero_(plan.cut ? plan.cut->startPts : plan.source.video->firstPts),
      left_(plan.cut ? plan.cut->packets : -1),  // -1: all there are
      begun_(!plan.cut),
      digests_(digests),
      digester_(input->streams[plan.source.video->stream]->codecpar),
      ahead_([this] { return read(); }, kMaxReady) {}

/// Whether it is a picture that is wanted; counts those of a cut.
bool PacketSource::kept(const AVPacket* packet) {
    const VideoFacts& video = *plan_.source.video;
    if (!plan_.cut) {
        return packet->stream_index == video.stream &&
               !isHiddenTail(input_->streams[video.stream], video.firstPts, packet);
    }
    // The seek may land on an earlier key frame.
    begun_ = begun_ || isFirstOf(*plan_.cut, video, packet);
    if (packet->stream_index != video.stream || !begun_) return false;
    if (left_ > 0) --left_;
    return true;
}

Result<std::optional<PacketSource::Batch>> PacketSource::read() {
    if (plan_.cut && !sought_) seekBeforeCut(input_, *plan_.source.video, *plan_.cut);
    sought_ = true;
    Batch batch;
    std::size_t bytes = 0;
    while (left_ != 0 && bytes < kBatchBytes && batch.size() < kBatchPackets) {
        SourcePacket p;
        p.packet = av::makePacket();
        const int code = av_read_frame(input_, p.packet.get());
        if (code == AVERROR_EOF) {
            left_ = 0;
            break;
        }
        if (code == AVERROR_EXIT) return cancelled();
        if (code < 0) {
            return failAt(ErrorCode::CannotRead, plan_.source.path, {"take-not-read-to-end"},
                          av::errorText(code));
        }
        bytes += static_cast<std::size_t>(p.packet->size);
        p.picture = kept(p.packet.get());
        const bool copied =
            p.picture && digests_ && !(plan_.cut && plan_.cut->leavesOut(p.packet->pts));
        if (copied) p.digest = digester_.of(*p.packet, zero_);
        batch.push_back(std::move(p));
    }
    if (batch.empty() && left_ == 0) return std::optional<Batch>{};
    return batch;
}

}  // namespace brisk

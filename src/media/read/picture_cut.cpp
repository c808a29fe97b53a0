// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/picture_cut.h"

#include <algorithm>
#include <optional>
#include <vector>

#include "media/read/av_handles.h"
#include "media/read/packets_of_cut.h"

namespace brisk {
namespace {

struct PictureFacts {
    std::int64_t pts = 0, dts = 0, duration = 0;
    bool key = false;
};

/// Of the packets from the first key frame after a seek, until none can be shown before `to` any
/// more. Empty where that key frame is later than `from`. Without a seek: from the file's start on.
Result<std::vector<PictureFacts>> factsFrom(AVFormatContext* input, int stream,
                                            std::optional<std::int64_t> seek, std::int64_t from,
                                            std::int64_t to, const JobControl& job) {
    std::vector<PictureFacts> all;
    if (seek && av_seek_frame(input, stream, *seek, AVSEEK_FLAG_BACKWARD) < 0) return all;
    auto packet = av::makePacket();
    while (av_read_frame(input, packet.get()) >= 0) {
        if (job.stopRequested()) return cancelled();
        if (packet->stream_index == stream) {
            const PictureFacts f{packet->pts, packet->dts, packet->duration,
                                 (packet->flags & AV_PKT_FLAG_KEY) != 0};
            if (seek && all.empty() && f.key && f.pts > from) break;
            if (!seek || !all.empty() || f.key) all.push_back(f);
        }
        const bool past = packet->stream_index == stream && packet->dts != AV_NOPTS_VALUE &&
                          packet->dts >= to;  // a picture is never shown before it is decoded
        av_packet_unref(packet.get());
        if (past) break;
    }
    return all;
}

/// Containers land where they can; from the file's start everything is found.
Result<std::vector<PictureFacts>> pictureFacts(const MediaInfo& take, std::int64_t from,
                                               std::int64_t to, const JobControl& job) {
    const int stream = take.video->stream;
    auto input = av::openOnly(take.path, stream, job);
    if (!input) return tl::unexpected(input.error());
    const auto second = static_cast<std::int64_t>(1 / take.video->timeBase.value());
    for (const std::int64_t early : {0, 2, 10, 60}) {
        const std::int64_t seek = from - early * second;
        if (early > 0 && seek <= take.video->firstPts) break;
        auto facts = factsFrom(input->get(), stream, seek, from, to, job);
        if (!facts || !facts->empty()) return facts;
    }
    auto again = av::openOnly(take.path, stream, job);
    if (!again) return tl::unexpected(again.error());
    return factsFrom(again->get(), stream, std::nullopt, from, to, job);
}

}  // namespace

bool seekBeforeCut(AVFormatContext* input, const VideoFacts& video, const PictureCut& cut) {
    // Well before it: transport streams land a little off, and Matroska knows decoding times only
    // after a few packets.
    const auto second = static_cast<std::int64_t>(1 / video.timeBase.value());
    return av_seek_frame(input, video.stream, cut.keyPts - second, AVSEEK_FLAG_BACKWARD) >= 0 ||
           av_seek_frame(input, video.stream, 0, AVSEEK_FLAG_BACKWARD) >= 0;
}

bool isHiddenTail(const AVStream* video, std::int64_t firstPts, const AVPacket* packet) {
    const bool hidden = (packet->flags & AV_PKT_FLAG_DISCARD) != 0;
    if (!hidden || video->duration <= 0 || packet->dts == AV_NOPTS_VALUE) return false;
    return packet->dts >= firstPts + video->duration;
}

bool canHidePictures(const std::string& muxer) {
    return muxer == "mov" || muxer == "mp4";
}

Result<PictureCut> pictureCut(const MediaInfo& take, TimeRange stretch, PieceWay way,
                              const JobControl& job) {
    if (!take.video) return failAt(ErrorCode::NotMedia, take.path, {"no-picture"});
    const VideoFacts& video = *take.video;
    const auto ticks = [&](Seconds t) {
        // To the picture that is on screen: a moment on its border counts as inside.
        return video.firstPts + static_cast<std::int64_t>(t.value / video.timeBase.value() + 1e-3);
    };
    const std::int64_t from = ticks(stretch.start), to = ticks(stretch.end);
    auto facts = pictureFacts(take, from, to, job);
    if (!facts) return tl::unexpected(facts.error());
    PictureCut cut;
    cut.way = way;
    cut.endPts = to;
    std::optional<std::int64_t> shown;
    for (const PictureFacts& f : *facts) {
        if (f.pts < video.firstPts || f.pts > from) continue;
        shown = std::max(shown.value_or(f.pts), f.pts);
    }
    if (!shown) {
        return failAt(ErrorCode::NotMedia, take.path, {"shows-nothing-kept"});
    }
    cut.startPts = *shown;
    std::size_t first = 0, last = 0;
    for (std::size_t i = 0; i < facts->size(); ++i) {
        const PictureFacts& f = (*facts)[i];
        if (f.key && f.pts <= cut.startPts) first = i;
        if (f.pts < to) last = i;
    }
    cut.packets = static_cast<std::int64_t>(last - first) + 1;
    cut.keyPts = (*facts)[first].pts;
    if (way == PieceWay::AtKeyFrame) cut.startPts = cut.keyPts;
    std::int64_t end = cut.startPts;
    for (std::size_t i = first; i <= last; ++i) {
        const PictureFacts& f = (*facts)[i];
        // Re-encoded, the piece holds what is asked for and no more.
        if (way != PieceWay::CodedAnew || f.pts < to) end = std::max(end, f.pts + f.duration);
    }
    const auto onTake = [&](std::int64_t pts) {
        return Seconds{ticksToSeconds(pts - video.firstPts, video.timeBase)};
    };
    cut.start = onTake(cut.startPts);
    cut.end = onTake(end);
    return cut;
}

}  // namespace brisk

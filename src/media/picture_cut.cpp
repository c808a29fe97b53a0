// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/picture_cut.h"

#include <algorithm>
#include <optional>
#include <vector>

#include "media/av_handles.h"

namespace brisk {
namespace {

struct Facts {
    std::int64_t pts = 0, dts = 0, duration = 0;
    bool key = false;
};

Result<std::vector<Facts>> pictureFacts(const MediaInfo& take, const JobControl& job) {
    auto input = av::openInput(take.path);
    if (!input) return tl::unexpected(input.error());
    for (unsigned i = 0; i < (*input)->nb_streams; ++i) {
        if (static_cast<int>(i) != take.video->stream) {
            (*input)->streams[i]->discard = AVDISCARD_ALL;
        }
    }
    std::vector<Facts> all;
    auto packet = av::makePacket();
    while (av_read_frame(input->get(), packet.get()) >= 0) {
        if (job.stopRequested()) return cancelled();
        if (packet->stream_index == take.video->stream) {
            all.push_back({packet->pts, packet->dts, packet->duration,
                           (packet->flags & AV_PKT_FLAG_KEY) != 0});
        }
        av_packet_unref(packet.get());
    }
    return all;
}

}  // namespace

bool canHidePictures(const std::string& muxer) {
    return muxer == "mov" || muxer == "mp4";
}

Result<PictureCut> pictureCut(const MediaInfo& take, TimeRange stretch, const JobControl& job) {
    if (!take.video) return fail(ErrorCode::NotMedia, take.path + " has no picture.", take.path);
    auto facts = pictureFacts(take, job);
    if (!facts) return tl::unexpected(facts.error());
    const VideoFacts& video = *take.video;
    const auto ticks = [&](Seconds t) {
        // To the picture that is on screen: a moment on its border counts as inside.
        return video.firstPts + static_cast<std::int64_t>(t.value / video.timeBase.value() + 1e-3);
    };
    const std::int64_t from = ticks(stretch.start), to = ticks(stretch.end);
    PictureCut cut;
    std::optional<std::int64_t> shown;
    for (const Facts& f : *facts) {
        if (f.pts < video.firstPts || f.pts > from) continue;
        shown = std::max(shown.value_or(f.pts), f.pts);
    }
    if (!shown) {
        return fail(ErrorCode::NotMedia, take.path + " shows nothing in the stretch that is kept.",
                    take.path);
    }
    cut.startPts = *shown;
    std::int64_t last = -1, end = cut.startPts;
    for (std::size_t i = 0; i < facts->size(); ++i) {
        const Facts& f = (*facts)[i];
        if (f.key && f.pts <= cut.startPts) {
            cut.firstPacket = static_cast<std::int64_t>(i);
            cut.keyDts = f.dts;
        }
        if (f.pts < to) last = static_cast<std::int64_t>(i);
    }
    cut.packets = last - cut.firstPacket + 1;
    for (std::int64_t i = cut.firstPacket; i <= last; ++i) {
        const Facts& f = (*facts)[static_cast<std::size_t>(i)];
        end = std::max(end, f.pts + f.duration);
    }
    const auto onTake = [&](std::int64_t pts) {
        return Seconds{ticksToSeconds(pts - video.firstPts, video.timeBase)};
    };
    cut.start = onTake(cut.startPts);
    cut.end = onTake(end);
    return cut;
}

}  // namespace brisk

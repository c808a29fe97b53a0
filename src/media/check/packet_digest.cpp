// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/check/packet_digest.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>

#include "media/check/picture_digester.h"
#include "media/read/av_handles.h"
#include "media/read/packets_of_cut.h"
#include "media/read/probe.h"

namespace brisk {
namespace {

Result<PacketList> digest(const MediaInfo& info, const PictureCut* cut, const JobControl& job) {
    const VideoFacts& facts = *info.video;
    auto input = av::openOnly(info.path, facts.stream, job);
    if (!input) return tl::unexpected(input.error());
    const AVStream* video = (*input)->streams[facts.stream];
    PacketList list{facts.timeBase, {}};
    if (cut) seekBeforeCut(input->get(), facts, *cut);
    const auto bytes = static_cast<double>(std::max<std::int64_t>(1, avio_size((*input)->pb)));
    PictureDigester digester(video->codecpar);
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
        const bool ours = packet->stream_index == video->index &&
                          (cut || !isHiddenTail(video, facts.firstPts, packet.get()));
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
    if (!info->video) return failAt(ErrorCode::NotMedia, path, {"no-picture"});
    return digest(*info, nullptr, job);
}

Result<PacketList> pictureDigest(const MediaInfo& take, const PictureCut& cut,
                                 const JobControl& job) {
    return digest(take, &cut, job);
}

Fact differenceBetween(const PacketList& a, const PacketList& b) {
    if (a.packets.size() != b.packets.size()) {
        return {"picture-counts-differ",
                {{"pictures", a.packets.size()}, {"against", b.packets.size()}}};
    }
    const double slack = 0.51 * std::max(a.timeBase.value(), b.timeBase.value());
    const auto apart = [&](std::int64_t x, std::int64_t y) {
        return std::fabs(ticksToSeconds(x, a.timeBase) - ticksToSeconds(y, b.timeBase)) > slack;
    };
    for (std::size_t i = 0; i < a.packets.size(); ++i) {
        const auto& x = a.packets[i];
        const auto& y = b.packets[i];
        if (x.hash != y.hash || x.size != y.size || x.key != y.key) {
            return {"another-coded-picture", {{"packet", i}}};
        }
        if (x.pts && y.pts && apart(*x.pts, *y.pts))
            return {"shown-at-another-time", {{"packet", i}}};
        // Only MP4 and MOV keep decoding times of their own; elsewhere they are worked out anew.
    }
    return {};
}

}  // namespace brisk

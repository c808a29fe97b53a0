// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/read_back.h"

#include <algorithm>

#include "export/file_tracks.h"
#include "export/video_export.h"
#include "media/packet_digest.h"
#include "media/probe.h"

namespace brisk {
namespace {

/// The part of a take's packets that a cut copies, timed from its first shown picture.
PacketList packetsOf(const PacketList& all, const PictureCut& cut, std::int64_t firstPts) {
    PacketList out{all.timeBase, {}};
    const auto first = all.packets.begin() + cut.firstPacket;
    out.packets.assign(first, first + cut.packets);
    for (PacketDigest& p : out.packets) {
        p.pts -= cut.startPts - firstPts;
        p.dts -= cut.startPts - firstPts;
    }
    return out;
}

void say(ReadBack& r, const std::string& problem) {
    r.problem += (r.problem.empty() ? "" : " ") + problem;
}

}  // namespace

Result<ReadBack> readBack(const VideoExportPlan& plan, const std::string& path,
                          const JobControl& job) {
    ReadBack r;
    auto source = pictureDigest(plan.take.info.path, job.part(0, 0.3));
    if (!source) return tl::unexpected(source.error());
    auto written = pictureDigest(path, job.part(0.3, 0.6));
    if (!written) return tl::unexpected(written.error());
    r.pictures = static_cast<std::int64_t>(written->packets.size());
    if (plan.cut) *source = packetsOf(*source, *plan.cut, plan.take.info.video->firstPts);
    r.problem = differenceBetween(*source, *written);
    r.pictureIdentical = r.problem.empty();
    if (!r.pictureIdentical) r.problem = "The picture differs from the take: " + r.problem + ".";

    auto info = probeWithSound(path);
    if (!info) return tl::unexpected(info.error());
    const auto tracks = fileTracks(plan.sound);
    if (info->sounds.size() != tracks.size()) {
        say(r, "It holds " + std::to_string(info->sounds.size()) + " sounds and not " +
                   std::to_string(tracks.size()) + ".");
        return r;
    }
    const TimeRange held =
        plan.cut ? TimeRange{plan.cut->start, std::min(plan.cut->end, plan.stretch->end)}
                 : TimeRange{{0}, plan.take.pictures.end()};
    for (std::size_t i = 0; i < tracks.size(); ++i) {
        if (job.stopRequested()) return cancelled();
        auto check = checkSound(tracks[i], held, *info, i);
        if (!check) return tl::unexpected(check.error());
        if (!check->problem.empty()) say(r, check->problem);
        // The slips that are kept are those of the clean sound; others only speak up.
        if (i == 0) r.sound = *check;
        job.report(0.6 + 0.4 * static_cast<double>(i + 1) / static_cast<double>(tracks.size()));
    }
    return r;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/read_back.h"

#include <algorithm>

#include "export/file_tracks.h"
#include "export/video_export.h"
#include "media/probe.h"

namespace brisk {
namespace {

void say(ReadBack& r, const std::string& problem) {
    r.problem += (r.problem.empty() ? "" : " ") + problem;
}

}  // namespace

Result<ReadBack> readBack(const VideoExportPlan& plan, const std::string& path,
                          const JobControl& job) {
    ReadBack r;
    auto picture = checkPicture(plan, path, job.part(0, 0.6));
    if (!picture) return tl::unexpected(picture.error());
    r.picture = std::move(*picture);
    r.problem = r.picture.problem;
    auto info = probeWithSound(path);
    if (!info) return tl::unexpected(info.error());
    r.stamps = info->stamps;
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

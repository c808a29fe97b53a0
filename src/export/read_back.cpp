// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: what went into the file was noted while it went by, so that neither the take nor the
// recordings need to be read again; the written file is read once, in order.
#include "export/read_back.h"

#include <algorithm>

#include "export/file_tracks.h"
#include "export/video_export.h"
#include "media/check/file_contents.h"
#include "media/read/probe.h"
#include "media/write/take_remux.h"

namespace brisk {
namespace {

/// Every packet and every sample, as far as they can be compared.
Result<void> compareAll(const VideoExportPlan& plan, const MediaInfo& info,
                        const std::vector<FileTrack>& tracks, const Remuxed& made, ReadBack& r,
                        const JobControl& job) {
    const bool codedAnew = plan.cut && plan.cut->way == PieceWay::CodedAnew;
    ContentsWish wish;
    wish.pictures = plan.check != CheckDepth::Sound && !codedAnew;
    for (std::size_t i = 0; i < made.sounds.size(); ++i) {
        if (made.sounds[i].digest) wish.sounds.push_back(info.sounds[i].stream);
    }
    auto held = readContents(info, wish, job);
    if (!held) return tl::unexpected(held.error());
    if (wish.pictures) r.picture = comparePackets(made.pictures, held->pictures);
    for (std::size_t i = 0; i < made.sounds.size(); ++i) {
        if (!made.sounds[i].digest) continue;
        const Facts problem = compareSamples(tracks[i], *made.sounds[i].digest,
                                             held->sounds.at(info.sounds[i].stream));
        add(r.problem, problem);
        if (i == 0) r.sound.everySample = problem.empty();
    }
    return {};
}

}  // namespace

Result<ReadBack> readBack(const VideoExportPlan& plan, const std::string& path,
                          const JobControl& job, const Remuxed* made) {
    ReadBack r;
    auto info = probeWithSound(path);
    if (!info) return tl::unexpected(info.error());
    r.stamps = info->stamps;
    const auto tracks = plan.tracks.empty() ? fileTracks(plan.sound) : plan.tracks;
    if (info->sounds.size() != tracks.size()) {
        r.problem.push_back(
            {"sounds-not-as-meant", {{"sounds", info->sounds.size()}, {"meant", tracks.size()}}});
        return r;
    }
    const bool codedAnew = plan.cut && plan.cut->way == PieceWay::CodedAnew;
    if (made) {
        auto compared = compareAll(plan, *info, tracks, *made, r, job.part(0, 0.6));
        if (!compared) return tl::unexpected(compared.error());
    }
    if (plan.check != CheckDepth::Sound && (codedAnew || !made)) {
        auto picture = checkPicture(plan, path, job.part(0, 0.6));
        if (!picture) return tl::unexpected(picture.error());
        r.picture = std::move(*picture);
    }
    add(r.problem, r.picture.problem);
    const TimeRange held =
        plan.cut ? TimeRange{plan.cut->start, std::min(plan.cut->end, plan.stretch->end)}
                 : TimeRange{{0}, plan.take.pictures.end()};
    for (std::size_t i = 0; i < tracks.size(); ++i) {
        if (job.stopRequested()) return cancelled();
        auto check = checkSound(tracks[i], held, *info, i);
        if (!check) return tl::unexpected(check.error());
        add(r.problem, check->problem);
        // The slips that are kept are those of the clean sound; others only speak up.
        if (i == 0) {
            check->everySample = r.sound.everySample;
            r.sound = *check;
        }
        job.report(0.6 + 0.4 * static_cast<double>(i + 1) / static_cast<double>(tracks.size()));
    }
    return r;
}

Error notReadBack(Error error, const AtomicFile& file) {
    if (error.path != file.temporaryPath()) return error;
    if (error.code == ErrorCode::Cancelled) return error;
    const std::string target = file.target().string();
    return Error{ErrorCode::CannotWrite,
                 {"written-cannot-be-read", {{"file", target}}},
                 target,
                 std::move(error.detail)};
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/file_tracks.h"

#include <filesystem>

namespace brisk {
namespace {

/// The camera's own sound, shaped like the others: the same claps quiet, the same soft edges.
TakeSoundPlan cameraAlone(const TakeSoundPlan& plan) {
    TakeSoundPlan asked = plan;
    asked.beside = {{{plan.take, scratchLine(*plan.take)}}};
    TakeSoundPlan alone = besideAlone(asked, 0);
    // Here it is the camera that is heard, where the others hear clean sound.
    std::erase_if(alone.quiet, [](const QuietStretch& q) { return !q.camera(); });
    for (QuietStretch& q : alone.quiet) q.side = QuietSide::Clean;
    alone.choice.followClock = true;  // the picture's clock is its own
    return alone;
}

}  // namespace

std::vector<FileTrack> fileTracks(const TakeSoundPlan& plan) {
    std::vector<FileTrack> out{{"Clean sound", {"clean-sound"}, plan}};
    for (std::size_t i = 0; i < plan.beside.size(); ++i) {
        const std::filesystem::path file = plan.beside[i].front().recording->info.path;
        out.push_back({"Other microphone, " + file.stem().string(), named(file.filename().string()),
                       besideAlone(plan, i)});
    }
    if (plan.choice.camera == CameraSound::SecondTrack) {
        out.push_back({"Camera sound", {"camera-sound"}, cameraAlone(plan)});
    }
    return out;
}

Result<FileTrack> fittedTrack(FileTrack track, Coding coding, OverFull how, const JobControl& job) {
    TakeSoundPlan& sound = track.sound;
    if (coding != Coding::Float && !sound.level.peakKnown && !surelyFits(sound)) {
        auto level = measureLevel(sound, job);
        if (!level) return tl::unexpected(level.error());
        sound.level = *level;
    }
    sound.level = fittedInto(sound.level, coding, how);
    return track;
}

Result<std::vector<FileTrack>> fittedTracks(const TakeSoundPlan& plan, Coding coding, OverFull how,
                                            const JobControl& job) {
    std::vector<FileTrack> tracks = fileTracks(plan), out;
    for (FileTrack& track : tracks) {
        auto fitted = fittedTrack(std::move(track), coding, how, job);
        if (!fitted) return tl::unexpected(fitted.error());
        out.push_back(std::move(*fitted));
    }
    return out;
}

Clipped clippedFacts(std::int64_t samples, const FileTrack& track, OverFull how) {
    if (samples == 0) return {};
    const std::vector<FactArg> args{{"samples", samples}, {"track", track.what}};
    if (how == OverFull::Clip) return {{}, {{"samples-cut-as-chosen", args}}};
    return {{{"samples-cut", args}}, {}};
}

}  // namespace brisk

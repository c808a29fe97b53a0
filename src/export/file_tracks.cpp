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
    alone.choice.followClock = true;  // the picture's clock is its own
    return alone;
}

}  // namespace

std::vector<FileTrack> fileTracks(const TakeSoundPlan& plan) {
    std::vector<FileTrack> out{{"Clean sound", "clean sound", plan}};
    for (std::size_t i = 0; i < plan.beside.size(); ++i) {
        const std::filesystem::path file = plan.beside[i].front().recording->info.path;
        out.push_back({"Other microphone, " + file.stem().string(), file.filename().string(),
                       besideAlone(plan, i)});
    }
    if (plan.choice.camera == CameraSound::SecondTrack) {
        out.push_back({"Camera sound", "camera sound", cameraAlone(plan)});
    }
    return out;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A recorder's whole day on the clock of a camera: for those who cut the takes themselves and lay
/// one long sound under them. Recordings lie as far apart as they were; where takes lie, the sound
/// runs exactly as in their tethers; between them, from the end of one to the start of the next.
///
///     for (const WholeRecording& w : wholeRecordings(state, takes, day, scanOf)) ...
#pragma once

#include <string>
#include <vector>

#include "day/day_layout.h"
#include "day/take_pieces.h"
#include "render/take_sound.h"

namespace brisk {

struct WholeRecording {
    int recording = 0;   ///< The first of it.
    std::string camera;  ///< Whose clock it is on, as cameraOf().
    /// As of a take that begins with the first recording's first sample and counts as the camera
    /// does. As recorded: no level, no gaps filled.
    TakeSoundPlan sound;
    struct Place {
        int take = 0;
        Seconds at;  ///< Of its first picture, on that clock.
    };
    std::vector<Place> takes;  ///< In order of time.
};

/// One for each row of recordings of the day and each camera of which takes lie on them; nothing of
/// recordings that are not read.   Threads: safe.
std::vector<WholeRecording> wholeRecordings(const ShootState& state, const std::vector<int>& takes,
                                            const DayLayout& day, const ScanOf& scanOf);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How far the camera stood from what it heard: sound needs 2.9 ms a metre. A camera twelve metres
/// away hears a clap almost a frame after its picture shows it.
///
///     const SoundDistance d = distanceFromClap(frameStart, frameEnd, clapInScratch);
///     d.delay, d.metres, d.said
#pragma once

#include "core/fact.h"
#include "core/units.h"

namespace brisk {

constexpr double kMetresPerSecond = 343.0;  // at 20 °C

struct SoundDistance {
    Seconds delay;  ///< The sound's way to the camera; 0 or more when it is believed.
    double metres = 0;
    double doubtMetres = 0;   ///< Half a picture frame of sound.
    bool believable = false;  ///< Not before the picture, not farther than a shout carries.
    Fact said;
};

/// From the picture frame that shows the hands meeting and the clap in the scratch sound; all in
/// take time.
SoundDistance distanceFromClap(Seconds frameStart, Seconds frameEnd, Seconds clap);

/// From what a person measured.
SoundDistance distanceFromMetres(double metres);

}  // namespace brisk

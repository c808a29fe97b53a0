// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/sound_distance.h"

#include <algorithm>
#include <cmath>

#include "core/time_text.h"

namespace brisk {
namespace {

constexpr double kFarthest = 60;  // metres

std::string metresText(double m) {
    return signedText(m, 1) + " m";
}

void judge(SoundDistance& d) {
    d.believable = d.metres >= 0 && d.metres <= kFarthest;
}

}  // namespace

SoundDistance distanceFromClap(Seconds frameStart, Seconds frameEnd, Seconds clap) {
    SoundDistance d;
    const Seconds half = (frameEnd - frameStart) / 2;
    // Anywhere in the frame; the middle is out by half of it at most.
    d.delay = clap - (frameStart + half);
    d.doubtMetres = half.value * kMetresPerSecond;
    // A clap just before the middle is a clap at the camera.
    if (d.delay < Seconds{0} && d.delay >= -half) d.delay = {0};
    d.metres = d.delay.value * kMetresPerSecond;
    judge(d);
    if (!d.believable) {
        d.sentence = d.metres < 0 ? "The camera heard this clap " + slipText(-d.delay) +
                                        " before that picture: another clap, or another frame."
                                  : metresText(d.metres) +
                                        " between hands and camera is hard to believe: another "
                                        "clap, or another frame.";
    } else {
        d.sentence = "The camera hears the hands " + slipText(d.delay) + " late: about " +
                     metresText(d.metres) + " away (a picture frame leaves " +
                     metresText(d.doubtMetres) + " either way).";
    }
    return d;
}

SoundDistance distanceFromMetres(double metres) {
    SoundDistance d;
    d.metres = metres;
    d.delay = {metres / kMetresPerSecond};
    judge(d);
    d.sentence = d.believable
                     ? "Over " + metresText(metres) + " the sound needs " + slipText(d.delay) +
                           ": the clean sound comes that much earlier."
                     : metresText(metres) + " between subject and camera is hard to believe.";
    return d;
}

}  // namespace brisk

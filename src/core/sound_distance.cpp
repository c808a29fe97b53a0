// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/sound_distance.h"

#include <algorithm>
#include <cmath>

namespace brisk {
namespace {

constexpr double kFarthest = 60;  // metres

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
    if (d.believable) {
        d.said = {"hears-late",
                  {{"by", d.delay}, {"metres", d.metres}, {"doubt_metres", d.doubtMetres}}};
    } else if (d.metres < 0) {
        d.said = {"heard-before-picture", {{"by", -d.delay}}};
    } else {
        d.said = {"too-far-from-hands", {{"metres", d.metres}}};
    }
    return d;
}

SoundDistance distanceFromMetres(double metres) {
    SoundDistance d;
    d.metres = metres;
    d.delay = {metres / kMetresPerSecond};
    judge(d);
    d.said = d.believable ? Fact{"sound-needs", {{"metres", metres}, {"by", d.delay}}}
                          : Fact{"too-far-from-subject", {{"metres", metres}}};
    return d;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Follows the lag of two sounds through a take, window by window: along stretches on which it
/// hardly changes, and over the steps between them.
///
///     const LagTrack track = followLags(curves, polarity);
///     track.runs.size()    // 1 where nothing was lost and nobody walked
#pragma once

#include <span>
#include <vector>

#include "align/measure/curve_stack.h"

namespace brisk {

/// Curves [first, last] are heard at about one lag; some between them may not be heard at all.
struct LagRun {
    std::size_t first = 0;
    std::size_t last = 0;
};

struct LagTrack {
    std::vector<LagRun> runs;  ///< In order of time.
    std::vector<double> lag;   ///< A curve each, seconds, to 0.25 ms; NaN where nothing is heard.
};

/// The way through all curves that most is said for. A clock or a swaying head moves the lag a
/// little from one window to the next; anything more costs as much as it takes several windows to
/// outweigh. Echoes may be followed in place of the direct sound.
/// \param curves  in order of time.
LagTrack followLags(const std::vector<Curve>& curves, int polarity);

/// How high curves stand together when each is read near its own lag, in deviations of their sum.
double strengthAlong(std::span<const Curve> curves, std::span<const double> lags, int polarity);

}  // namespace brisk

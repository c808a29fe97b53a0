// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Everything that is heard of a place over the whole take: spots with their lags, gathered along
/// as many lines as it takes where samples were lost or repeated.
///
///     auto spots = hearSpots(reader, whole, job);
///     spots->runs     // 1 where one lag runs through
#pragma once

#include <limits>
#include <vector>

#include "align/measure/fine_match.h"
#include "align/measure/window_curves.h"

namespace brisk {

struct Spot {
    Curve curve;  ///< Along a line of its own ...
    double base =
        0;         ///< ... whose lags are this much less than those along the first line, seconds.
    int run = -1;  ///< Stretch of about one lag; -1 where nothing is heard.
    /// Along its own line, to 0.25 ms: the loudest arrival, which may be an echo. NaN if unheard.
    double lag = std::numeric_limits<double>::quiet_NaN();

    [[nodiscard]] double time() const { return curve.time; }
    [[nodiscard]] bool heard() const { return run >= 0; }
};

struct HeardSpots {
    std::vector<Spot> spots;  ///< In order of time; so are the runs.
    int runs = 0;
    std::vector<double> pulse;  ///< What one arrival looks like, see window_curves.h.
};

/// Where a stretch begins and ends, first and last window: of those that surely belong to it, if it
/// has any. A few beyond its end may have been followed there by noise.
/// \param sure  of each spot, whether it agrees with the others.
TimeRange reachOf(int run, const std::vector<Spot>& spots, const std::vector<bool>& sure);

/// Of the overlap for each window, where that makes neither too few of them nor too many: whoever
/// walks about stands for seconds only, and two windows make no stretch.
constexpr Seconds kOfOneSpot{5}, kOfAWalkersSpot{2};

/// Windows that it listens with over an overlap of that length.
int spotsWanted(Seconds overlap, Seconds each = kOfOneSpot);

/// \param whole  the best single match over the overlap; its line is the first.
/// \param each   of the overlap for each window, see above.
/// Errors: CannotRead, Cancelled. Nothing heard is an answer: no runs.
Result<HeardSpots> hearSpots(WindowReader& reader, const FineMatch& whole, const JobControl& job,
                             Seconds each = kOfOneSpot);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// From the best single match of a take to the truth about the whole of it: where either side lost
/// or repeated samples, where a clock bends, and where it is not the clock that moves but the way
/// of the sound.
///
///     auto followed = followClock(reader, best, job);
///     followed->ranges   // one where one straight line holds
///     followed->way      // empty where nobody walked
#pragma once

#include <vector>

#include "align/measure/fine_match.h"

namespace brisk {

/// A stretch of the take and the line that holds over it.
struct MatchedRange {
    TimeRange range;  ///< Scratch time.
    FineMatch match;
    Seconds startDoubt{0};  ///< The jump at its start may lie this much earlier or later.
};

/// How much later the sound comes to the camera than it does from the nearest the speaker came.
struct WayPoint {
    Seconds time;  ///< Scratch time.
    Seconds later;
};

/// What the windows of one stretch say of it among themselves.
struct StretchEvidence {
    int agreeing = 0, used = 0;
    double chance = 0;  ///< That a window which says nothing would seem to agree.
};

struct FollowedClock {
    /// In order of time. Not touching where samples were lost; touching, and meeting there, where a
    /// clock bends. Their windows together tell of the whole overlap.
    std::vector<MatchedRange> ranges;
    std::vector<WayPoint> way;
    std::vector<StretchEvidence> stood;  ///< Where somebody walks, of each place he stood at.
    int steps = 0;  ///< From one lag to another, lost and walked: each was free to be chosen.
};

/// \param whole  the best single match over the whole overlap.
/// Errors: CannotRead, Cancelled.
Result<FollowedClock> followClock(WindowReader& reader, const FineMatch& whole,
                                  const JobControl& job);

}  // namespace brisk

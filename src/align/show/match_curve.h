// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How strongly a take belongs at each place of a recording: what a search saw before it chose.
///
///     for (const MatchPoint& p : *matchCurve(take, recording, job)) stick(p.offset, p.strength);
#pragma once

#include <vector>

#include "core/job_control.h"
#include "core/result.h"
#include "features/sound_scan.h"

namespace brisk {

struct MatchPoint {
    Seconds offset;       ///< Recording time of the take's first picture.
    double strength = 0;  ///< Of the coarse search: deviations above chance, all segments together.
};

/// The strongest places of the whole recording, at most `most`, in order of offset, 0.1 s apart or
/// more, each to within about 10 ms. The weak ones show what chance looks like.
/// Errors: TooShort, Silent, Cancelled.   Threads: safe.
Result<std::vector<MatchPoint>> matchCurve(const SoundScan& take, const SoundScan& recording,
                                           const JobControl& job, std::size_t most = 160);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// From measurements on scratch time to an answer on take time.
#pragma once

#include <vector>

#include "align/follow/follow_clock.h"
#include "align/measure/window_reader.h"
#include "align/tether_estimate.h"

namespace brisk {

/// From scratch seconds to take seconds: the scratch may start before or after the picture.
ClockLine onTakeTime(ClockLine scratchLine, Seconds scratchStart);
/// And back.
ClockLine onScratchTime(ClockLine takeLine, Seconds scratchStart);

/// Another place, and how its evidence stands against the best one's.
Rival rivalAt(ClockLine scratchLine, Seconds scratchStart, double evidence, double best);

/// An answer that places nothing.
TetherEstimate refusal(const Fact& why);

/// Place, segments, windows and residuals; leaves status, confidence and reason to the judge.
TetherEstimate estimateFrom(const std::vector<MatchedRange>& stretches, Seconds scratchStart);

}  // namespace brisk

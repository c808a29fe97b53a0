// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A step between two stretches of a take is a loss if it happens at once and takes the echoes
/// along; it is the speaker's way if it is walked.
///
///     auto steps = settleSteps(reader, whole, clock, job);
///     (*steps)[0].walked
#pragma once

#include <vector>

#include "align/follow/step_moment.h"
#include "align/follow/stretched_clock.h"

namespace brisk {

struct ClockStep {
    StepMoment moment;
    double by = 0;            ///< Seconds of lag.
    bool walked = false;      ///< Else samples were lost or repeated.
    bool echoesTold = false;  ///< And they went along.
};

/// Whether any of them was walked.
bool anyWalked(const std::vector<ClockStep>& steps);

/// From each stretch to the next. Where somebody walked, the clock is fitted anew: it does not bend
/// with him, and each place where he stood is on its own first arrival.
/// \param whole  that `clock` was heard along.
/// Errors: CannotRead, Cancelled.
Result<std::vector<ClockStep>> settleSteps(WindowReader& reader, const FineMatch& whole,
                                           StretchedClock& clock, const JobControl& job);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// When one line gives way to another, and whether at once or by and by.
///
///     auto step = stepMoment(reader, before, after, polarity, pattern, {{30}, {42}}, job);
///     step->at        // 35.2 s, or 33 to 37 s: a pause leaves no trace of when
#pragma once

#include <vector>

#include "align/measure/window_reader.h"
#include "core/job_control.h"

namespace brisk {

struct StepMoment {
    /// Scratch time; the step lies somewhere in it. Where samples were lost: where the loss begins.
    TimeRange at;
    /// Moments that were heard on the way from the one line to the other, in order: somebody
    /// walked. 0 where it stepped at once, or where nothing was heard in between.
    int heardBetween = 0;
};

/// What arrives in this room, from kPatternBefore samples before the lines on: the direct sound and
/// its echoes, each as strong as it is. The lines may be those of an echo.
using ArrivalPattern = std::vector<float>;
constexpr int kPatternBefore = 480;
constexpr int kPatternAfter = 960;

/// \param within   scratch time around the step.
/// \param pattern  kPatternBefore + kPatternAfter + 1 values. By the direct sound alone an echo of
///                 the one line could be taken for the other.
/// Errors: CannotRead, Cancelled.
Result<StepMoment> stepMoment(WindowReader& reader, ClockLine before, ClockLine after, int polarity,
                              const ArrivalPattern& pattern, TimeRange within,
                              const JobControl& job);

}  // namespace brisk

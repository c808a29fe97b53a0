// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The truth about a simulated pair: what take time is which recording time, through lost samples
/// on either side and a clock that changes with warmth.
#pragma once

#include <vector>

#include "core/clock_line.h"
#include "sim/recorder_clock.h"

namespace brisk::sim {

/// Samples that one side lost, or had twice.
struct Loss {
    bool inTake = false;
    double at = 0;        ///< World time.
    double seconds = 0;   ///< Negative = repeated.
    bool silent = false;  ///< Honest time stamps: silence stands in its place, nothing moves.
};

struct TrueLine {
    double takeStart = 0;
    double takeEnd = 0;
    ClockLine line;
    bool jumpsHere = false;  ///< Something was lost or repeated at its start.
};

/// World times count from the recording's start, take times from the take's first sample.
struct SharedTime {
    double takeStart = 0;  ///< World time of the take's first sample.
    double takeSeconds = 0;
    double recordingSeconds = 0;  ///< World time.
    double air = 0;               ///< Seconds that the sound comes later to the camera.
};

/// Over what both sides share, in order of take time.
std::vector<TrueLine> trueLines(const SharedTime& shared, const std::vector<Loss>& losses,
                                const RecorderClock& clock);

}  // namespace brisk::sim

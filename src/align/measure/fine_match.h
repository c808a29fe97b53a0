// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// From a place known to some milliseconds to a line known to some hundredths of one, and the
/// evidence for it: how many windows of the overlap say so.
///
///     auto probe = probePlace(reader, place, whole, job);      // quick: is there anything?
///     auto match = measurePlace(reader, *probe, whole, job);   // exact
#pragma once

#include <memory>
#include <vector>

#include "align/measure/first_arrival.h"
#include "align/measure/window_curves.h"
#include "align/measure/window_reader.h"
#include "align/nominate/coarse_search.h"
#include "core/clock_line.h"
#include "core/job_control.h"
#include "core/result.h"

namespace brisk {

/// One measured stretch. Slip is against the final line: positive where the clean sound, placed by
/// the line, comes too early.
struct SlipWindow {
    Seconds scratchTime;  ///< Middle, after the first scratch sample.
    Seconds slip;
    double strength = 0;  ///< Height of its own best agreement, in deviations.
    bool agrees = false;  ///< Its own best agreement, freely searched, is what the others say.
    /// Of somebody who walks: between two places where he stood, or heard beside the one where he
    /// stands. No other window says the same.
    bool underWay = false;
};

/// Windows that a place is measured with, where there is room.
constexpr int kMeasureWindows = 32;

/// A first look at a place.
struct PlaceProbe {
    ClockLine line;  ///< To about a millisecond.
    int polarity = 1;
    double strength = 0;  ///< All windows together, in deviations of the stack's noise.
    double coarse = 0;    ///< Score of the coarse place.
    int segments = 1;     ///< That the score is the sum of.
};

struct FineMatch {
    double coarse = 0;  ///< Score of the coarse place.
    int segments = 1;   ///< That the score is the sum of.
    ClockLine line;     ///< Scratch seconds to clean seconds, both from their first samples.
    int polarity = 1;
    double stackStrength = 0;  ///< All windows together, in deviations of the stack's noise.
    /// The same of the strongest arrival near it, which may be an echo: comparable between places,
    /// of which one may have been measured by its direct sound and another by its echo.
    double strongestArrival = 0;
    AroundArrival around;             ///< That the line was laid on.
    double chanceOfAgreement = 0.05;  ///< That one window would agree by chance.
    double spreadMs = 0;
    TimeRange overlap;  ///< On scratch time, inside what was asked for.
    std::vector<SlipWindow> windows;
    /// What was heard of it, and along which line: not heard again where more is asked.
    std::shared_ptr<const WindowCurves> heard;
    int windowsWanted = 0;  ///< For that; there may have been room for fewer.
    ClockLine heardAlong;

    [[nodiscard]] int agreeing() const;
};

/// \param within  scratch time to look at; only where both sounds are counts.
/// Errors: TooShort (overlap under 1.2 s), Silent, CannotRead, Cancelled.
Result<PlaceProbe> probePlace(WindowReader& reader, const CoarsePlace& place, TimeRange within,
                              const JobControl& job);

/// Errors as above. Reads only its windows.
/// \param windows  how many are wanted, where more than the usual number will be needed anyway.
Result<FineMatch> measurePlace(WindowReader& reader, const PlaceProbe& probe, TimeRange within,
                               const JobControl& job, int windows = kMeasureWindows);

}  // namespace brisk

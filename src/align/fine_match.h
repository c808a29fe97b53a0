// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// From a place known to some milliseconds to a line known to some hundredths of one, and the
/// evidence for it: how many windows of the overlap say so.
#pragma once

#include <vector>

#include "align/coarse_search.h"
#include "align/sound_scan.h"
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
};

struct FineMatch {
    ClockLine line;  ///< Scratch seconds to clean seconds, both from their first samples.
    int polarity = 1;
    double stackStrength = 0;         ///< All windows together, in deviations of the stack's noise.
    double chanceOfAgreement = 0.05;  ///< That one window would agree by luck.
    double spreadMs = 0;
    TimeRange overlap;  ///< On scratch time.
    std::vector<SlipWindow> windows;

    [[nodiscard]] int agreeing() const;
};

/// Errors: TooShort (overlap under 3 s), Silent, CannotRead, Cancelled. Reads only its windows.
Result<FineMatch> fineMatch(const SoundScan& take, const SoundScan& recording,
                            const CoarsePlace& place, const JobControl& job);

}  // namespace brisk

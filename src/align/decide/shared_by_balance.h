// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What two sounds have in common where one of them is much louder than the other. Of one event
/// heard twice one side at least hears it alone: where the other is weak, it lacks sounds of its
/// own, and both are most alike. A programme that plays in two rooms is in common where both are
/// about as loud; where either stands out, somebody speaks whom the other does not hear.
///
///     auto shared = sharedByBalance(reader, parts, polarity, job);
///     shared->takeWeak.agreement
#pragma once

#include "align/decide/moments_by_band.h"

namespace brisk {

/// Mean cosine of the angle between both sounds over many bins of short spectra: 1 where they are
/// the same, 0 where they have nothing in common.
struct SharedPart {
    double agreement = 0;
    double doubt = 1;  ///< One deviation of what chance makes of as many bins.
};

/// Of bands in which anything is in common.
struct SharedByBalance {
    // Sorted by how loud the take is against the recording, both against what they usually are in
    // the band.
    SharedPart takeWeak;       ///< The tenth where the recording stands out most.
    SharedPart even;           ///< The middle two fifths.
    SharedPart recordingWeak;  ///< The tenth where the take stands out most.
    /// How far from the middle these tenths begin.
    double recordingStandsOutDb = 0, takeStandsOutDb = 0;
    // Part of the loudest tenth in which the other side is below its middle: a half where they
    // have nothing to do with each other.
    double loudInTakeAlone = 0, loudInRecordingAlone = 0;
};

/// Parameters as in moments_by_band.h. Errors: CannotRead, Cancelled; Silent where there is nothing
/// to compare. Threads: as `reader`.
Result<SharedByBalance> sharedByBalance(WindowReader& reader,
                                        const std::vector<MatchedRange>& parts, int polarity,
                                        const JobControl& job);

}  // namespace brisk

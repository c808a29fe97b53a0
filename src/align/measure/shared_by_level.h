// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How much of what is loud both sounds have in common. One event heard twice is most alike where
/// it is loud, on one side at least: rustle on a lavalier and a noisy hall drown the other. A
/// programme that plays in two rooms is loud on neither side, where people speak in both.
///
///     auto shared = sharedByLevel(reader, parts, polarity, job);
///     shared->recording.loud.agreement
#pragma once

#include <vector>

#include "align/measure/follow_clock.h"
#include "align/measure/window_reader.h"

namespace brisk {

/// Mean cosine of the angle between both sounds over many bins of short spectra: 1 where they are
/// the same, 0 where they have nothing in common.
struct SharedPart {
    double agreement = 0;
    double doubt = 0;  ///< One deviation of what chance makes of as many bins.
};

/// Sorted by how loud one of the two sounds is in a bin, against what it usually is there.
struct SharedOfSide {
    SharedPart usual;  ///< 10 dB less to 3 dB more.
    SharedPart loud;   ///< Over 6 dB more.
};

struct SharedByLevel {
    SharedOfSide take, recording;
};

/// \param parts     of a take, their windows and lines on scratch time.
/// \param polarity  -1 where one of the two is upside down.
/// Errors: CannotRead, Cancelled; Silent where there is nothing to compare. Threads: as `reader`.
Result<SharedByLevel> sharedByLevel(WindowReader& reader, const std::vector<MatchedRange>& parts,
                                    int polarity, const JobControl& job);

}  // namespace brisk

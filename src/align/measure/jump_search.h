// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Finds where a recording lost or repeated samples: stretches of the take that fit on lines of
/// their own, and the moments between them.
///
///     auto stretches = findJumps(reader, best, job);   // one where nothing was lost
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

/// In order of time, not touching where something was lost. The windows of the stretches together
/// tell of the whole overlap.
/// \param whole  the best single match over the whole overlap.
/// Errors: CannotRead, Cancelled.
Result<std::vector<MatchedRange>> findJumps(WindowReader& reader, const FineMatch& whole,
                                            const JobControl& job);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A place from claps alone, for takes that are silent but for them. Their pattern nominates
/// places, correlation around each clap measures and tells the right claps from others.
///
///     auto found = matchByClaps(reader, {0, 30}, job);   // best place first; may be none
#pragma once

#include <vector>

#include "align/measure/fine_match.h"

namespace brisk {

struct ClapMatch {
    /// Every clap is a window. `coarse` holds how many onsets agree on the place.
    FineMatch match;
    int clapsInTake = 0;  ///< Onsets of the take inside the overlap.
};

/// At most four places, the most strongly supported first.
/// \param within  scratch time to look at.
/// Errors: CannotRead, Cancelled.
Result<std::vector<ClapMatch>> matchByClaps(WindowReader& reader, TimeRange within,
                                            const JobControl& job);

}  // namespace brisk

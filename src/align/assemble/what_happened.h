// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What is said of a place beside how sure it is: what was lost, what the clocks and the speaker
/// did, and where nothing is heard.
#pragma once

#include <optional>
#include <vector>

#include "align/follow/follow_clock.h"
#include "align/tether_estimate.h"

namespace brisk {

/// The ends of what a recording covers of a take in which nothing is common, scratch time. Nothing
/// where they are too short to speak of.
struct UnheardEnds {
    std::optional<Seconds> until;  ///< From the start of the overlap.
    std::optional<Seconds> from;   ///< To the end of it.
};

/// \param parts  in order of time.
UnheardEnds unheardEnds(const std::vector<MatchedRange>& parts);

/// How far whoever speaks came and went; nothing where nobody did.
Facts walkedFacts(const std::vector<PathDelay>& path);

/// Adds it to the reason. \param parts  what `e` was made from.
void addWhatHappened(TetherEstimate& e, const std::vector<MatchedRange>& parts);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Decides from the evidence whether a place is right, and says why in a person's words.
#pragma once

#include <vector>

#include "align/measure/clap_match.h"
#include "align/measure/follow_clock.h"
#include "align/tether_estimate.h"

namespace brisk {

/// Log10 of the chance that at least `agreeing` of `used` windows agree by chance.
double log10PValue(int agreeing, int used, double chanceEach);

/// How much one measured place speaks for itself, on a scale where places may be compared: the
/// part of the windows that agrees, times the height of their sum.
double evidence(const FineMatch& m);

/// How near another place comes, 0 to 1 and more: by all that speaks for it, or, where it covers
/// less of the take, by what speaks for it there.
double rivalStrength(const FineMatch& best, const FineMatch& other);

/// From this rival strength on, nothing decides between two places.
constexpr double kRivalTooNear = 0.7;

/// Fills status, confidence and reason of `estimate`.
/// \param stretches  of the best place.   \param rival  0 where no other place was worth measuring.
/// \param steps  from one lag to another that were chosen freely: luck has the more to choose from.
void judge(const std::vector<MatchedRange>& stretches, double rival, TetherEstimate& estimate,
           int steps = 0);

/// The same for places found by claps, best first; at least one.
/// \param quiet  nothing else is heard in the take (quiet_take.h); else claps alone are not enough.
void judgeClaps(const std::vector<ClapMatch>& found, bool quiet, TetherEstimate& estimate);

}  // namespace brisk

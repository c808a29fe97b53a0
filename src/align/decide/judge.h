// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Decides from the evidence whether a place is right, and says why in a person's words.
#pragma once

#include <optional>
#include <vector>

#include "align/decide/loud_windows.h"
#include "align/decide/shared_by_balance.h"
#include "align/follow/follow_clock.h"
#include "align/measure/clap_match.h"
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

/// What is known of a place beside its own windows.
struct Beside {
    std::vector<double> rivals;  ///< How near each other place comes, see rivalStrength.
    int steps = 0;  ///< From one lag to another that were chosen freely: luck has more to choose.
    Disagreement against = {};
    /// Where what is common is heard; where it was asked for.
    std::optional<SharedByBalance> shared = std::nullopt;
    /// Of each place where somebody who walks stood.
    std::vector<StretchEvidence> stood = {};
};

/// Fills status, confidence and reason of `estimate`. Confidence is the probability that the place
/// is right, see right_place.h; from kSureFrom on it is a match.
/// \param stretches  of the best place.
void judge(const std::vector<MatchedRange>& stretches, const Beside& beside,
           TetherEstimate& estimate);

/// The same for places found by claps, best first; at least one.
/// \param quiet  nothing else is heard in the take (quiet_take.h); else claps alone are not enough.
void judgeClaps(const std::vector<ClapMatch>& found, bool quiet, TetherEstimate& estimate);

}  // namespace brisk

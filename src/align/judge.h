// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Decides from the evidence whether a place is right, and says why in a person's words.
#pragma once

#include "align/coarse_search.h"
#include "align/fine_match.h"
#include "align/tether_estimate.h"

namespace brisk {

/// Log10 of the chance that at least `agreeing` of `used` windows agree by luck.
double chanceLog10(int agreeing, int used, double chanceEach);

/// How much one measured place speaks for itself, on a scale where places may be compared: the
/// part of the windows that agrees, times the height of their sum.
double evidence(const FineMatch& m);

/// Fills status, confidence and reason of `estimate` from the best place and the strongest rival.
/// \param rivalEvidence  0 where no other place was worth measuring.
void judge(const FineMatch& best, double rivalEvidence, TetherEstimate& estimate);

}  // namespace brisk

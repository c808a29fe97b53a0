// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What an answer is worth against the truth, and a group's figures from many of them.
#pragma once

#include <string>
#include <vector>

#include "align/tether_estimate.h"
#include "bench/pair_maker.h"

namespace brisk::bench {

/// Matched and out by more than this anywhere is wrong: it is heard as a hollow sound.
constexpr double kWrongMs = 1.0;

struct Score {
    std::string group;
    std::uint64_t seed = 0;
    std::string method;
    MatchEvidence evidence;
    int used = 0, agreeing = 0;  ///< Windows.
    std::vector<Rival> rivals;
    MatchStatus status = MatchStatus::Unmatched;
    double confidence = 0;
    double errorMs = 0;        ///< The largest anywhere in the true overlap, but beside jumps.
    double signedErrorMs = 0;  ///< At the start; negative = an arrival too late was taken.
    double driftErrorPpm = 0;
    double jumpErrorMs = 0;  ///< The worst of what was lost, where all of it was found.
    double placeErrorS = 0;
    double placeDoubtS = 0;  ///< That the answer itself states: a jump in a pause.
    int realJumps = 0;
    int foundJumps = 0;
    bool polarityRight = true;
    double seconds = 0;  ///< Spent reading and matching.
    [[nodiscard]] bool right() const { return errorMs <= kWrongMs && polarityRight; }
};

/// What the engine says, and from what; as wrong as can be.
Score answerOf(const TetherEstimate& e);
/// That, and how far it is from the truth.
Score scoreOf(const TetherEstimate& e, const MadePair& made);

/// The value below which `share` of `v` lies; 0 for none.
double quantile(std::vector<double> v, double share);

}  // namespace brisk::bench

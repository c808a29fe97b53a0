// SPDX-License-Identifier: GPL-3.0-or-later
// The windows are searched freely over 72 ms, so that a wrong place makes a window agree about once
// in thirty times. A right place makes most of those agree that hold common sound at all. The
// binomial tail of that, together with the height of the stack over its own noise, is the evidence.
#include "align/decide/judge.h"
#include "core/decibels.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace brisk {
namespace {

// Where the lines are drawn. Origin, where nothing else is said: the tuning set of the truth bench
// (docs/benchmarks.md): of 576 foreign pairs the strongest reached a weight of 6.7 with a share of
// 0.19; of the right places the weakest that spoke at all reached 11.4 with a share of 0.85.

// Weight: orders of magnitude against chance, and a quarter of the stack.
constexpr double kWeightSure = 10.0;   // between 6.7 and 11.4, nearer to the right ones
constexpr double kWeightMiddle = 8.3;  // confidence is a half here
constexpr double kWeightWidth = 0.8;   // e-fold of the confidence's slope

// Share of the windows that agree, 0 to 1.
constexpr double kShareSure = 0.45;    // above what two takes with one song in the background share
constexpr double kShareMiddle = 0.40;  // confidence is a half here
constexpr double kShareWidth = 0.05;
constexpr double kShareThin = 0.30;  // chance makes one window in thirty agree

// Log10 of the p-value, see log10PValue.
constexpr double kLogPSure = -6.0;  // one in a million pairs by chance
constexpr double kLogPThin = -4.0;  // worth an ear
/// A step may go to any of 160 lags (80 ms, half a millisecond each), at any of some twenty
/// moments.
constexpr double kLogChoicesOfAStep = 3.5;
constexpr double kLogPAlone = -12.0;  // then no stack is needed: a long echo drowns it

// Stack: all windows together, in robust deviations of its own noise.
constexpr double kStackSure = 6.5;  // drawn on the tuning set
constexpr double kStackThin = 6.0;
constexpr double kStackStands = 9.0;  // of a rival that covers a part only

// Rivals: another place's evidence against the best one's, a ratio.
/// Another place that chance does not explain either is the same sound once more. The best one must
/// be two and a half times as strong to be preferred: 1.75 / 0.7.
constexpr double kBeyondChanceCounts = 1.75;
constexpr double kRivalMiddle = 0.82;  // confidence is a half here
constexpr double kRivalWidth = 0.06;

// Claps: the stack around them, in robust deviations. Two single claps that are not the same
// reached 6.7, with other spikes about 7.7; the same clap in near silence 8.4 and, all but one, 12
// and more.
constexpr double kOneClapSure = 10.5;
constexpr double kClapsSure = 9.0;  // of several, where each must agree
constexpr double kClapThin = 6.5;
constexpr double kClapRival = 0.7;        // ratio of stacks
constexpr double kClapAmongSound = 0.2;   // factor of the confidence: others heard must agree, too
constexpr double kClapStackMiddle = 8.0;  // confidence is a half here
constexpr double kClapStackWidth = 0.8;
constexpr double kClapRivalMiddle = 0.72;
constexpr double kClapRivalWidth = 0.05;

constexpr double kMostConfident = 0.999;  // nobody is surer
constexpr double kLeastSpreadMs = 0.1;    // finer is not worth saying

/// 0 far below `middle`, a half there, 1 far above.
double rising(double v, double middle, double width) {
    return 1 / (1 + std::exp((middle - v) / width));
}

/// std::lgamma writes its sign where all threads may.
double logGamma(double x) {
    int sign = 0;
    return ::lgamma_r(x, &sign);
}

}  // namespace

double log10PValue(int agreeing, int used, double p) {
    assert(agreeing <= used && p > 0 && p < 1);
    if (agreeing <= 0) return 0;
    double tail = 0;
    for (int k = agreeing; k <= used; ++k) {
        const double logTerm = logGamma(used + 1.0) - logGamma(k + 1.0) - logGamma(used - k + 1.0) +
                               k * std::log(p) + (used - k) * std::log1p(-p);
        tail += std::exp(logTerm);
    }
    return std::log10(std::max(tail, 1e-300));
}

double evidence(const FineMatch& m) {
    if (m.windows.empty()) return 0;
    // Clap matches and hand-made ones know of one arrival only.
    const double strength = std::max(m.stackStrength, m.strongestArrival);
    return strength * m.agreeing() / static_cast<double>(m.windows.size());
}

/// Would be accepted by its windows, were it the only place.
static bool beyondChance(const FineMatch& m) {
    const auto n = static_cast<int>(m.windows.size());
    return m.agreeing() >= kShareSure * n &&
           log10PValue(m.agreeing(), n, m.chanceOfAgreement) <= kLogPSure;
}

double rivalStrength(const FineMatch& best, const FineMatch& other) {
    const double whole = evidence(other) / std::max(1e-9, evidence(best));
    const auto each = [](const FineMatch& m) {
        return evidence(m) / std::sqrt(std::max<double>(1, static_cast<double>(m.windows.size())));
    };
    const bool stands = std::max(other.stackStrength, other.strongestArrival) >= kStackStands &&
                        other.agreeing() >= 3;
    const double there = stands ? each(other) / std::max(1e-9, each(best)) : 0.0;
    return std::max({whole, there, beyondChance(other) ? kBeyondChanceCounts * whole : 0.0});
}

void judge(const std::vector<MatchedRange>& stretches, double rival, TetherEstimate& e, int steps) {
    const int used = e.windowsUsed;
    const int agreeing = e.windowsAgreeing;
    const double share = used > 0 ? static_cast<double>(agreeing) / used : 0;
    double chance = 0, stack = 0, spreadMs = 0, coarse = 0;
    for (const auto& s : stretches) {
        chance = std::max(chance, s.match.chanceOfAgreement);
        stack = std::max(stack, s.match.stackStrength);
        spreadMs = std::max(spreadMs, s.match.spreadMs);
        coarse = std::max(coarse, s.match.coarse);
    }
    const double logP =
        std::min(0.0, log10PValue(agreeing, used, chance) + steps * kLogChoicesOfAStep);
    e.evidence = {e.overlap.length().value, coarse, stack, logP, share, rival};
    // Orders of magnitude against logP, and what the sum of all windows adds to them.
    const double weight = -logP + 0.25 * std::min(stack, 40.0);
    // A long echo fills the sum from end to end: it stands low over its own noise then, however
    // many windows agree.
    const bool stands = stack >= kStackSure || logP <= kLogPAlone;
    const bool sure = weight >= kWeightSure && stands && logP <= kLogPSure && share >= kShareSure;
    const bool thin = (stack >= kStackThin || stands) && logP <= kLogPThin && share >= kShareThin;
    const Fact agreement{"windows-agree",
                         {{"agreeing", agreeing},
                          {"used", used},
                          {"within_ms", std::max(kLeastSpreadMs, 2 * spreadMs)}}};
    const double weakerDb = std::max(0.0, -dbOfRatio(std::max(rival, 1e-3)));
    const Fact other = rival > 0 ? Fact{"next-best", {{"weaker_db", weakerDb}}} : Fact{"no-rival"};
    const auto said = [&](const char* id) {
        return Facts{{id, {{"agreement", agreement}, {"rival", other}}}};
    };

    if (sure && rival < kRivalTooNear) {
        e.status = MatchStatus::Matched;
        e.reason = said("sure");
    } else if (sure || thin) {
        e.status = MatchStatus::Unsure;
        e.reason = said(rival >= kRivalTooNear ? "several-places" : "thin-evidence");
    } else {
        e.status = MatchStatus::Unmatched;
        e.reason = said("no-place-at-best");
    }
    // A smooth function of the same evidence; the statuses above are what decides.
    e.confidence = std::min(kMostConfident, (stands ? 1.0 : 0.3) *
                                                rising(weight, kWeightMiddle, kWeightWidth) *
                                                rising(share, kShareMiddle, kShareWidth) *
                                                rising(-rival, -kRivalMiddle, kRivalWidth));
}

void judgeClaps(const std::vector<ClapMatch>& found, bool quiet, TetherEstimate& e) {
    const ClapMatch& best = found.front();
    const double stack = best.match.stackStrength;
    const double rival = found.size() > 1 ? found[1].match.stackStrength / stack : 0;
    const int claps = best.clapsInTake;
    const int agreeing = best.match.agreeing();
    e.evidence = {e.overlap.length().value,
                  best.match.coarse,
                  stack,
                  0,
                  static_cast<double>(agreeing) / std::max(1, claps),
                  rival};
    const Fact agreement{"claps-agree", {{"agreeing", agreeing}, {"claps", claps}}};
    const auto said = [&](const char* id) { return Facts{{id, {{"agreement", agreement}}}}; };
    const bool sure =
        stack >= (agreeing > 1 ? kClapsSure : kOneClapSure) && agreeing * 3 >= claps * 2;
    if (sure && rival < kClapRival && quiet) {
        e.status = MatchStatus::Matched;
        e.reason = {{"sure", {{"agreement", agreement}, {"rival", Fact{"no-rival"}}}}};
    } else if (agreeing * 2 >= claps && (sure || (stack >= kClapThin && rival < kClapRival))) {
        e.status = MatchStatus::Unsure;
        e.reason = said(rival >= kClapRival ? "claps-in-several-places"
                        : quiet             ? "thin-claps"
                                            : "claps-among-sound");
    } else {
        e.status = MatchStatus::Unmatched;
        e.reason = {{"claps-nowhere"}};
    }
    e.confidence = std::min(kMostConfident, rising(stack, kClapStackMiddle, kClapStackWidth) *
                                                rising(-rival, -kClapRivalMiddle, kClapRivalWidth) *
                                                (quiet ? 1.0 : kClapAmongSound));
}

}  // namespace brisk

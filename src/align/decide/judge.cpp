// SPDX-License-Identifier: GPL-3.0-or-later
// The windows are searched freely over 72 ms, so that a wrong place makes a window agree about once
// in thirty times. A right place makes most of those agree that hold common sound at all.
#include "align/decide/judge.h"
#include "align/decide/right_place.h"
#include "align/follow/heard_spots.h"
#include "core/decibels.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace brisk {
namespace {

/// A step may go to any of 160 lags (80 ms, half a millisecond each), at any of some twenty
/// moments.
constexpr double kLogChoicesOfAStep = 3.5;
/// Odds of a background; about one is where neither was seen.
constexpr double kWorthSaying = 2;

// Rivals: another place's evidence against the best one's, a ratio. Another place that chance does
// not explain either is the same sound once more: the best one must be two and a half times as
// strong to be preferred, kEqualRival / kRivalTooNear.
/// Chance does not explain it: so many windows, once in a million pairs.
constexpr double kBeyondChanceShare = 0.45, kBeyondChanceLogP = -6;
constexpr double kStackStands = 9.0;  // of a rival that covers a part only

// Claps: the stack around them, in robust deviations, from which on it is worth an ear.
constexpr double kClapThin = 6.5;

constexpr double kLeastSpreadMs = 0.1;  // finer is not worth saying

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

namespace {
/// The same of places that were chosen freely but for the first: one that says less than there was
/// to choose says nothing, and takes nothing from what the others say.
double log10OfPlacesStoodAt(const std::vector<StretchEvidence>& stood) {
    std::vector<double> each;
    for (const auto& s : stood) each.push_back(log10PValue(s.agreeing, s.used, s.chance));
    std::sort(each.begin(), each.end());
    double sum = 0;
    for (std::size_t i = 0; i < each.size(); ++i) {
        sum += std::min(0.0, each[i] + (i > 0 ? kLogChoicesOfAStep : 0));
    }
    return sum;
}
}  // namespace

double evidence(const FineMatch& m) {
    if (m.windows.empty()) return 0;
    // Clap matches and hand-made ones know of one arrival only.
    const double strength = std::max(m.stackStrength, m.strongestArrival);
    return strength * m.agreeing() / static_cast<double>(m.windows.size());
}

/// Would be accepted by its windows, were it the only place.
static bool beyondChance(const FineMatch& m) {
    const auto n = static_cast<int>(m.windows.size());
    return m.agreeing() >= kBeyondChanceShare * n &&
           log10PValue(m.agreeing(), n, m.chanceOfAgreement) <= kBeyondChanceLogP;
}

double rivalStrength(const FineMatch& best, const FineMatch& other) {
    const double whole = evidence(other) / std::max(1e-9, evidence(best));
    const auto each = [](const FineMatch& m) {
        return evidence(m) / std::sqrt(std::max<double>(1, static_cast<double>(m.windows.size())));
    };
    const bool stands = std::max(other.stackStrength, other.strongestArrival) >= kStackStands &&
                        other.agreeing() >= 3;
    const double there = stands ? each(other) / std::max(1e-9, each(best)) : 0.0;
    return std::max({whole, there, beyondChance(other) ? kEqualRival * whole : 0.0});
}

void judge(const std::vector<MatchedRange>& stretches, const Beside& beside, TetherEstimate& e) {
    const int used = e.windowsUsed;
    const int agreeing = e.windowsAgreeing;
    const double share = used > 0 ? static_cast<double>(agreeing) / used : 0;
    double chance = 0, stack = 0, spreadMs = 0, coarse = 0;
    AroundArrival around;
    int standing = 0, standingAgree = 0;
    for (const auto& s : stretches) {
        for (const SlipWindow& w : s.match.windows) {
            if (w.underWay) continue;
            ++standing;
            standingAgree += w.agrees ? 1 : 0;
        }
        chance = std::max(chance, s.match.chanceOfAgreement);
        stack = std::max(stack, s.match.stackStrength);
        spreadMs = std::max(spreadMs, s.match.spreadMs);
        coarse = std::max(coarse, s.match.coarse);
        if (s.match.around.before > around.before) around = s.match.around;
    }
    // Whoever walks is listened to more often: each window is less of the take.
    const double often =
        e.path.empty() ? 1.0
                       : std::max(1.0, static_cast<double>(used) / spotsWanted(e.overlap.length()));
    const double rival =
        beside.rivals.empty() ? 0 : *std::max_element(beside.rivals.begin(), beside.rivals.end());
    const double together = log10PValue(agreeing, used, chance) + beside.steps * kLogChoicesOfAStep;
    const double logP = std::min({0.0, together, log10OfPlacesStoodAt(beside.stood)});
    e.evidence = {e.overlap.length().value,
                  coarse,
                  stack,
                  logP,
                  share,
                  rival,
                  around.before,
                  around.beforeShare(),
                  beside.against.windows};
    const Against against{oddsOfLuck(logP, stack),
                          oddsOfOtherEvent(agreeing, beside.against.windows, used, stack,
                                           onsetsOfAllAgree(coarse, e.overlap.length().value)),
                          oddsOfElsewhere(beside.rivals),
                          oddsOfEcho(agreeing, used, around.noises) + oddsOfAnotherArrival(around) +
                              (e.path.empty() ? 0.0 : oddsOfStrayPlace(standingAgree, standing)) +
                              oddsOfSpread(spreadMs),
                          beside.shared ? oddsOfBackground(*beside.shared) : 0.0,
                          oddsOfOtherSound(beside.against.atOneEnd / often)};
    e.confidence = against.probability();
    const Fact agreement{"windows-agree",
                         {{"agreeing", agreeing},
                          {"used", used},
                          {"within_ms", std::max(kLeastSpreadMs, 2 * spreadMs)}}};
    const double weakerDb = std::max(0.0, -dbOfRatio(std::max(rival, 1e-3)));
    const Fact other = rival > 0 ? Fact{"next-best", {{"weaker_db", weakerDb}}} : Fact{"no-rival"};
    const auto said = [&](const char* id) {
        return Facts{{id, {{"agreement", agreement}, {"rival", other}}}};
    };
    if (e.confidence >= kSureFrom) {
        e.status = MatchStatus::Matched;
        e.reason = said("sure");
    } else if (!against.nowhere()) {
        e.status = MatchStatus::Unsure;
        const double others = against.luck + against.otherEvent;
        const double placeAndEcho = against.elsewhere + others + against.echo;
        // Where nothing could be seen to be in common, nothing is said of two rooms.
        const bool seen = against.background > kWorthSaying;
        e.reason =
            said(seen && against.background > placeAndEcho + against.otherSound ? "only-background"
                 : against.otherSound > placeAndEcho                            ? "agrees-in-part"
                 : against.elsewhere > others                                   ? "several-places"
                                                                                : "thin-evidence");
    } else {
        e.status = MatchStatus::Unmatched;
        e.reason = said("no-place-at-best");
    }
}

void judgeClaps(const std::vector<ClapMatch>& found, bool quiet, TetherEstimate& e) {
    const ClapMatch& best = found.front();
    const double stack = best.match.stackStrength;
    std::vector<double> others;
    for (std::size_t i = 1; i < found.size(); ++i) {
        others.push_back(found[i].match.stackStrength / stack);
    }
    const int claps = best.clapsInTake;
    const int agreeing = best.match.agreeing();
    e.evidence = {e.overlap.length().value,
                  best.match.coarse,
                  stack,
                  0,
                  static_cast<double>(agreeing) / std::max(1, claps),
                  others.empty() ? 0 : others.front(),
                  best.match.around.before,
                  best.match.around.beforeShare(),
                  0};
    const Fact agreement{"claps-agree", {{"agreeing", agreeing}, {"claps", claps}}};
    const auto said = [&](const char* id) { return Facts{{id, {{"agreement", agreement}}}}; };
    const Against against =
        againstClaps({stack, agreeing, claps, quiet, best.match.around}, others);
    e.confidence = against.probability();
    if (e.confidence >= kSureFrom) {
        e.status = MatchStatus::Matched;
        e.reason = {{"sure", {{"agreement", agreement}, {"rival", Fact{"no-rival"}}}}};
    } else if (agreeing * 2 >= claps && stack >= kClapThin) {
        e.status = MatchStatus::Unsure;
        e.reason =
            said(against.elsewhere > against.luck + against.otherEvent ? "claps-in-several-places"
                 : quiet                                               ? "thin-claps"
                                                                       : "claps-among-sound");
    } else {
        e.status = MatchStatus::Unmatched;
        e.reason = {{"claps-nowhere"}};
    }
}

}  // namespace brisk

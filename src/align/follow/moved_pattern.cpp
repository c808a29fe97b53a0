// SPDX-License-Identifier: GPL-3.0-or-later
// What a room does to a sound is a pattern of arrivals. Lost samples move all of it as one. A head
// that turns leaves the arrivals where they are and changes which is the loudest: looked at by the
// loudest alone, both are a step.
#include "align/follow/moved_pattern.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace brisk {
namespace {

constexpr int kSide = 30 * WindowReader::kRate / 1000;  // of the pattern that is compared
constexpr int kPeak = 24;                               // samples: the strongest arrival itself
constexpr int kLoose = 6;                               // samples, that it may lie beside
constexpr std::size_t kAtStep = 12;                     // curves on either side of a step
constexpr std::size_t kLeastOnASide = 5;                // curves whose pattern can be told
constexpr std::size_t kMostOnASide = 8;
constexpr int kFarthestMove = 12 * WindowReader::kRate / 1000;  // farther, the loudest itself moves
constexpr int kFarthestEcho = 20 * WindowReader::kRate / 1000;
constexpr int kLeastMove = 28;         // samples: 0.6 ms
constexpr double kSurelyMoved = 0.75;  // likeness
constexpr double kSurelyStayed = 0.75;
constexpr double kClearly = 0.75;
constexpr double kNoises = 2.5;  // what stands out of a stack

/// What stands out of the noise, with peaks a little widened: two arrivals are the same to a tenth
/// of a millisecond.
std::vector<double> pattern(std::span<const Curve> curves, std::span<const double> lags,
                            int polarity) {
    const auto sum = stackCurves(curves, lags);
    const double least = kNoises * stackNoise(sum);
    std::vector<double> out(sum.size(), 0.0);
    for (std::size_t i = kLoose; i + kLoose < sum.size(); ++i) {
        double best = 0;
        for (std::size_t j = i - kLoose; j <= i + kLoose; ++j)
            best = std::max(best, polarity * sum[j]);
        out[i] = std::max(0.0, best - least);
    }
    return out;
}

/// Cosine of two patterns around their middles; `b` read `by` samples later.
double alike(const std::vector<double>& a, const std::vector<double>& b, int by, int leaveOut) {
    double both = 0, one = 0, other = 0;
    for (int k = -kSide; k <= kSide; ++k) {
        if (std::abs(k) < leaveOut || k + by < -kReach || k + by > kReach) continue;
        const double x = a[static_cast<std::size_t>(k + kReach)];
        const double y = b[static_cast<std::size_t>(k + by + kReach)];
        both += x * y;
        one += x * x;
        other += y * y;
    }
    return one > 0 && other > 0 ? both / std::sqrt(one * other) : 0.0;
}

double energy(const std::vector<double>& a, int leaveOut) {
    double sum = 0;
    for (int k = -kSide; k <= kSide; ++k) {
        if (std::abs(k) < leaveOut) continue;
        const double x = a[static_cast<std::size_t>(k + kReach)];
        sum += x * x;
    }
    return sum;
}

/// What a stack hears `by` samples away, as a part of the arrival that its windows were laid on.
double partHeardAt(const std::vector<double>& stack, int by, int polarity) {
    const double loudest = heightNear(stack, polarity, kPeak);
    return loudest > 0 ? heightNear(stack, polarity, kPeak, by) / loudest : 0.0;
}

/// The last curves before a step, or the first after it.
struct Side {
    std::span<const Curve> curves;
    std::span<const double> lags;
};

Side lastOf(std::span<const Curve> curves, std::span<const double> lags) {
    const std::size_t n = std::min(curves.size(), kAtStep);
    return {curves.last(n), lags.last(n)};
}

Side firstOf(std::span<const Curve> curves, std::span<const double> lags) {
    const std::size_t n = std::min(curves.size(), kAtStep);
    return {curves.first(n), lags.first(n)};
}

}  // namespace

PatternStep patternStep(std::span<const Curve> before, std::span<const double> lagsBefore,
                        std::span<const Curve> after, std::span<const double> lagsAfter,
                        double step, int polarity) {
    const Side last = lastOf(before, lagsBefore), first = firstOf(after, lagsAfter);
    const auto a = pattern(last.curves, last.lags, polarity);
    const auto b = pattern(first.curves, first.lags, polarity);
    const int by = static_cast<int>(std::lround(step * kCurveRate));
    PatternStep out;
    out.moved = alike(a, b, 0, 0);
    out.stayed = alike(a, b, -by, 0);
    out.echoesMoved = alike(a, b, 0, kPeak);
    // The run whose arrival comes later: forwards that is the second.
    out.earlierHeard = by > 0 ? partHeardAt(stackCurves(first.curves, first.lags), -by, polarity)
                              : partHeardAt(stackCurves(last.curves, last.lags), by, polarity);
    const double whole = energy(a, 0);
    out.echoesHeard = whole > 0 ? energy(a, kPeak) / whole : 0.0;
    return out;
}

std::optional<double> toTheSameArrival(std::span<const Curve> before,
                                       std::span<const double> lagsBefore,
                                       std::span<const Curve> after,
                                       std::span<const double> lagsAfter, int polarity) {
    const Side last = lastOf(before, lagsBefore), first = firstOf(after, lagsAfter);
    const auto a = pattern(last.curves, last.lags, polarity);
    const auto b = pattern(first.curves, first.lags, polarity);
    const double asTheyAre = alike(a, b, 0, 0);
    int farther = 0;
    double best = asTheyAre;
    for (int by = -kFarthestEcho; by <= kFarthestEcho; ++by) {
        const double here = alike(a, b, by, 0);
        if (here > best) {
            best = here;
            farther = by;
        }
    }
    if (best < kSurelyMoved || asTheyAre > kClearly * best) return std::nullopt;
    return farther / kCurveRate;
}

std::optional<PatternMove> findPatternMove(std::span<const Curve> curves,
                                           std::span<const double> lags, int polarity) {
    std::optional<PatternMove> out;
    double clearest = 0;
    for (std::size_t i = kLeastOnASide; i + kLeastOnASide <= curves.size(); ++i) {
        const std::size_t from = i - std::min(i, kMostOnASide);
        const std::size_t to = std::min(curves.size(), i + kMostOnASide);
        const auto a =
            pattern(curves.subspan(from, i - from), lags.subspan(from, i - from), polarity);
        const auto b = pattern(curves.subspan(i, to - i), lags.subspan(i, to - i), polarity);
        const double stayed = alike(a, b, 0, 0);
        if (stayed >= kSurelyStayed) continue;
        for (int by = -kFarthestMove; by <= kFarthestMove; by += kLoose / 2) {
            if (std::abs(by) < kLeastMove) continue;
            const double moved = alike(a, b, by, 0);
            if (moved < kSurelyMoved || stayed > kClearly * moved || moved - stayed <= clearest) {
                continue;
            }
            clearest = moved - stayed;
            out = PatternMove{i, by / kCurveRate};
        }
    }
    return out;
}

}  // namespace brisk

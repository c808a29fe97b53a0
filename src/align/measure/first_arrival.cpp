// SPDX-License-Identifier: GPL-3.0-or-later
// A reflection may be louder than the direct sound, and many of them always come later. What lies
// before the first arrival is noise, so the noise is measured there, and the earliest peak that
// stands out of it counts, unless a stronger one behind it explains it: an arrival of height h has
// a ghost of h × pulse(-d) a distance d before it.
#include "align/measure/first_arrival.h"

#include <algorithm>
#include <cmath>

#include "align/measure/curve_stack.h"
#include "core/parabolic_peak.h"

namespace brisk {
namespace {

constexpr int kNear = 3 * WindowReader::kRate / 1000;
constexpr int kBackMs = 36;
constexpr int kBack = kBackMs * WindowReader::kRate / 1000;
constexpr double kMinNoises = 6.5;
constexpr double kGhostMargin = 1.5;
constexpr double kBesideMs = 0.9;  // nearer than that nobody calls it wrong
constexpr double kEchoesMs = 20;
constexpr int kLooksAgain = 2;

/// Deviation of the quiet stretch before every arrival.
double noiseBefore(const std::vector<double>& stack, int strongest) {
    const int end = std::max(strongest - kBack / 2, -kReach + 480);
    const std::vector<double> before(stack.begin(),
                                     stack.begin() + static_cast<std::ptrdiff_t>(end + kReach));
    // Where an early arrival lies in there, half of the values are still noise.
    return stackNoise(before);
}

}  // namespace

double firstArrival(const std::vector<double>& stack, const std::vector<double>& pulse,
                    int polarity, const std::function<bool(int)>& borneOut, double share) {
    const auto value = [&](int k) {
        return polarity * stack[static_cast<std::size_t>(k + kReach)];
    };
    const auto ghost = [&](int distance) {
        return std::fabs(
            pulse[static_cast<std::size_t>(std::clamp(distance, -kReach, kReach) + kReach)]);
    };
    const int strongest = loudestLag(stack, polarity, kNear);
    const double least =
        std::max(share * value(strongest), kMinNoises * noiseBefore(stack, strongest));
    int found = strongest;
    for (int k = std::max(strongest - kBack, -kReach + 1); k < strongest; ++k) {
        if (value(k) < least || value(k) < value(k - 1) || value(k) <= value(k + 1)) continue;
        bool explained = false;
        for (int j = k + 3; j <= strongest && !explained; ++j) {
            // Only what is stronger has ghosts of this height; its ringing may sit a sample beside.
            if (value(j) <= value(k)) continue;
            const double ring = std::max({ghost(k - j), ghost(k - j - 1), ghost(k - j + 1)});
            explained = value(j) * ring * kGhostMargin >= value(k);
        }
        if (!explained && (!borneOut || borneOut(k))) {
            found = k;
            break;
        }
    }
    return found + peakBetween(value(found - 1), value(found), value(found + 1));
}

void layOnFirstArrival(const std::function<double(double share)>& find,
                       const std::function<void(double samples)>& move) {
    move(find(kDirectOfStrongest));
    for (int again = 0; again < kLooksAgain; ++again) {
        const double earlier = find(kPlainlyEarlier);
        if (earlier > -kNearSeconds * kCurveRate) return;
        move(earlier);
    }
}

AroundArrival aroundArrival(const std::vector<double>& stack, int polarity) {
    const auto around = [&](double fromMs, double toMs) {
        const auto samples = [](double ms) {
            return static_cast<int>(ms * WindowReader::kRate / 1000);
        };
        const int middle = samples((fromMs + toMs) / 2);
        return heightNear(stack, polarity, samples(toMs) - middle, middle);
    };
    const double noise = noiseBefore(stack, 0);
    const double before = around(-kBackMs, -kBesideMs);
    const double taken = std::max(1e-9, around(-kDirectSeconds * 1e3, kDirectSeconds * 1e3));
    const double strongest = std::max(taken, around(0, kEchoesMs));
    return {before / noise, taken / noise, taken / strongest};
}

}  // namespace brisk

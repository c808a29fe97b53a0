// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// In a stack of agreement curves: the direct sound, which is not always the strongest arrival.
#pragma once

#include <functional>
#include <vector>

namespace brisk {

/// What an arrival before the strongest has of it, to be believed.
constexpr double kDirectOfStrongest = 0.25;
/// The same once a line was laid on a first arrival: what was left once is not left for so little.
constexpr double kPlainlyEarlier = 0.5;

/// Lag, in samples from the stack's zero and between samples, of the earliest arrival that the
/// evidence supports, looked for up to 36 ms before the strongest one near zero.
/// \param stack     2 × kReach + 1 values (curve_stack.h).
/// \param pulse     what one arrival looks like in it, 1 at lag 0 (weighted_phase.h): its ringing
///                  and the clean sound's own echoes come before a strong arrival, too, and are
///                  not taken for one.
/// \param share     of the strongest that it must have at least.
/// \param borneOut  empty, or asked whether an arrival at a lag can be believed: where few windows
///                  were stacked, one of them may have made it up.
double firstArrival(const std::vector<double>& stack, const std::vector<double>& pulse,
                    int polarity, const std::function<bool(int)>& borneOut = {},
                    double share = kDirectOfStrongest);

/// Lays a line on the first arrival; along that better line more is seen, so it is looked for
/// again. \param find  where the first arrival is, in samples, that has such a share of the
/// strongest. \param move  the line, by so many samples.
void layOnFirstArrival(const std::function<double(double share)>& find,
                       const std::function<void(double samples)>& move);

/// What speaks against an arrival that was taken for the first. Noises are deviations of what comes
/// before everything.
struct AroundArrival {
    double before = 0;    ///< Noises of the highest from 36 to 0.9 ms before it.
    double noises = 1e3;  ///< Of its own height.
    double share = 1;     ///< Of the strongest within 20 ms after it.

    /// The highest before it as a part of it.
    [[nodiscard]] double beforeShare() const { return before / noises; }
};

/// At a stack's zero.
AroundArrival aroundArrival(const std::vector<double>& stack, int polarity);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The Kaiser window, which an ideal interpolator is faded out by. Not std::cyl_bessel_i: that
/// calls lgamma, which writes to a variable that all threads share.
#pragma once

#include <cmath>

namespace brisk {

/// The modified Bessel function of order 0.   Source: Abramowitz & Stegun 1964, 9.6.12.
inline double besselI0(double x) {
    double sum = 1, term = 1;
    for (int k = 1; term > 1e-17 * sum; ++k) {
        term *= (x / (2 * k)) * (x / (2 * k));
        sum += term;
    }
    return sum;
}

/// Not normalised: besselI0(beta) in the middle, 0 beyond the ends.
/// \param r  distance from the middle, the end at 1.   \param beta  more = steeper.
inline double kaiser(double r, double beta) {
    return std::fabs(r) < 1 ? besselI0(beta * std::sqrt(1 - r * r)) : 0.0;
}

}  // namespace brisk

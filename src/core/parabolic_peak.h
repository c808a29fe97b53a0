// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Where a peak lies between samples.
#pragma once

#include <algorithm>

namespace brisk {

/// By the parabola through the largest of three values and its neighbours: -0.5 to 0.5 of a sample
/// from `at`, 0 where they bend no peak.
inline double peakBetween(double before, double at, double after) {
    const double bend = before - 2 * at + after;
    return bend < 0 ? std::clamp(0.5 * (before - after) / bend, -0.5, 0.5) : 0.0;
}

}  // namespace brisk

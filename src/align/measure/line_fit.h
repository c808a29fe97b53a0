// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A straight line through measured slips, most of which are right.
///
///     LineFit fit = fitLine(points);   // slip = at0 + slope × time
#pragma once

#include <span>

namespace brisk {

struct LinePoint {
    double time = 0;   ///< Seconds.
    double value = 0;  ///< Seconds of slip.
    double weight = 1;
};

struct LineFit {
    double at0 = 0;
    double slope = 0;
    double spread = 0;  ///< Robust deviation of the points about the line.
    [[nodiscard]] double at(double time) const { return at0 + slope * time; }
};

/// \param maxSlope  steeper lines are held to it.
/// With one point the slope is 0; with none everything is.
LineFit fitLine(std::span<const LinePoint> points, double maxSlope);

}  // namespace brisk

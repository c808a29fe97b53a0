// SPDX-License-Identifier: GPL-3.0-or-later
// Slopes are tried from end to end of what is possible, each with the stack it gives. Why not from
// the peak of each window: in a room those point at reflections, and a line through reflections is
// a slope that neither clock has.
#include "align/measure/slope_search.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace brisk {

CommonLine searchSlope(const std::vector<Curve>& curves, SlopeRange slopes, int reach) {
    assert(!curves.empty() && slopes.step > 0 && reach <= kReach);
    CommonLine best;
    const double centre = (curves.front().time + curves.back().time) / 2;
    const int steps = static_cast<int>(std::ceil(slopes.doubt / slopes.step));
    for (int i = -steps; i <= steps; ++i) {
        LineFit line;
        line.slope = i * slopes.step;
        line.at0 = -line.slope * centre;
        const double least = 1 + slopes.reluctance * std::fabs(i) / std::max(1, steps);
        const auto sum = stackCurves(curves, line);
        for (int k = -reach; k <= reach; ++k) {
            const double v = sum[static_cast<std::size_t>(k + kReach)];
            if (std::fabs(v) <= best.height * least) continue;
            best.height = std::fabs(v);
            best.polarity = v < 0 ? -1 : 1;
            best.line = line;
            best.line.at0 += static_cast<double>(k) / WindowReader::kRate;
        }
    }
    return best;
}

double halfSpan(const std::vector<Curve>& curves) {
    return std::max(0.5, (curves.back().time - curves.front().time) / 2);
}

CommonLine strongestArrival(const std::vector<Curve>& curves) {
    const double half = halfSpan(curves);
    return searchSlope(curves, {.doubt = 0.0005 / half, .step = 0.00002 / half},
                       static_cast<int>(kEchoSeconds * kCurveRate));
}

}  // namespace brisk

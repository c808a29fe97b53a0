// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Agreement curves as a room makes them: arrivals on noise.
#pragma once

#include <cmath>
#include <utility>
#include <vector>

#include "align/measure/curve_stack.h"
#include "sim/noise.h"

namespace brisk::test {

/// Milliseconds of lag, and height in deviations.
using Arrivals = std::vector<std::pair<double, double>>;

inline Curve madeCurve(double time, const Arrivals& arrivals, std::uint64_t seed) {
    sim::NoiseSource random(seed);
    Curve c{time, 0, std::vector<float>(2 * kReach + 1)};
    for (float& v : c.values) v = random.normal();
    for (const auto& [ms, height] : arrivals) {
        const double at = ms * WindowReader::kRate / 1000 + kReach;
        for (int k = -4; k <= 4; ++k) {
            const auto i = static_cast<std::size_t>(std::lround(at) + k);
            const double x = static_cast<double>(i) - at;
            if (i < c.values.size()) {
                c.values[i] += static_cast<float>(height * std::exp(-x * x / 3));
            }
        }
    }
    weigh(c);
    return c;
}

}  // namespace brisk::test

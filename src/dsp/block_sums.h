// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Sums and extremes over runs of samples, written so that the compiler uses vector instructions:
/// every sample of every file passes here. The order of additions is fixed, so that results do not
/// depend on the machine.
#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <cstddef>
#include <span>

namespace brisk {

namespace lanes {
inline constexpr std::size_t kLanes = 8;

template <class T, class Fold>
T fold(const std::array<T, kLanes>& v, Fold f) {
    return f(f(f(v[0], v[4]), f(v[1], v[5])), f(f(v[2], v[6]), f(v[3], v[7])));
}
}  // namespace lanes

/// Sum of squares. Added up in floats by runs of 512 samples, then in doubles.
inline double sumOfSquares(std::span<const float> v) {
    constexpr std::size_t kRun = 512;
    double sum = 0;
    while (!v.empty()) {
        const auto run = v.first(std::min(kRun, v.size()));
        v = v.subspan(run.size());
        std::array<float, lanes::kLanes> part{};
        std::size_t i = 0;
        for (; i + lanes::kLanes <= run.size(); i += lanes::kLanes) {
            for (std::size_t k = 0; k < lanes::kLanes; ++k) part[k] += run[i + k] * run[i + k];
        }
        for (std::size_t k = 0; i < run.size(); ++i, ++k) part[k] += run[i] * run[i];
        sum += lanes::fold(part, [](float a, float b) { return a + b; });
    }
    return sum;
}

struct Extremes {
    float low = 0;
    float high = 0;
};

/// Smallest and largest value; both 0 for nothing.
inline Extremes extremesOf(std::span<const float> v) {
    if (v.empty()) return {};
    std::array<float, lanes::kLanes> low, high;
    low.fill(v[0]);
    high.fill(v[0]);
    std::size_t i = 0;
    for (; i + lanes::kLanes <= v.size(); i += lanes::kLanes) {
        for (std::size_t k = 0; k < lanes::kLanes; ++k) {
            low[k] = v[i + k] < low[k] ? v[i + k] : low[k];
            high[k] = v[i + k] > high[k] ? v[i + k] : high[k];
        }
    }
    for (std::size_t k = 0; i < v.size(); ++i, ++k) {
        low[k] = std::min(low[k], v[i]);
        high[k] = std::max(high[k], v[i]);
    }
    return {lanes::fold(low, [](float a, float b) { return std::min(a, b); }),
            lanes::fold(high, [](float a, float b) { return std::max(a, b); })};
}

/// Largest magnitude; 0 for nothing.
inline float largestOf(std::span<const float> v) {
    const Extremes e = extremesOf(v);
    return std::max(-e.low, e.high);
}

}  // namespace brisk

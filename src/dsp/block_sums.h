// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Sums and extremes over runs of samples, several at a time: every sample of every file passes
/// here. The order of additions is fixed, so that results do not depend on the machine.
#pragma once

#include <algorithm>
#include <cmath>
#include <cstddef>
#include <cstring>
#include <span>

namespace brisk {

namespace lanes {

/// Four floats side by side, as GCC and Clang know them, at any address.
using Four = float __attribute__((vector_size(16)));
inline constexpr std::size_t kCount = 4;

inline Four at(const float* v) {
    Four out;
    std::memcpy(&out, v, sizeof out);
    return out;
}

/// The last few, and `rest` where there are no more.
inline Four tail(std::span<const float> v, float rest) {
    Four out{rest, rest, rest, rest};
    for (std::size_t k = 0; k < v.size(); ++k) out[k] = v[k];
    return out;
}

}  // namespace lanes

/// Sum of squares. Added up in floats by runs of 512 samples, then in doubles.
inline double sumOfSquares(std::span<const float> v) {
    constexpr std::size_t kRun = 512;
    double sum = 0;
    while (!v.empty()) {
        const auto run = v.first(std::min(kRun, v.size()));
        v = v.subspan(run.size());
        lanes::Four even{}, odd{};
        std::size_t i = 0;
        for (; i + 2 * lanes::kCount <= run.size(); i += 2 * lanes::kCount) {
            const lanes::Four x = lanes::at(run.data() + i);
            const lanes::Four y = lanes::at(run.data() + i + lanes::kCount);
            even += x * x;
            odd += y * y;
        }
        for (; i < run.size(); i += lanes::kCount) {
            const auto last = run.subspan(i);
            const lanes::Four x =
                lanes::tail(last.first(std::min(last.size(), lanes::kCount)), 0.0f);
            even += x * x;
        }
        even += odd;
        sum += (even[0] + even[2]) + (even[1] + even[3]);
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
    lanes::Four low = lanes::tail({}, v[0]);
    lanes::Four high = low;
    std::size_t i = 0;
    for (; i < v.size(); i += lanes::kCount) {
        const lanes::Four x = i + lanes::kCount <= v.size() ? lanes::at(v.data() + i)
                                                            : lanes::tail(v.subspan(i), v[0]);
        low = x < low ? x : low;
        high = x > high ? x : high;
    }
    return {std::min(std::min(low[0], low[1]), std::min(low[2], low[3])),
            std::max(std::max(high[0], high[1]), std::max(high[2], high[3]))};
}

/// Largest magnitude; 0 for nothing.
inline float largestOf(std::span<const float> v) {
    const Extremes e = extremesOf(v);
    return std::max(-e.low, e.high);
}

}  // namespace brisk

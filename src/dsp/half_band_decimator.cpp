// SPDX-License-Identifier: GPL-3.0-or-later
// In a half-band filter every second tap is 0 but the middle one: an output is half its own sample
// and four pairs of the samples in between.
#include "dsp/half_band_decimator.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "dsp/kaiser.h"

namespace brisk {
namespace {
constexpr double kHalfBandBeta = 4.5;        // of the Kaiser window: about 50 dB
constexpr std::size_t kHalvedAtOnce = 4096;  // samples: what a cache holds
}  // namespace

HalfBandDecimator::HalfBandDecimator() : held_(kReach, 0.0f) {
    double sum = 0;
    std::array<double, kPairs> exact{};
    for (int i = 0; i < kPairs; ++i) {
        const double n = 2 * i + 1;
        const double edge = n / (2 * kPairs);
        exact[static_cast<std::size_t>(i)] = std::sin(std::numbers::pi * n / 2) /
                                             (std::numbers::pi * n) * kaiser(edge, kHalfBandBeta);
        sum += exact[static_cast<std::size_t>(i)];
    }
    // The pairs together weigh as much as the middle, so that steady values pass unchanged.
    for (std::size_t i = 0; i < kPairs; ++i) taps_[i] = static_cast<float>(0.25 * exact[i] / sum);
}

void HalfBandDecimator::push(std::span<const float> in, std::vector<float>& out) {
    while (!in.empty()) {
        const std::size_t n = std::min(in.size(), kHalvedAtOnce);
        pushSome(in.first(n), out);
        in = in.subspan(n);
    }
}

void HalfBandDecimator::pushSome(std::span<const float> in, std::vector<float>& out) {
    held_.insert(held_.end(), in.begin(), in.end());
    if (held_.size() < 2 * kReach + 1) return;
    const std::size_t count = (held_.size() - 2 * kReach - 1) / 2 + 1;
    // Samples in between, by themselves, so that several outputs are made at a time.
    odd_.resize(count + kReach);
    for (std::size_t i = 0; i < odd_.size(); ++i) odd_[i] = held_[2 * i];
    const std::size_t first = out.size();
    out.resize(first + count);
    float* __restrict to = out.data() + first;
    const float* own = held_.data() + kReach;
    const float* odd = odd_.data();
    for (std::size_t m = 0; m < count; ++m) {
        float v = 0.5f * own[2 * m];
        for (std::size_t k = 0; k < kPairs; ++k) {
            v += taps_[k] * (odd[m + kPairs - 1 - k] + odd[m + kPairs + k]);
        }
        to[m] = v;
    }
    held_.erase(held_.begin(), held_.begin() + static_cast<std::ptrdiff_t>(2 * count));
}

void HalfBandDecimator::finish(std::vector<float>& out) {
    push(std::vector<float>(kReach, 0.0f), out);
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// The frames start at n × 8 ms, rounded to the sample, instead of resampling every file to a common
// rate first: the rounding is 11 µs, the frames are 8 ms.
#include "features/band_levels.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "dsp/block_sums.h"

namespace brisk {
namespace {
constexpr double kWindowSeconds = 1024.0 / 48000.0;
constexpr double kLowestHz = 200.0;
constexpr double kHighestHz = 7000.0;
constexpr int kMinRate = 22000;  // three times the highest band: room for a short filter

/// How often a rate can be halved with the highest band still in it.
int halvingsOf(SampleRate rate) {
    int n = 0;
    while ((rate.hertz >> (n + 1)) >= kMinRate && rate.hertz % (2 << n) == 0) ++n;
    return n;
}
}  // namespace

BandLevelMeter::BandLevelMeter(SampleRate rate) : BandLevelMeter(rate, halvingsOf(rate)) {}

BandLevelMeter::BandLevelMeter(SampleRate rate, int halvings)
    : rate_{rate.hertz >> halvings},
      windowLength_(static_cast<int>(std::lround(kWindowSeconds * rate_.hertz))),
      fourier_(powerOfTwoAtLeast(windowLength_)),
      halvers_(static_cast<std::size_t>(halvings)),
      halved_(static_cast<std::size_t>(halvings)),
      window_(static_cast<std::size_t>(windowLength_)) {
    for (int i = 0; i < windowLength_; ++i) {
        window_[static_cast<std::size_t>(i)] = static_cast<float>(
            0.5 - 0.5 * std::cos(2.0 * std::numbers::pi * (i + 0.5) / windowLength_));
    }
    const double binHz = static_cast<double>(rate_.hertz) / fourier_.size();
    const int last = fourier_.size() / 2;
    for (int b = 0; b <= kBands; ++b) {
        const double hz =
            kLowestHz * std::pow(kHighestHz / kLowestHz, static_cast<double>(b) / kBands);
        edges_[static_cast<std::size_t>(b)] =
            std::min(last, static_cast<int>(std::lround(hz / binHz)));
    }
    for (std::size_t b = 1; b < edges_.size(); ++b) {
        edges_[b] = std::min(last + 1, std::max(edges_[b], edges_[b - 1] + 1));
    }
}

void BandLevelMeter::push(std::span<const float> mono) {
    for (std::size_t i = 0; i < halvers_.size(); ++i) {
        halved_[i].clear();
        halvers_[i].push(mono, halved_[i]);
        mono = halved_[i];
    }
    hold(mono);
}

void BandLevelMeter::hold(std::span<const float> halved) {
    held_.insert(held_.end(), halved.begin(), halved.end());
    measure();
}

BandLevels BandLevelMeter::finish() {
    // What each halver still holds passes through those behind it.
    for (std::size_t i = 0; i < halvers_.size(); ++i) {
        std::vector<float> rest;
        halvers_[i].finish(rest);
        for (std::size_t k = i + 1; k < halvers_.size(); ++k) {
            std::vector<float> next;
            halvers_[k].push(rest, next);
            rest = std::move(next);
        }
        hold(rest);
    }
    hold(std::vector<float>(static_cast<std::size_t>(windowLength_) / 2, 0.0f));
    levels_.shrink_to_fit();
    return std::move(levels_);
}

void BandLevelMeter::measure() {
    const float scale = 4.0f / static_cast<float>(windowLength_ * windowLength_);
    for (;;) {
        const auto n = static_cast<double>(levels_.size());
        const std::int64_t start = std::llround(n / kBandFramesPerSecond * rate_.hertz);
        const std::int64_t at = start - heldStart_;
        if (at + windowLength_ > static_cast<std::int64_t>(held_.size())) break;
        auto time = fourier_.time();
        const float* from = held_.data() + at;
        const float* window = window_.data();
        float* __restrict to = time.data();
        for (std::size_t i = 0; i < window_.size(); ++i) to[i] = from[i] * window[i];
        std::fill(time.begin() + windowLength_, time.end(), 0.0f);
        fourier_.forward();
        // Real and imaginary parts, one after the other: the sum of their squares is the power.
        const auto spectrum = fourier_.spectrum();
        const std::span<const float> parts(reinterpret_cast<const float*>(spectrum.data()),
                                           2 * spectrum.size());
        BandFrame frame{};
        for (std::size_t b = 0; b < kBands; ++b) {
            const auto begin = std::min(parts.size(), 2 * static_cast<std::size_t>(edges_[b]));
            const auto end = std::min(parts.size(), 2 * static_cast<std::size_t>(edges_[b + 1]));
            const auto power = static_cast<float>(sumOfSquares(parts.subspan(begin, end - begin)));
            const float db = 10.0f * std::log10(power * scale + 1e-12f);
            frame[b] =
                static_cast<std::uint8_t>(std::clamp((db + 120.0f) * 2.0f + 0.5f, 0.0f, 255.0f));
        }
        levels_.push_back(frame);
    }
    const std::int64_t next =
        std::llround(static_cast<double>(levels_.size()) / kBandFramesPerSecond * rate_.hertz);
    const std::int64_t drop =
        std::clamp<std::int64_t>(next - heldStart_, 0, static_cast<std::int64_t>(held_.size()));
    held_.erase(held_.begin(), held_.begin() + drop);
    heldStart_ += drop;
}

}  // namespace brisk

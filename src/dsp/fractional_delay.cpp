// SPDX-License-Identifier: GPL-3.0-or-later
// A Kaiser-windowed sinc of 128 taps, flat to 0.1 dB up to 0.97 of half the sample rate.
// Source: Laakso, Välimäki, Karjalainen, Laine 1996, "Splitting the unit delay", the windowed
// ideal interpolator.
#include "dsp/fractional_delay.h"

#include <algorithm>
#include <cassert>
#include <cmath>

#include "dsp/fast_loop.h"
#include "dsp/kaiser.h"
#include "dsp/sinc.h"

namespace brisk {
namespace {
constexpr int kTaps = 2 * FractionalAdvance::kLatency;
constexpr double kBeta = 9.0;

/// out[n * step] = the taps on what follows oldest[n].
BRISK_FAST_LOOP void convolve(const float* taps, const float* oldest, std::size_t frames,
                              float* out, std::size_t step) {
    // Eight sums side by side, as the processor adds them.
    constexpr std::size_t kLanes = 8;
    static_assert(kTaps % kLanes == 0);
    for (std::size_t n = 0; n < frames; ++n) {
        float sums[kLanes] = {};
        for (std::size_t i = 0; i < kTaps; i += kLanes) {
            for (std::size_t lane = 0; lane < kLanes; ++lane) {
                sums[lane] += taps[i + lane] * oldest[n + i + lane];
            }
        }
        out[n * step] = ((sums[0] + sums[4]) + (sums[1] + sums[5])) +
                        ((sums[2] + sums[6]) + (sums[3] + sums[7]));
    }
}
}  // namespace

FractionalAdvance::FractionalAdvance(double fraction, int channels)
    : channels_(channels),
      taps_(kTaps),
      history_(static_cast<std::size_t>(kTaps) * static_cast<std::size_t>(channels), 0.0f) {
    // Tap i multiplies the sample i frames ago; the wanted point is kLatency - fraction ago.
    const double centre = kLatency - fraction;
    double sum = 0;
    for (int i = 0; i < kTaps; ++i) {
        const double x = i - centre;
        const double window = kaiser(x / kLatency, kBeta) / besselI0(kBeta);
        taps_[static_cast<std::size_t>(i)] = static_cast<float>(sinc(x) * window);
        sum += sinc(x) * window;
    }
    for (auto& t : taps_) t = static_cast<float>(t / sum);
    std::reverse(taps_.begin(), taps_.end());  // oldest first, as samples lie
}

void FractionalAdvance::process(std::span<const float> in, std::vector<float>& out) {
    const auto channels = static_cast<std::size_t>(channels_);
    assert(in.size() % channels == 0);
    // history_ holds the kTaps frames before the block, then the block itself.
    const std::size_t before = history_.size();
    history_.insert(history_.end(), in.begin(), in.end());
    const std::size_t frames = in.size() / channels;
    const std::size_t first = out.size();
    out.resize(first + in.size());
    line_.resize(history_.size() / channels);
    for (std::size_t c = 0; c < channels; ++c) {
        for (std::size_t n = 0; n < line_.size(); ++n) line_[n] = history_[n * channels + c];
        const float* oldest = line_.data() + before / channels + 1 - taps_.size();
        convolve(taps_.data(), oldest, frames, out.data() + first + c, channels);
    }
    history_.erase(history_.begin(), history_.end() - static_cast<std::ptrdiff_t>(before));
}

}  // namespace brisk

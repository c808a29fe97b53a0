// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: the gain that each sample needs is held for ten milliseconds on both sides (a running
// minimum) and then averaged over the same ten milliseconds. The average of values that are all low
// enough is low enough, and it moves softly.
// Source of the oversampling: ITU-R BS.1770-4, annex 2.
#include "dsp/peak_limiter.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <deque>
#include <numbers>
#include <vector>

namespace brisk {
namespace {

constexpr std::size_t kHold = 480;  // frames to either side
constexpr int kPeakTaps = 24;       // of the interpolation, half on each side
constexpr int kBetween = 3;         // between two samples
constexpr double kMargin = 0.985;   // for what lies between those, and for the moving gain
/// More than this a curve never rises above its samples, as interpolated here.
constexpr float kOvershoot = 2.5f;

using Phases = std::array<std::array<float, kPeakTaps>, kBetween>;

Phases interpolation() {
    Phases all{};
    for (int p = 0; p < kBetween; ++p) {
        const double at = (p + 1) / static_cast<double>(kBetween + 1);
        double sum = 0;
        for (int k = 0; k < kPeakTaps; ++k) {
            const double x = k - (kPeakTaps / 2 - 1) - at;
            const double sinc =
                std::fabs(x) < 1e-12 ? 1 : std::sin(std::numbers::pi * x) / (std::numbers::pi * x);
            const double w = 0.5 + 0.5 * std::cos(std::numbers::pi * x / (kPeakTaps / 2.0));
            all[static_cast<std::size_t>(p)][static_cast<std::size_t>(k)] =
                static_cast<float>(sinc * w);
            sum += sinc * w;
        }
        for (float& v : all[static_cast<std::size_t>(p)]) v /= static_cast<float>(sum);
    }
    return all;
}

/// The largest of a channel at frame n and up to the next frame.
float peakAt(std::span<const float> in, std::size_t channels, std::size_t c, std::size_t n) {
    static const Phases kPhase = interpolation();
    float most = std::fabs(in[n * channels + c]);
    const auto first = static_cast<std::ptrdiff_t>(n) - (kPeakTaps / 2 - 1);
    const auto frames = static_cast<std::ptrdiff_t>(in.size() / channels);
    if (first < 0 || first + kPeakTaps > frames) return most;
    for (const auto& taps : kPhase) {
        float v = 0;
        for (int k = 0; k < kPeakTaps; ++k) {
            v += taps[static_cast<std::size_t>(k)] *
                 in[static_cast<std::size_t>(first + k) * channels + c];
        }
        most = std::max(most, std::fabs(v));
    }
    return most;
}

/// The smallest within kHold of each; `v` is shortened by kHold at both ends.
std::vector<float> heldMinimum(const std::vector<float>& v) {
    std::vector<float> out;
    std::deque<std::size_t> lowest;
    for (std::size_t n = 0; n < v.size(); ++n) {
        while (!lowest.empty() && v[lowest.back()] >= v[n]) lowest.pop_back();
        lowest.push_back(n);
        if (lowest.front() + 2 * kHold < n) lowest.pop_front();
        if (n >= 2 * kHold) out.push_back(v[lowest.front()]);
    }
    return out;
}

}  // namespace

void limitPeaks(std::span<const float> in, int channelCount, double ceiling, std::span<float> out) {
    const auto channels = static_cast<std::size_t>(channelCount);
    const auto middle = in.subspan(kLimiterReach * channels, out.size());
    std::copy(middle.begin(), middle.end(), out.begin());
    const auto top = static_cast<float>(ceiling * kMargin);
    float loudest = 0;
    for (const float v : in) loudest = std::max(loudest, std::fabs(v));
    if (loudest * kOvershoot <= top) return;

    // From here on only frames that matter: kHold twice around what is put out.
    const std::size_t from = kLimiterReach - 2 * kHold;
    const std::size_t frames = out.size() / channels + 4 * kHold;
    std::vector<float> needed(frames, 1.0f);
    bool any = false;
    // One frame earlier: a peak may lie between a frame and the next, and counts for both.
    for (std::size_t n = 0; n <= frames; ++n) {
        const std::size_t i = from + n - 1;
        float peak = 0;
        for (std::size_t c = 0; c < channels; ++c) {
            const float near =
                std::max(std::fabs(in[i * channels + c]), std::fabs(in[(i + 1) * channels + c]));
            if (near * kOvershoot > top) peak = std::max(peak, peakAt(in, channels, c, i));
        }
        if (peak <= top) continue;
        any = true;
        if (n > 0) needed[n - 1] = std::min(needed[n - 1], top / peak);
        if (n < frames) needed[n] = std::min(needed[n], top / peak);
    }
    if (!any) return;
    const std::vector<float> held = heldMinimum(needed);
    double sum = 0;
    for (std::size_t k = 0; k < 2 * kHold; ++k) sum += held[k];
    for (std::size_t n = 0; n < out.size() / channels; ++n) {
        sum += held[n + 2 * kHold];
        const double g = std::min(1.0, sum / (2 * kHold + 1));
        sum -= held[n];
        if (g >= 1 - 1e-9) continue;
        for (std::size_t c = 0; c < channels; ++c) {
            out[n * channels + c] *= static_cast<float>(g);
        }
    }
}

}  // namespace brisk

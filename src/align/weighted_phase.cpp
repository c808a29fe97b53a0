// SPDX-License-Identifier: GPL-3.0-or-later
// The phase transform makes every frequency count alike, which whitens away the room and finds
// noise where there is no sound. The weight brings the sound back in: a Wiener-like gain of the
// clean side, whose noise is low, squared so that frequencies near its floor hardly count.
// Source: Knapp & Carter 1976, the generalized correlation method, PHAT and its weighted kin.
#include "align/weighted_phase.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

namespace brisk {
namespace {
constexpr double kLowestHz = 110.0;  // below: hum, wind, handling
constexpr double kHighestHz = 11000.0;
constexpr float kEmptyBand = 1e-7f;  // 70 dB under the loudest: nothing there, or a codec's edge
constexpr double kSmoothHz = 12.0;

std::vector<float> smoothed(const std::vector<float>& in, int reach) {
    std::vector<float> out(in.size());
    double sum = 0;
    const auto n = static_cast<int>(in.size());
    for (int k = -reach; k < n; ++k) {
        if (k + reach < n) sum += in[static_cast<std::size_t>(k + reach)];
        if (k - reach - 1 >= 0) sum -= in[static_cast<std::size_t>(k - reach - 1)];
        if (k < 0) continue;
        const int wide = std::min(n - 1, k + reach) - std::max(0, k - reach) + 1;
        out[static_cast<std::size_t>(k)] = static_cast<float>(std::max(0.0, sum) / wide);
    }
    return out;
}

/// Robust spread of a curve's values about zero.
float noiseOf(std::span<const float> curve) {
    std::vector<float> v(curve.begin(), curve.end());
    for (auto& x : v) x = std::fabs(x);
    const auto mid = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
    std::nth_element(v.begin(), mid, v.end());
    return *mid * 1.4826f;
}
}  // namespace

void NoiseFloor::add(std::span<const float> power) {
    seen_.emplace_back(power.begin(), power.end());
}

void NoiseFloor::settle() {
    if (seen_.empty()) return;
    floor_.resize(seen_.front().size());
    std::vector<float> v(seen_.size());
    for (std::size_t k = 0; k < floor_.size(); ++k) {
        for (std::size_t i = 0; i < seen_.size(); ++i) v[i] = seen_[i][k];
        const auto low = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 10);
        std::nth_element(v.begin(), low, v.end());
        floor_[k] = *low;
    }
    seen_.clear();
}

PhaseCorrelator::PhaseCorrelator(int size, SampleRate rate)
    : rate_(rate), fourier_(size), taper_(static_cast<std::size_t>(size), 1.0f) {
    // Flat with soft edges of an eighth: most of the window counts fully.
    const int edge = size / 8;
    for (int i = 0; i < edge; ++i) {
        const auto v =
            static_cast<float>(0.5 - 0.5 * std::cos(std::numbers::pi * (i + 0.5) / edge));
        taper_[static_cast<std::size_t>(i)] = v;
        taper_[static_cast<std::size_t>(size - 1 - i)] = v;
    }
}

void PhaseCorrelator::load(std::span<const float> window) {
    auto time = fourier_.time();
    for (std::size_t i = 0; i < time.size(); ++i) time[i] = window[i] * taper_[i];
    fourier_.forward();
}

std::vector<float> PhaseCorrelator::power(std::span<const float> window) {
    load(window);
    const auto s = fourier_.spectrum();
    std::vector<float> p(s.size());
    for (std::size_t k = 0; k < p.size(); ++k) p[k] = std::norm(s[k]);
    const double binHz = static_cast<double>(rate_.hertz) / fourier_.size();
    return smoothed(p, std::max(1, static_cast<int>(kSmoothHz / binHz)));
}

bool PhaseCorrelator::correlate(std::span<const float> scratch, std::span<const float> clean,
                                const NoiseFloor& floor, int reach, std::span<float> curve) {
    const std::vector<float> p = power(clean);
    const std::vector<std::complex<float>> c(fourier_.spectrum().begin(),
                                             fourier_.spectrum().end());
    load(scratch);
    auto s = fourier_.spectrum();
    const double binHz = static_cast<double>(rate_.hertz) / fourier_.size();
    const auto low = static_cast<std::size_t>(kLowestHz / binHz);
    const auto high = std::min(s.size() - 1, static_cast<std::size_t>(kHighestHz / binHz));
    const float loudest = *std::max_element(p.begin() + static_cast<std::ptrdiff_t>(low),
                                            p.begin() + static_cast<std::ptrdiff_t>(high));
    bool any = false;
    for (std::size_t k = 0; k < s.size(); ++k) {
        const std::complex<float> cross = s[k] * std::conj(c[k]);
        const float magnitude = std::abs(cross);
        if (k < low || k >= high || magnitude <= 1e-20f) {
            s[k] = 0;
            continue;
        }
        const float gain = p[k] / (p[k] + 3 * floor.at(k) + kEmptyBand * loudest);
        s[k] = cross * (gain * gain / magnitude);
        any = true;
    }
    if (!any) return false;
    fourier_.inverse();
    const auto time = fourier_.time();
    const int n = fourier_.size();
    for (int k = -reach; k <= reach; ++k) {
        curve[static_cast<std::size_t>(k + reach)] = time[static_cast<std::size_t>((k + n) % n)];
    }
    const float noise = noiseOf(curve);
    if (noise <= 0) return false;
    for (auto& v : curve) v /= noise;
    return true;
}

}  // namespace brisk

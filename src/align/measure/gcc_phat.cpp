// SPDX-License-Identifier: GPL-3.0-or-later
// The phase transform makes every frequency count alike, which whitens away the room and finds
// noise where there is no sound. The weight brings the sound back in: a Wiener-like gain of the
// clean side, whose noise is low, squared so that frequencies near its floor hardly count.
//
// Only lags near zero are wanted, so neighbouring bins are summed before the inverse transform:
// that multiplies the curve by a wide, flat sinc and makes the transform several times smaller.
// Source: Knapp & Carter 1976, the generalized correlation method, PHAT and its weighted kin.
#include "align/measure/gcc_phat.h"
#include "core/statistics.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>

#include "dsp/fast_loop.h"

namespace brisk {
namespace {
constexpr double kLowestHz = 110.0;  // below: hum, wind, handling
constexpr double kHighestHz = 11000.0;
constexpr float kEmptyBand = 1e-7f;  // 70 dB under the loudest: nothing there, or a codec's edge
constexpr float kNothing = 1e-38f;   // power of what two bins share
constexpr double kBlockHz = 24.0;
constexpr int kSmallestInverse = 1 << 14;
constexpr std::size_t kPulseBlocks = 12;  // each way: the spectrum's outline over about 600 Hz

/// The outline of a spectrum: running mean over kPulseBlocks each way.
std::vector<float> outlineOf(const std::vector<float>& power) {
    std::vector<float> out(power.size());
    for (std::size_t b = 0; b < power.size(); ++b) {
        const std::size_t from = b < kPulseBlocks ? 0 : b - kPulseBlocks;
        const std::size_t to = std::min(power.size(), b + kPulseBlocks + 1);
        double sum = 0;
        for (std::size_t k = from; k < to; ++k) sum += power[k];
        out[b] = static_cast<float>(sum / static_cast<double>(to - from));
    }
    return out;
}

/// What two blocks of bins share, each bin as much as the others: out = a conj(b) / |a b| * gain.
/// \return whether anything is shared.
BRISK_FAST_LOOP bool whiten(const std::complex<float>* a, const std::complex<float>* b,
                            std::size_t bins, float gain, std::complex<float>* out) {
    const auto* x = reinterpret_cast<const float*>(a);
    const auto* y = reinterpret_cast<const float*>(b);
    auto* z = reinterpret_cast<float*>(out);
    float strongest = 0;
    for (std::size_t i = 0; i < bins; ++i) {
        const float re = x[2 * i] * y[2 * i] + x[2 * i + 1] * y[2 * i + 1];
        const float im = x[2 * i + 1] * y[2 * i] - x[2 * i] * y[2 * i + 1];
        const float power = re * re + im * im;
        const float scale = power > kNothing ? gain / std::sqrt(power) : 0.0f;
        z[2 * i] = re * scale;
        z[2 * i + 1] = im * scale;
        strongest = std::max(strongest, power);
    }
    return strongest > kNothing;
}

/// out = |b|^2 * scale, of a block of bins.
BRISK_FAST_LOOP void powerOf(const std::complex<float>* b, std::size_t bins, float scale,
                             std::complex<float>* out) {
    const auto* y = reinterpret_cast<const float*>(b);
    auto* z = reinterpret_cast<float*>(out);
    for (std::size_t i = 0; i < bins; ++i) {
        z[2 * i] = scale * (y[2 * i] * y[2 * i] + y[2 * i + 1] * y[2 * i + 1]);
        z[2 * i + 1] = 0;
    }
}
}  // namespace

float spreadAboutZero(std::span<const float> values) {
    std::vector<float> v(values.begin(), values.end());
    return static_cast<float>(robustDeviation(std::move(v), 0.0f));
}

void NoiseFloor::add(const WindowSpectrum& window) {
    seen_.push_back(window.blockPower);
}

void NoiseFloor::settle() {
    if (seen_.empty()) return;
    floor_.resize(seen_.front().size());
    std::vector<float> v(seen_.size());
    for (std::size_t k = 0; k < floor_.size(); ++k) {
        for (std::size_t i = 0; i < seen_.size(); ++i) v[i] = seen_[i][k];
        floor_[k] = quantile(v, 0.1);
    }
    seen_.clear();
}

GccPhat::GccPhat(int size, SampleRate rate, int reach)
    : reach_(reach),
      binHz_(static_cast<double>(rate.hertz) / size),
      group_(std::max(1, size / kSmallestInverse)),
      fourier_(size),
      inverse_(size / group_),
      taper_(static_cast<std::size_t>(size), 1.0f) {
    low_ = static_cast<std::size_t>(kLowestHz / binHz_);
    high_ =
        std::min(static_cast<std::size_t>(size / 2), static_cast<std::size_t>(kHighestHz / binHz_));
    block_ = std::max<std::size_t>(1, static_cast<std::size_t>(kBlockHz / binHz_));
    // Flat with soft edges of an eighth: most of the window counts fully.
    const int edge = size / 8;
    for (int i = 0; i < edge; ++i) {
        const auto v =
            static_cast<float>(0.5 - 0.5 * std::cos(std::numbers::pi * (i + 0.5) / edge));
        taper_[static_cast<std::size_t>(i)] = v;
        taper_[static_cast<std::size_t>(size - 1 - i)] = v;
    }
}

WindowBins GccPhat::bins() const {
    return {static_cast<double>(low_) * binHz_, binHz_, block_};
}

WindowSpectrum GccPhat::transform(std::span<const float> window) {
    auto time = fourier_.time();
    assert(window.size() >= time.size());
    for (std::size_t i = 0; i < time.size(); ++i) time[i] = window[i] * taper_[i];
    fourier_.forward();
    const auto bins = fourier_.spectrum().subspan(low_, high_ - low_);
    WindowSpectrum s;
    s.bins.assign(bins.begin(), bins.end());
    for (std::size_t k = 0; k < bins.size(); k += block_) {
        const auto part = bins.subspan(k, std::min(block_, bins.size() - k));
        float sum = 0;
        for (const auto& v : part) sum += std::norm(v);
        s.blockPower.push_back(sum / static_cast<float>(part.size()));
    }
    return s;
}

std::vector<float> GccPhat::gains(const WindowSpectrum& clean, const BlockWeights& weights) {
    const auto& p = clean.blockPower;
    const float loudest = *std::max_element(p.begin(), p.end());
    std::vector<float> out(p.size());
    for (std::size_t b = 0; b < p.size(); ++b) {
        const float against = p[b] + 3 * weights.floor.at(b) + kEmptyBand * loudest;
        const float gain = against > 0 ? p[b] / against : 0.0f;
        out[b] = gain * gain * (weights.worth.empty() ? 1.0f : weights.worth[b]);
    }
    return out;
}

void GccPhat::lags(std::span<const std::complex<float>> weighted, std::span<float> out) {
    assert(out.size() == 2 * static_cast<std::size_t>(reach_) + 1);
    auto s = inverse_.spectrum();
    std::fill(s.begin(), s.end(), std::complex<float>{});
    const auto g = static_cast<std::size_t>(group_);
    const std::size_t half = g / 2;
    for (std::size_t i = 0; i < weighted.size();) {
        const std::size_t shifted = low_ + i + half;
        const std::size_t to = shifted / g;
        if (g > 1 && shifted % g == 0) {
            // Half way between two: shared, so that the sum stays centred.
            s[to] += 0.5f * weighted[i];
            s[to - 1] += 0.5f * weighted[i];
            ++i;
            continue;
        }
        const std::size_t end = std::min(weighted.size(), i + g - shifted % g);
        for (; i < end; ++i) s[to] += weighted[i];
    }
    inverse_.inverse();
    const auto time = inverse_.time();
    const int n = inverse_.size();
    for (int k = -reach_; k <= reach_; ++k) {
        out[static_cast<std::size_t>(k + reach_)] = time[static_cast<std::size_t>((k + n) % n)];
    }
}

bool GccPhat::correlate(const WindowSpectrum& scratch, const WindowSpectrum& clean,
                        const BlockWeights& weights, std::span<float> curve,
                        std::span<float> pulse) {
    assert(scratch.bins.size() == clean.bins.size());
    assert(weights.worth.empty() || weights.worth.size() == clean.blockPower.size());
    const auto gain = gains(clean, weights);
    weighted_.resize(clean.bins.size());
    bool any = false;
    for (std::size_t block = 0, i = 0; i < weighted_.size(); ++block, i += block_) {
        const std::size_t bins = std::min(block_, weighted_.size() - i);
        any |= whiten(&scratch.bins[i], &clean.bins[i], bins, gain[block], &weighted_[i]);
    }
    if (!any) return false;
    lags(weighted_, curve);
    const float noise = spreadAboutZero(curve);
    if (noise <= 0) return false;
    for (auto& v : curve) v /= noise;
    if (pulse.empty()) return true;
    const auto outline = outlineOf(clean.blockPower);
    for (std::size_t block = 0, i = 0; i < weighted_.size(); ++block, i += block_) {
        const std::size_t bins = std::min(block_, weighted_.size() - i);
        const float around = outline[block];
        powerOf(&clean.bins[i], bins, around > 0 ? gain[block] / around : 0.0f, &weighted_[i]);
    }
    lags(weighted_, pulse);
    const float top = pulse[static_cast<std::size_t>(reach_)];
    if (top > 0) {
        for (auto& v : pulse) v /= top;
    }
    return true;
}

}  // namespace brisk

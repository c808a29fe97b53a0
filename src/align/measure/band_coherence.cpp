// SPDX-License-Identifier: GPL-3.0-or-later
// Each bin of a window says only a direction; those of noise point anywhere and their mean is
// short. Why the median of a band and not its mean: a hum that both sides hear fills some bins, and
// is no sound of the event.
#include "align/measure/band_coherence.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>

#include "core/statistics.h"

namespace brisk {
namespace {
constexpr double kHalfBand = 0.12;  // of the frequency: a third of an octave in all
constexpr double kLeastHalfHz = 150;
}  // namespace

void BandCoherence::add(const WindowSpectrum& scratch, const WindowSpectrum& clean, double lag) {
    assert(scratch.bins.size() == clean.bins.size());
    sum_.resize(clean.bins.size());
    const auto turn = [&](double hertz) {
        return std::polar(1.0, 2 * std::numbers::pi * hertz * lag);
    };
    const std::complex<double> step = turn(bins_.hertz);
    std::complex<double> by = turn(bins_.firstHertz);
    for (std::size_t i = 0; i < sum_.size(); ++i) {
        const std::complex<float> both = scratch.bins[i] * std::conj(clean.bins[i]);
        const float length = std::abs(both);
        if (length > 0) sum_[i] += both / length * std::complex<float>(by);
        by *= step;
    }
    ++windows_;
}

std::vector<float> BandCoherence::worth() const {
    std::vector<float> out((sum_.size() + bins_.block - 1) / bins_.block, 0.0f);
    if (windows_ < 2) return out;
    const double n = windows_;
    std::vector<float> squared;
    for (const auto& v : sum_) squared.push_back(std::norm(v));
    const auto bin = [&](std::size_t i) {
        return squared.begin() + static_cast<std::ptrdiff_t>(i);
    };
    for (std::size_t b = 0; b < out.size(); ++b) {
        const double middle =
            static_cast<double>(b * bins_.block) + 0.5 * static_cast<double>(bins_.block);
        const double hertz = bins_.firstHertz + middle * bins_.hertz;
        const double half = std::max(kLeastHalfHz, kHalfBand * hertz) / bins_.hertz;
        const auto from = static_cast<std::size_t>(std::max(0.0, middle - half));
        const auto to = std::min(sum_.size(), static_cast<std::size_t>(middle + half));
        // Of n directions by chance the squared sum has a median of n ln 2.
        const double mean =
            quantile(std::vector<float>(bin(from), bin(to)), 0.5) / std::numbers::ln2 / n;
        const double coherent = std::clamp((mean - 1) / (n - 1), 0.0, 1.0);
        out[b] = static_cast<float>(std::sqrt(coherent));
    }
    return out;
}

}  // namespace brisk

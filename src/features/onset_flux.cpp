// SPDX-License-Identifier: GPL-3.0-or-later
// Half-wave rectified spectral flux of log band energies, locally standardised. The floor 40 dB
// below a band's loud moments keeps the recorder's own noise from counting as onsets; the floor on
// the deviation does the same for stretches of silence.
// Source: Dixon 2006, "Onset detection revisited", spectral flux; standardisation as in Bello 2005.
#include "features/onset_flux.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace brisk {
namespace {
constexpr int kReach = 375;              // frames in 3 s
constexpr int kStep = 2;                 // flux over 16 ms: about one analysis window
constexpr int kFloorHalfDb = 80;         // 40 dB
constexpr float kDeviationFloor = 0.5f;  // of the band's overall deviation
constexpr float kTiny = 1e-20f;          // so that a dead band divides nothing by nothing
}  // namespace

OnsetFlux::OnsetFlux(const BandLevels& levels) : levels_(levels) {
    std::array<std::array<std::int64_t, 256>, kBands> histogram{};
    for (const auto& f : levels) {
        for (std::size_t b = 0; b < kBands; ++b) ++histogram[b][f[b]];
    }
    for (std::size_t b = 0; b < kBands; ++b) {
        std::int64_t above = 0;
        int p95 = 255;
        while (p95 > 0 && (above += histogram[b][static_cast<std::size_t>(p95)]) <
                              static_cast<std::int64_t>(levels.size()) / 20) {
            --p95;
        }
        floor_[b] = static_cast<std::uint8_t>(std::max(0, p95 - kFloorHalfDb));
    }
    std::array<std::int64_t, kBands> sum{}, square{};
    for (std::int64_t n = 0; n < frames(); ++n) {
        const BandFrame v = rise(n);
        for (std::size_t b = 0; b < kBands; ++b) {
            sum[b] += v[b];
            square[b] += static_cast<std::int64_t>(v[b]) * v[b];
        }
    }
    const auto count = static_cast<double>(std::max<std::int64_t>(1, frames()));
    for (std::size_t b = 0; b < kBands; ++b) {
        const double mean = static_cast<double>(sum[b]) / count;
        deviation_[b] = static_cast<float>(
            std::sqrt(std::max(0.0, static_cast<double>(square[b]) / count - mean * mean)));
        if (deviation_[b] > 0.5f) featureless_ = false;
    }
}

BandFrame OnsetFlux::rise(std::int64_t n) const {
    BandFrame out{};
    if (n < kStep || n >= frames()) return out;
    const BandFrame& now = levels_[static_cast<std::size_t>(n)];
    const BandFrame& then = levels_[static_cast<std::size_t>(n - kStep)];
    for (std::size_t b = 0; b < kBands; ++b) {
        const std::uint8_t before = std::max(then[b], floor_[b]);
        out[b] = static_cast<std::uint8_t>(std::max(now[b], before) - before);
    }
    return out;
}

void OnsetFlux::compute(std::int64_t first, std::int64_t count, std::span<float> out) const {
    const auto rows = static_cast<std::size_t>(count);
    // Bands side by side, so that the compiler takes several at once. Integers, so that running
    // sums are exact and a block's place in the recording changes nothing.
    std::vector<BandFrame> rises(rows + 2 * kReach + 1);
    for (std::size_t i = 0; i < rises.size(); ++i) {
        rises[i] = rise(first - kReach + static_cast<std::int64_t>(i));
    }
    std::array<std::int32_t, kBands> sum{}, square{};
    const auto enter = [&](const BandFrame& v, std::int32_t sign) {
        for (std::size_t b = 0; b < kBands; ++b) {
            sum[b] += sign * v[b];
            square[b] += sign * v[b] * v[b];
        }
    };
    std::array<float, kBands> least{};
    // Rows lie a power of two apart: written one value each, they would push each other out of the
    // processor's cache.
    constexpr std::size_t kTile = 64;
    std::array<std::array<float, kTile>, kBands> tile{};
    for (std::size_t b = 0; b < kBands; ++b) least[b] = kDeviationFloor * deviation_[b];
    for (std::size_t i = 0; i < 2 * kReach; ++i) enter(rises[i], 1);
    for (std::size_t i = 0; i < rows; ++i) {
        enter(rises[i + 2 * kReach], 1);
        const std::int64_t n = first + static_cast<std::int64_t>(i);
        std::array<float, kBands> values{};
        if (n >= 0 && n < frames()) {
            // Surroundings are cut at the ends of the sound.
            const std::int64_t inside =
                std::min(n + kReach + 1, frames()) - std::max<std::int64_t>(n - kReach, 0);
            const float share = 1.0f / static_cast<float>(inside);
            for (std::size_t b = 0; b < kBands; ++b) {
                const float mean = static_cast<float>(sum[b]) * share;
                const float spread =
                    std::max(0.0f, static_cast<float>(square[b]) * share - mean * mean);
                const float deviation = std::max(std::sqrt(spread), least[b]);
                const float v =
                    (static_cast<float>(rises[i + kReach][b]) - mean) / (deviation + kTiny);
                values[b] = least[b] > 0 ? std::clamp(v, -1.0f, 5.0f) : 0.0f;
            }
        }
        const std::size_t at = i % kTile;
        for (std::size_t b = 0; b < kBands; ++b) tile[b][at] = values[b];
        if (at + 1 == kTile || i + 1 == rows) {
            for (std::size_t b = 0; b < kBands; ++b) {
                std::copy_n(tile[b].begin(), at + 1,
                            out.begin() + static_cast<std::ptrdiff_t>(b * rows + i - at));
            }
        }
        enter(rises[i], -1);
    }
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// Half-wave rectified spectral flux of log band energies, locally standardised. The floor 40 dB
// below a band's loud moments keeps the recorder's own noise from counting as onsets; the floor on
// the deviation does the same for stretches of silence.
// Source: Dixon 2006, "Onset detection revisited", spectral flux; standardisation as in Bello 2005.
#include "align/onset_flux.h"

#include <algorithm>
#include <cmath>

namespace brisk {
namespace {
constexpr std::int64_t kReach = 375;     // frames in 3 s
constexpr int kStep = 2;                 // flux over 16 ms: about one analysis window
constexpr int kFloorHalfDb = 80;         // 40 dB
constexpr float kDeviationFloor = 0.5f;  // of the band's overall deviation
}  // namespace

OnsetFlux::OnsetFlux(const BandLevels& levels) : levels_(levels) {
    for (std::size_t b = 0; b < kBands; ++b) {
        std::array<std::int64_t, 256> histogram{};
        for (const auto& f : levels) ++histogram[f[b]];
        std::int64_t above = 0;
        int p95 = 255;
        while (p95 > 0 && (above += histogram[static_cast<std::size_t>(p95)]) <
                              static_cast<std::int64_t>(levels.size()) / 20) {
            --p95;
        }
        floor_[b] = std::max(0, p95 - kFloorHalfDb);
        double sum = 0;
        double square = 0;
        for (std::int64_t n = 0; n < frames(); ++n) {
            const float v = raw(b, n);
            sum += v;
            square += static_cast<double>(v) * v;
        }
        const auto count = static_cast<double>(std::max<std::int64_t>(1, frames()));
        const double mean = sum / count;
        deviation_[b] = static_cast<float>(std::sqrt(std::max(0.0, square / count - mean * mean)));
        if (deviation_[b] > 0.5f) featureless_ = false;
    }
}

float OnsetFlux::raw(std::size_t band, std::int64_t n) const {
    if (n < kStep || n >= frames()) return 0;
    const int now = std::max<int>(levels_[static_cast<std::size_t>(n)][band], floor_[band]);
    const int then =
        std::max<int>(levels_[static_cast<std::size_t>(n - kStep)][band], floor_[band]);
    return static_cast<float>(std::max(0, now - then));
}

void OnsetFlux::compute(std::int64_t first, std::int64_t count, std::span<float> out) const {
    for (std::size_t b = 0; b < kBands; ++b) {
        auto row =
            out.subspan(b * static_cast<std::size_t>(count), static_cast<std::size_t>(count));
        std::fill(row.begin(), row.end(), 0.0f);
        if (deviation_[b] <= 0) continue;
        // Running sums over [n - kReach, n + kReach], cut at the ends of the sound.
        double sum = 0;
        double square = 0;
        std::int64_t inside = 0;
        const auto enter = [&](std::int64_t n, double sign) {
            if (n < 0 || n >= frames()) return;
            const float v = raw(b, n);
            sum += sign * v;
            square += sign * static_cast<double>(v) * v;
            inside += sign > 0 ? 1 : -1;
        };
        for (std::int64_t n = first - kReach; n < first + kReach; ++n) enter(n, 1);
        for (std::int64_t i = 0; i < count; ++i) {
            const std::int64_t n = first + i;
            enter(n + kReach, 1);
            if (n >= 0 && n < frames() && inside > 0) {
                const double mean = sum / static_cast<double>(inside);
                const double local =
                    std::sqrt(std::max(0.0, square / static_cast<double>(inside) - mean * mean));
                const double deviation =
                    std::max(local, static_cast<double>(kDeviationFloor * deviation_[b]));
                row[static_cast<std::size_t>(i)] =
                    std::clamp(static_cast<float>((raw(b, n) - mean) / deviation), -1.0f, 5.0f);
            }
            enter(n - kReach, -1);
        }
    }
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// Onsets of both are multiplied, and the strongest near each of the evenly spaced places wins. Why
// the product: the sharpest onset of one alone may be a knock on its own microphone.
#include "align/show/telling_moments.h"

#include <algorithm>
#include <cmath>

namespace brisk {
namespace {

constexpr double kFarthest = 15;      // seconds from the even spacing
constexpr double kShareOfStep = 0.4;  // or this much of it
constexpr double kMargin = 0.9;       // seconds from the ends: a slip is measured around a moment
constexpr int kMin = 64;              // half decibels in all bands together
constexpr int kStep = 2;              // frames over which a level rises

/// How far each band rises at a frame, as half decibels; 0 outside the sound.
int rise(const BandLevels& levels, std::int64_t n, std::size_t band) {
    if (n < kStep || n >= static_cast<std::int64_t>(levels.size())) return 0;
    return std::max(0, levels[static_cast<std::size_t>(n)][band] -
                           levels[static_cast<std::size_t>(n - kStep)][band]);
}

int commonRise(const BandLevels& a, std::int64_t n, const BandLevels& b, std::int64_t m) {
    int sum = 0;
    for (std::size_t band = 0; band < kBands; ++band) {
        sum += std::min(rise(a, n, band), rise(b, m, band));
    }
    return sum;
}

}  // namespace

std::vector<std::optional<Seconds>> tellingMoments(const SoundScan& take,
                                                   const SoundScan& recording, ClockLine line,
                                                   TimeRange overlap, int count) {
    std::vector<std::optional<Seconds>> out(static_cast<std::size_t>(count));
    const Seconds scratchStart = take.info.soundStartInTake();
    const double margin = std::min(kMargin, overlap.length().value / 4);
    const Seconds from = overlap.start + Seconds{margin};
    const Seconds room = overlap.length() - Seconds{2 * margin};
    if (room <= Seconds{0}) return out;
    const double step = room.value / std::max(1, count - 1);
    const double reach = std::min(kFarthest, kShareOfStep * step);
    for (int i = 0; i < count; ++i) {
        const double about = from.value + i * step;
        const double first = std::max(from.value, about - reach);
        const double last = std::min((from + room).value, about + reach);
        int best = kMin;
        for (double t = first; t <= last; t += 1 / kBandFramesPerSecond) {
            const auto n = std::llround((t - scratchStart.value) * kBandFramesPerSecond);
            const auto m = std::llround(line.toRecording({t}).value * kBandFramesPerSecond);
            const int v = commonRise(take.bands, n, recording.bands, m);
            if (v <= best) continue;
            best = v;
            out[static_cast<std::size_t>(i)] = Seconds{t};
        }
    }
    return out;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// The loudest onsets of each part of the overlap, at least one of each part. Why not the loudest
// of all: a speech at the start would take every window, and the end, where drift shows, would
// have none.
#include "align/measure/window_choice.h"

#include <algorithm>
#include <cmath>

namespace brisk {
namespace {

/// Rises of all bands together: what a window can be recognised by.
double liveliness(const BandLevels& levels, std::int64_t n) {
    if (n < 2 || n >= static_cast<std::int64_t>(levels.size())) return 0;
    const auto& now = levels[static_cast<std::size_t>(n)];
    const auto& then = levels[static_cast<std::size_t>(n - 2)];
    double sum = 0;
    for (std::size_t b = 0; b < kBands; ++b) {
        // Loud rises count more: quiet ones are noise flickering.
        sum += std::max(0, now[b] - then[b]) * static_cast<double>(now[b]);
    }
    return sum;
}

}  // namespace

std::vector<Seconds> chooseWindows(const BandLevels& clean, TimeRange overlap, Seconds window,
                                   int wanted) {
    const Seconds room = overlap.length() - window;
    if (room < Seconds{0}) return {};
    // Windows may share up to half of themselves.
    const int fit = 1 + static_cast<int>(room.value / (window.value / 2));
    const int count = std::clamp(fit, 1, wanted);
    std::vector<Seconds> starts;
    const auto frames = static_cast<std::int64_t>(window.value * kBandFramesPerSecond);
    for (int i = 0; i < count; ++i) {
        const Seconds from = overlap.start + room * (static_cast<double>(i) / count);
        const Seconds to = overlap.start + room * (static_cast<double>(i + 1) / count);
        const auto a = static_cast<std::int64_t>(std::ceil(from.value * kBandFramesPerSecond));
        const auto b = static_cast<std::int64_t>(to.value * kBandFramesPerSecond);
        double sum = 0;
        for (std::int64_t n = a; n < a + frames; ++n) sum += liveliness(clean, n);
        double best = sum;
        std::int64_t where = a;
        for (std::int64_t n = a + 1; n <= b; ++n) {
            sum += liveliness(clean, n + frames - 1) - liveliness(clean, n - 1);
            if (sum > best) {
                best = sum;
                where = n;
            }
        }
        const Seconds start{static_cast<double>(where) / kBandFramesPerSecond};
        starts.push_back(std::clamp(start, overlap.start, overlap.start + room));
    }
    return starts;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/quiet_take.h"
#include "core/statistics.h"
#include "features/band_power.h"

#include <algorithm>
#include <cmath>

namespace brisk {
namespace {

constexpr double kBefore = 0.05;    // seconds that belong to a clap
constexpr double kAfterClap = 0.8;  // a room answers for so long
constexpr double kLoudSeconds = 0.05;
constexpr double kNearly = 0.9;
constexpr double kUnder = 0.0316;  // 15 dB

std::vector<double> framePowers(const BandLevels& levels) {
    std::vector<double> out;
    out.reserve(levels.size());
    for (const auto& frame : levels) out.push_back(powerOf(frame));
    return out;
}

}  // namespace

bool quietButForClaps(const SoundScan& take, TimeRange within) {
    const auto power = framePowers(take.bands);
    const auto frame = [&](double t) {
        return std::clamp<std::ptrdiff_t>(std::lround(t * kBandFramesPerSecond), 0,
                                          static_cast<std::ptrdiff_t>(power.size()));
    };
    std::vector<bool> claps(power.size(), false);
    std::vector<double> heights, rest;
    for (const Spike& s : take.spikes) {
        const double t = s.time.value;
        std::fill(claps.begin() + frame(t - kBefore), claps.begin() + frame(t + kAfterClap), true);
        if (s.time < within.start || s.time >= within.end) continue;
        const auto from = power.begin() + frame(t - kLoudSeconds / 2);
        const auto to = power.begin() + frame(t + kLoudSeconds);
        if (from < to) heights.push_back(*std::max_element(from, to));
    }
    for (std::size_t i = 0; i < power.size(); ++i) {
        if (!claps[i]) rest.push_back(power[i]);
    }
    if (heights.empty()) return false;
    return rest.empty() || quantile(rest, kNearly) < kUnder * quantile(heights, 0.5);
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// The first difference favours the crack of a clap over voices and hum, as in the clap detector.
#include "features/onset_settle.h"
#include "core/decibels.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace brisk {
namespace {
constexpr double kMinRiseDb = 6;
constexpr double kLostPerSecond = 60;  // dB by which a rise a second away counts less
constexpr float kBegins = 0.25f;       // of the height that is reached
}  // namespace

std::optional<std::size_t> settleOnOnset(std::span<const float> mono, SampleRate rate,
                                         std::size_t at) {
    const auto ms = static_cast<std::size_t>(std::max(1, rate.hertz / 1000));
    const std::size_t after = 3 * ms, before = 12 * ms;
    if (mono.size() < before + after + 1) return std::nullopt;
    std::vector<double> energy(mono.size() + 1, 0.0);  // running
    std::vector<float> edge(mono.size(), 0.0f);
    for (std::size_t n = 0; n < mono.size(); ++n) {
        edge[n] = n > 0 ? std::fabs(mono[n] - mono[n - 1]) : 0.0f;
        energy[n + 1] = energy[n] + static_cast<double>(edge[n]) * edge[n];
    }
    const double tiny = 1e-12 + 1e-6 * energy.back() / static_cast<double>(mono.size());
    double best = 0;
    std::optional<std::size_t> where;
    for (std::size_t n = before; n + after < mono.size(); ++n) {
        const double now = (energy[n + after] - energy[n]) / static_cast<double>(after);
        const double then = (energy[n] - energy[n - before]) / static_cast<double>(before);
        const double rise = dbOfPower((now + tiny) / (then + tiny));
        const double away =
            std::fabs(static_cast<double>(n) - static_cast<double>(at)) / rate.hertz;
        if (rise < kMinRiseDb || rise - kLostPerSecond * away <= best) continue;
        best = rise - kLostPerSecond * away;
        where = n;
    }
    if (!where) return where;
    // From the window's place to the very sample.
    const auto from = edge.begin() + static_cast<std::ptrdiff_t>(*where);
    const auto to = from + static_cast<std::ptrdiff_t>(after);
    const float begins = kBegins * *std::max_element(from, to);
    return static_cast<std::size_t>(std::find_if(from, to, [&](float v) { return v >= begins; }) -
                                    edge.begin());
}

}  // namespace brisk

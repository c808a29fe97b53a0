// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench/pair_troubles.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <numbers>

#include "sim/noise.h"

namespace brisk::bench {
namespace {

constexpr double kTroubleRate = 48000;
constexpr int kTaps = 24;  // each way

/// `sound` at positions between samples: a windowed sinc.
std::vector<float> sampledAt(const std::vector<float>& sound, std::size_t count,
                             const std::function<double(std::size_t)>& position) {
    std::vector<float> out(count, 0.0f);
    const auto size = static_cast<std::int64_t>(sound.size());
    for (std::size_t n = 0; n < count; ++n) {
        const double at = position(n);
        const auto whole = static_cast<std::int64_t>(std::floor(at));
        const double part = at - static_cast<double>(whole);
        double sum = 0;
        // The sine of the sinc only changes its sign from tap to tap.
        const double sine = std::sin(std::numbers::pi * part);
        for (std::int64_t k = -kTaps + 1; k <= kTaps; ++k) {
            const std::int64_t i = whole + k;
            if (i < 0 || i >= size) continue;
            const double x = static_cast<double>(k) - part;
            const double sinc =
                std::fabs(x) < 1e-9 ? 1 : (k % 2 == 0 ? -sine : sine) / (std::numbers::pi * x);
            const double u = x / (kTaps + 0.5);
            sum += static_cast<double>(sound[static_cast<std::size_t>(i)]) * sinc * (1 - u * u) *
                   (1 - u * u);
        }
        out[n] = static_cast<float>(sum);
    }
    return out;
}

}  // namespace

void lose(std::vector<float>& sound, const std::vector<Loss>& losses, bool inTake, double first) {
    // From the last on, so that the places of the others stay.
    std::vector<Loss> mine;
    for (const Loss& l : losses) {
        if (l.inTake == inTake) mine.push_back(l);
    }
    std::sort(mine.begin(), mine.end(), [](const Loss& a, const Loss& b) { return a.at > b.at; });
    for (const Loss& l : mine) {
        const auto n = std::llround((l.at - first) * kTroubleRate);
        const auto count = std::llround(std::fabs(l.seconds) * kTroubleRate);
        if (n < count || n + count > static_cast<long long>(sound.size())) continue;
        const auto at = sound.begin() + n;
        if (l.silent) {
            std::fill(at, at + count, 0.0f);
        } else if (l.seconds > 0) {
            sound.erase(at, at + count);
        } else {
            const std::vector<float> again(at - count, at);
            sound.insert(at, again.begin(), again.end());
        }
    }
}

std::vector<float> onClock(const std::vector<float>& sound, const RecorderClock& clock,
                           double rate) {
    const double seconds = static_cast<double>(sound.size()) / kTroubleRate;
    const auto count = static_cast<std::size_t>(clock.counted(seconds) * rate);
    return sampledAt(sound, count, [&](std::size_t n) {
        return clock.world(static_cast<double>(n) / rate) * kTroubleRate;
    });
}

std::vector<float> heardWalking(const std::vector<float>& world, const sim::RoomSpec& room,
                                const Course& metres, double lead, std::uint64_t seed) {
    const auto distanceAt = [&](std::size_t n) {
        return valueAt(metres, static_cast<double>(n) / kTroubleRate - lead);
    };
    auto out = sampledAt(world, world.size(), [&](std::size_t n) {
        return static_cast<double>(n) - distanceAt(n) / sim::kMetresPerSecond * kTroubleRate;
    });
    for (std::size_t n = 0; n < out.size(); ++n) {
        out[n] /= static_cast<float>(std::max(0.1, distanceAt(n)));
    }
    if (room.rt60 <= 0) return out;
    const auto [nearest, farthest] = extremes(metres);
    for (double d = std::floor(nearest); d <= std::ceil(farthest); d += 1) {
        auto echo = sim::roomResponse(room, std::max(0.5, d), seed);
        const auto direct =
            static_cast<std::size_t>(std::max(0.5, d) / sim::kMetresPerSecond * kTroubleRate);
        std::fill(echo.begin(),
                  echo.begin() + static_cast<std::ptrdiff_t>(std::min(echo.size(), direct + 18)),
                  0.0f);
        sim::Convolver c(echo);
        std::vector<float> heard;
        c.process(world, heard);
        for (std::size_t n = 0; n < std::min(out.size(), heard.size()); ++n) {
            const double share = 1 - std::fabs(distanceAt(n) - d);
            if (share > 0) out[n] += static_cast<float>(share) * heard[n];
        }
    }
    return out;
}

void coverWithCloth(std::vector<float>& sound, std::uint64_t seed) {
    double power = 0;
    for (const float v : sound) power += static_cast<double>(v) * v;
    const auto level = static_cast<float>(
        std::sqrt(power / static_cast<double>(std::max<std::size_t>(1, sound.size()))));
    // Once forwards and once backwards: dull, and not later.
    const auto k = static_cast<float>(1 - std::exp(-2 * std::numbers::pi * 2000 / kTroubleRate));
    const auto dull = [k](auto from, auto to) {
        float low[2] = {};
        for (; from != to; ++from) {
            for (float& l : low) {
                l += k * (*from - l);
                *from = l;
            }
        }
    };
    dull(sound.begin(), sound.end());
    dull(sound.rbegin(), sound.rend());
    sim::NoiseSource random(seed + 23);
    float rumble[2] = {}, rustle = 0;
    std::size_t left = 0;
    for (float& v : sound) {
        if (left == 0) {
            left = static_cast<std::size_t>((0.1 + 0.8 * static_cast<double>(random.uniform())) *
                                            kTroubleRate);
            rustle = random.uniform() < 0.3f ? 2.5f * level * random.uniform() : 0.0f;
        }
        --left;
        const float white = random.normal();
        rumble[0] += 0.12f * (white - rumble[0]);
        rumble[1] += 0.02f * (rumble[0] - rumble[1]);
        v += rustle * 4 * (rumble[0] - rumble[1]);
    }
}

}  // namespace brisk::bench

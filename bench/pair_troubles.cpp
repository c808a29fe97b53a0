// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench/pair_troubles.h"

#include <algorithm>
#include <cmath>
#include <iterator>
#include <numbers>

#include "sim/lossy_device.h"
#include "sim/noise.h"
#include "sim/sampled_between.h"
#include "sim/walked_room.h"

namespace brisk::bench {
namespace {

constexpr double kTroubleRate = 48000;
}  // namespace

void lose(std::vector<float>& sound, const std::vector<sim::Loss>& losses, bool inTake,
          double first) {
    std::vector<sim::Loss> mine;
    std::copy_if(losses.begin(), losses.end(), std::back_inserter(mine),
                 [&](const sim::Loss& l) { return l.inTake == inTake; });
    std::vector<float> kept;
    sim::LossyDevice(mine, first).process(sound, kept);
    sound = std::move(kept);
}

std::vector<float> onClock(const std::vector<float>& sound, const sim::RecorderClock& clock,
                           double rate) {
    sim::SampledBetween heard;
    heard.push(sound);
    const double seconds = static_cast<double>(sound.size()) / kTroubleRate;
    std::vector<float> out(static_cast<std::size_t>(clock.counted(seconds) * rate));
    for (std::size_t n = 0; n < out.size(); ++n) {
        out[n] = heard.at(clock.world(static_cast<double>(n) / rate) * kTroubleRate);
    }
    return out;
}

std::vector<float> heardWalking(const std::vector<float>& world, const sim::RoomSpec& room,
                                const sim::Course& metres, double lead, std::uint64_t seed) {
    sim::Course later = metres;
    for (auto& [time, away] : later) time += lead;
    std::vector<float> out;
    sim::WalkedRoom(room, later, seed).process(world, out);
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

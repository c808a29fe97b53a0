// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/noise.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace brisk::sim {

std::uint64_t NoiseSource::next() {
    // Source: Steele, Lea, Flood 2014, SplitMix64.
    state_ += 0x9E3779B97F4A7C15ULL;
    std::uint64_t z = state_;
    z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9ULL;
    z = (z ^ (z >> 27)) * 0x94D049BB133111EBULL;
    return z ^ (z >> 31);
}

float NoiseSource::uniform() {
    return static_cast<float>(next() >> 40) / 16777216.0f;
}

float NoiseSource::normal() {
    float sum = 0;
    for (int i = 0; i < 4; ++i) sum += uniform() - 0.5f;
    return sum * 1.7320508f;
}

float RoomTone::next() {
    const float white = noise_.normal();
    low_ += 0.08f * (white - low_);
    lower_ += 0.01f * (white - lower_);
    const double t = static_cast<double>(n_++) / 48000;
    const auto hum = static_cast<float>(std::sin(2 * std::numbers::pi * 100 * t));
    return 0.35f * white + 2.0f * low_ + 5.0f * lower_ + 0.3f * hum;
}

std::vector<float> handClap(std::uint64_t seed) {
    NoiseSource noise(seed);
    std::vector<float> out(2880);
    float band = 0;
    float previous = 0;
    for (std::size_t n = 0; n < out.size(); ++n) {
        const double t = static_cast<double>(n) / 48000;
        const float white = noise.normal();
        // A hollow of cupped hands: a broad resonance near 1.5 kHz under a bright crack.
        band = 0.86f * band + 0.4f * white - 0.25f * previous;
        previous = band;
        const double attack = std::min(1.0, t / 0.0003);
        out[n] = static_cast<float>(
            attack * (0.7 * white * std::exp(-t / 0.002) + 1.1 * band * std::exp(-t / 0.011)));
    }
    float peak = 1e-6f;
    for (const float v : out) peak = std::max(peak, std::fabs(v));
    for (float& v : out) v *= 0.9f / peak;
    return out;
}

}  // namespace brisk::sim

// SPDX-License-Identifier: GPL-3.0-or-later
// Why not the filter that sound is written with: its 64 taps on both sides of a position keep 24
// bits to 20 kHz. Correlation looks at 16 bits of the lower half and reads everything many times.
#include "dsp/window_interpolation.h"

#include <cassert>
#include <cmath>
#include <cstdint>
#include <cstring>
#include <numeric>

#include "dsp/fast_loop.h"
#include "dsp/phase_table.h"

namespace brisk {
namespace {

constexpr std::size_t kTaps = std::size_t{2} * kWindowReach;
constexpr std::size_t kPhases = 4096;
constexpr double kBeta = 7.9;  // 80 dB
using Taps = PhaseTaps<kTaps>;

const std::vector<Taps>& table() {
    static const std::vector<Taps> all = phaseTable<kTaps>(kPhases, kBeta);
    return all;
}

/// So many positions beside each other are read with one set of taps: that of their middle.
constexpr std::size_t kTogether = 8;
using Lanes = float __attribute__((vector_size(kTogether * sizeof(float))));

BRISK_FAST_LOOP void readTogether(const Taps* phases, const float* in, double first, double step,
                                  std::size_t blocks, float* out) {
    constexpr double half = 0.5 * (kTogether - 1);
    constexpr double nearest = 0.5 / static_cast<double>(kPhases);  // rounded down below
    for (std::size_t b = 0; b < blocks; ++b) {
        const double at =
            first + (static_cast<double>(b * kTogether) + half) * step - half + nearest;
        const auto whole = static_cast<std::int64_t>(at);
        const double phase = (at - static_cast<double>(whole)) * static_cast<double>(kPhases);
        const auto& taps = phases[static_cast<std::int64_t>(phase)];
        const float* oldest = in + whole - (kWindowReach - 1);
        Lanes sum = {};
        for (std::size_t i = 0; i < kTaps; ++i) {
            Lanes x;
            std::memcpy(&x, oldest + i, sizeof x);
            sum += taps[i] * x;
        }
        std::memcpy(out + b * kTogether, &sum, sizeof sum);
    }
}

}  // namespace

void readAtPositions(std::span<const float> in, double first, double step, std::span<float> out) {
    // At another speed the outer ones of a block are read up to half a sample beside their place,
    // so a tap more is needed on both sides than each position has of its own.
    assert(std::fabs(step - 1) * kTogether < 2);
    assert(first >= kWindowReach);
    assert(out.empty() || first + static_cast<double>(out.size() - 1) * step + kWindowReach + 1 <=
                              static_cast<double>(in.size()));
    const std::size_t blocks = out.size() / kTogether, read = blocks * kTogether;
    readTogether(table().data(), in.data(), first, step, blocks, out.data());
    for (std::size_t k = read; k < out.size(); ++k) {
        const double at = first + static_cast<double>(k) * step;
        const auto whole = static_cast<std::size_t>(at);
        const auto& taps =
            table()[static_cast<std::size_t>(std::lround((at - std::floor(at)) * kPhases))];
        const float* oldest = in.data() + whole - (kWindowReach - 1);
        out[k] = std::inner_product(taps.begin(), taps.end(), oldest, 0.0f);
    }
}

}  // namespace brisk

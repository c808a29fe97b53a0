// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The taps of a windowed sinc, for many positions between two samples.
#pragma once

#include <array>
#include <cstddef>
#include <vector>

#include "dsp/kaiser.h"
#include "dsp/sinc.h"

namespace brisk {

/// On cache lines of its own, so that no load touches two.
template <std::size_t Count>
struct alignas(64) PhaseTaps : std::array<float, Count> {};

/// Phase p of the table reads p / phases after the tap Count / 2 - 1; one more than there are, so
/// that each has a neighbour.
/// \param beta  of the Kaiser window.
template <std::size_t Count>
std::vector<PhaseTaps<Count>> phaseTable(std::size_t phases, double beta) {
    std::vector<PhaseTaps<Count>> t(phases + 1);
    constexpr double reach = static_cast<double>(Count) / 2;
    for (std::size_t p = 0; p <= phases / 2; ++p) {
        const double at = reach - 1 + static_cast<double>(p) / static_cast<double>(phases);
        std::array<double, Count> exact{};
        double sum = 0;
        for (std::size_t i = 0; i < Count; ++i) {
            const double x = static_cast<double>(i) - at;
            exact[i] = sinc(x) * kaiser(x / reach, beta);
            sum += exact[i];
        }
        for (std::size_t i = 0; i < Count; ++i) {
            // The other half is the same, seen from the other side.
            t[p][i] = t[phases - p][Count - 1 - i] = static_cast<float>(exact[i] / sum);
        }
    }
    return t;
}

}  // namespace brisk

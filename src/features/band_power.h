// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Band levels as power: what may be added up.
#pragma once

#include <array>
#include <cmath>

#include "features/band_levels.h"

namespace brisk {

/// Of all bands at one instant together; full scale = 1 a band. Threads: safe.
inline double powerOf(const BandFrame& frame) {
    static const auto ofLevel = [] {
        std::array<double, 256> p{};
        for (std::size_t i = 0; i < p.size(); ++i) {
            p[i] = std::pow(10.0, static_cast<double>(i) / 20 - 12);
        }
        return p;
    }();
    double sum = 0;
    for (const auto level : frame) sum += ofLevel[level];
    return sum;
}

}  // namespace brisk

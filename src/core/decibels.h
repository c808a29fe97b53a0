// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Levels as ratios of amplitudes or of powers, and back.
#pragma once

#include <cmath>

namespace brisk {

/// Of amplitudes: 6 dB are about twice as much.
inline double ratioOfDb(double db) {
    return std::pow(10.0, db / 20);
}
inline double dbOfRatio(double amplitudes) {
    return 20 * std::log10(amplitudes);
}
inline double dbOfPower(double powers) {
    return 10 * std::log10(powers);
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// sin(pi x) / (pi x), the ideal interpolator before it is windowed.
#pragma once

#include <cmath>
#include <numbers>

namespace brisk {

inline double sinc(double x) {
    return std::fabs(x) < 1e-12 ? 1.0 : std::sin(std::numbers::pi * x) / (std::numbers::pi * x);
}

}  // namespace brisk

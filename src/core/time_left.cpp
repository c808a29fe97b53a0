// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/time_left.h"

namespace brisk {

std::optional<Seconds> timeLeft(Seconds elapsed, double fraction) {
    constexpr double kToldBy = 0.05;
    constexpr Seconds kSettled{1};
    if (fraction <= kToldBy || elapsed < kSettled) return std::nullopt;
    return Seconds{elapsed.value / fraction * (1 - fraction)};
}

}  // namespace brisk

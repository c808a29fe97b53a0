// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/time_left.h"

#include <cmath>

namespace brisk {

std::optional<Seconds> timeLeft(Seconds elapsed, double fraction) {
    constexpr double kToldBy = 0.05;
    constexpr Seconds kSettled{1};
    if (fraction <= kToldBy || elapsed < kSettled) return std::nullopt;
    return Seconds{elapsed.value / fraction * (1 - fraction)};
}

std::string timeLeftText(Seconds left) {
    const auto seconds = static_cast<long>(std::ceil(left.value));
    if (seconds <= 90) return std::to_string(seconds) + " s left";
    const long minutes = (seconds + 59) / 60;
    if (minutes <= 90) return std::to_string(minutes) + " min left";
    return std::to_string(minutes / 60) + " h " + std::to_string(minutes % 60) + " min left";
}

}  // namespace brisk

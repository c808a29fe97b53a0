// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/recorder_clock.h"

#include <algorithm>

namespace brisk::sim {
namespace {

constexpr double kStep = 0.1;  // seconds of the table of a clock

}  // namespace

RecorderClock::RecorderClock(double ppm, const Course& warmth, double seconds)
    : ppm_(ppm), steady_(warmth.empty()) {
    if (steady_) return;
    double sum = 0;
    for (double t = 0; t <= seconds + 2 * kStep; t += kStep) {
        extra_.push_back(sum);
        sum += kStep * 1e-6 * valueAt(warmth, t + kStep / 2);
    }
}

double RecorderClock::counted(double world) const {
    double extra = 0;
    if (!steady_) {
        const double at =
            std::clamp(world / kStep, 0.0, static_cast<double>(extra_.size()) - 1.001);
        const auto i = static_cast<std::size_t>(at);
        extra = extra_[i] + (extra_[i + 1] - extra_[i]) * (at - static_cast<double>(i));
    }
    return world * (1 + ppm_ * 1e-6) + extra;
}

double RecorderClock::world(double counted) const {
    double t = counted / (1 + ppm_ * 1e-6);
    for (int i = 0; i < 3 && !steady_; ++i) t += counted - this->counted(t);
    return t;
}

}  // namespace brisk::sim

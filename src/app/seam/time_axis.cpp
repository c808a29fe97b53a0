// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/time_axis.h"

#include <algorithm>
#include <cmath>

namespace brisk::app {
namespace {
constexpr double kClosest = 1.0 / 48000 / 24;  // a sample every 24 pixels
}

void TimeAxis::fit(TimeRange range) {
    start_ = range.start;
    perPixel_ = std::max(kClosest, range.length().value / std::max(1, width_));
}

void TimeAxis::zoomAbout(double x, double factor, TimeRange limits) {
    const Seconds held = timeAt(x);
    const double widest = std::max(kClosest, limits.length().value / std::max(1, width_));
    perPixel_ = std::clamp(perPixel_ / factor, kClosest, widest);
    start_ = held - Seconds{x * perPixel_};
    clamp(limits);
}

void TimeAxis::scrollBy(double pixels, TimeRange limits) {
    start_ = start_ + Seconds{pixels * perPixel_};
    clamp(limits);
}

void TimeAxis::reveal(Seconds t, TimeRange limits) {
    if (t >= start_ && t < end()) return;
    start_ = t - Seconds{width_ * perPixel_ / 3};
    clamp(limits);
}

void TimeAxis::clamp(TimeRange limits) {
    const Seconds last = limits.end - Seconds{width_ * perPixel_};
    start_ = std::max(limits.start, std::min(start_, last));
}

double TimeAxis::niceStep(double pixels) const {
    const double least = pixels * perPixel_;
    if (least > 1) {
        for (const double s : {2., 5., 10., 15., 30., 60., 120., 300., 600., 1800., 3600.}) {
            if (s >= least) return s;
        }
        return 7200;
    }
    const double magnitude = std::pow(10.0, std::floor(std::log10(least)));
    for (const double k : {1.0, 2.0, 5.0}) {
        if (k * magnitude >= least) return k * magnitude;
    }
    return 10 * magnitude;
}

}  // namespace brisk::app

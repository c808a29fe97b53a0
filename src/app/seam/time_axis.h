// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The stretch of take time that the seam shows, and the arithmetic between it and pixels.
#pragma once

#include "core/units.h"

namespace brisk::app {

class TimeAxis {
  public:
    void setWidth(int pixels) { width_ = pixels; }
    /// All of a take, with nothing to spare.
    void fit(TimeRange range);
    /// Keeps the time under `x` where it is. factor > 1 = closer.
    void zoomAbout(double x, double factor, TimeRange limits);
    void scrollBy(double pixels, TimeRange limits);
    /// Scrolls so that `t` is visible, a third in when it was not.
    void reveal(Seconds t, TimeRange limits);

    [[nodiscard]] double xOf(Seconds t) const { return (t - start_).value / perPixel_; }
    [[nodiscard]] Seconds timeAt(double x) const { return start_ + Seconds{x * perPixel_}; }
    [[nodiscard]] double secondsPerPixel() const { return perPixel_; }
    [[nodiscard]] Seconds start() const { return start_; }
    [[nodiscard]] Seconds end() const { return timeAt(width_); }

    /// A round step for ruler marks at least `pixels` apart.
    [[nodiscard]] double niceStep(double pixels) const;
    friend bool operator==(const TimeAxis&, const TimeAxis&) = default;

  private:
    void clamp(TimeRange limits);
    Seconds start_{0};
    double perPixel_ = 0.01;
    int width_ = 1;
};

}  // namespace brisk::app

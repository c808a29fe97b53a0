// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// One clock against another, from measured lags: a slope that may bend as a device warms, and a
/// level for each stretch between losses.
///
///     const ClockFound found = findClock(points, 2, {});
///     found.fit.at(12.5, 1)     // seconds of lag, on the second stretch's level
#pragma once

#include <span>
#include <vector>

namespace brisk {

/// Seconds; a smaller step is a head that sways.
constexpr double kSmallestStep = 0.0006;

struct ClockPoint {
    double time = 0;   ///< Seconds.
    double value = 0;  ///< Seconds of lag.
    double weight = 1;
    int run = 0;  ///< The stretch it belongs to.
};

struct ClockFit {
    std::vector<double> levels;  ///< Of each stretch at time 0 of the first slope.
    double slope = 0;            ///< Before the first bend.
    std::vector<double> knots;   ///< Ascending, seconds.
    std::vector<double> bends;   ///< By how much the slope grows at each knot.
    double spread = 0;           ///< Robust deviation of the points about it.

    [[nodiscard]] double at(double time, int run) const;
    [[nodiscard]] double slopeAt(double time) const;
};

struct ClockFitOptions {
    double likelySlope = 0;     ///< What is believed before anything is measured, and ...
    double slopeDoubt = 60e-6;  ///< ... its standard deviation: decides where stretches are short.
    double maxSlope = 320e-6;   ///< From likelySlope; more is held to it.
    bool mayBend = true;        ///< Not where what looks like a bend is somebody's way.
};

/// Robust, as line_fit.h: nearly half of the points may be wrong.
/// \param runs   every point's run is below this; at least 1.
/// \param knots  where it may bend.
ClockFit fitClock(std::span<const ClockPoint> points, int runs, const std::vector<double>& knots,
                  const ClockFitOptions& options);

/// Robust deviation of the points about it, seconds; 0 without points.
double spreadAbout(const ClockFit& fit, std::span<const ClockPoint> points);

struct ClockFound {
    ClockFit fit;
    std::vector<int> runOf;  ///< A point each: stretches as given, some split.
    int runs = 0;
};

/// Takes in bends and steps as long as the Bayesian information criterion says that they are worth
/// their numbers: bends no nearer to each other than clocks warm, steps no smaller than a head
/// sways.
/// \param points  in order of time.
ClockFound findClock(std::span<const ClockPoint> points, int runs, const ClockFitOptions& options);

}  // namespace brisk

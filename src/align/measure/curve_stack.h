// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Agreement curves of many windows, added up along a line: what they share grows, what is chance
/// does not.
///
///     const auto sum = stackCurves(curves, line);       // index kReach is "on the line"
///     const Top top = topOf(curves[3], 1, line.at(curves[3].time), 30);
#pragma once

#include <span>
#include <vector>

#include "align/measure/line_fit.h"
#include "align/measure/window_reader.h"

namespace brisk {

/// Lags are looked at over ±48 ms, a sample of WindowReader::kRate each.
constexpr int kReach = 48 * WindowReader::kRate / 1000;
constexpr double kCurveRate = WindowReader::kRate;
/// Seconds around a line in which a window that agrees with it has its peak.
constexpr double kNearSeconds = 0.0007;
/// Seconds that two sights of the direct sound may differ by, and by which its echoes are late.
constexpr double kDirectSeconds = 0.0003, kEchoSeconds = 0.012;

struct Curve {
    double time = 0;            ///< Middle of the window, scratch seconds.
    double shift = 0;           ///< Seconds to add to a lag read off the values.
    std::vector<float> values;  ///< 2 × kReach + 1, in deviations of its own noise.
    float weight = 1;           ///< In a sum. One window must not outvote the rest: see `weigh`.
};

/// Sets the weight so that no value counts more than 25 deviations, the shape kept.
void weigh(Curve& c);

struct Top {
    double lag = 0;  ///< Seconds.
    double height = 0;
};

/// Sum over the curves, each read at line.at(its time) + lag. Shape: 2 × kReach + 1.
std::vector<double> stackCurves(const std::vector<Curve>& curves, const LineFit& line);

/// The same along any way: each read at its own of `lags` (seconds) + lag. Those that are NaN are
/// left out.
std::vector<double> stackCurves(std::span<const Curve> curves, std::span<const double> lags);

/// The highest point of `polarity` × curve within ±reach samples of `about` seconds.
Top topOf(const Curve& c, int polarity, double about, int reach);

/// The highest point of `polarity` × stack within ±reach samples of a lag of `about` samples.
double heightNear(const std::vector<double>& stack, int polarity, int reach, int about = 0);

/// Where that is, in samples.
int loudestLag(const std::vector<double>& stack, int polarity, int reach);

/// Robust deviation of a stack about zero.
double stackNoise(const std::vector<double>& stack);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The lag and the slope that curves have in common, by trying.
///
///     const CommonLine found = searchSlope(curves, {.doubt = 300e-6, .step = 2e-6}, reach);
#pragma once

#include <vector>

#include "align/measure/curve_stack.h"

namespace brisk {

struct CommonLine {
    LineFit line;  ///< Lag in seconds over scratch seconds.
    double height = 0;
    int polarity = 1;
};

struct SlopeRange {
    double doubt = 0;       ///< Slopes of up to ± this are tried ...
    double step = 1e-6;     ///< ... in steps of this.
    double reluctance = 0;  ///< By which part the steepest must be higher than a flat one.
};

/// Keeps the common lag, within ±reach samples, that most is said for. At least one curve.
CommonLine searchSlope(const std::vector<Curve>& curves, SlopeRange slopes, int reach);

/// Half the time that they cover, seconds; at least half a second.
double halfSpan(const std::vector<Curve>& curves);

/// The strongest arrival within kEchoSeconds of the line that they were heard along, which is known
/// to some tenths of a millisecond at either end. At least one curve.
CommonLine strongestArrival(const std::vector<Curve>& curves);

}  // namespace brisk

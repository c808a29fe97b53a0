// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Whether the lag of two sounds really stepped, or another echo of the same sound grew louder.
#pragma once

#include <optional>
#include <span>

#include "align/measure/curve_stack.h"

namespace brisk {

/// How alike the arrivals are on both sides of a step: the direct sound and its echoes.
struct PatternStep {
    double moved = 0;   ///< ... when laid upon each other by the step, 0 to 1.
    double stayed = 0;  ///< ... when left where they are.
    /// The same without the strongest arrival itself: the echoes alone. Where the speaker moved
    /// they go other ways than the direct sound; where samples were lost they go along.
    double echoesMoved = 0;
    double echoesHeard = 0;  ///< Part of the pattern that is echoes, 0 to 1: a field has none.
    /// In the run whose arrival comes later, what is heard where the other run has its own, as a
    /// part of that arrival: where only the loudest changed, the earlier one is still there.
    double earlierHeard = 0;
};

/// Of the last dozen curves before and the first dozen after: farther away a room may have changed.
/// \param lags  one for each curve, seconds; NaN = left out. Those of `after` on the stepped lag.
PatternStep patternStep(std::span<const Curve> before, std::span<const double> lagsBefore,
                        std::span<const Curve> after, std::span<const double> lagsAfter,
                        double step, int polarity);

/// Two runs may follow different arrivals of the same pattern, one the direct sound and the other
/// an echo, or two echoes: by how much later the lags of `after` mean the same arrival as those of
/// `before`, in seconds. Nothing where they do already, or where the patterns are not alike at all:
/// whoever walked stands where other echoes are.
std::optional<double> toTheSameArrival(std::span<const Curve> before,
                                       std::span<const double> lagsBefore,
                                       std::span<const Curve> after,
                                       std::span<const double> lagsAfter, int polarity);

/// A moment from which on the whole pattern of arrivals lies elsewhere, though its loudest may lie
/// where another one lay before: an echo comes 7 ms late, and 7 ms were lost.
struct PatternMove {
    std::size_t at = 0;  ///< The first curve after it.
    double step = 0;     ///< Seconds of lag.
};

/// The clearest one along `lags`; nothing where none is beyond doubt.
std::optional<PatternMove> findPatternMove(std::span<const Curve> curves,
                                           std::span<const double> lags, int polarity);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// In a stack of agreement curves: the direct sound, which is not always the strongest arrival.
#pragma once

#include <functional>
#include <vector>

namespace brisk {

/// Lag, in samples from the stack's zero and between samples, of the earliest arrival that the
/// evidence supports, looked for up to 36 ms before the strongest one near zero.
/// \param stack     2 × kReach + 1 values (curve_stack.h).
/// \param pulse     what one arrival looks like in it, 1 at lag 0 (weighted_phase.h): its ringing
///                  and the clean sound's own echoes come before a strong arrival, too, and are
///                  not taken for one.
/// \param borneOut  empty, or asked whether an arrival at a lag can be believed: where few windows
///                  were stacked, one of them may have made it up.
double firstArrival(const std::vector<double>& stack, const std::vector<double>& pulse,
                    int polarity, const std::function<bool(int)>& borneOut = {});

}  // namespace brisk

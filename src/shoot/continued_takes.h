// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Takes that a camera cut into several files without stopping.
///
///     for (const ContinuedTake& c : continuedTakes(state, factsOf)) ... c.after goes on from
///     c.before
#pragma once

#include <functional>
#include <vector>

#include "shoot/day_layout.h"
#include "shoot/shoot_state.h"

namespace brisk {

struct ContinuedTake {
    int before = 0;
    int after = 0;
    Seconds length;         ///< Of `before`: take time of `after` is this much less.
    bool measured = false;  ///< By the places of both on one recording; else by their stamps only.
};

/// Neighbours by name of one camera, where the second begins as the first ends: to half a picture
/// frame where both lie on one recording, to a second where only their time stamps tell. In the
/// order of names.   Threads: safe.
std::vector<ContinuedTake> continuedTakes(const ShootState& state,
                                          const std::function<DayFacts(int)>& factsOf);

}  // namespace brisk

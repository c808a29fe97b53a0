// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Takes that a camera cut into several files without stopping.
///
///     for (const ContinuedTake& c : continuedTakes(state, shots, factsOf)) ... c.after goes on
///     from c.before
#pragma once

#include <functional>
#include <vector>

#include "day/day_layout.h"
#include "day/shot_order.h"
#include "shoot/continued_take.h"
#include "shoot/shoot_state.h"

namespace brisk {

/// Neighbours by name of one camera, where the second begins as the first ends: to half a picture
/// frame where both lie on one recording, to a second where only their time stamps tell. In the
/// order of names.   Threads: safe.
/// \param shots  the shotOrder of the state's media, which other changes leave as it is.
std::vector<ContinuedTake> continuedTakes(const ShootState& state, const std::vector<Shot>& shots,
                                          const std::function<DayFacts(int)>& factsOf);

/// Of these takes, or of one and its neighbours, those that could be treated as one and are not.
std::vector<ContinuedTake> joinsWithin(const std::vector<ContinuedTake>& continued,
                                       const ShootState& state, const std::vector<int>& takes);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which other takes were filmed at a moment of one: what a second camera saw of it.
///
///     for (const SameMoment& m : takesAtMoment(state, day, take, t)) ...   // m.take, m.at
#pragma once

#include <vector>

#include "day/day_layout.h"

namespace brisk {

struct SameMoment {
    int take = 0;
    Seconds at;  ///< On its own time.
};

/// Those of other cameras that have a place and cover that moment, in the shoot's order: exact
/// where both lie on one recording, as the day has it where not.
/// \param day  of the same state: layOutDay.   Threads: safe.
std::vector<SameMoment> takesAtMoment(const ShootState& state, const DayLayout& day, int take,
                                      Seconds t);

}  // namespace brisk

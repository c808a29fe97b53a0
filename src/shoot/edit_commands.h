// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What is made of a take beside its place: its sound, what of it is kept, and the way back to its
/// tether. None of it moves anything.
#pragma once

#include "core/time_ranges.h"
#include "shoot/shoot.h"

namespace brisk::commands {

/// For every take that has no choice of its own. \param what  was done, where that says more than
/// what changed.
Command setShootSound(const ShootState& now, const SoundChoice& choice, const Fact& what = {});
/// For these takes only; none = as the shoot's again.
Command setTakeSound(const ShootState& now, const std::vector<int>& takes,
                     const std::optional<SoundChoice>& choice);

/// What of a take is kept. All of `whole` = the whole take again.
/// \param what  the id of what was done: "cut", "drop-piece", "trim-start".
Command keep(const ShootState& now, int take, const TimeRanges& kept, TimeRange whole,
             const std::string& what);

/// A stretch of a take is quieter, or heard although claps are quiet; what it covers of others on
/// the same sounds gives way.
Command quiet(const ShootState& now, int take, const QuietStretch& stretch);
/// What touches that stretch is as it was.
Command notQuiet(const ShootState& now, int take, TimeRange stretch);

/// Back to where a slipped take was tethered, to the sample, and locked; with it all that are
/// treated as one with it.
Command backToTether(const ShootState& now, int take);

}  // namespace brisk::commands

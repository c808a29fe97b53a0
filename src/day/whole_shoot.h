// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What the takes of a shoot say about each other, that no single pair can say: one camera's clock
/// is one clock, and one camera cannot have shot two takes at once.
#pragma once

#include <functional>
#include <vector>

#include "day/day_layout.h"
#include "shoot/shoot_state.h"

namespace brisk {

/// Adds that to what a search found; sound is never overruled by it.
/// - A short take borrows the drift that long ones of its camera measured against the same
///   recording, where they agree, and where its own sound does not know better; its place in the
///   middle of the overlap stays. Its reason says so.
/// - A camera that was carried away has its clock and its way parted (carried_camera.h).
/// - An unsure take says how its place fits the order in which the camera counted its files.
/// - Two takes of one camera that claim the same stretch of a recording are both unsure, and say
///   why.
/// \param found  of one search.   \param state  with the takes' files; its tethered takes count
/// too.
void considerWholeShoot(std::vector<Tether>& found, const ShootState& state,
                        const std::function<DayFacts(int)>& factsOf);

}  // namespace brisk

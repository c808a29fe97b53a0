// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A camera that is carried away steadily is heard along one line that is its clock and its way in
/// one. One take cannot tell the two apart; other takes of the same camera and recorder can.
#pragma once

#include <functional>
#include <vector>

#include "day/day_layout.h"
#include "shoot/shoot_state.h"

namespace brisk {

/// Parts them where two clocks are hardly so far apart, and at least two other takes agree on what
/// the clock is: the line keeps the clock, the rest is the way of the sound, which is none where
/// the speaker is nearest. What was lost stays lost. The reason says so, and how far it was.
/// \param found  of one search.   \param state  with the takes' files; its placed takes count too.
void partClockAndWay(std::vector<Tether>& found, const ShootState& state,
                     const std::function<DayFacts(int)>& factsOf);

}  // namespace brisk

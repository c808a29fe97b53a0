// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a search found and what a shoot has already, seen as one.
#pragma once

#include <vector>

#include "shoot/shoot_state.h"

namespace brisk {

/// All that was found, then the tethers of takes that were not looked for again.
std::vector<const Tether*> foundAndStanding(const std::vector<Tether>& found,
                                            const ShootState& state);

/// Whether the take lies on several recordings that continue each other in it: they share a line,
/// which must stay one.
bool sharesItsLine(const Tether& t, const std::vector<Tether>& found);

}  // namespace brisk

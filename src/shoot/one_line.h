// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Takes that are treated as one lie on one line: one camera, one clock.
#pragma once

#include "shoot/shoot_state.h"

namespace brisk {

/// When one of several takes that are one begins, on the time of the first. \param all  of
/// ShootState::oneWith.
Seconds startIn(const std::vector<std::pair<int, Seconds>>& all, int take);

/// Where takes that are one with this lie on the same recording, one of them gives the others its
/// line: what a person has confirmed, or moved; else what was measured over the longest stretch.
/// What is locked, or was moved by hand, keeps its own. A take without a place is laid by its
/// neighbour's, for an ear to confirm.
void shareLines(ShootState& s, int take);

/// Takes that are one are heard by the same microphone, where they lie on it: else it would change
/// in the middle.
void hearAlike(ShootState& s, int take);

}  // namespace brisk

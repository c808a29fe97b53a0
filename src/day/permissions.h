// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Whether something can be done to a take now, and why not: a fact that says the reason, or
/// nothing where it can.
#pragma once

#include "day/take_view.h"

namespace brisk {

Fact whyNotTether(const TakeView& v);
Fact whyNotLoosen(const TakeView& v);
Fact whyNotBackToTether(const TakeView& v);
Fact whyNotBackToFound(const TakeView& v);
/// Moved, placed, searched for again.
Fact whyNotMove(const TakeView& v);
/// Laid on a recording although nothing fitted.
Fact whyNotLayByHand(const TakeView& v);
/// Heard, cut, given a sound: whatever needs a clean sound at a place.
Fact whyNotHear(const TakeView& v);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What is said of a take that is found by what a room makes of its sound, though no window hears
/// it by itself.
#pragma once

#include "align/measure/window_reader.h"
#include "align/tether_estimate.h"

namespace brisk {

/// *Unsure*, with the fact `only-through-the-room` and how near that is.
/// \param buried    where it lies, to some hundredths of a second.
/// \param measured  what windows say of that place: it is kept where it lies as near.
TetherEstimate throughTheRoom(const WindowReader& reader, ClockLine buried,
                              TetherEstimate measured);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which short stretches of an overlap are worth measuring: spread evenly, and within each stretch
/// where the clean sound has most to say.
#pragma once

#include <vector>

#include "core/units.h"
#include "features/band_levels.h"

namespace brisk {

/// \param overlap  on the clean sound's own time.
/// Returns window starts, ascending, every window inside the overlap. Fewer where it is short.
std::vector<Seconds> chooseWindows(const BandLevels& clean, TimeRange overlap, Seconds window,
                                   int wanted);

}  // namespace brisk

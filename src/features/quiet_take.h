// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Whether a take is silent but for its claps: only then may claps alone decide. Among other sound,
/// a drum that is struck twice is no proof of anything.
#pragma once

#include "core/clock_line.h"
#include "features/sound_scan.h"

namespace brisk {

/// True where nearly everything beside the onsets lies 15 dB and more under them.
/// \param within  scratch time; onsets outside of it do not count.
bool quietButForClaps(const SoundScan& take, TimeRange within);

}  // namespace brisk

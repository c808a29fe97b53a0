// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Windows that speak against a place. A window may say nothing because nobody speaks in it; one in
/// which both sides are as loud as they are where they agree has no such excuse: it holds two
/// different sounds. So a sentence or a bar of music that two events have in common is told from
/// one event heard twice.
#pragma once

#include <vector>

#include "align/measure/follow_clock.h"
#include "features/sound_scan.h"

namespace brisk {

/// How many of the windows do not agree though they should; whoever is under way need not. 0 where
/// none agree.
/// \param parts  of a take, their windows and lines on scratch time. Threads: safe.
int windowsAgainst(const SoundScan& take, const SoundScan& recording,
                   const std::vector<MatchedRange>& parts);

}  // namespace brisk

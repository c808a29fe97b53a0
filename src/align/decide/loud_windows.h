// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Windows that speak against a place. A window may say nothing because nobody speaks in it; one in
/// which both sides are as loud as they are where they agree has no such excuse: it holds two
/// different sounds. So a sentence or a bar of music that two events have in common is told from
/// one event heard twice.
#pragma once

#include <vector>

#include "align/follow/follow_clock.h"
#include "features/sound_scan.h"

namespace brisk {

/// Windows that do not agree though they should.
struct Disagreement {
    int windows = 0;  ///< In all, as loud on both sides as is usual where they agree.
    /// In a row before the first that agrees, or after the last, whichever is more: as loud on both
    /// sides as nearly all that agree. One event heard twice hardly has one; a piece of music that
    /// was played once more goes on with something else.
    int atOneEnd = 0;
};

/// Of windows of whoever is under way, none. None where none agree.
/// \param parts  of a take, their windows and lines on scratch time. Threads: safe.
Disagreement disagreementOf(const SoundScan& take, const SoundScan& recording,
                            const std::vector<MatchedRange>& parts);

}  // namespace brisk

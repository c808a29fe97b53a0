// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// From the shoot to what one take will sound like.
///
///     auto plan = takeSoundPlan(state, take, scanOf);   // nothing while it has no place
#pragma once

#include "day/take_pieces.h"
#include "render/take_sound.h"

namespace brisk {

/// With the take's choices, kept stretches and claps. A loudness that is asked for is not measured
/// here: until resolveLevel has, the gain is what the recording as a whole would need, limited.
/// Nothing while the take has no place, or a file is not known.   Threads: safe.
std::optional<TakeSoundPlan> takeSoundPlan(const ShootState& state, int take, const ScanOf& scanOf);

/// When hands clap in what is heard of recordings, on take time: claps that were found in what is
/// heard of the recordings, and marks where a clap may be. Each from shortly before its onset to
/// where it has died away.
std::vector<TimeRange> clapsIn(const ShootState& state, const CleanPieces& heard,
                               const ScanOf& scanOf);

}  // namespace brisk

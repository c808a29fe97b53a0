// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Where along an overlap to look closely: something sharp begins there in both sounds.
///
///     for (const auto& m : tellingMoments(take, recording, line, overlap, 5)) if (m) lens(*m);
#pragma once

#include <optional>
#include <vector>

#include "core/clock_line.h"
#include "features/sound_scan.h"

namespace brisk {

/// One moment (take time) near each of `count` evenly spaced places from the start of `overlap` to
/// its end; nothing where the two sounds have no onset in common, as in silence.
/// \param line  take time to recording time; to within some milliseconds is enough.
/// Threads: safe.
std::vector<std::optional<Seconds>> tellingMoments(const SoundScan& take,
                                                   const SoundScan& recording, ClockLine line,
                                                   TimeRange overlap, int count);

}  // namespace brisk

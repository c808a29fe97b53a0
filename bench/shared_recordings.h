// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Several takes of one recording, as on a real day: most of what a pair costs is its recording.
#pragma once

#include <vector>

#include "bench/pair_maker.h"

namespace brisk::bench {

/// The pairs in rows that share a recording: the first of a row says what the recorder does and
/// hears, the others keep their camera, their noise and their place at its begin, inside or at its
/// end. A pair whose recorder does what only its own take needs - it loses samples, somebody claps,
/// it hears another room - stays alone, and so does one that would find no place.
std::vector<std::vector<PairSpec>> rowsOfOneRecording(const std::vector<PairSpec>& pairs,
                                                      std::size_t takesEach);

}  // namespace brisk::bench

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A search that a person narrowed down: a stretch of the take, of the recording, or both.
///
///     auto e = matchWithin(take, recording, {.take = TimeRange{{60}, {90}}}, {}, job);
#pragma once

#include <optional>

#include "align/assemble/match.h"

namespace brisk {

struct SearchWithin {
    std::optional<TimeRange> take;       ///< Take time.
    std::optional<TimeRange> recording;  ///< Recording time.
};

/// A stretch of a file's sound, as if it were a file of its own; its time stamps are left out, for
/// they speak of the whole. `stretch` counts from the file's first sample.
SoundScan excerptOf(const SoundScan& scan, TimeRange stretch);

/// As matchPair, on stretches only; the answer is in the whole files' times. Time stamps are not
/// asked. Errors: as matchPair.   Threads: safe.
Result<TetherEstimate> matchWithin(const SoundScan& take, const SoundScan& recording,
                                   const SearchWithin& within, const MatchOptions& options,
                                   const JobControl& job);

}  // namespace brisk

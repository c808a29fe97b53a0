// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// All recordings that one take lies on: those of one recorder that continue each other, and other
/// microphones that ran at the same time.
///
///     for (const TakePlace& p : *takePlaces(take, recordings, ranked, unreadable, job))
///     use(p.estimate);
#pragma once

#include <vector>

#include "align/assemble/match.h"

namespace brisk {

/// One recording's answer for a take.
struct RankedMatch {
    std::size_t recording = 0;
    TetherEstimate estimate;
};

struct TakePlace {
    std::size_t recording = 0;
    TetherEstimate estimate;
    /// Another microphone than the first place's: it covers what is covered already.
    bool beside = false;
};

/// From every recording's answer to what is so. The first place is the surest; without a sure one
/// it is the only one.
/// - Other sure answers are files of the same recorder that cover the rest, or microphones beside.
/// - Where a recording ends inside the take, the recorder's next file is looked for there. Files
///   that touch by their time stamps, or by what was measured to within 2 ms, share one line: no
///   sample is lost or heard twice between them.
/// - Two files that one recorder made at different times cannot both be right: then nothing is
///   sure.
/// \param ranked  the surest first; at least one.
/// \param unreadable  recordings that could not be read are added; the others count all the same.
/// Errors: CannotRead of the take, Cancelled.   Threads: safe.
Result<std::vector<TakePlace>> takePlaces(const SoundScan& take,
                                          const std::vector<const SoundScan*>& recordings,
                                          const std::vector<RankedMatch>& ranked,
                                          std::vector<Error>& unreadable, const JobControl& job);

}  // namespace brisk

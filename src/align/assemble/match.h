// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// One take against one recording, from two scans to an answer.
///
///     TetherEstimate e = *matchPair(take, recording, {}, job);
///     e.line.toRecording(Seconds{0});   // where the take's first picture falls
#pragma once

#include "align/nominate/coarse_recording.h"
#include "align/tether_estimate.h"
#include "core/job_control.h"
#include "core/result.h"
#include "features/sound_scan.h"

namespace brisk {

enum class MatchMethod {
    Auto,      ///< By waveform, and by claps where the waveform does not decide.
    Waveform,  ///< By everything that is heard.
    Claps,     ///< By claps alone.
    Timecode,  ///< Where the files' time stamps say, settled by ear.
};

struct MatchOptions {
    MatchMethod method = MatchMethod::Auto;
    /// The recording's side of the search, where several takes share it; else made anew.
    std::shared_ptr<CoarseRecording> searched = nullptr;
};

/// Errors: CannotRead, Cancelled. Too little or no sound is an answer (unmatched), not an error.
/// Threads: safe for distinct calls, also on shared scans.
Result<TetherEstimate> matchPair(const SoundScan& take, const SoundScan& recording,
                                 const MatchOptions& options, const JobControl& job);

}  // namespace brisk

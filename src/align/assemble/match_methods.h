// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The ways to place a take, one function each; match.h chooses between them.
#pragma once

#include <optional>

#include "align/measure/window_reader.h"
#include "align/nominate/coarse_recording.h"
#include "align/nominate/stamp_place.h"
#include "align/tether_estimate.h"
#include "core/job_control.h"
#include "core/result.h"

namespace brisk {

/// \param searched  of the reader's recording.
/// \param stamps  where the time stamps have the take: one more place to look at.
/// \param leastCoarse  see MatchOptions.
/// Errors: CannotRead, Cancelled.
Result<TetherEstimate> matchByWaveform(WindowReader& reader, CoarseRecording& searched,
                                       const std::optional<StampPlace>& stamps, double leastCoarse,
                                       const JobControl& job);

/// Errors: CannotRead, Cancelled.
Result<TetherEstimate> matchByOnsets(WindowReader& reader, const JobControl& job);

/// Errors: CannotRead, Cancelled.
Result<TetherEstimate> matchByStamps(WindowReader& reader, CoarseRecording& searched,
                                     const std::optional<StampPlace>& stamps,
                                     const JobControl& job);

}  // namespace brisk

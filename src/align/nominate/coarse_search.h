// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Where in the whole recording a take could belong, to within a band frame (8 ms): every place is
/// tried.
///
///     auto places = coarseSearch(scratch.bands, clean.bands, job);
///     places->front().score   // robust deviations above the usual, summed over segments
#pragma once

#include <vector>

#include "align/nominate/coarse_recording.h"
#include "align/nominate/coarse_take.h"
#include "core/clock_line.h"
#include "core/job_control.h"
#include "core/result.h"
#include "features/band_levels.h"

namespace brisk {

struct CoarsePlace {
    /// From seconds after the first scratch sample to seconds after the first clean sample.
    ClockLine line;
    double score = 0;  ///< Sum over the segments that agree, in robust deviations.
    int segmentsAgreeing = 0;
    bool driftKnown = false;  ///< Enough segments agree to give a slope.
};

struct CoarseResult {
    std::vector<CoarsePlace> places;  ///< Best first, 0.1 s apart or more.
    int segments = 0;
};

constexpr std::size_t kCoarsePlaces = 6;

/// \param most  places that are wanted.
/// Errors: TooShort (less than 1.2 s), Silent (nothing ever begins in one of them), Cancelled.
/// Threads: safe.
Result<CoarseResult> coarseSearch(const BandLevels& scratch, CoarseRecording& clean,
                                  const JobControl& job, std::size_t most = kCoarsePlaces);
/// The same for a take that is looked for in several recordings.
Result<CoarseResult> coarseSearch(const CoarseTake& take, CoarseRecording& clean,
                                  const JobControl& job, std::size_t most = kCoarsePlaces);
/// The same for a recording that is searched once.
Result<CoarseResult> coarseSearch(const BandLevels& scratch, const BandLevels& clean,
                                  const JobControl& job);

/// The same for a stretch of the take, within ±reach of where `line` has it. Drift is taken from
/// `line`. Errors as above.
Result<std::vector<CoarsePlace>> placesNear(const BandLevels& scratch, const BandLevels& clean,
                                            TimeRange stretch, ClockLine line, Seconds reach,
                                            const JobControl& job);

/// Where a recording holds once more what it holds in `stretch`: music that is played twice, or
/// goes round. Each as seconds later (or earlier) than it is there, the likest first; a minute from
/// its middle is compared. Errors: Cancelled. Threads: safe.
Result<std::vector<Seconds>> repeatsOf(const BandLevels& recording, TimeRange stretch,
                                       const JobControl& job);

/// Places at which only the end of the one and the beginning of the other are the same sound, from
/// about four seconds on: too little to be seen among all places. Best first; none for files that
/// are short anyway. Errors: Cancelled.
Result<std::vector<CoarsePlace>> placesAtEdges(const BandLevels& scratch, const BandLevels& clean,
                                               const JobControl& job);

}  // namespace brisk

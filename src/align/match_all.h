// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Every take against every recording, on all cores.
///
///     AllMatches m = matchAll(takes, recordings, {}, 0, job);
///     for (const RankedMatch& r : m.byTake[2]) use(r.recording, r.estimate);
#pragma once

#include <functional>
#include <optional>
#include <vector>

#include "align/match.h"

namespace brisk {

struct RankedMatch {
    std::size_t recording = 0;
    TetherEstimate estimate;
};

struct AllMatches {
    /// For each take every recording's answer, the surest first. Empty for a take that was not
    /// finished.
    std::vector<std::vector<RankedMatch>> byTake;
    /// The first pair that failed, in order of takes and recordings; Cancelled where stopped.
    std::optional<Error> problem;
};

/// Told of a take's surest answer as soon as every recording was asked.
using TakeMatched = std::function<void(std::size_t take, const RankedMatch& best)>;

/// \param threads  0 = one for each core. The answer does not depend on it.
/// Threads: reports and tells from any thread, one at a time.
AllMatches matchAll(const std::vector<const SoundScan*>& takes,
                    const std::vector<const SoundScan*>& recordings, const MatchOptions& options,
                    int threads, const JobControl& job, const TakeMatched& told = {});

}  // namespace brisk

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

#include "align/assemble/known_pairs.h"
#include "align/assemble/take_places.h"

namespace brisk {

struct AllMatches {
    /// For each take the answer of every recording that could give one, the surest first. Empty for
    /// a take that was not finished, or could not be read.
    std::vector<std::vector<RankedMatch>> byTake;
    /// For each take the recordings it lies on, as take_places.h has it.
    std::vector<std::vector<TakePlace>> places;
    /// What could not be read, each once, in order of takes and recordings; the others have their
    /// answers all the same.
    std::vector<Error> problems;
    bool stopped = false;
};

/// Told of a take's places as soon as every recording was asked.
using TakeMatched = std::function<void(std::size_t take, const std::vector<TakePlace>& places)>;

/// \param threads  0 = one for each core. The answer does not depend on it.
/// \param known  what was found out before of the same scans, in which the answer does not differ.
/// Threads: reports and tells from any thread, one at a time.
AllMatches matchAll(const std::vector<const SoundScan*>& takes,
                    const std::vector<const SoundScan*>& recordings, const MatchOptions& options,
                    int threads, const JobControl& job, const TakeMatched& told = {},
                    KnownPairs* known = nullptr);

/// While files are still to come: tells of takes that surely lie on one of these recordings, for
/// all that these have to say. \param known  keeps what was found out, for matchAll.
/// Threads: as above.
void matchAhead(const std::vector<const SoundScan*>& takes,
                const std::vector<const SoundScan*>& recordings, int threads, const JobControl& job,
                const TakeMatched& told, KnownPairs& known);

}  // namespace brisk

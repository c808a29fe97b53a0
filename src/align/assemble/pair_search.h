// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Asks every recording about every take, where it is most likely first.
///
///     searchPairs(takes, recordings, {}, 2, job, {sure, answered});
#pragma once

#include <functional>
#include <optional>
#include <vector>

#include "align/assemble/known_pairs.h"
#include "align/assemble/match.h"

namespace brisk {

/// What one recording says of one take; nothing where it was not asked before all was stopped.
using PairAnswer = std::optional<Result<TetherEstimate>>;

/// Once for each take that was finished: an answer from each recording. Called from any thread,
/// several at a time.
using TakeAnswered = std::function<void(std::size_t take, std::vector<PairAnswer> byRecording)>;
/// The take surely lies there. Called from any thread, several at a time.
using TakeSure =
    std::function<void(std::size_t take, std::size_t recording, const TetherEstimate& e)>;

/// A take that surely lies on one file of a recorder is not measured on that recorder's other
/// files, unless one of them would contradict, nor on other recorders' where nothing says that they
/// heard it. \param threads  0 = one for each core. The answers do not depend on it, nor on the
/// order of files. Memory: some 60 MB a thread, and what one recording looks like in the search.
/// \param known  what was found out before of the same scans; may be null.
void searchPairs(const std::vector<const SoundScan*>& takes,
                 const std::vector<const SoundScan*>& recordings, const MatchOptions& options,
                 int threads, const JobControl& job, const TakeAnswered& told,
                 KnownPairs* known = nullptr);

/// While files are still to come: measures a take only where one place stands out from all others,
/// and tells what is sure of it. \param known  is told what was found out, for searchPairs.
void searchAhead(const std::vector<const SoundScan*>& takes,
                 const std::vector<const SoundScan*>& recordings, int threads,
                 const JobControl& job, const TakeSure& told, KnownPairs& known);

}  // namespace brisk

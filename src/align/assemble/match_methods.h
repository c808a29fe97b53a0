// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The ways to place a take, one function each; match.h chooses between them.
#pragma once

#include <optional>
#include <vector>

#include "align/measure/window_reader.h"
#include "align/nominate/coarse_search.h"
#include "align/nominate/stamp_place.h"
#include "align/tether_estimate.h"
#include "core/job_control.h"
#include "core/result.h"

namespace brisk {

/// Where a take could lie on a recording, as the coarse search has it.
struct Nominated {
    std::vector<CoarsePlace> places;  ///< Best first.
    Facts refused;                    ///< Why there can be none: too short, or silent.

    [[nodiscard]] double best() const { return places.empty() ? 0 : places.front().score; }
    /// Whether the best is more than chance makes of the best of so many places.
    [[nodiscard]] bool beyondChance() const;
    /// Whether the second of them reaches less than that share of the best.
    [[nodiscard]] bool standsAlone(double share) const {
        return !places.empty() && (places.size() == 1 || places[1].score < share * best());
    }
};

/// Errors: CannotRead, Cancelled.
Result<Nominated> nominate(const CoarseTake& take, CoarseRecording& searched,
                           const JobControl& job);

/// Measures what was nominated.
/// \param stamps  where the time stamps have the take: one more place to look at.
/// Errors: CannotRead, Cancelled.
Result<TetherEstimate> measureNominated(WindowReader& reader, const Nominated& nominated,
                                        const std::optional<StampPlace>& stamps,
                                        const JobControl& job);

/// For a pair in which nothing was found: whether one file ends where the other begins. `found`
/// where it does not. Errors: CannotRead, Cancelled.
Result<TetherEstimate> lookAtEdges(WindowReader& reader, TetherEstimate found,
                                   const JobControl& job);

/// For a take of which nothing was found anywhere: the same, and what is rarer and dearer to
/// search, rates that were pulled and sound that is buried. `found` where that shows nothing.
/// \param searched  of the reader's recording. Errors: CannotRead, Cancelled.
Result<TetherEstimate> lookFurther(WindowReader& reader, CoarseRecording& searched,
                                   TetherEstimate found, const JobControl& job);

/// All three, one after the other.
Result<TetherEstimate> matchByWaveform(WindowReader& reader, CoarseRecording& searched,
                                       const std::optional<StampPlace>& stamps,
                                       const JobControl& job);

/// Errors: CannotRead, Cancelled.
Result<TetherEstimate> matchByOnsets(WindowReader& reader, const JobControl& job);

/// What claps say where the waveform does not decide and they do; else what it said. Claps never
/// stand against sound that decides, nor replace what the sound has to say about equal places.
/// Errors: CannotRead, Cancelled.
Result<TetherEstimate> orByOnsets(WindowReader& reader, TetherEstimate byWaveform,
                                  const JobControl& job);

/// Errors: CannotRead, Cancelled.
Result<TetherEstimate> matchByStamps(WindowReader& reader, CoarseRecording& searched,
                                     const std::optional<StampPlace>& stamps,
                                     const JobControl& job);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Measures places that were nominated, and says what the best of them is worth.
///
///     auto estimate = bestOfPlaces(reader, places, stamps, job);
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

/// A second place is looked at when it scores at least this part of the best.
constexpr double kWorthFollowing = 0.5;
/// Of what one search names, so many at most.
constexpr std::size_t kMaxProbed = 5;
/// Deviations of a segment that chance reaches for the best of all places.
constexpr double kChanceReaches = 4.7;

/// Whether both lines put `middle` of the take at one place.
bool meetAt(Seconds middle, ClockLine a, ClockLine b);

/// Whether a coarse score is more than chance makes of the best of so many places.
bool coarseSaysMuch(double score, int segments);

/// \param stamps  where the time stamps have the take: they order places that are equally good.
/// Errors: CannotRead, Cancelled.
Result<TetherEstimate> bestOfPlaces(WindowReader& reader, const std::vector<CoarsePlace>& places,
                                    const std::optional<StampPlace>& stamps, const JobControl& job);

}  // namespace brisk

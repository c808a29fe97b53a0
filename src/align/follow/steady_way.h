// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The line of a take whose camera is carried away from whoever speaks, or towards them, at one
/// pace: it is heard along a slope that no two clocks have.
///
///     auto found = findSteadyWay(reader, match, job);
///     if (*found) compare(match, **found);
#pragma once

#include <optional>

#include "align/measure/fine_match.h"

namespace brisk {

/// Tries slopes of up to 1320 ppm, which is 0.45 m/s, at a place along whose line not all windows
/// agree, or not closely.
/// \return what is heard along the best of them, which may be worse than `match`. Nothing where
///         `match` leaves nothing to look for, and where the overlap is too short to tell a slope,
///         or so long that nobody walks away all through it.
/// Errors: CannotRead, Cancelled.
Result<std::optional<FineMatch>> findSteadyWay(WindowReader& reader, const FineMatch& match,
                                               const JobControl& job);

}  // namespace brisk

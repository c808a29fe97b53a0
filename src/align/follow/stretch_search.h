// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A stretch of a take searched by itself, near where something else has it: where samples were
/// lost, one line through the whole misleads.
///
///     auto found = searchStretch(reader, {{80}, {120}}, line, job);
///     if (*found) ...    // it fits there beyond doubt
#pragma once

#include <optional>

#include "align/measure/fine_match.h"

namespace brisk {

/// Up to twenty seconds from where `line` has it; its drift is taken from `line`.
/// \param leastJump  found nearer to the line than this many seconds, it is no news: nothing.
/// Errors: CannotRead, Cancelled. Nowhere beyond doubt is an answer.
Result<std::optional<FineMatch>> searchStretch(WindowReader& reader, TimeRange stretch,
                                               ClockLine line, double leastJump,
                                               const JobControl& job);

/// The surest of a few stretches of a match whose windows do not agree, as a match of the whole:
/// its line holds there, and what is beyond can be followed from it. Nothing where none is sure.
/// Errors: CannotRead, Cancelled.
Result<std::optional<FineMatch>> findAnchor(WindowReader& reader, const FineMatch& match,
                                            const JobControl& job);

}  // namespace brisk

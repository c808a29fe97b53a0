// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Marks on both sounds, put together: which belong to which, and the line through them.
///
///     auto fits = fitMarks(takeMarks, recordingMarks, line.drift);   // best first
///     fits.front().line, fits.front().pairs[0].left
#pragma once

#include <span>
#include <vector>

#include "core/clock_line.h"

namespace brisk {

struct MarkPair {
    std::size_t take = 0;       ///< Index into the take's marks.
    std::size_t recording = 0;  ///< Index into the recording's.
    Seconds left;  ///< Remaining error; positive where the clean sound comes too early.
};

struct MarkFit {
    ClockLine line;
    std::vector<MarkPair> pairs;  ///< In order of time.
    bool driftMeasured = false;   ///< Else it was given.
    [[nodiscard]] Seconds worst() const;
};

/// Every way to lay the marks upon each other that joins as many as can be joined: spacing decides.
/// With equal spacing several do equally well; the others are rivals.
/// \param takeTimes, recordingTimes  in order of time.
/// \param drift  used where the pairs lie less than 30 s apart, over which ears and eyes cannot
///               tell a drift.
/// At most six, best first: more pairs, then the smaller remaining error. Empty where either side
/// has no mark.
std::vector<MarkFit> fitMarks(std::span<const Seconds> takeTimes,
                              std::span<const Seconds> recordingTimes, Ppm drift);

}  // namespace brisk

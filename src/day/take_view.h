// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Everything that a window shows of one take, as one value: worked out once for each change, so
/// that nothing is asked while it is drawn and nothing is measured because somebody looked.
///
///     const TakeView v = viewOf(state, take, known);
///     if (const Fact why = whyNotTether(v); why.empty()) ...        // permissions.h
#pragma once

#include <functional>
#include <optional>
#include <vector>

#include "core/time_entry.h"
#include "core/time_ranges.h"
#include "day/placed_pair.h"
#include "day/take_plan.h"
#include "shoot/continued_take.h"

namespace brisk {

/// What has been found out about media so far. Each may know nothing yet.
struct KnownMedia {
    std::function<const MediaInfo*(int media)> info;
    ScanOf scan;
    /// The level that a plan needs, where it was measured.
    std::function<const LevelPlan*(const TakeSoundPlan&)> level;
    /// Of the whole shoot, found once for all takes (continuedTakes).
    const std::vector<ContinuedTake>& continued;
};

struct TakeView {
    int take = 0;              ///< 0 = none.
    bool isRecording = false;  ///< It is no take: a recording by itself.
    TetherState state = TetherState::Loose;
    std::optional<Tether> tether;  ///< What it is worked on by, also where nothing fitted.
    bool placed = false;
    std::optional<Seconds> slippedBy;  ///< See ShootState.
    bool read = false;                 ///< The take's file.
    bool anyRecording = false;         ///< The shoot has one.
    std::optional<PlacedPair> pair;    ///< Placed, and both files read.
    /// What it will sound like, its level as far as that is known; where there is a pair.
    std::optional<TakeSoundPlan> sound;
    SoundChoice choice;                    ///< The person's, also while there is no pair.
    TimeRange whole;                       ///< Take time.
    TimeRanges kept;                       ///< All of it where nothing was cut.
    std::vector<Mark> marks;               ///< A person's, on the take and all it is laid on.
    bool marksOnBoth = false;              ///< Of them, on the take and on its recording.
    std::vector<ContinuedTake> continues;  ///< Those of which it is one of the two.
    EntryUnits units;                      ///< In which times are typed.

    /// From the first to the last that is kept, where something was trimmed away at an end: what a
    /// search uses.
    [[nodiscard]] std::optional<TimeRange> trimmedTo() const;
    [[nodiscard]] bool locked() const { return tether && tether->locked; }
    /// What the clean sound is made of, as it is heard; empty while it has no place.
    [[nodiscard]] CleanPieces heard() const { return sound ? sound->clean : CleanPieces{}; }
};

/// Nothing is read or measured.   Threads: safe.
TakeView viewOf(const ShootState& state, int take, const KnownMedia& known);

}  // namespace brisk

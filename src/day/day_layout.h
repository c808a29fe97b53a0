// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The whole shoot on one time axis: where each recording and each placed take lies in the day, in
/// which row, and what has no place.
///
///     DayLayout day = layOutDay(state, [&](int id) { return facts(id); });
#pragma once

#include <functional>
#include <optional>
#include <string>
#include <vector>

#include "shoot/shoot_state.h"

namespace brisk {

/// What is known of a file for this.
struct DayFacts {
    const MediaInfo* info = nullptr;
    Seconds length;  ///< Of a take's picture or a recording's sound.
};

struct DayRibbon {
    int recording = 0;
    int row = 0;
    TimeRange day;
};

struct DayTake {
    int take = 0;
    int lane = 0;  ///< Of its camera; one more where two of one camera overlap.
    TimeRange day;
    std::vector<TimeRange> covered;  ///< Of it: where there is clean sound, one for each recording.
};

struct DayLayout {
    std::vector<DayRibbon> ribbons;
    std::vector<DayTake> takes;
    std::vector<int> shelf;              ///< Takes without a place, in the shoot's order.
    std::vector<std::string> laneNames;  ///< A camera each.
    int rows = 0;
    Seconds length;
    std::optional<Seconds> clock;  ///< Time of day at 0, where the recordings say it.
};

/// Recordings lie where their time stamps say; without them one after the other, in the shoot's
/// order.   Threads: safe.
DayLayout layOutDay(const ShootState& state, const std::function<DayFacts(int)>& factsOf);

/// The camera of a take: as a person named it, or else told by what its files are like.
std::string cameraOf(const MediaItem& item, const MediaInfo* info);

}  // namespace brisk

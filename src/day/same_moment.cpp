// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/same_moment.h"

#include <algorithm>

namespace brisk {
namespace {

const DayTake* onDay(const DayLayout& day, int take) {
    const auto it = std::find_if(day.takes.begin(), day.takes.end(),
                                 [&](const DayTake& t) { return t.take == take; });
    return it == day.takes.end() ? nullptr : &*it;
}

}  // namespace

std::vector<SameMoment> takesAtMoment(const ShootState& state, const DayLayout& day, int take,
                                      Seconds t) {
    std::vector<SameMoment> out;
    const DayTake* mine = onDay(day, take);
    const Tether* tether = state.tetherOf(take);
    if (!mine || !tether) return out;
    const std::string& lane = day.laneNames[static_cast<std::size_t>(mine->lane)];
    for (const DayTake& other : day.takes) {
        if (other.take == take || day.laneNames[static_cast<std::size_t>(other.lane)] == lane) {
            continue;
        }
        Seconds at = mine->day.start + t - other.day.start;
        for (const Tether* o : state.tethersOf(other.take)) {
            if (o->recording != tether->recording) continue;
            at = o->heardLine().toTake(tether->heardLine().toRecording(t));
            break;
        }
        if (at >= Seconds{0} && at < other.day.length()) out.push_back({other.take, at});
    }
    return out;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/day_layout.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "align/nominate/stamp_place.h"
#include "shoot/tethers_by_take.h"

namespace brisk {
namespace {

constexpr double kBetween = 20;  // seconds between recordings that say no time
constexpr double kDay = 86400;

/// Seconds since some midnight, the same for all that answer in this way.
std::optional<double> startOf(const MediaInfo& info, bool byReference) {
    if (byReference) {
        if (info.stamps.bextReference) return info.stamps.bextReference->value;
        if (info.stamps.inSound) return info.stamps.inSound->atFirstSample.value;
        return std::nullopt;
    }
    if (const auto t = isoSeconds(info.stamps.creationTime)) return t->value;
    return std::nullopt;
}

/// Times since midnight as times of one shoot: it began after the longest time in which nothing
/// did, and what is earlier on the clock was on the next day.
void unwrapMidnight(std::vector<double>& starts) {
    std::vector<double> sorted = starts;
    std::sort(sorted.begin(), sorted.end());
    double longest = sorted.front() + kDay - sorted.back(), first = sorted.front();
    for (std::size_t i = 1; i < sorted.size(); ++i) {
        if (sorted[i] - sorted[i - 1] <= longest) continue;
        longest = sorted[i] - sorted[i - 1];
        first = sorted[i];
    }
    for (double& s : starts) s += s < first ? kDay : 0;
}

/// Where the recordings begin, when all of them say so in the same way.
std::optional<std::vector<double>> stampedStarts(const std::vector<int>& ids,
                                                 const std::function<DayFacts(int)>& factsOf) {
    for (const bool byReference : {true, false}) {
        std::vector<double> starts;
        for (const int id : ids) {
            const DayFacts f = factsOf(id);
            const auto t = f.info ? startOf(*f.info, byReference) : std::nullopt;
            if (!t) break;
            starts.push_back(*t);
        }
        if (ids.empty() || starts.size() != ids.size()) continue;
        if (byReference) unwrapMidnight(starts);
        return starts;
    }
    return std::nullopt;
}

/// The first row in which nothing overlaps `range`.
int freeRow(const std::vector<std::pair<int, TimeRange>>& taken, TimeRange range) {
    for (int row = 0;; ++row) {
        const bool free = std::none_of(taken.begin(), taken.end(), [&](const auto& t) {
            return t.first == row && t.second.start < range.end && range.start < t.second.end;
        });
        if (free) return row;
    }
}

/// Where a recording begins, by a take that lies on it and on one that is laid already.
std::optional<double> besideAnother(const ShootState& state, int recording,
                                    const std::vector<std::pair<int, double>>& laid) {
    for (const Tether& mine : state.tethers) {
        if (mine.recording != recording || mine.state() == TetherState::Loose) continue;
        for (const Tether* other : state.tethersOf(mine.take)) {
            for (const auto& [id, start] : laid) {
                if (id != other->recording) continue;
                return start + (other->line.offset - mine.line.offset).value;
            }
        }
    }
    return std::nullopt;
}

/// What of a take is covered by what is heard in it, on the day's time.
std::vector<TimeRange> coveredOf(const std::vector<const Tether*>& tethers, TimeRange day,
                                 const std::function<DayFacts(int)>& factsOf) {
    std::vector<TimeRange> out;
    for (const Tether* t : tethers) {
        if (t->beside || t->state() == TetherState::Loose) continue;
        const Seconds length = factsOf(t->recording).length;
        const TimeRange reach{day.start + t->line.toTake({0}), day.start + t->line.toTake(length)};
        const TimeRange inside = day.intersect(reach);
        if (!inside.empty()) out.push_back(inside);
    }
    return out;
}

void layRibbons(DayLayout& day, const ShootState& state, const std::vector<int>& ids,
                const std::function<DayFacts(int)>& factsOf) {
    const auto stamped = stampedStarts(ids, factsOf);
    std::vector<std::pair<int, double>> laid;
    double earliest = 0, next = 0;
    if (stamped) {
        earliest = *std::min_element(stamped->begin(), stamped->end());
        day.clock = Seconds{std::fmod(earliest, kDay)};
    }
    std::vector<std::pair<int, TimeRange>> taken;
    for (std::size_t i = 0; i < ids.size(); ++i) {
        const Seconds length = factsOf(ids[i]).length;
        double start = stamped ? (*stamped)[i] - earliest : next;
        // A take that lies on two recordings knows how these lie to each other.
        if (const auto known = stamped ? std::nullopt : besideAnother(state, ids[i], laid)) {
            start = std::max(0.0, *known);
        }
        laid.emplace_back(ids[i], start);
        next = std::max(next, start + length.value + kBetween);
        const TimeRange range{{start}, Seconds{start} + length};
        const int row = freeRow(taken, range);
        taken.emplace_back(row, range);
        day.rows = std::max(day.rows, row + 1);
        day.ribbons.push_back({ids[i], row, range});
    }
}

}  // namespace

std::string cameraOf(const MediaItem& item, const MediaInfo* info) {
    if (!item.camera.empty()) return item.camera;
    if (!info || !info->video) return "camera";
    const VideoFacts& v = *info->video;
    // As it came from the card: nothing of this changes from take to take.
    // Asked for every take at every change: no std::filesystem, which takes paths apart for long.
    const auto slash = item.path.rfind('/');
    const std::string folder = slash == std::string::npos ? "" : item.path.substr(0, slash);
    return folder + " " + info->container + " " + v.codec + " " + std::to_string(v.width) + " x " +
           std::to_string(v.height);
}

DayLayout layOutDay(const ShootState& state, const std::function<DayFacts(int)>& factsOf) {
    DayLayout day;
    layRibbons(day, state, state.ids(MediaKind::Recording), factsOf);
    const TethersByTake tethers(state);
    std::map<std::string, std::vector<DayTake>> byCamera;
    std::vector<std::string> order;
    for (const MediaItem& item : state.media) {
        if (item.role != MediaKind::Take) continue;
        const int id = item.id;
        const Tether* t = tethers.first(id);
        const bool placed = t && t->state() != TetherState::Loose;
        const auto ribbon =
            std::find_if(day.ribbons.begin(), day.ribbons.end(),
                         [&](const DayRibbon& r) { return placed && r.recording == t->recording; });
        if (ribbon == day.ribbons.end()) {
            day.shelf.push_back(id);
            continue;
        }
        const DayFacts f = factsOf(id);
        const Seconds start = ribbon->day.start + t->line.offset;
        const TimeRange range{start, start + f.length};
        const std::string camera = cameraOf(item, f.info);
        if (!byCamera.contains(camera)) order.push_back(camera);
        byCamera[camera].push_back({id, 0, range, coveredOf(tethers.of(id), range, factsOf)});
    }
    int lanes = 0;
    for (const std::string& camera : order) {
        std::vector<std::pair<int, TimeRange>> taken;
        int used = 0;
        for (DayTake& t : byCamera[camera]) {
            const int row = freeRow(taken, t.day);
            taken.emplace_back(row, t.day);
            used = std::max(used, row + 1);
            t.lane = lanes + row;
            day.takes.push_back(t);
        }
        for (int i = 0; i < used; ++i) day.laneNames.push_back(camera);
        lanes += used;
    }
    // A take may begin before its recording: the day begins with it.
    Seconds first{0};
    for (const auto& t : day.takes) first = std::min(first, t.day.start);
    const auto shift = [&](TimeRange& r) { r = {r.start - first, r.end - first}; };
    for (auto& r : day.ribbons) shift(r.day);
    for (auto& t : day.takes) {
        shift(t.day);
        for (auto& c : t.covered) shift(c);
    }
    if (day.clock) day.clock = *day.clock + first;
    for (const auto& r : day.ribbons) day.length = std::max(day.length, r.day.end);
    for (const auto& t : day.takes) day.length = std::max(day.length, t.day.end);
    return day;
}

}  // namespace brisk

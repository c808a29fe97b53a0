// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/whole_shoot.h"

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <map>

#include "align/assemble/recorder_files.h"
#include "core/statistics.h"
#include "day/carried_camera.h"
#include "day/found_together.h"
#include "day/shot_order.h"
#include "shoot/change_state.h"

namespace brisk {
namespace {

constexpr double kLong = 120;          // seconds of overlap that measure a clock well
constexpr double kShort = 90;          // of evidence; below it others' drift is better than its own
constexpr double kOverruled = 0.0005;  // seconds at an end; sound knows that well even if short
constexpr double kAgree = 3;           // ppm that long takes may differ by
constexpr double kOverlapping = 0.5;   // seconds that two takes may share: cameras cut late

/// A tether among those found and those locked before.
struct Claim {
    Tether* found = nullptr;  ///< Null for one that is locked already.
    int take = 0;
    int recording = 0;
    ClockLine line;
    TimeRange onRecording;
    std::string camera;
};

bool countsAsPlaced(const Tether& t) {
    return t.found.status == MatchStatus::Matched && t.found.oneLineHolds();
}

std::vector<Claim> claims(std::vector<Tether>& found, const ShootState& state,
                          const std::function<DayFacts(int)>& factsOf) {
    std::vector<Claim> out;
    const auto add = [&](const Tether& t, Tether* mine) {
        const MediaItem* item = state.item(t.take);
        if (!item) return;
        const DayFacts f = factsOf(t.take);
        out.push_back({mine,
                       t.take,
                       t.recording,
                       t.line,
                       {t.line.toRecording({0}), t.line.toRecording(f.length)},
                       cameraOf(*item, f.info) + "/" + namePattern(nameOf(state, t.take))});
    };
    for (Tether& t : found) {
        if (countsAsPlaced(t)) add(t, &t);
    }
    for (const Tether& t : state.tethers) {
        if (t.locked) add(t, nullptr);
    }
    return out;
}

/// The stretch from which the place was measured: of a long take with three claps, that of the
/// claps.
TimeRange evidenceOf(const TetherEstimate& e) {
    TimeRange heard{{1e300}, {-1e300}};
    for (const MeasuredLag& s : e.slips) {
        if (!s.agrees) continue;
        heard = {std::min(heard.start, s.takeTime), std::max(heard.end, s.takeTime)};
    }
    return heard.end < heard.start ? e.overlap : heard;
}

void borrowDrift(std::vector<Tether>& found, const ShootState& state,
                 const std::function<DayFacts(int)>& factsOf) {
    std::map<std::pair<std::string, int>, std::vector<const Tether*>> measured;
    const auto clockOf = [&](const Tether& t) {
        return std::pair(cameraOf(*state.item(t.take), factsOf(t.take).info), t.recording);
    };
    const auto measures = [&](const Tether& t) {
        return countsAsPlaced(t) && state.item(t.take) && t.found.overlap.length().value >= kLong;
    };
    for (const Tether* t : foundAndStanding(found, state)) {
        if (measures(*t)) measured[clockOf(*t)].push_back(t);
    }
    std::map<std::pair<std::string, int>, double> shared;
    for (const auto& [clock, takes] : measured) {
        std::vector<double> drifts;
        for (const Tether* t : takes) drifts.push_back(t->line.drift.value);
        std::sort(drifts.begin(), drifts.end());
        if (drifts.back() - drifts.front() <= kAgree) shared[clock] = median(drifts);
    }
    for (Tether& t : found) {
        const bool hasAPlace = t.found.status != MatchStatus::Unmatched && t.found.oneLineHolds();
        if (!hasAPlace || !state.item(t.take)) continue;
        if (sharesItsLine(t, found) || findFact(t.found.reason, "borrowed-drift")) continue;
        const auto clock = shared.find(clockOf(t));
        const TimeRange heard = evidenceOf(t.found);
        if (clock == shared.end() || heard.length().value > kShort) continue;
        const double apart = std::fabs(clock->second - t.line.drift.value) * 1e-6;
        if (apart * heard.length().value / 2 > kOverruled) continue;
        const Seconds middle = (heard.start + heard.end) / 2;
        const ClockLine line =
            ClockLine{{0}, {clock->second}}.through(middle, t.line.toRecording(middle));
        t.line = t.found.line = line;
        for (TetherSegment& s : t.found.segments) s.line = line;
        t.found.reason.push_back({"borrowed-drift", {{"drift_ppm", clock->second}}});
    }
}

void findContradictions(std::vector<Tether>& found, const ShootState& state,
                        const std::function<DayFacts(int)>& factsOf) {
    const auto all = claims(found, state, factsOf);
    for (const Claim& a : all) {
        for (const Claim& b : all) {
            if (!a.found || a.take == b.take || a.recording != b.recording) continue;
            if (a.camera != b.camera) continue;
            const TimeRange both = a.onRecording.intersect(b.onRecording);
            if (both.empty() || both.length().value < kOverlapping) continue;
            a.found->found.status = MatchStatus::Unsure;
            a.found->found.confidence = std::min(a.found->found.confidence, 0.5);
            Facts& reason = a.found->found.reason;
            reason.insert(reason.begin(),
                          {"claims-same-stretch", {{"take", nameOf(state, b.take)}}});
            break;
        }
    }
}

/// The nearest take before (-1) or after (1) a shot in its series that surely lies on a recording.
const Tether* sureNeighbour(const std::vector<Shot>& shots, std::size_t i, int step, int recording,
                            const std::vector<Tether>& found, const ShootState& state) {
    const auto surely = [&](const Tether& t) {
        return t.recording == recording && !t.beside && (t.locked || countsAsPlaced(t));
    };
    for (auto k = static_cast<std::ptrdiff_t>(i) + step;
         k >= 0 && k < static_cast<std::ptrdiff_t>(shots.size()); k += step) {
        const Shot& s = shots[static_cast<std::size_t>(k)];
        if (s.series != shots[i].series) return nullptr;
        for (const auto* list : {&found, &state.tethers}) {
            for (const Tether& t : *list) {
                if (t.take == s.take && surely(t)) return &t;
            }
        }
    }
    return nullptr;
}

/// Order is no sound: it never makes an unsure place sure, but a person wants to know.
void speakOfOrder(std::vector<Tether>& found, const ShootState& state,
                  const std::function<DayFacts(int)>& factsOf) {
    const auto shots = shotOrder(state, factsOf);
    for (Tether& t : found) {
        if (t.found.status != MatchStatus::Unsure) continue;
        const auto it = std::find_if(shots.begin(), shots.end(),
                                     [&](const Shot& s) { return s.take == t.take; });
        if (it == shots.end()) continue;
        const auto i = static_cast<std::size_t>(it - shots.begin());
        const Tether* before = sureNeighbour(shots, i, -1, t.recording, found, state);
        const Tether* after = sureNeighbour(shots, i, 1, t.recording, found, state);
        const bool tooEarly = before && t.line.offset < before->line.offset;
        const bool tooLate = after && t.line.offset > after->line.offset;
        if (tooEarly || tooLate) {
            t.found.reason.push_back(
                {tooEarly ? "counted-after" : "counted-before",
                 {{"take", nameOf(state, (tooEarly ? before : after)->take)}}});
        } else if (before && after) {
            t.found.reason.push_back(
                {"lies-between",
                 {{"before", nameOf(state, before->take)}, {"after", nameOf(state, after->take)}}});
        }
    }
}

}  // namespace

void considerWholeShoot(std::vector<Tether>& found, const ShootState& state,
                        const std::function<DayFacts(int)>& factsOf) {
    partClockAndWay(found, state, factsOf);
    borrowDrift(found, state, factsOf);
    findContradictions(found, state, factsOf);
    speakOfOrder(found, state, factsOf);
}

}  // namespace brisk

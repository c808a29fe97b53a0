// SPDX-License-Identifier: GPL-3.0-or-later
// Why so reluctant: two cameras of one make may lie in one folder, and the second one's clock is
// no way. So a drift that clocks do have is left alone, and one that another take has as well.
#include "day/carried_camera.h"

#include <algorithm>
#include <cmath>
#include <optional>

#include "align/assemble/recorder_files.h"
#include "align/assemble/what_happened.h"
#include "align/nominate/pulled_rate.h"
#include "core/statistics.h"
#include "day/found_together.h"

namespace brisk {
namespace {

constexpr double kAgree = 15;         // ppm that a clock's takes may differ by, warm or cold
constexpr double kAnotherClock = 30;  // ppm; nearer to another take, it is no way
constexpr std::size_t kOthers = 2;
constexpr Seconds kMeasures{20};  // of overlap
constexpr Seconds kEach{2};       // of the take, from one point of the way to the next

/// What one take says of a clock.
struct Heard {
    int take = 0;
    std::string camera;
    const MediaInfo* recorder = nullptr;
    double drift = 0;  // ppm
};

using FactsOf = std::function<DayFacts(int)>;

std::optional<Heard> heardOf(const Tether& t, const ShootState& state, const FactsOf& factsOf) {
    const MediaItem* take = state.item(t.take);
    if (!take || !state.item(t.recording) || t.found.overlap.length() < kMeasures) {
        return std::nullopt;
    }
    return Heard{t.take, cameraOf(*take, factsOf(t.take).info), factsOf(t.recording).info,
                 t.found.line.drift.value};
}

/// What takes that surely have a place say.
std::vector<Heard> heardOfAll(const std::vector<Tether>& found, const ShootState& state,
                              const FactsOf& factsOf) {
    std::vector<Heard> out;
    for (const Tether* t : foundAndStanding(found, state)) {
        if (t->found.status != MatchStatus::Matched) continue;
        if (auto heard = heardOf(*t, state, factsOf)) out.push_back(*heard);
    }
    return out;
}

bool sameDevices(const Heard& a, const Heard& b) {
    return a.camera == b.camera && a.recorder && b.recorder &&
           (a.recorder == b.recorder || sameRecorder(*a.recorder, *b.recorder));
}

/// The drift that most of the other takes have, where those are enough; ppm.
std::optional<double> clockByOthers(const Heard& own, const std::vector<Heard>& all) {
    std::vector<double> drifts;
    for (const Heard& o : all) {
        if (o.take == own.take || !sameDevices(o, own)) continue;
        if (std::fabs(o.drift - own.drift) < kAnotherClock) return std::nullopt;
        if (!isRare({o.drift})) drifts.push_back(o.drift);
    }
    std::vector<double> most;
    for (const double about : drifts) {
        std::vector<double> near;
        std::copy_if(drifts.begin(), drifts.end(), std::back_inserter(near),
                     [&](double d) { return std::fabs(d - about) <= kAgree; });
        if (near.size() > most.size()) most = std::move(near);
    }
    if (most.size() < kOthers || 2 * most.size() <= drifts.size()) return std::nullopt;
    return median(std::move(most));
}

/// The lines of a take laid anew along a clock, and what that leaves as a way.
struct Parted {
    std::vector<TetherSegment> segments;
    std::vector<PathDelay> path;
};

Parted parted(const TetherEstimate& e, double clock) {
    Parted out;
    const auto wayOn = [&](const TetherSegment& old, Seconds at) {
        return out.segments.back().line.toRecording(at) - old.line.toRecording(at);
    };
    const TetherSegment* before = nullptr;
    for (const TetherSegment& s : e.segments) {
        const Seconds from = s.range.start;
        // Nobody moves while samples are lost; and lines that meet were one clock that bent.
        const Seconds way = before ? wayOn(*before, before->range.end) : Seconds{0};
        const bool meets =
            before && std::fabs((s.line.toRecording(from) - before->line.toRecording(from)).value) <
                          kMeeting.value;
        if (meets) {
            out.segments.back().range.end = s.range.end;
        } else {
            out.segments.push_back(
                {s.range, ClockLine{{0}, {clock}}.through(from, s.line.toRecording(from) + way),
                 s.startDoubt});
        }
        const int steps = std::max(1, static_cast<int>(s.range.length() / kEach));
        for (int i = 0; i <= steps; ++i) {
            const Seconds at = from + s.range.length() * (static_cast<double>(i) / steps);
            out.path.push_back({at, wayOn(s, at) + pathAt(e.path, at)});
        }
        before = &s;
    }
    const auto nearest =
        std::min_element(out.path.begin(), out.path.end(), [](const auto& a, const auto& b) {
            return a.later < b.later;
        })->later;
    for (PathDelay& p : out.path) p.later = p.later - nearest;
    for (TetherSegment& s : out.segments) s.line = s.line.shifted(-nearest);
    return out;
}

void part(Tether& t, double clock) {
    TetherEstimate& e = t.found;
    Parted now = parted(e, clock);
    e.segments = std::move(now.segments);
    e.path = std::move(now.path);
    t.line = e.line = e.segments.front().line;
    std::erase_if(e.reason, [](const Fact& f) {
        return f.id == "clock-or-way" || f.id == "speaker-walks" || f.id == "clock-bends" ||
               f.id == "pulled-longer" || f.id == "pulled-shorter";
    });
    add(e.reason, walkedFacts(e.path));
    e.reason.push_back({"borrowed-drift", {{"drift_ppm", clock}}});
}

}  // namespace

void partClockAndWay(std::vector<Tether>& found, const ShootState& state, const FactsOf& factsOf) {
    const auto all = heardOfAll(found, state, factsOf);
    for (Tether& t : found) {
        if (t.found.status == MatchStatus::Unmatched || t.found.segments.empty()) continue;
        if (sharesItsLine(t, found)) continue;
        const bool steep = std::any_of(t.found.segments.begin(), t.found.segments.end(),
                                       [](const TetherSegment& s) { return isRare(s.line.drift); });
        const auto own = heardOf(t, state, factsOf);
        if (!steep || !own) continue;
        const auto clock = clockByOthers(*own, all);
        if (clock && std::fabs(*clock - t.found.line.drift.value) >= kRareDrift.value)
            part(t, *clock);
    }
}

}  // namespace brisk

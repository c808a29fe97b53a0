// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: the recorder's day is one axis, each recording where it lies in it; each take is a
// stretch of that axis that runs at its own tether's speed. Between takes the camera's clock is
// taken to run as it did on the average in them, so that the whole is one continuous way from the
// camera's seconds to the recorder's.
#include "day/whole_recording.h"

#include <algorithm>
#include <map>

namespace brisk {
namespace {

constexpr SampleRate kRate{48000};

/// A stretch of the camera's time that runs at one speed along the recorder's day.
struct Leg {
    TimeRange camera;
    Seconds day;        ///< Where it begins, on the recorder's day.
    double factor = 1;  ///< Seconds of the day for one of the camera's.

    [[nodiscard]] Seconds dayAt(Seconds t) const {
        return day + Seconds{(t - camera.start).value * factor};
    }
    [[nodiscard]] Seconds cameraAt(Seconds d) const {
        return camera.start + Seconds{(d - day).value / factor};
    }
};

/// A take as it lies on the recorder's day.
struct OnDay {
    int take = 0;
    TimeRange day;
    double factor = 1;
    Seconds length;
};

struct Group {
    std::vector<const DayRibbon*> ribbons;  // in order
    std::vector<OnDay> takes;               // in order
};

/// From the start of the row to its end.
std::vector<Leg> legsOf(const Group& g) {
    double sum = 0, weight = 0;
    for (const OnDay& t : g.takes) {
        sum += t.factor * t.length.value;
        weight += t.length.value;
    }
    const double usual = weight > 0 ? sum / weight : 1;
    std::vector<Leg> legs;
    Seconds camera{0}, day = g.ribbons.front()->day.start;
    const auto add = [&](Seconds dayEnd, double factor) {
        if (!(day < dayEnd)) return;
        const Seconds end = camera + Seconds{(dayEnd - day).value / factor};
        legs.push_back({{camera, end}, day, factor});
        camera = end;
        day = dayEnd;
    };
    for (const OnDay& t : g.takes) {
        add(t.day.start, usual);
        add(t.day.end, t.factor);
    }
    Seconds last = day;
    for (const DayRibbon* r : g.ribbons) last = std::max(last, r->day.end);
    add(last, usual);
    return legs;
}

/// One recording along the legs: a piece for each that it lies on, cut into each other.
void addPieces(CleanPieces& out, const std::shared_ptr<const SoundScan>& scan, Seconds start,
               const std::vector<Leg>& legs, int polarity) {
    const TimeRange own{start, start + scan->length()};
    std::vector<const Leg*> mine;
    for (const Leg& l : legs) {
        const TimeRange day{l.day, l.dayAt(l.camera.end)};
        if (!day.intersect(own).empty()) mine.push_back(&l);
    }
    for (std::size_t i = 0; i < mine.size(); ++i) {
        const Leg& l = *mine[i];
        const Ppm drift{(l.factor - 1) * 1e6};
        CleanPiece p{scan, {l.dayAt({0}) - start, drift}, polarity};
        if (i > 0) p.from = l.camera.start - kCutFade / 2;
        if (i + 1 < mine.size()) p.until = l.camera.end + kCutFade / 2;
        out.push_back(std::move(p));
    }
}

/// What a sound export asks of a take, for a take that nobody filmed.
std::shared_ptr<const SoundScan> asTake(const SoundScan& first, Seconds length) {
    auto scan = std::make_shared<SoundScan>();
    scan->info = first.info;
    scan->info.kind = MediaKind::Recording;
    scan->info.video.reset();
    scan->info.duration = length;
    scan->rate = kRate;
    scan->samples = kRate.samples(length);
    scan->peaks = first.peaks;
    scan->level = first.level;
    scan->seekIndex = first.seekIndex;
    return scan;
}

WholeRecording wholeOf(const ShootState& state, const std::string& camera, const Group& g,
                       const ScanOf& scanOf, int polarity) {
    const std::vector<Leg> legs = legsOf(g);
    WholeRecording w;
    w.recording = g.ribbons.front()->recording;
    w.camera = camera;
    for (const DayRibbon* r : g.ribbons) {
        addPieces(w.sound.clean, scanOf(r->recording), r->day.start, legs, polarity);
    }
    w.sound.take = asTake(*scanOf(w.recording), legs.back().camera.end);
    w.sound.choice.map = state.sound.map;
    w.sound.choice.channels = state.sound.channels;
    w.sound.choice.softEdgeMs = state.sound.softEdgeMs;
    for (const OnDay& t : g.takes) {
        const auto leg = std::find_if(legs.begin(), legs.end(), [&](const Leg& l) {
            return t.day.start < l.dayAt(l.camera.end);
        });
        if (leg != legs.end()) w.takes.push_back({t.take, leg->cameraAt(t.day.start)});
    }
    return w;
}

}  // namespace

std::vector<WholeRecording> wholeRecordings(const ShootState& state, const std::vector<int>& takes,
                                            const DayLayout& day, const ScanOf& scanOf) {
    std::map<std::pair<int, std::string>, Group> groups;
    std::map<std::pair<int, std::string>, int> polarity;
    for (const int id : takes) {
        const MediaItem* item = state.item(id);
        const auto scan = scanOf(id);
        const Tether* t = state.tetherOf(id);
        if (!item || !scan || !t || t->state() == TetherState::Loose) continue;
        const auto on =
            std::find_if(day.ribbons.begin(), day.ribbons.end(),
                         [&](const DayRibbon& r) { return r.recording == t->recording; });
        if (on == day.ribbons.end() || !scanOf(t->recording)) continue;
        const ClockLine line = t->heardLine();
        const Seconds length = scan->wholeTake().end;
        const std::pair key{on->row, cameraOf(*item, &scan->info)};
        groups[key].takes.push_back(
            {id,
             {on->day.start + line.toRecording({0}), on->day.start + line.toRecording(length)},
             line.drift.factor(),
             length});
        polarity.emplace(key, t->polarity);
    }
    std::vector<WholeRecording> out;
    for (auto& [key, g] : groups) {
        for (const DayRibbon& r : day.ribbons) {
            if (r.row == key.first && scanOf(r.recording)) g.ribbons.push_back(&r);
        }
        std::sort(g.ribbons.begin(), g.ribbons.end(), [](const DayRibbon* a, const DayRibbon* b) {
            return a->day.start < b->day.start;
        });
        std::sort(g.takes.begin(), g.takes.end(),
                  [](const OnDay& a, const OnDay& b) { return a.day.start < b.day.start; });
        out.push_back(wholeOf(state, key.second, g, scanOf, polarity[key]));
    }
    return out;
}

}  // namespace brisk

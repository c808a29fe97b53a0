// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/documents/handed_take.h"

#include <algorithm>
#include <cctype>
#include <filesystem>
#include <map>

#include "align/assemble/recorder_files.h"
#include "core/time_ranges.h"
#include "day/day_layout.h"

namespace brisk {
namespace {

std::string stemOf(const std::string& path) {
    return std::filesystem::path(path).stem().string();
}

/// Names cameras for people: as a person did, else as their files begin; two that would be called
/// the same are numbered.
class CameraNames {
  public:
    std::string of(const MediaItem& item, const MediaInfo& info) {
        const std::string key = cameraOf(item, &info);
        if (const auto it = names_.find(key); it != names_.end()) return it->second;
        std::string name = item.camera.empty() ? lettersOf(item.path) : item.camera;
        const int n = ++called_[name];
        if (n > 1) name += " " + std::to_string(n);
        return names_[key] = name;
    }

  private:
    /// "bench" of "card/bench-01.mp4".
    static std::string lettersOf(const std::string& path) {
        std::string name = namePattern(path);
        while (!name.empty() && !std::isalpha(static_cast<unsigned char>(name.back()))) {
            name.pop_back();
        }
        return name.empty() ? "camera" : name;
    }
    std::map<std::string, std::string> names_;
    std::map<std::string, int> called_;
};

/// A mark on a recording belongs to each take that is heard by it there.
std::vector<Mark> marksOnTake(const ShootState& state, int take, const TakeSoundPlan& sound) {
    std::vector<Mark> out = state.marksOf(take);
    for (const Tether* t : state.tethersOf(take)) {
        if (t->beside) continue;
        const ClockLine line = t->heardLine();
        for (Mark m : state.marksOf(t->recording)) {
            m.time = line.toTake(m.time);
            if (sound.wholeTake().contains(m.time)) out.push_back(std::move(m));
        }
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const Mark& a, const Mark& b) { return a.time < b.time; });
    return out;
}

}  // namespace

Fact nothingToWrite(const TakeSoundPlan& sound) {
    if (sound.nothingCovered) return {"nothing-kept-is-covered"};
    const Seconds shortest = shortestPiece(*sound.take);
    return longEnough(sound.stretches(), shortest).empty() ? Fact{"kept-less-than-a-picture"}
                                                           : Fact{};
}

std::vector<HandedTake> handedTakes(const ShootState& state, const std::vector<int>& takes,
                                    const ScanOf& scanOf, const SoundPlanOf& soundOf) {
    const auto factsOf = [&](int id) {
        const auto scan = scanOf(id);
        if (!scan) return DayFacts{};
        return DayFacts{&scan->info, scan->endOfTake()};
    };
    const DayLayout day = layOutDay(state, factsOf);
    CameraNames cameras;
    std::vector<HandedTake> out;
    for (const int id : takes) {
        const MediaItem* item = state.item(id);
        auto sound = soundOf(id);
        if (!item || !sound) continue;
        HandedTake h;
        h.id = id;
        h.scan = sound->take;
        h.sound = std::move(*sound);
        for (const Tether* t : state.tethersOf(id)) {
            const MediaItem* recording = state.item(t->recording);
            h.tethers.push_back(*t);
            h.recordings.push_back(recording ? recording->path : std::string());
        }
        h.state = state.stateOf(id);
        h.slippedBy = state.slippedBy(id);
        h.names.take = stemOf(item->path);
        h.names.recording = stemOf(h.sound.clean.front().recording->info.path);
        h.names.camera = cameras.of(*item, h.scan->info);
        h.names.date = h.scan->info.stamps.creationTime.substr(0, 10);
        h.names.state = stateText(h.state);
        h.slate = item->slate;
        h.names.name = item->slate.name;
        h.names.scene = item->slate.scene;
        h.names.slateTake = item->slate.take;
        h.names.verdict = verdictText(item->slate.verdict);
        h.marks = marksOnTake(state, id, h.sound);
        const auto on = std::find_if(day.takes.begin(), day.takes.end(),
                                     [&](const DayTake& t) { return t.take == id; });
        if (on != day.takes.end()) h.day = on->day.start;
        out.push_back(std::move(h));
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const HandedTake& a, const HandedTake& b) { return a.day < b.day; });
    for (std::size_t i = 0; i < out.size(); ++i) out[i].names.number = static_cast<int>(i) + 1;
    return out;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/export_work.h"

#include <algorithm>
#include <map>
#include <memory>

#include "cli/answers_json.h"
#include "day/take_plan.h"
#include "shoot/journal.h"
#include "shoot/project_file.h"
#include "text/sentence.h"

namespace brisk::cli {
namespace {

std::vector<std::shared_ptr<const SoundScan>> shared(std::vector<SoundScan> scans) {
    std::vector<std::shared_ptr<const SoundScan>> out;
    for (auto& s : scans) out.push_back(std::make_shared<const SoundScan>(std::move(s)));
    return out;
}

/// What of a shoot is handed over, with the scans of its files by their ids.
void gather(Work& w, const ShootState& state, const std::vector<int>& takes,
            const std::map<int, std::shared_ptr<const SoundScan>>& scans, const ExportOptions& o) {
    const ScanOf scanOf = [&](int id) {
        const auto it = scans.find(id);
        return it == scans.end() ? nullptr : it->second;
    };
    w.takes = handedTakes(state, takes, scanOf,
                          [&](int take) { return takeSoundPlan(state, take, scanOf); });
    if (!o.wholeRecordings) return;
    const auto factsOf = [&](int id) {
        const auto scan = scanOf(id);
        return scan ? DayFacts{&scan->info, scan->endOfTake()} : DayFacts{};
    };
    w.recordings = wholeRecordings(state, takes, layOutDay(state, factsOf), scanOf);
}

/// What the window wrote down after the shoot was saved last, as a problem; nothing where nothing.
std::optional<Error> laterSteps(const std::string& project) {
    const auto journal = readJournal(journalPlace(project), project);
    if (!journal || !*journal || (*journal)->steps == 0) return std::nullopt;
    const int n = (*journal)->steps;
    return Error{ErrorCode::BadProject,
                 Fact{"worked-on-after-saving", {{"file", project}, {"steps", n}}},
                 project,
                 {}};
}

}  // namespace

Work workOf(MadeShoot shoot, const ExportOptions& o, const Console& console) {
    Work w;
    std::vector<Tether> handed;
    for (const int take : shoot.takes) {
        const std::string& path = shoot.state.item(take)->path;
        const auto tethers = shoot.state.tethersOf(take);
        const bool sure = !tethers.empty() && tethers.front()->found.status == MatchStatus::Matched;
        w.attention = w.attention || !sure;
        if (!sure) {
            console.say(path + " is not exported.");
            continue;
        }
        for (const Tether* t : tethers) {
            if (t->found.jumps()) {
                w.attention = true;
                console.say(path + ": the recording jumps inside it; listen there. " +
                            sentence(t->found.reason));
            }
            handed.push_back(*t);
            handed.back().locked = true;
        }
    }
    shoot.state.tethers = std::move(handed);
    gather(w, shoot.state, shoot.takes, shoot.scans, o);
    return w;
}

Result<Work> fromFiles(const ExportOptions& o, const Console& console) {
    if (!o.save.empty()) {
        if (auto may = maySave(o.save); !may) return tl::unexpected(may.error());
    }
    GivenFiles given = o.files;
    if (auto found = given.lookUp(); !found) return tl::unexpected(found.error());
    auto files = scanAll(given.cameras, given.cleans, o.channels, console, ScanFor::HandOver);
    if (!files) return tl::unexpected(files.error());
    auto placed = placeAll(*files, {methodNamed(o.method)}, console);
    if (!placed) return tl::unexpected(placed.error());
    std::vector<Error> problems = std::move(files->problems);
    MadeShoot shoot(std::move(*files), *placed);
    shoot.partClocks();
    shoot.state.sound = o.sound();
    (void)tethersJson(shoot, console);
    if (!o.save.empty() && !o.dryRun) {
        if (auto saved = saveShoot(shoot.state, o.save); !saved)
            return tl::unexpected(saved.error());
    }
    Work w = workOf(std::move(shoot), o, console);
    w.problems = std::move(problems);
    return w;
}

Result<Work> fromProject(const ExportOptions& o, const Console& console) {
    auto loaded = loadProject(o.project);
    if (!loaded) return tl::unexpected(loaded.error());
    for (const auto& warning : loaded->warnings) console.say(sentence(warning));
    Work w;
    const ShootState& state = loaded->state;
    std::vector<int> takeIds, recordingIds;
    std::vector<std::string> takes, recordings;
    const auto want = [&](int id, std::vector<int>& ids, std::vector<std::string>& paths) {
        if (std::find(ids.begin(), ids.end(), id) != ids.end()) return;
        ids.push_back(id);
        paths.push_back(state.item(id)->path);
    };
    for (const int id : state.ids(MediaKind::Take)) {
        if (state.stateOf(id) != TetherState::Tethered) {
            w.attention = true;
            console.say(state.item(id)->path + " is not exported: it is " +
                        stateText(state.stateOf(id)) + ".");
            continue;
        }
        want(id, takeIds, takes);
        for (const Tether* t : state.tethersOf(id)) want(t->recording, recordingIds, recordings);
    }
    if (auto later = laterSteps(o.project)) {
        (void)console.report(*later);
        w.problems.push_back(std::move(*later));
    }
    if (takes.empty()) return w;
    auto files = scanAll(takes, recordings, {}, console, ScanFor::SavedShoot);
    if (!files) return tl::unexpected(files.error());
    w.problems.insert(w.problems.end(), files->problems.begin(), files->problems.end());
    std::map<int, std::shared_ptr<const SoundScan>> scans;
    const auto know = [&](const std::vector<int>& ids, std::vector<SoundScan> of) {
        for (const auto& scan : shared(std::move(of))) {
            for (const int id : ids) {
                if (state.item(id)->path == scan->info.path) scans[id] = scan;
            }
        }
    };
    know(takeIds, std::move(files->takes));
    know(recordingIds, std::move(files->recordings));
    gather(w, state, takeIds, scans, o);
    // Of a take that was read none of whose recordings could be.
    for (const int id : takeIds) {
        const bool there = std::any_of(w.takes.begin(), w.takes.end(),
                                       [&](const HandedTake& h) { return h.id == id; });
        if (there || !scans.contains(id)) continue;
        const std::string& path = state.item(id)->path;
        const Error none{
            ErrorCode::CannotRead, Fact{"recording-not-read", {{"file", path}}}, path, {}};
        (void)console.report(none);
        w.problems.push_back(none);
    }
    return w;
}

}  // namespace brisk::cli

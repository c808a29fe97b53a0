// SPDX-License-Identifier: GPL-3.0-or-later
#include <memory>

#include "cli/commands.h"
#include "cli/json_output.h"
#include "shoot/project_file.h"

namespace brisk::cli {
namespace {

struct Options {
    std::string project, out, video = "mov", name = "{take} clean";
    std::vector<std::string> cameras, cleans;
    bool json = false;

    [[nodiscard]] VideoContainer container() const {
        if (video == "same") return VideoContainer::SameAsTake;
        return video == "mkv" ? VideoContainer::Mkv : VideoContainer::Mov;
    }
};

/// One video to write, by index into the scanned files.
struct Job {
    std::size_t take = 0;
    std::size_t recording = 0;
    ClockLine line;
    int polarity = 1;
};

struct Work {
    Scanned files;
    std::vector<Job> jobs;
    bool attention = false;
};

constexpr const char* kJumps =
    " is not handed over: the recording jumps inside it, and a take with a jump cannot be written "
    "yet. ";

Result<Work> fromFiles(const Options& o, const Console& console) {
    Work w;
    auto files = scanAll(o.cameras, o.cleans, "auto", console);
    if (!files) return tl::unexpected(files.error());
    w.files = std::move(*files);
    auto placed = placeAll(w.files, {}, console);
    if (!placed) return tl::unexpected(placed.error());
    for (const auto& p : *placed) {
        if (p.estimate.status != MatchStatus::Matched) {
            w.attention = true;
            console.say(o.cameras[p.take] + " is not handed over: " + p.estimate.reason);
            continue;
        }
        if (!p.estimate.oneLineHolds()) {
            w.attention = true;
            console.say(o.cameras[p.take] + kJumps + p.estimate.reason);
            continue;
        }
        w.jobs.push_back(
            {p.take, static_cast<std::size_t>(p.recording), p.estimate.line, p.estimate.polarity});
    }
    return w;
}

/// A saved shoot hands over what a person has tethered.
Result<Work> fromProject(const Options& o, const Console& console) {
    auto loaded = loadProject(o.project);
    if (!loaded) return tl::unexpected(loaded.error());
    for (const auto& warning : loaded->warnings) console.say(warning);
    Work w;
    std::vector<std::string> takes, recordings;
    const auto indexOf = [](std::vector<std::string>& list, const std::string& path) {
        for (std::size_t i = 0; i < list.size(); ++i) {
            if (list[i] == path) return i;
        }
        list.push_back(path);
        return list.size() - 1;
    };
    const ShootState& state = loaded->state;
    for (const int id : state.ids(MediaKind::Take)) {
        const Tether* t = state.tetherOf(id);
        if (!t || !t->locked) {
            w.attention = true;
            console.say(state.item(id)->path + " is not handed over: it is " +
                        stateText(state.stateOf(id)) + ".");
            continue;
        }
        if (!t->found.oneLineHolds()) {
            w.attention = true;
            console.say(state.item(id)->path + kJumps + t->found.reason);
            continue;
        }
        w.jobs.push_back({indexOf(takes, state.item(id)->path),
                          indexOf(recordings, state.item(t->recording)->path), t->heardLine(),
                          t->polarity});
    }
    auto files = scanAll(takes, recordings, "auto", console);
    if (!files) return tl::unexpected(files.error());
    w.files = std::move(*files);
    return w;
}

}  // namespace

Run addExport(CLI::App& sub) {
    auto o = std::make_shared<Options>();
    sub.add_option("--project", o->project, "A saved shoot: hands over its tethered takes");
    sub.add_option("--camera", o->cameras, "Takes, to be matched first");
    sub.add_option("--clean", o->cleans, "Recordings");
    sub.add_option("--out", o->out, "Folder to write to")->required();
    sub.add_option("--video", o->video, "Container: same as the take, mov or mkv")
        ->check(CLI::IsMember({"same", "mov", "mkv"}));
    sub.add_option("--name", o->name, "File name; {take} and {recording} are replaced");
    sub.add_flag("--json", o->json, "Print JSON (always on; accepted for clarity)");
    sub.callback([o] {
        if (o->project.empty() == (o->cameras.empty() || o->cleans.empty())) {
            throw CLI::ValidationError("give either --project, or --camera and --clean");
        }
    });
    return [o](const Console& console) -> int {
        auto work = o->project.empty() ? fromFiles(*o, console) : fromProject(*o, console);
        if (!work) return console.report(work.error());
        ordered_json list = ordered_json::array();
        bool attention = work->attention;
        for (const auto& job : work->jobs) {
            const SoundScan& take = work->files.takes[job.take];
            const SoundScan& recording = work->files.recordings[job.recording];
            VideoExportPlan plan{take,           recording, job.line, job.polarity,
                                 o->container(), o->out,    o->name};
            console.say(take.info.path + ": " + describeExport(plan));
            auto written = exportVideo(plan, console.job("Writing " + take.info.path));
            if (!written) return console.report(written.error());
            list.push_back(writtenJson(take.info.path, recording.info.path, *written));
            if (!written->readBack.problem.empty()) {
                console.say(written->path + ": " + written->readBack.problem);
                attention = true;
            }
        }
        print(ordered_json{{"written", list}});
        return attention ? kNeedsAttention : kAllDone;
    };
}

}  // namespace brisk::cli

// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cstdlib>
#include <memory>

#include "cli/commands.h"
#include "cli/json_output.h"
#include "render/take_plan.h"
#include "shoot/project_file.h"

namespace brisk::cli {
namespace {

struct Options {
    std::string project, out, video = "mov", name = "{take} clean";
    std::vector<std::string> cameras, cleans;
    std::string cameraSound = "drop", uncovered = "silence";
    bool json = false;

    /// For plain files: what a saved shoot says of itself.
    [[nodiscard]] SoundChoice sound() const {
        SoundChoice c;
        if (cameraSound == "keep") c.camera = CameraSound::SecondTrack;
        if (cameraSound.starts_with("blend=")) {
            c.camera = CameraSound::Blended;
            c.blendDb = std::stod(cameraSound.substr(6));
        }
        if (uncovered == "camera") c.uncovered = Uncovered::Camera;
        if (uncovered == "trim") c.uncovered = Uncovered::Trimmed;
        return c;
    }

    [[nodiscard]] VideoContainer container() const {
        if (video == "same") return VideoContainer::SameAsTake;
        return video == "mkv" ? VideoContainer::Mkv : VideoContainer::Mov;
    }
};

/// One video to write.
struct Job {
    std::size_t take = 0;
    TakeSoundPlan sound;
};

struct Work {
    std::vector<std::shared_ptr<const SoundScan>> takes;
    std::vector<Job> jobs;
    bool attention = false;
};

/// The files that the pieces are of, each once.
std::vector<std::string> namesOf(const CleanPieces& pieces) {
    std::vector<std::string> out;
    for (const CleanPiece& p : pieces) {
        const std::string& path = p.recording->info.path;
        if (std::find(out.begin(), out.end(), path) == out.end()) out.push_back(path);
    }
    return out;
}

std::vector<std::shared_ptr<const SoundScan>> shared(std::vector<SoundScan> scans) {
    std::vector<std::shared_ptr<const SoundScan>> out;
    for (auto& s : scans) out.push_back(std::make_shared<const SoundScan>(std::move(s)));
    return out;
}

/// A shoot of just these files, so that what is written comes from the same rules as in a saved
/// one.
Result<Work> fromFiles(const Options& o, const Console& console) {
    Work w;
    auto files = scanAll(o.cameras, o.cleans, "auto", console);
    if (!files) return tl::unexpected(files.error());
    auto placed = placeAll(*files, {}, console);
    if (!placed) return tl::unexpected(placed.error());
    w.takes = shared(std::move(files->takes));
    const auto recordings = shared(std::move(files->recordings));
    ShootState state;
    state.sound = o.sound();
    for (const auto& p : *placed) {
        if (p.estimate.status != MatchStatus::Matched) {
            w.attention = true;
            console.say(o.cameras[p.take] + " is not handed over: " + p.estimate.reason);
            continue;
        }
        if (!p.estimate.oneLineHolds()) {
            w.attention = true;
            console.say(o.cameras[p.take] + ": the recording jumps inside it; listen there. " +
                        p.estimate.reason);
        }
        state.tethers.push_back({static_cast<int>(recordings.size() + p.take), p.recording,
                                 p.estimate, p.estimate.line, p.estimate.polarity, true});
        state.tethers.back().beside = p.beside;
    }
    for (std::size_t t = 0; t < w.takes.size(); ++t) {
        // Ids: recordings from 0 on, takes behind them.
        const auto scanOf = [&](int media) {
            const auto i = static_cast<std::size_t>(media);
            return i < recordings.size() ? recordings[i] : w.takes[i - recordings.size()];
        };
        if (auto plan = takeSoundPlan(state, static_cast<int>(recordings.size() + t), scanOf)) {
            w.jobs.push_back({t, std::move(*plan)});
        }
    }
    return w;
}

/// A saved shoot hands over what a person has tethered.
Result<Work> fromProject(const Options& o, const Console& console) {
    auto loaded = loadProject(o.project);
    if (!loaded) return tl::unexpected(loaded.error());
    for (const auto& warning : loaded->warnings) console.say(warning);
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
            console.say(state.item(id)->path + " is not handed over: it is " +
                        stateText(state.stateOf(id)) + ".");
            continue;
        }
        want(id, takeIds, takes);
        for (const Tether* t : state.tethersOf(id)) {
            if (!t->beside) want(t->recording, recordingIds, recordings);
        }
    }
    auto files = scanAll(takes, recordings, "auto", console);
    if (!files) return tl::unexpected(files.error());
    w.takes = shared(std::move(files->takes));
    const auto scans = shared(std::move(files->recordings));
    const auto scanOf = [&](int media) -> std::shared_ptr<const SoundScan> {
        const auto among = [&](const std::vector<int>& ids, const auto& all) {
            const auto it = std::find(ids.begin(), ids.end(), media);
            return it == ids.end() ? nullptr : all[static_cast<std::size_t>(it - ids.begin())];
        };
        const auto recording = among(recordingIds, scans);
        return recording ? recording : among(takeIds, w.takes);
    };
    for (std::size_t i = 0; i < takeIds.size(); ++i) {
        if (auto plan = takeSoundPlan(state, takeIds[i], scanOf)) {
            w.jobs.push_back({i, std::move(*plan)});
        }
    }
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
    sub.add_option("--camera-sound", o->cameraSound,
                   "With --camera: drop, keep as a second track, or blend=DB under the clean sound")
        ->check([](const std::string& v) {
            if (v == "drop" || v == "keep") return std::string();
            char* end = nullptr;
            const bool blend = v.starts_with("blend=") && v.size() > 6 &&
                               (std::strtod(v.c_str() + 6, &end), end && *end == 0);
            return blend ? std::string() : "give drop, keep or blend=DB, not " + v;
        });
    sub.add_option(
           "--uncovered", o->uncovered,
           "With --camera: silence, the camera's sound, or trim, where no recording reaches")
        ->check(CLI::IsMember({"silence", "camera", "trim"}));
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
            const SoundScan& take = *work->takes[job.take];
            VideoExportPlan plan{take, job.sound, o->container(), o->out, o->name};
            console.say(take.info.path + ": " + describeExport(plan));
            auto pieces = plansForPieces(plan);
            for (const VideoExportPlan& piece : pieces) {
                auto written = exportVideo(piece, console.job("Writing " + take.info.path));
                if (!written) return console.report(written.error());
                for (VideoExportPlan& p : pieces) p.sound.level = written->level;
                list.push_back(writtenJson(take.info.path, namesOf(job.sound.clean), *written));
                if (!written->readBack.problem.empty()) {
                    console.say(written->path + ": " + written->readBack.problem);
                    attention = true;
                }
            }
        }
        print(ordered_json{{"written", list}});
        return attention ? kNeedsAttention : kAllDone;
    };
}

}  // namespace brisk::cli

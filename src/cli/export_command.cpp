// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cstdlib>
#include <filesystem>
#include <map>
#include <memory>

#include "cli/commands.h"
#include "cli/exit_code.h"
#include "cli/json_output.h"
#include "core/number_text.h"
#include "day/take_plan.h"
#include "export/hand_over.h"
#include "shoot/journal.h"
#include "shoot/project_file.h"
#include "text/sentence.h"

namespace brisk::cli {
namespace {

struct Options {
    std::string project, out, video, codec, audio, pieces = "exact", name = "{take} clean";
    std::string check = "pictures", overFull = "turn-down";
    std::string relink;
    bool sha256 = false, package = false, manifest = false, closeGaps = false;
    bool wholeRecordings = false, joined = false;
    Channels channels;
    std::vector<std::string> cameras, cleans, timelines, reports;
    bool originals = false;
    std::string cameraSound = "drop", uncovered = "silence";
    bool json = false;

    /// For plain files: what a saved shoot says of itself.
    [[nodiscard]] SoundChoice sound() const {
        SoundChoice c;
        if (cameraSound == "keep") c.camera = CameraSound::SecondTrack;
        if (cameraSound.starts_with("blend=")) {
            c.camera = CameraSound::Blended;
            c.blendDb = numberIn(cameraSound.substr(6)).value_or(c.blendDb);
        }
        if (uncovered == "camera") c.uncovered = Uncovered::Camera;
        if (uncovered == "trim") c.uncovered = Uncovered::Trimmed;
        return c;
    }

    /// Videos unless something else, and only that, is asked for.
    [[nodiscard]] HandOverChoice choice() const {
        HandOverChoice c;
        const auto has = [](const std::vector<std::string>& list, const char* what) {
            return std::find(list.begin(), list.end(), what) != list.end();
        };
        c.video = !video.empty() || (audio.empty() && timelines.empty() && !wholeRecordings);
        c.package = package;
        c.manifest = manifest || package;
        c.closeGaps = closeGaps;
        c.joined = joined;
        c.wholeRecordings = wholeRecordings;
        c.relink = relink;
        if (video == "same") c.container = VideoContainer::SameAsTake;
        if (video == "mkv") c.container = VideoContainer::Mkv;
        c.codec = codecNamed(codec);
        c.overFull = overFullNamed(overFull).value_or(c.overFull);
        c.pieces = pieceStartNamed(pieces).value_or(c.pieces);
        if (audio == "wav") c.sound = SoundFormat::Wav;
        if (audio == "wav-float") c.sound = SoundFormat::WavFloat;
        if (audio == "flac") c.sound = SoundFormat::Flac;
        c.timeline = has(timelines, "otio");
        c.editList = has(timelines, "edl");
        c.pointAtOriginals = originals;
        c.htmlReport = has(reports, "html");
        c.csvReport = has(reports, "csv");
        c.jsonReport = has(reports, "json");
        c.pattern = name;
        c.check = checkDepthNamed(check).value_or(c.check);
        c.sha256 = sha256;
        if (!project.empty()) c.shoot = std::filesystem::path(project).stem().string();
        c.folder = out;
        return c;
    }
};

struct Work {
    std::vector<HandedTake> takes;
    std::vector<WholeRecording> recordings;  ///< Where they were asked for.
    std::vector<Error> problems;
    bool attention = false;
};

std::vector<std::shared_ptr<const SoundScan>> shared(std::vector<SoundScan> scans) {
    std::vector<std::shared_ptr<const SoundScan>> out;
    for (auto& s : scans) out.push_back(std::make_shared<const SoundScan>(std::move(s)));
    return out;
}

/// What of a shoot is handed over, with the scans of its files by their ids.
void gather(Work& w, const ShootState& state, const std::vector<int>& takes,
            const std::map<int, std::shared_ptr<const SoundScan>>& scans, const Options& o) {
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

/// A shoot of just these files, so that what is written comes from the same rules as in a saved
/// one.
Result<Work> fromFiles(const Options& o, const Console& console) {
    Work w;
    auto files = scanAll(o.cameras, o.cleans, o.channels, console, ScanFor::HandOver);
    if (!files) return tl::unexpected(files.error());
    auto placed = placeAll(*files, {}, console);
    if (!placed) return tl::unexpected(placed.error());
    ShootState state;
    state.sound = o.sound();
    std::map<int, std::shared_ptr<const SoundScan>> scans;
    const auto add = [&](const std::string& path, MediaKind role,
                         std::shared_ptr<const SoundScan> scan) {
        state.media.push_back({state.nextId, path, role, {}, {}});
        scans[state.nextId] = std::move(scan);
        return state.nextId++;
    };
    std::vector<int> recordings, takes;
    w.problems = files->problems;
    std::vector<std::string> cameras;
    for (const SoundScan& t : files->takes) cameras.push_back(t.info.path);
    for (auto& r : shared(std::move(files->recordings))) {
        const std::string path = r->info.path;
        recordings.push_back(add(path, MediaKind::Recording, std::move(r)));
    }
    for (auto& t : shared(std::move(files->takes))) {
        const std::string path = t->info.path;
        takes.push_back(add(path, MediaKind::Take, std::move(t)));
    }
    for (const auto& p : *placed) {
        if (p.estimate.status != MatchStatus::Matched) {
            w.attention = true;
            console.say(cameras[p.take] + " is not exported: " + sentence(p.estimate.reason));
            continue;
        }
        if (p.estimate.jumps()) {
            w.attention = true;
            console.say(cameras[p.take] + ": the recording jumps inside it; listen there. " +
                        sentence(p.estimate.reason));
        }
        state.tethers.push_back({takes[p.take], recordings[static_cast<std::size_t>(p.recording)],
                                 p.estimate, p.estimate.line, p.estimate.polarity, true});
        state.tethers.back().beside = p.beside;
    }
    gather(w, state, takes, scans, o);
    return w;
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

/// A saved shoot hands over what a person has tethered.
Result<Work> fromProject(const Options& o, const Console& console) {
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

/// Peaks are known before anything is written. Errors: CannotRead, Cancelled.
Result<void> measurePeaks(const Options& o, std::vector<HandedTake>& takes,
                          const Console& console) {
    const HandOverChoice choice = o.choice();
    if (!choice.video && !choice.sound) return {};
    const bool floats = (!choice.video || choice.codec == SoundCodec::Float) &&
                        (!choice.sound || choice.sound == SoundFormat::WavFloat);
    const Coding coding = floats ? Coding::Float : Coding::Lossy;
    const JobControl job = console.job("Measuring levels");
    const auto all = static_cast<double>(takes.size());
    for (std::size_t i = 0; i < takes.size(); ++i) {
        TakeSoundPlan& sound = takes[i].sound;
        const auto n = static_cast<double>(i);
        if (sound.nothingCovered || !needsMeasuring(sound, coding)) continue;
        auto level = resolveLevel(sound, job.part(n / all, (n + 1) / all));
        // A file that cannot be read is said where it is written.
        if (level) sound.level = *level;
        if (!level && level.error().code == ErrorCode::Cancelled) {
            return tl::unexpected(level.error());
        }
    }
    return {};
}

/// Writes all of it and prints what became of each file.
int handOverAll(const Options& o, Work work, const Console& console) {
    if (auto measured = measurePeaks(o, work.takes, console); !measured) {
        return console.report(measured.error());
    }
    HandOverRun run(planHandOver(std::move(work.takes), o.choice(), work.recordings));
    const HandOverPlan& plan = run.plan();
    if (!plan.files.empty() && !plan.problem().empty()) {
        return console.report({ErrorCode::CannotWrite, plan.problem(), o.out, {}});
    }
    for (const PlannedFile& f : plan.files) {
        const HandedTake* h = plan.take(f.take);
        console.say((h ? h->scan->info.path + ": " : "") + sentence(f.holds) +
                    (f.problem.empty() ? "" : " Not written: " + sentence(f.problem)));
    }
    const JobControl job = console.job("Writing");
    const auto all = static_cast<double>(std::max<std::size_t>(1, plan.files.size()));
    std::vector<double> progress(plan.files.size());
    run.go(
        {},
        [&](std::size_t file, const FileResult& r) {
            progress[file] = r.progress;
            double sum = 0;
            for (const double p : progress) sum += p;
            job.report(sum / all);
        },
        job, static_cast<unsigned>(console.threads));
    ordered_json written = ordered_json::array(), failed = ordered_json::array();
    for (std::size_t i = 0; i < plan.files.size(); ++i) {
        const FileResult& r = run.results()[i];
        if (r.state == FileState::Written) {
            written.push_back(writtenJson(plan, i, r));
        } else {
            failed.push_back({{"file", r.path}, {"problem", sentence(r.problem)}});
        }
        if (r.state == FileState::Failed) {
            (void)console.report({*r.failedBy,
                                  Fact{"of-file", {{"file", r.path}, {"problem", r.problem}}},
                                  r.path,
                                  {}});
        } else if (!r.problem.empty()) {
            console.say(r.path + ": " + sentence(r.problem));
        }
    }
    ordered_json j{{"written", written}};
    if (!failed.empty()) j["not_written"] = failed;
    j["problems"] = problemsJson(work.problems);
    return print(j, exitCodeOf(run.results(), work.attention || !work.problems.empty()));
}

/// What becomes of pieces and edits, and of all of it together.
void addHandOnOptions(CLI::App& sub, Options& o) {
    sub.add_flag("--joined", o.joined,
                 "The kept pieces of a take in one file without gaps, not each in one");
    sub.add_flag("--close-gaps", o.closeGaps, "In timelines, what no camera keeps takes no time");
    sub.add_option("--relink", o.relink,
                   "An OpenTimelineIO timeline begun on the takes: written once more, with every "
                   "clip on the new files")
        ->check(CLI::ExistingFile);
    sub.add_flag(
        "--whole-recordings", o.wholeRecordings,
        "Each recorder's day as one sound on the clock of the camera, with a list of where "
        "the takes begin in it");
    sub.add_flag("--manifest", o.manifest,
                 "A list of all files with their check values (ASC MHL), see check");
    sub.add_flag("--package", o.package,
                 "All of it in a folder of its own, named for the shoot, with a manifest");
}

}  // namespace

Run addExport(CLI::App& sub) {
    auto o = std::make_shared<Options>();
    auto* project =
        sub.add_option("--project", o->project, "A saved shoot: hands over its tethered takes");
    sub.add_option("--camera", o->cameras, "Takes, to be matched first")->excludes(project);
    sub.add_option("--clean", o->cleans, "Recordings")->excludes(project);
    sub.add_option("--out", o->out, "Folder to write to")->required();
    sub.add_option("--video", o->video,
                   "Videos in this container: same as the take, mov (default) or mkv")
        ->check(CLI::IsMember({"same", "mov", "mkv"}));
    sub.add_option("--codec", o->codec, "Coding of the videos' sound, where the container takes it")
        ->check(CLI::IsMember({"pcm", "float", "flac", "alac", "aac", "opus"}));
    sub.add_option("--pieces", o->pieces,
                   "Videos of a part of a take begin: exact (re-encoded only where the container "
                   "needs it), coded (always), key-frame (some earlier, never re-encoded)")
        ->check(CLI::IsMember({"exact", "coded", "key-frame"}));
    sub.add_option("--audio", o->audio, "The clean sound alone, as long as each take")
        ->check(CLI::IsMember({"wav", "wav-float", "flac"}));
    sub.add_option("--over-full", o->overFull,
                   "Peaks over full scale, where the coding cannot hold them: turn-down (the whole "
                   "take), limit (the peaks alone) or clip (cut them)")
        ->check(CLI::IsMember({"turn-down", "limit", "clip"}));
    sub.add_option("--timeline", o->timelines, "Timelines for other programs: otio, edl or both")
        ->check(CLI::IsMember({"otio", "edl"}));
    addHandOnOptions(sub, *o);
    for (CLI::Option* channel : addChannels(sub, o->channels)) channel->excludes(project);
    sub.add_flag("--originals", o->originals,
                 "Timelines point at the takes and recordings as they are");
    sub.add_option("--report", o->reports, "Reports: html, csv, json or several")
        ->check(CLI::IsMember({"html", "csv", "json"}));
    sub.add_option("--camera-sound", o->cameraSound,
                   "With --camera: drop, keep as a second track, or blend=DB under the clean sound")
        ->check([](const std::string& v) {
            if (v == "drop" || v == "keep") return std::string();
            const auto db = v.starts_with("blend=") ? numberIn(v.substr(6)) : std::nullopt;
            const bool blend = db && *db >= -120 && *db <= 24;
            return blend ? std::string() : "give drop, keep or blend=DB (-120 to 24), not " + v;
        })
        ->excludes(project);
    sub.add_option(
           "--uncovered", o->uncovered,
           "With --camera: silence, the camera's sound, or trim, where no recording reaches")
        ->check(CLI::IsMember({"silence", "camera", "trim"}))
        ->excludes(project);
    sub.add_option(
           "--name", o->name,
           "File name; {take}, {recording}, {camera}, {date}, {number}, {state} are replaced")
        ->check([](const std::string& pattern) { return sentence(patternProblem(pattern)); });
    sub.add_option(
           "--check", o->check,
           "How closely what was written is read back: sound (pictures are not compared), "
           "pictures (every one, as the system holds the file), disk (from the disk itself)")
        ->check(CLI::IsMember({"sound", "pictures", "disk"}));
    sub.add_flag("--sha256", o->sha256, "Also take the SHA-256 of every file; slow");
    sub.add_flag("--json", o->json, "Print JSON (always on; accepted for clarity)");
    sub.callback([o, &sub] {
        // What would do nothing is not passed over: somebody meant something by it.
        const HandOverChoice c = o->choice();
        const auto needs = [&](const char* option, bool has, const char* what) {
            if (sub.count(option) > 0 && !has) {
                throw CLI::ValidationError(std::string(option) + " does nothing without " + what);
            }
        };
        for (const char* option : {"--codec", "--pieces"}) needs(option, c.video, "--video");
        for (const char* option : {"--over-full", "--check", "--sha256", "--name"}) {
            needs(option, c.video || c.sound, "--video or --audio");
        }
        needs("--originals", c.timeline || c.editList, "--timeline");
        if (o->project.empty() == (o->cameras.empty() || o->cleans.empty())) {
            throw CLI::ValidationError("give either --project, or --camera and --clean");
        }
    });
    return [o](const Console& console) -> int {
        auto work = o->project.empty() ? fromFiles(*o, console) : fromProject(*o, console);
        if (!work) return console.report(work.error());
        return handOverAll(*o, std::move(*work), console);
    };
}

}  // namespace brisk::cli

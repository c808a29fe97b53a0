// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/export_options.h"

#include <algorithm>
#include <filesystem>

#include "core/number_text.h"
#include "text/sentence.h"

namespace brisk::cli {
namespace {

/// "as-recorded", "left", ..., or the channels that are heard, from 1: "1,3".
std::optional<HeardChannels> heardNamed(const std::string& name) {
    constexpr std::pair<const char*, ChannelMap> kMaps[] = {
        {"as-recorded", ChannelMap::AsRecorded},
        {"left", ChannelMap::Left},
        {"right", ChannelMap::Right},
        {"mix", ChannelMap::Mix},
        {"stereo", ChannelMap::Stereo},
        {"swapped", ChannelMap::Swapped},
    };
    for (const auto& [text, map] : kMaps) {
        if (name == text) return HeardChannels(map);
    }
    HeardChannels chosen(ChannelMap::Chosen);
    std::size_t from = 0;
    while (from <= name.size()) {
        const std::size_t to = std::min(name.find(',', from), name.size());
        const auto n = numberIn(name.substr(from, to - from));
        if (!n || *n < 1 || *n > 1024 || *n != static_cast<int>(*n)) return std::nullopt;
        chosen.chosen.push_back(static_cast<int>(*n) - 1);
        from = to + 1;
    }
    return chosen;
}

/// What becomes of pieces and edits, and of all of it together.
void addHandOn(CLI::App& sub, ExportOptions& o) {
    sub.add_flag("--joined", o.joined,
                 "The kept pieces of a take in one file without gaps, not each in one");
    sub.add_flag("--close-gaps", o.closeGaps, "In timelines, what no camera keeps takes no time");
    sub.add_option("--relink", o.relink,
                   "An OpenTimelineIO timeline begun on the takes: written once more, with every "
                   "clip on the new files")
        ->check(CLI::ExistingFile)
        ->type_name("FILE");
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

SoundChoice ExportOptions::sound() const {
    SoundChoice c;
    if (cameraSound == "keep") c.camera = CameraSound::SecondTrack;
    if (cameraSound.starts_with("blend=")) {
        c.camera = CameraSound::Blended;
        c.blendDb = numberIn(cameraSound.substr(6)).value_or(c.blendDb);
    }
    if (uncovered == "camera") c.uncovered = Uncovered::Camera;
    if (uncovered == "trim") c.uncovered = Uncovered::Trimmed;
    const HeardChannels channels = heardNamed(heard).value_or(HeardChannels());
    c.map = channels.map;
    c.channels = channels.chosen;
    c.toLoudness = loudness.has_value();
    c.targetLufs = loudness.value_or(c.targetLufs);
    return c;
}

HandOverChoice ExportOptions::choice() const {
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
    c.keepThere = skipExisting;
    c.folder = out;
    return c;
}

void addWritten(CLI::App& sub, ExportOptions& o) {
    sub.add_option("--out", o.out, "Folder to write to")->required()->type_name("DIR");
    sub.add_option("--video", o.video,
                   "Videos in this container: same as the take, mov (default) or mkv")
        ->check(CLI::IsMember({"same", "mov", "mkv"}));
    sub.add_option("--codec", o.codec, "Coding of the videos' sound, where the container takes it")
        ->check(CLI::IsMember({"pcm", "float", "flac", "alac", "aac", "opus"}));
    sub.add_option("--pieces", o.pieces,
                   "Videos of a part of a take begin: exact (re-encoded only where the container "
                   "needs it), coded (always), key-frame (some earlier, never re-encoded)")
        ->check(CLI::IsMember({"exact", "coded", "key-frame"}));
    sub.add_option("--audio", o.audio, "The clean sound alone, as long as each take")
        ->check(CLI::IsMember({"wav", "wav-float", "flac"}));
    sub.add_option("--over-full", o.overFull,
                   "Peaks over full scale, where the coding cannot hold them: turn-down (the whole "
                   "take), limit (the peaks alone) or clip (cut them)")
        ->check(CLI::IsMember({"turn-down", "limit", "clip"}));
    sub.add_option("--timeline", o.timelines, "Timelines for other programs: otio, edl or both")
        ->check(CLI::IsMember({"otio", "edl"}));
    addHandOn(sub, o);
    sub.add_flag("--originals", o.originals,
                 "Timelines point at the takes and recordings as they are");
    sub.add_option("--report", o.reports, "Reports: html, csv, json or several")
        ->check(CLI::IsMember({"html", "csv", "json"}));
    sub.add_option(
           "--name", o.name,
           "File name; {take}, {recording}, {camera}, {date}, {number}, {state} are replaced")
        ->check([](const std::string& pattern) { return sentence(patternProblem(pattern)); })
        ->type_name("PATTERN");
    sub.add_option(
           "--check", o.check,
           "How closely what was written is read back: sound (pictures are not compared), "
           "pictures (every one, as the system holds the file), disk (from the disk itself)")
        ->check(CLI::IsMember({"sound", "pictures", "disk"}));
    sub.add_flag("--sha256", o.sha256, "Also take the SHA-256 of every file; slow");
    sub.add_flag("--json", o.json, "Print JSON (always on; accepted for clarity)");
    sub.add_flag("--dry-run", o.dryRun,
                 "Write nothing; print the plan: every file with its name, what it would hold, its "
                 "size, and what is wrong");
    sub.add_flag("--skip-existing", o.skipExisting,
                 "Leave videos and sounds alone whose names are there already, instead of writing "
                 "a second under a number");
}

std::vector<CLI::Option*> addChosen(CLI::App& sub, ExportOptions& o) {
    std::vector<CLI::Option*> out = addChannels(sub, o.channels);
    out.push_back(addMethod(sub, o.method));
    out.push_back(
        sub.add_option("--camera-sound", o.cameraSound,
                       "The camera's own: drop, keep as a second track, or blend=DB under the "
                       "clean sound")
            ->check([](const std::string& v) {
                if (v == "drop" || v == "keep") return std::string();
                const auto db = v.starts_with("blend=") ? numberIn(v.substr(6)) : std::nullopt;
                const bool blend = db && *db >= -120 && *db <= 24;
                return blend ? std::string() : "give drop, keep or blend=DB (-120 to 24), not " + v;
            })
            ->type_name("drop|keep|blend=DB"));
    out.push_back(sub.add_option("--uncovered", o.uncovered,
                                 "Where no recording reaches: silence, the camera's sound, or trim")
                      ->check(CLI::IsMember({"silence", "camera", "trim"})));
    out.push_back(sub.add_option("--heard", o.heard,
                                 "Channels that are heard: as-recorded, left, right, mix, stereo, "
                                 "swapped, or numbers, mixed: 1,3")
                      ->check([](const std::string& v) {
                          return heardNamed(v) ? std::string()
                                               : "give as-recorded, left, right, mix, stereo, "
                                                 "swapped or numbers from 1, not " +
                                                     v;
                      }));
    out.push_back(sub.add_option("--loudness", o.loudness,
                                 "Brings each take to this integrated loudness in LUFS (EBU R 128)")
                      ->check(CLI::Range(-40.0, -6.0)));
    return out;
}

void refuseWithoutEffect(const CLI::App& sub, const ExportOptions& o) {
    const HandOverChoice c = o.choice();
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
    needs("--skip-existing", c.video || c.sound, "--video or --audio");
    if (!o.skipExisting) return;
    // They would tell of this run's files alone, as if those were all.
    if ((c.timeline || c.editList) && !o.originals) {
        throw CLI::ValidationError("--skip-existing goes with --timeline only with --originals");
    }
    if (c.manifest || !o.relink.empty()) {
        throw CLI::ValidationError(
            "--skip-existing does not go with --manifest, --package or --relink");
    }
}

}  // namespace brisk::cli

// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/video_export.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <future>
#include <optional>

#include "core/time_ranges.h"
#include "export/documents/handed_take.h"
#include "export/file_tracks.h"
#include "export/joined_video.h"
#include "media/write/take_remux.h"
#include "render/routing.h"
#include "store/atomic_file.h"
#include "store/dropped_cache.h"
#include "store/file_hash.h"
#include "store/free_name.h"
#include "store/write_behind.h"
#include "text/sentence.h"

namespace brisk {
namespace fs = std::filesystem;

namespace {

/// Nothing where the level stays as it was recorded.
Facts levelFacts(const SoundChoice& c) {
    if (c.toLoudness) {
        return {{"level-brought-to", {{"lufs", c.targetLufs}, {"dbtp", c.ceilingDbtp}}}};
    }
    if (std::fabs(c.gainDb) < 0.05) return {};
    return {{c.gainDb > 0 ? "level-louder" : "level-quieter", {{"db", std::fabs(c.gainDb)}}}};
}

Facts otherTracks(const TakeSoundPlan& plan) {
    const auto tracks = fileTracks(plan);
    Facts others, out;
    for (std::size_t i = 1; i < tracks.size(); ++i) {
        others.push_back({"track-number", {{"number", i + 1}, {"what", tracks[i].what}}});
    }
    if (!others.empty()) {
        out.push_back(
            {others.size() == 1 ? "other-track" : "other-tracks", {{"tracks", listOf(others)}}});
    }
    if (plan.choice.camera == CameraSound::LeftOut) out.push_back({"camera-not-included"});
    return out;
}

Facts blendFacts(const SoundChoice& c) {
    if (c.camera != CameraSound::Blended) return {};
    return {{c.blendDb > 0 ? "blended-louder" : "blended-quieter", {{"db", std::fabs(c.blendDb)}}}};
}

}  // namespace

std::vector<VideoExportPlan> plansForPieces(const VideoExportPlan& whole) {
    std::vector<VideoExportPlan> out;
    if (whole.joined && whole.sound.kept.size() > 1) return {whole};
    for (const TimeRange& r : whole.sound.kept) {
        out.push_back(whole);
        out.back().joined = false;
        out.back().stretch = r;
        out.back().piece = static_cast<int>(out.size());
        out.back().pieces = static_cast<int>(whole.sound.kept.size());
    }
    if (out.empty()) {
        out.push_back(whole);
        out.back().joined = false;
    }
    return out;
}

namespace {

/// Which part of the take, where it is not all of it.
Facts rangeFacts(const VideoExportPlan& plan, const TimeRanges& held) {
    if (plan.joined) {
        return {{"pieces-joined", {{"pieces", held.size()}, {"length", plan.sound.length()}}}};
    }
    if (held.size() > 1) return {{"pieces-each-a-file", {{"pieces", held.size()}}}};
    if (!plan.stretch && plan.sound.kept.empty()) return {};
    return {{"range-of-take", {{"start", held[0].start}, {"end", held[0].end}}}};
}

/// What a person may not expect of a file that holds these parts of a take.
Facts unexpected(const VideoExportPlan& plan, const TimeRanges& held) {
    const SoundChoice& choice = plan.sound.choice;
    Facts out;
    std::size_t gaps = 0, clipped = 0;
    for (const TimeRange& r : held) {
        gaps += uncovered(plan.sound.clean, r).size();
        clipped += clippedIn(plan.sound.clean, r).size();
    }
    if (gaps > 0) out.push_back(uncoveredFact(choice.uncovered));
    if (clipped > 0) out.push_back({"clipped-in-places", {{"places", clipped}}});
    if (!plan.sound.quiet.empty()) {
        out.push_back({"stretches-quiet", {{"stretches", plan.sound.quiet.size()}}});
    }
    if (choice.quietClaps) out.push_back({"claps-quiet", {{"claps", plan.sound.claps.size()}}});
    if (!choice.followClock) out.push_back({"drift-left"});
    const std::string muxer = muxerOf(plan.container, plan.take.info.path);
    // libav's Matroska muxer does not write it.
    if (plan.take.info.video && plan.take.info.video->rotation != 0 && muxer == "matroska") {
        out.push_back({"rotation-left-out", {{"degrees", plan.take.info.video->rotation}}});
    }
    for (const OtherStream& o : plan.take.info.others) {
        if (!containerTakes(muxer, o)) {
            out.push_back({"stream-left-out", {{"stream", streamFact(o)}}});
        }
    }
    return out;
}

}  // namespace

Fact uncoveredFact(Uncovered becomes) {
    return {becomes == Uncovered::Camera ? "camera-where-uncovered" : "silence-where-uncovered"};
}

Facts describeExport(const VideoExportPlan& plan) {
    const SoundChoice& choice = plan.sound.choice;
    const TimeRanges held = plan.stretch ? TimeRanges{*plan.stretch} : plan.sound.stretches();
    Facts rest = levelFacts(choice);
    add(rest, blendFacts(choice));
    add(rest, headroomFacts(plan.sound, codingOf(codecOf(plan)), plan.overFull));
    add(rest, otherTracks(plan.sound));
    add(rest, unexpected(plan, held));
    const Fact sound{
        "clean-sound-track",
        {{"channels", routingFact(*plan.sound.clean.front().recording, choice.heard())},
         {"codec", codecWords(codecOf(plan))},
         {"rest", rest}}};
    return {
        {"video-holds",
         {{"range", rangeFacts(plan, held)}, {"picture", pictureFact(plan)}, {"sound", sound}}}};
}

SoundCodec codecOf(const VideoExportPlan& plan) {
    return plan.codec.value_or(defaultCodec(plan.container));
}

NameFacts nameFactsOf(const VideoExportPlan& plan) {
    NameFacts facts = plan.names;
    facts.take = fs::path(plan.take.info.path).stem().string();
    facts.recording = fs::path(plan.sound.clean.front().recording->info.path).stem().string();
    return facts;
}

std::string exportName(const VideoExportPlan& plan) {
    std::string name = fileName(plan.namePattern, nameFactsOf(plan));
    if (plan.pieces > 1) name += " piece " + std::to_string(plan.piece);
    return name;
}

fs::path exportTarget(const VideoExportPlan& plan) {
    if (plan.target) return freePath(*plan.target);
    return freePath(plan.folder, exportName(plan), endingOf(plan.container, plan.take.info.path));
}

namespace {

struct Seen {
    ReadBack readBack;
    std::string xxh3;
};

/// Waits for the disk, reads the file back, and takes its check value: all at the same time, but
/// where the disk itself shall be read.
Result<Seen> lookAt(const VideoExportPlan& meant, const AtomicFile& file, const Remuxed& made,
                    const JobControl& job) {
    const std::string path = file.temporaryPath().string();
    const JobControl silent = job.withReport({});
    Seen seen;
    bool fromDisk = false;
    std::future<Result<void>> syncing;
    if (meant.check == CheckDepth::Disk) {
        if (auto synced = file.sync(); !synced) return tl::unexpected(synced.error());
        fromDisk = dropFromMemory(path);
    } else {
        syncing = std::async(std::launch::async, [&] { return file.sync(); });
    }
    std::future<Result<std::string>> hashing;
    if (meant.check != CheckDepth::Sound) {
        hashing = std::async(std::launch::async, [&] { return xxh3Of(path, silent); });
    }
    auto check = readBack(meant, path, job, &made);
    if (hashing.valid()) {
        auto hash = hashing.get();
        if (!hash) return tl::unexpected(hash.error());
        seen.xxh3 = std::move(*hash);
    }
    if (syncing.valid()) {
        if (auto synced = syncing.get(); !synced) return tl::unexpected(synced.error());
    }
    if (!check) return tl::unexpected(check.error());
    seen.readBack = std::move(*check);
    seen.readBack.fromDisk = fromDisk;
    return seen;
}

}  // namespace

namespace {

Result<void> canBeWritten(const VideoExportPlan& plan) {
    if (const Fact nothing = nothingToWrite(plan.sound); !nothing.empty()) {
        return fail(ErrorCode::CannotWrite, nothing, plan.take.info.path);
    }
    if (!plan.take.info.video) {
        return failAt(ErrorCode::NotMedia, plan.take.info.path, {"no-picture-to-hand-over"});
    }
    if (const auto can = codecsFor(plan.container, plan.take.info.path);
        std::find(can.begin(), can.end(), codecOf(plan)) == can.end()) {
        return fail(ErrorCode::CannotWrite,
                    {"codec-not-in-container",
                     {{"codec", codecWords(codecOf(plan))},
                      {"ending", endingOf(plan.container, plan.take.info.path)},
                      {"instead", codecWords(can.front())}}},
                    plan.take.info.path);
    }
    return {};
}

/// The sounds of a file, each at its beginning, and the tracks that they become. `sounds` holds
/// what the tracks pull from.
Result<void> openTracks(const VideoExportPlan& meant, Seconds begins,
                        std::vector<TakeSound>& sounds, RemuxPlan& remux) {
    sounds.reserve(meant.tracks.size());
    for (const FileTrack& t : meant.tracks) {
        auto opened = TakeSound::open(t.sound, kVideoSound);
        if (!opened) return tl::unexpected(opened.error());
        TakeSound& sound = sounds.emplace_back(std::move(*opened));
        RemuxTrack track;
        track.spec = soundTrack(codecOf(meant), remux.format, sound.channels(), t.title);
        const auto& scratch = meant.take.info.sounds;
        if (!scratch.empty()) track.spec.language = scratch.front().language;
        track.spec.playsByItself = remux.tracks.empty();
        track.start = soundStartFor(remux.format, track.spec);
        track.pull = [&sound](std::span<float> out) { return sound.read(out); };
        const std::int64_t first = kVideoSound.samples(begins + track.start);
        if (auto sought = sound.seek(first); !sought) return sought;
        remux.tracks.push_back(std::move(track));
    }
    return {};
}

/// Samples that did not fit: a problem, unless that was chosen; then part of what the file holds.
void sayWhatWasCut(const Remuxed& made, const VideoExportPlan& meant, Facts& problem,
                   Facts& holds) {
    for (std::size_t i = 0; i < meant.tracks.size(); ++i) {
        const Clipped clipped =
            clippedFacts(made.sounds[i].clipped, meant.tracks[i], meant.overFull);
        add(problem, clipped.problem);
        add(holds, clipped.chosen);
    }
}

}  // namespace

Result<WrittenVideo> exportVideo(const VideoExportPlan& plan, const JobControl& job) {
    if (plan.joined && !plan.stretch && plan.sound.kept.size() > 1) {
        return exportJoined(plan, job);
    }
    if (auto possible = canBeWritten(plan); !possible) return tl::unexpected(possible.error());
    VideoExportPlan meant = plan;
    TakeSoundPlan& soundPlan = meant.sound;
    const Coding coding = codingOf(codecOf(plan));
    const bool measure = needsMeasuring(soundPlan, coding);
    const double measured = measure ? 0.3 : 0;  // of the work
    if (measure) {
        auto level = resolveLevel(soundPlan, job.part(0, measured));
        if (!level) return tl::unexpected(level.error());
        soundPlan.level = *level;
    }
    std::optional<PictureCut> cut;
    if (plan.stretch) {
        auto found = pictureCut(plan.take.info, *plan.stretch, wayOf(plan),
                                job.part(measured, measured + 0.05));
        if (!found) return tl::unexpected(found.error());
        cut = *found;
        // What comes before the cut is shown, and so it is heard.
        if (cut->way == PieceWay::AtKeyFrame) soundPlan.kept = {{cut->start, plan.stretch->end}};
    }
    auto file = AtomicFile::create(exportTarget(plan));
    if (!file) return tl::unexpected(file.error());
    RemuxPlan remux;
    remux.source = plan.take.info;
    remux.target = file->temporaryPath().string();
    remux.format = muxerOf(plan.container, plan.take.info.path);
    remux.soundLength = cut ? cut->end - cut->start : plan.take.wholeTake().length();
    remux.cut = cut;
    const Seconds begins = cut ? cut->start : Seconds{0};
    auto fitted = fittedTracks(soundPlan, coding, plan.overFull, job.withReport({}));
    if (!fitted) return tl::unexpected(fitted.error());
    meant.tracks = std::move(*fitted);
    std::vector<TakeSound> sounds;  // as many as tracks, which hold on to them
    if (auto opened = openTracks(meant, begins, sounds, remux); !opened) {
        return tl::unexpected(opened.error());
    }
    const auto made = [&] {
        const WriteBehind behind(file->temporaryPath());
        return remuxTake(remux, job.part(measured + 0.05, 0.75));
    }();
    if (!made) return tl::unexpected(made.error());

    meant.cut = cut;
    auto seen = lookAt(meant, *file, *made, job.part(0.75, 1));
    if (!seen) return tl::unexpected(notReadBack(seen.error(), *file));
    if (auto committed = file->commitAsNew(); !committed) return tl::unexpected(committed.error());
    const bool early = cut && cut->way == PieceWay::AtKeyFrame;
    Facts holds = describeExport(meant);
    sayWhatWasCut(*made, meant, seen->readBack.problem, holds);
    return WrittenVideo{file->target().string(),
                        std::move(holds),
                        early ? leadOf(plan.take, plan.stretch) : Seconds{0},
                        std::move(seen->readBack),
                        soundPlan.level,
                        {begins, begins + remux.soundLength},
                        {},
                        std::move(seen->xxh3)};
}

}  // namespace brisk

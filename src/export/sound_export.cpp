// SPDX-License-Identifier: GPL-3.0-or-later
// Source: EBU Tech 3285 (broadcast WAV) and 3306 (RF64), as libav writes them.
#include "export/sound_export.h"

#include <algorithm>
#include <cmath>

#include "align/nominate/stamp_place.h"
#include "core/time_text.h"
#include "export/documents/handed_take.h"
#include "export/documents/ixml.h"
#include "export/read_back.h"
#include "export/video_export.h"
#include "media/check/file_contents.h"
#include "media/read/probe.h"
#include "media/write/movie_writer.h"
#include "media/write/wav_chunks.h"
#include "render/routing.h"
#include "store/atomic_file.h"
#include "store/dropped_cache.h"
#include "store/file_hash.h"
#include "store/free_name.h"
#include "text/sentence.h"

namespace brisk {
namespace fs = std::filesystem;
namespace {

constexpr SampleRate kWrittenRate{48000};
constexpr std::int64_t kBlock = 9600;
constexpr double kDay = 86400;

std::string endingOf(SoundFormat format) {
    return format == SoundFormat::Flac ? ".flac" : ".wav";
}

const char* codecOf(SoundFormat format) {
    if (format == SoundFormat::Flac) return "flac";
    return format == SoundFormat::WavFloat ? "pcm_f32le" : "pcm_s24le";
}

std::vector<FileTrack> microphonesOf(TakeSoundPlan plan) {
    if (plan.choice.camera == CameraSound::SecondTrack) plan.choice.camera = CameraSound::LeftOut;
    return fileTracks(plan);
}

/// On the pictures that a video of the same stretch would hold.
Result<TimeRange> stretchOf(const SoundExportPlan& plan, const JobControl& job) {
    if (!plan.stretch) return plan.sound.wholeTake();
    if (!plan.take.info.video) return *plan.stretch;
    auto cut = pictureCut(plan.take.info, *plan.stretch, plan.beside, job);
    if (!cut) return tl::unexpected(cut.error());
    return TimeRange{cut->start, cut->end};
}

/// Everything that the file holds, one after the other.
Result<TimeRanges> partsOf(const SoundExportPlan& plan, const JobControl& job) {
    TimeRanges out;
    SoundExportPlan piece = plan;
    const bool joined = plan.joined && plan.sound.kept.size() > 1;
    for (const TimeRange& r : joined ? plan.sound.kept : TimeRanges{{}}) {
        if (joined) piece.stretch = r;
        auto part = stretchOf(piece, job);
        if (!part) return tl::unexpected(part.error());
        out.push_back(*part);
    }
    return out;
}

Seconds lengthOf(const TimeRanges& parts) {
    Seconds sum{0};
    for (const TimeRange& r : parts) sum = sum + r.length();
    return sum;
}

/// By which it begins before its stretch.
Seconds leadIn(const SoundExportPlan& plan) {
    const bool early = plan.take.info.video && plan.stretch && plan.beside == PieceWay::AtKeyFrame;
    return early ? leadOf(plan.take, plan.stretch) : Seconds{0};
}

MovieSpec specOf(const SoundExportPlan& plan, const std::string& path, int channels,
                 Seconds begins) {
    MovieSpec spec;
    spec.path = path;
    spec.format = plan.format == SoundFormat::Flac ? "flac" : "wav";
    SoundTrackSpec sound;
    sound.codec = codecOf(plan.format);
    sound.rate = kWrittenRate;
    sound.channels = channels;
    spec.sound = sound;
    const std::string take = fs::path(plan.take.info.path).filename().string();
    std::string description = "Clean sound of " + take;
    if (const std::string slate = slateText(plan.slate); !slate.empty()) {
        description += ", " + slate;
    }
    spec.metadata["description"] = description;
    if (plan.format == SoundFormat::Flac) {
        spec.metadata["title"] = spec.metadata["description"];
        return spec;
    }
    spec.metadata["originator"] = "Brisk Tether";
    const std::string& made = plan.take.info.stamps.creationTime;  // "2026-03-03T09:12:40..."
    if (made.size() >= 19) {
        spec.metadata["origination_date"] = made.substr(0, 10);
        spec.metadata["origination_time"] = made.substr(11, 8);
    }
    if (const auto reference = timeReference(plan, begins)) {
        spec.metadata["time_reference"] = std::to_string(kWrittenRate.samples(*reference));
    }
    spec.muxerOptions = {{"write_bext", "1"}, {"rf64", "auto"}};
    return spec;
}

}  // namespace

Coding codingOf(SoundFormat format) {
    return format == SoundFormat::WavFloat ? Coding::Float : Coding::Integer;
}

std::vector<SoundExportPlan> plansForSounds(const SoundExportPlan& whole) {
    std::vector<SoundExportPlan> out;
    const auto& kept = whole.sound.kept;
    for (std::size_t m = 0; m < microphonesOf(whole.sound).size(); ++m) {
        const bool one = whole.joined && kept.size() > 1;
        for (std::size_t k = 0; k < (one ? 1 : std::max<std::size_t>(1, kept.size())); ++k) {
            out.push_back(whole);
            if (one) {
                out.back().microphone = m;
                continue;
            }
            out.back().joined = false;
            out.back().microphone = m;
            out.back().piece = static_cast<int>(k) + 1;
            out.back().pieces = std::max(1, static_cast<int>(kept.size()));
            if (!kept.empty()) out.back().stretch = kept[k];
        }
    }
    return out;
}

Facts describeSound(const SoundExportPlan& plan) {
    if (!plan.about.empty()) {
        Facts out = plan.about;
        add(out, {{plan.format == SoundFormat::Flac       ? "as-flac-24"
                   : plan.format == SoundFormat::WavFloat ? "as-wav-float"
                                                          : "as-wav-24"}});
        add(out, headroomFacts(plan.sound, codingOf(plan.format), plan.overFull));
        return out;
    }
    const auto microphones = microphonesOf(plan.sound);
    const FileTrack& track = microphones[plan.microphone];
    const TimeRange held = plan.stretch.value_or(plan.sound.wholeTake());
    Facts rest = headroomFacts(track.sound, codingOf(plan.format), plan.overFull);
    if (!uncovered(track.sound.clean, held).empty()) {
        rest.push_back(uncoveredFact(track.sound.choice.uncovered));
    }
    const Fact format{plan.format == SoundFormat::Flac       ? "flac-24"
                      : plan.format == SoundFormat::WavFloat ? "wav-float"
                                                             : "wav-24"};
    const Fact channels =
        routingFact(*track.sound.clean.front().recording, track.sound.choice.heard());
    if (plan.joined && plan.sound.kept.size() > 1) {
        const Fact joined{"pieces-joined",
                          {{"pieces", plan.sound.kept.size()}, {"length", plan.sound.length()}}};
        return {{"sound-of-pieces",
                 {{"joined", joined},
                  {"track", track.what},
                  {"channels", channels},
                  {"format", format},
                  {"rest", rest}}}};
    }
    Fact holds{plan.stretch ? "sound-of-piece" : "sound-of-take",
               {{"start", held.start},
                {"end", held.end},
                {"track", track.what},
                {"channels", channels},
                {"format", format},
                {"rest", rest}}};
    if (leadIn(plan) > Seconds{0}) holds.args.emplace_back("lead", Fact{"and-what-video-shows"});
    return {holds};
}

std::string soundName(const SoundExportPlan& plan) {
    NameFacts facts = plan.names;
    facts.take = fs::path(plan.take.info.path).stem().string();
    const auto microphones = microphonesOf(plan.sound);
    const auto& recording = microphones[plan.microphone].sound.clean.front().recording;
    facts.recording = fs::path(recording->info.path).stem().string();
    std::string name = fileName(plan.namePattern, facts);
    if (plan.microphone > 0 && plan.namePattern.find("{recording}") == std::string::npos) {
        name += " " + facts.recording;
    }
    if (plan.pieces > 1) name += " piece " + std::to_string(plan.piece);
    return name;
}

std::string soundEnding(const SoundExportPlan& plan) {
    return endingOf(plan.format);
}

fs::path soundTarget(const SoundExportPlan& plan) {
    return plan.target ? freePath(*plan.target)
                       : freePath(plan.folder, soundName(plan), endingOf(plan.format));
}

std::optional<Seconds> timeReference(const SoundExportPlan& plan, Seconds begins) {
    const auto& stamps = plan.take.info.stamps;
    std::optional<Seconds> midnight;
    if (plan.take.info.video) {
        midnight = timecodeSeconds(stamps.timecode, plan.take.info.video->rate);
        if (midnight) *midnight = *midnight + begins;
    }
    const CleanPiece& first = plan.sound.clean.front();
    const auto recorder = first.recording->info.stamps.bextReference;
    if (!midnight && recorder) midnight = *recorder + first.line.toRecording(begins);
    if (!midnight) return std::nullopt;
    const double day = std::fmod(midnight->value, kDay);
    return Seconds{day < 0 ? day + kDay : day};
}

namespace {

/// Names and the slate, where the format has a place for them.
Result<void> addWords(const SoundExportPlan& plan, const std::string& path,
                      const TimeRanges& parts) {
    if (plan.format == SoundFormat::Flac) return {};
    std::vector<CuePoint> cues;
    Seconds begins{0};
    for (const TimeRange& part : parts) {
        for (const NamedMoment& m : plan.moments) {
            if (!part.contains(m.at)) continue;
            cues.push_back({kWrittenRate.samples(begins + m.at - part.start), m.name});
        }
        begins = begins + part.length();
    }
    std::string chunks = cueChunks(cues);
    const std::string slate = ixmlText(plan.slate, {});
    if (!slate.empty()) chunks += chunk("iXML", slate);
    return appendChunks(path, chunks);
}

/// Reads the file back: every sample, and where the sound lies. The rest of the answer is left to
/// whoever wrote it.
Result<WrittenSound> lookAt(const SoundExportPlan& plan, const AtomicFile& file,
                            MovieWriter& writer, const FileTrack& track, const TimeRanges& parts,
                            const JobControl& job) {
    const std::string path = file.temporaryPath().string();
    WrittenSound seen;
    if (plan.depth == CheckDepth::Disk) {
        if (auto synced = file.sync(); !synced) return tl::unexpected(synced.error());
        seen.fromDisk = dropFromMemory(path);
    }
    auto info = probe(path);
    if (!info) return tl::unexpected(info.error());
    seen.stamps = info->stamps;
    auto contents = readContents(*info, {false, {info->sounds.front().stream}}, job.part(0, 0.6));
    if (!contents) return tl::unexpected(contents.error());
    const SampleDigest& written = contents->sounds.begin()->second;
    seen.samples = written.frames();
    const auto made = writer.takeSoundDigest();
    const Facts differs = made ? compareSamples(track, *made, written) : Facts{};
    Seconds begins{0};
    for (std::size_t i = 0; i < parts.size(); ++i) {
        auto check = checkSound(track, parts[i], *info, 0, begins);
        if (!check) return tl::unexpected(check.error());
        begins = begins + parts[i].length();
        // Of several pieces the beginning of the first, the middle of one, the end of the last.
        seen.check.measured = seen.check.measured || check->measured;
        if (i == 0) seen.check.start = check->start;
        if (i == parts.size() / 2) seen.check.middle = check->middle;
        if (i + 1 == parts.size()) seen.check.end = check->end;
        add(seen.check.problem, check->problem);
    }
    seen.check.everySample = made && differs.empty();
    add(seen.check.problem, differs);
    auto hash = xxh3Of(path, job.part(0.8, 1));
    if (!hash) return tl::unexpected(hash.error());
    seen.xxh3 = std::move(*hash);
    return seen;
}

}  // namespace

Result<WrittenSound> exportSound(const SoundExportPlan& plan, const JobControl& job) {
    if (const Fact nothing = nothingToWrite(plan.sound); !nothing.empty()) {
        return fail(ErrorCode::CannotWrite, nothing, plan.take.info.path);
    }
    TakeSoundPlan soundPlan = plan.sound;
    const Coding coding = codingOf(plan.format);
    if (needsMeasuring(soundPlan, coding)) {
        auto level = resolveLevel(soundPlan, job.part(0, 0.3));
        if (!level) return tl::unexpected(level.error());
        soundPlan.level = *level;
    }
    const auto parts = partsOf(plan, job.part(0.3, 0.35));
    if (!parts) return tl::unexpected(parts.error());
    const TimeRange first = parts->front();
    // What its video shows before the cut is heard, too.
    if (leadIn(plan) > Seconds{0}) soundPlan.kept = {{first.start, plan.stretch->end}};
    if (plan.joined && plan.beside == PieceWay::AtKeyFrame) soundPlan.kept = *parts;
    auto fitted = fittedTrack(microphonesOf(soundPlan)[plan.microphone], coding, plan.overFull,
                              job.withReport({}));
    if (!fitted) return tl::unexpected(fitted.error());
    const FileTrack track = std::move(*fitted);
    auto file = AtomicFile::create(soundTarget(plan));
    if (!file) return tl::unexpected(file.error());
    auto sound = TakeSound::open(track.sound, kWrittenRate);
    if (!sound) return tl::unexpected(sound.error());
    const std::string path = file->temporaryPath().string();
    auto writer = MovieWriter::create(specOf(plan, path, sound->channels(), first.start));
    if (!writer) return tl::unexpected(writer.error());
    const std::int64_t length = kWrittenRate.samples(lengthOf(*parts));
    const auto channels = static_cast<std::size_t>(sound->channels());
    std::vector<float> block(static_cast<std::size_t>(kBlock) * channels);
    const JobControl writing = job.part(0.35, 0.9);
    Seconds until{0};
    std::int64_t done = 0;
    for (const TimeRange& held : *parts) {
        if (auto sought = sound->seek(kWrittenRate.samples(held.start)); !sought) {
            return tl::unexpected(sought.error());
        }
        until = until + held.length();
        while (done < kWrittenRate.samples(until)) {
            if (job.stopRequested()) return cancelled();
            const auto n =
                static_cast<std::size_t>(std::min(kBlock, kWrittenRate.samples(until) - done));
            const auto part = std::span(block).first(n * channels);
            if (auto read = sound->read(part); !read) return tl::unexpected(read.error());
            if (auto wrote = writer->sound(part); !wrote) return tl::unexpected(wrote.error());
            done += static_cast<std::int64_t>(n);
            writing.report(static_cast<double>(done) / static_cast<double>(length));
        }
    }
    if (auto ended = writer->finish(); !ended) return tl::unexpected(ended.error());
    if (auto said = addWords(plan, path, *parts); !said) return tl::unexpected(said.error());
    auto seen = lookAt(plan, *file, *writer, track, *parts, job.part(0.9, 1));
    if (!seen) return tl::unexpected(notReadBack(seen.error(), *file));
    if (seen->samples != length) {
        seen->check.problem.push_back(
            {"samples-not-as-meant", {{"samples", seen->samples}, {"meant", length}}});
    }
    if (auto committed = file->commitAsNew(); !committed) return tl::unexpected(committed.error());
    job.report(1);
    seen->path = file->target().string();
    SoundExportPlan known = plan;
    known.sound.level = soundPlan.level;
    seen->holds = describeSound(known);
    const Clipped clipped = clippedFacts(writer->clipped(), track, plan.overFull);
    add(seen->check.problem, clipped.problem);
    add(seen->holds, clipped.chosen);
    seen->samples = length;
    seen->lead = leadIn(plan);
    seen->level = soundPlan.level;
    seen->held = {first.start, first.start + lengthOf(*parts)};
    if (parts->size() > 1) seen->parts = *parts;
    return *seen;
}

}  // namespace brisk

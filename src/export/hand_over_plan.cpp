// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/hand_over_plan.h"

#include <algorithm>

#include "export/documents/mhl.h"
#include "render/routing.h"
#include "store/free_name.h"

namespace brisk {
namespace fs = std::filesystem;
namespace {

constexpr double kSampleBytes = 3 * 48000;  // a second of one channel, 24 bits
constexpr double kLossless = 0.6;           // of it, as speech and music usually come to
constexpr double kSmall = 20000;            // bytes a second of one channel, AAC and Opus

double soundBytes(SoundCodec codec, Seconds length, int channels) {
    const double raw = length.value * channels;
    switch (codec) {
        case SoundCodec::Pcm24:
            return raw * kSampleBytes;
        case SoundCodec::Float:
            return raw * kSampleBytes * 4 / 3;
        case SoundCodec::Flac:
        case SoundCodec::Alac:
            return raw * kSampleBytes * kLossless;
        case SoundCodec::Aac:
        case SoundCodec::Opus:
            break;
    }
    return raw * kSmall;
}

/// Of a stretch, or of all that is kept.
Seconds lengthOf(const TakeSoundPlan& sound, const std::optional<TimeRange>& stretch) {
    return stretch ? stretch->length() : sound.length();
}

int channelsOf(const TakeSoundPlan& sound) {
    return cleanChannels(sound.clean, sound.choice.heard());
}

std::uintmax_t videoBytes(const VideoExportPlan& p) {
    std::error_code ec;
    const auto source = fs::file_size(p.take.info.path, ec);
    const Seconds length = lengthOf(p.sound, p.stretch);
    const double share = length / std::max(Seconds{0.04}, p.sound.wholeTake().end);
    double bytes = ec ? 0 : static_cast<double>(source) * share * pictureGrowth(p);
    for (const FileTrack& t : fileTracks(p.sound)) {
        bytes += soundBytes(codecOf(p), length, channelsOf(t.sound));
    }
    return static_cast<std::uintmax_t>(bytes);
}

/// What a person should know before a place that nobody confirmed is handed over.
Facts confirmedFacts(const HandedTake& h) {
    switch (h.state) {
        case TetherState::Offered:
            return {{"place-not-confirmed"}};
        case TetherState::NeedsAnEar:
            return {{"place-not-sure"}};
        case TetherState::Slipped:
            return {{"away-from-tether"}};
        default:
            return {};
    }
}

/// Names files for all takes of one hand-over, no name twice.
class Planner {
  public:
    explicit Planner(HandOverPlan& plan)
        : plan_(plan),
          names_(plan.folder(),
                 plan.choice.keepThere ? FreeNames::Taken::Here : FreeNames::Taken::InFolder),
          wordNames_(plan.folder()) {}

    void videos(const HandedTake& h) {
        for (VideoExportPlan& p : plansForPieces(wholeVideo(h))) {
            p.target = named(exportName(p), endingOf(p.container, p.take.info.path));
            if (leftAlone(*p.target)) continue;
            PlannedFile& f = add(FileKind::Video, h, *p.target, describeExport(p), videoBytes(p));
            if (const Fact why = whyNot(h, p); !why.empty()) f.problem = {why};
            f.asVideo.emplace(p);
        }
    }
    void sounds(const HandedTake& h) {
        SoundExportPlan whole{
            *h.scan, h.sound, *plan_.choice.sound, plan_.folder(), plan_.choice.pattern, h.names};
        whole.depth = plan_.choice.check;
        whole.overFull = plan_.choice.overFull;
        whole.joined = plan_.choice.joined;
        whole.slate = h.slate;
        for (const Mark& m : h.marks) whole.moments.push_back({m.time, m.name});
        VideoExportPlan video = wholeVideo(h);
        for (SoundExportPlan& p : plansForSounds(whole)) {
            video.stretch = p.stretch;
            if (plan_.choice.video) p.beside = wayOf(video);
            p.target = named(soundName(p), soundEnding(p));
            if (leftAlone(*p.target)) continue;
            PlannedFile& f = add(FileKind::Sound, h, *p.target, describeSound(p), bytesOfSound(p));
            if (const Fact why = nothingToWrite(h.sound); !why.empty()) f.problem = {why};
            f.asSound.emplace(p);
        }
    }
    /// A recorder's day on a camera's clock, as a file of sound.
    void recording(const WholeRecording& w) {
        SoundExportPlan p{*w.sound.take, w.sound, plan_.choice.sound.value_or(SoundFormat::Wav),
                          plan_.folder(), "{recording} on the clock of {camera}"};
        p.depth = plan_.choice.check;
        p.overFull = plan_.choice.overFull;
        p.names.recording = fs::path(w.sound.take->info.path).stem().string();
        Facts places;
        for (const WholeRecording::Place& place : w.takes) {
            const HandedTake* h = plan_.take(place.take);
            if (!h) continue;
            p.names.camera = h->names.camera;
            const std::string name = h->slate.name.empty() ? h->names.take : h->slate.name;
            p.moments.push_back({place.at, name});
            places.push_back({"take-at", {{"take", name}, {"at", place.at}}});
        }
        if (places.empty()) return;
        p.about = {{"recording-on-clock", {{"camera", p.names.camera}, {"takes", listOf(places)}}}};
        p.target = named(soundName(p), soundEnding(p));
        if (leftAlone(*p.target)) return;
        PlannedFile& f = plan_.files.emplace_back();
        f.kind = FileKind::WholeRecording;
        f.take = -w.recording;
        f.path = *p.target;
        f.holds = describeSound(p);
        f.bytes = bytesOfSound(p);
        f.asSound.emplace(std::move(p));
    }
    void ofShoot(FileKind kind, const std::string& ending, const Fact& holds) {
        NameFacts names;
        names.take = plan_.choice.shoot;
        words(kind, fileName("{take}", names), ending, holds);
    }
    void relinked() {
        const fs::path& edit = plan_.choice.relink;
        const std::string name = edit.filename().string();
        words(FileKind::Relinked, edit.stem().string() + " with clean sound", ".otio",
              {"relinked-holds", {{"file", name}}});
        std::error_code ec;
        if (!fs::exists(edit, ec)) {
            plan_.files.back().problem = {{"is-the-card-in", {{"file", edit.string()}}}};
        }
    }
    void manifest() {
        PlannedFile& f = plan_.files.emplace_back();
        f.kind = FileKind::Manifest;
        f.path = mhlPlace(plan_.folder());
        f.holds = {{"manifest-holds"}};
    }

  private:
    /// As a person called this file, else as the pattern does.
    [[nodiscard]] std::string called(const std::string& name, const std::string& ending) const {
        const auto own = plan_.choice.ownNames.find(name + ending);
        const std::string mine =
            own == plan_.choice.ownNames.end() ? "" : possibleName(own->second);
        return mine.empty() ? name : mine;
    }
    fs::path named(const std::string& name, const std::string& ending) {
        return names_.take(called(name, ending), ending);
    }
    bool leftAlone(const fs::path& target) {
        std::error_code ec;
        if (!plan_.choice.keepThere || !fs::exists(target, ec)) return false;
        plan_.kept.push_back(target);
        return true;
    }
    void words(FileKind kind, const std::string& name, const std::string& ending,
               const Fact& holds) {
        PlannedFile& f = plan_.files.emplace_back();
        f.kind = kind;
        f.path = wordNames_.take(called(name, ending), ending);
        f.holds = {holds};
    }
    static std::uintmax_t bytesOfSound(const SoundExportPlan& p) {
        const auto codec = p.format == SoundFormat::Flac  ? SoundCodec::Flac
                           : p.format == SoundFormat::Wav ? SoundCodec::Pcm24
                                                          : SoundCodec::Float;
        return static_cast<std::uintmax_t>(
            soundBytes(codec, lengthOf(p.sound, p.stretch), channelsOf(p.sound)));
    }
    [[nodiscard]] VideoExportPlan wholeVideo(const HandedTake& h) const {
        VideoExportPlan whole{*h.scan,
                              h.sound,
                              plan_.choice.container,
                              plan_.folder(),
                              plan_.choice.pattern,
                              plan_.choice.codec,
                              h.names};
        whole.pieceStart = plan_.choice.pieces;
        whole.joined = plan_.choice.joined;
        whole.check = plan_.choice.check;
        whole.overFull = plan_.choice.overFull;
        return whole;
    }
    /// A file of one take; to be completed before the next is added.
    PlannedFile& add(FileKind kind, const HandedTake& h, const fs::path& path, const Facts& holds,
                     std::uintmax_t bytes) {
        PlannedFile& f = plan_.files.emplace_back();
        f.kind = kind;
        f.take = h.id;
        f.path = path;
        f.confirmed = confirmedFacts(h);
        f.holds = holds;
        brisk::add(f.holds, f.confirmed);
        f.bytes = bytes;
        return f;
    }
    static Fact whyNot(const HandedTake& h, const VideoExportPlan& p) {
        std::error_code ec;
        const std::string& path = h.scan->info.path;
        if (Fact nothing = nothingToWrite(h.sound); !nothing.empty()) return nothing;
        if (!h.scan->info.video) return {"no-picture-to-write"};
        if (!fs::exists(path, ec)) return {"is-the-card-in", {{"file", path}}};
        const auto can = codecsFor(p.container, path);
        if (std::find(can.begin(), can.end(), codecOf(p)) == can.end()) {
            return {"codec-does-not-go",
                    {{"codec", codecWords(codecOf(p))},
                     {"container", endingOf(p.container, path)},
                     {"can", codecWords(can.front())}}};
        }
        return {};
    }
    HandOverPlan& plan_;
    FreeNames names_;
    FreeNames wordNames_;  // of timelines and reports, which are never left alone
};

/// Room where the folder is, or will be.
std::uintmax_t freeAt(fs::path folder) {
    std::error_code ec;
    while (!folder.empty() && !fs::exists(folder, ec) && folder != folder.parent_path()) {
        folder = folder.parent_path();
    }
    const auto space = fs::space(folder.empty() ? fs::path(".") : folder, ec);
    return ec ? 0 : space.available;
}

}  // namespace

const char* fileKindText(FileKind kind) {
    switch (kind) {
        case FileKind::Video:
            return "video";
        case FileKind::Sound:
            return "clean sound";
        case FileKind::Timeline:
            return "timeline";
        case FileKind::EditList:
            return "edit list";
        case FileKind::WholeRecording:
            return "whole recording";
        case FileKind::Relinked:
            return "relinked timeline";
        case FileKind::Manifest:
            return "manifest";
        default:
            return "report";
    }
}

std::uintmax_t HandOverPlan::bytes() const {
    std::uintmax_t sum = 0;
    for (const PlannedFile& f : files) sum += f.problem.empty() ? f.bytes : 0;
    return sum;
}

bool HandOverPlan::goesOverFull() const {
    return std::any_of(files.begin(), files.end(), [](const PlannedFile& f) {
        if (!f.asVideo && !f.asSound) return false;
        const TakeSoundPlan& sound = f.asVideo ? f.asVideo->sound : f.asSound->sound;
        const Coding coding =
            f.asVideo ? codingOf(codecOf(*f.asVideo)) : codingOf(f.asSound->format);
        return overBy(sound.level, coding) > 0 ||
               (!sound.choice.toLoudness && needsMeasuring(sound, coding));
    });
}

Fact HandOverPlan::problem() const {
    if (choice.folder.empty()) return {"choose-folder"};
    if (auto wrong = patternProblem(choice.pattern); !wrong.empty()) return wrong;
    if (takes.empty()) return {"no-take-has-a-place"};
    if (files.empty() && kept.empty()) return {"choose-what"};
    if (free > 0 && bytes() > free) {
        return {"not-enough-room",
                {{"needed", static_cast<std::int64_t>(bytes())},
                 {"free", static_cast<std::int64_t>(free)}}};
    }
    return {};
}

const HandedTake* HandOverPlan::take(int id) const {
    const auto it =
        std::find_if(takes.begin(), takes.end(), [&](const HandedTake& h) { return h.id == id; });
    return it == takes.end() ? nullptr : &*it;
}

fs::path HandOverPlan::folder() const {
    if (!choice.package) return choice.folder;
    NameFacts names;
    names.take = choice.shoot;
    return choice.folder / fileName("{take}", names);
}

HandOverPlan planHandOver(std::vector<HandedTake> takes, const HandOverChoice& choice,
                          const std::vector<WholeRecording>& recordings) {
    HandOverPlan plan;
    plan.choice = choice;
    // What is handed on names what it holds, and nothing on a disk that stays behind.
    plan.choice.pointAtOriginals = choice.pointAtOriginals && !choice.package;
    plan.takes = std::move(takes);
    Planner planner(plan);
    for (const HandedTake& h : plan.takes) {
        if (choice.video) planner.videos(h);
        if (choice.sound) planner.sounds(h);
    }
    if (plan.takes.empty()) return plan;
    if (choice.wholeRecordings) {
        for (const WholeRecording& w : recordings) planner.recording(w);
    }
    const Fact where{plan.choice.pointAtOriginals || (!choice.video && !choice.sound)
                         ? "points-at-originals"
                         : "points-at-new-files"};
    if (choice.timeline) {
        planner.ofShoot(FileKind::Timeline, ".otio", {"timeline-holds", {{"where", where}}});
    }
    if (choice.editList) {
        planner.ofShoot(FileKind::EditList, ".edl", {"edit-list-holds", {{"where", where}}});
    }
    if (!choice.relink.empty()) planner.relinked();
    if (choice.htmlReport) {
        planner.ofShoot(FileKind::HtmlReport, " report.html", {"report-holds"});
    }
    if (choice.csvReport) {
        planner.ofShoot(FileKind::CsvReport, " report.csv", {"csv-holds"});
    }
    if (choice.jsonReport) {
        planner.ofShoot(FileKind::JsonReport, " report.json", {"json-holds"});
    }
    if (choice.manifest && !plan.files.empty()) planner.manifest();
    plan.free = freeAt(choice.folder);
    return plan;
}

}  // namespace brisk

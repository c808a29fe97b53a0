// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/hand_over_plan.h"

#include <algorithm>

#include "core/number_text.h"
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

Seconds lengthOf(const TakeSoundPlan& sound, const std::optional<TimeRange>& stretch) {
    return stretch.value_or(sound.wholeTake()).length();
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
std::string confirmedWords(const HandedTake& h) {
    switch (h.state) {
        case TetherState::Offered:
            return " Nobody has confirmed its place yet.";
        case TetherState::NeedsAnEar:
            return " Its place is not sure: listen first.";
        case TetherState::Slipped:
            return " It is away from its tether.";
        default:
            return {};
    }
}

/// Names files for all takes of one hand-over, no name twice.
class Planner {
  public:
    explicit Planner(HandOverPlan& plan) : plan_(plan), names_(plan.choice.folder) {}

    void videos(const HandedTake& h) {
        for (VideoExportPlan& p : plansForPieces(wholeVideo(h))) {
            p.target = names_.take(exportName(p), endingOf(p.container, p.take.info.path));
            PlannedFile& f = add(FileKind::Video, h, *p.target, describeExport(p), videoBytes(p));
            f.problem = whyNot(h, p);
            f.asVideo.emplace(p);
        }
    }
    void sounds(const HandedTake& h) {
        SoundExportPlan whole{
            *h.scan, h.sound, *plan_.choice.sound, plan_.choice.folder, plan_.choice.pattern,
            h.names};
        whole.depth = plan_.choice.check;
        whole.overFull = plan_.choice.overFull;
        VideoExportPlan video = wholeVideo(h);
        for (SoundExportPlan& p : plansForSounds(whole)) {
            video.stretch = p.stretch;
            if (plan_.choice.video) p.beside = wayOf(video);
            p.target = names_.take(soundName(p), soundEnding(p));
            const auto codec = p.format == SoundFormat::Flac  ? SoundCodec::Flac
                               : p.format == SoundFormat::Wav ? SoundCodec::Pcm24
                                                              : SoundCodec::Float;
            const double bytes =
                soundBytes(codec, lengthOf(p.sound, p.stretch), channelsOf(p.sound));
            PlannedFile& f = add(FileKind::Sound, h, *p.target, describeSound(p),
                                 static_cast<std::uintmax_t>(bytes));
            f.problem = nothingToWrite(h.sound);
            f.asSound.emplace(p);
        }
    }
    void ofShoot(FileKind kind, const std::string& ending, const std::string& holds) {
        PlannedFile f;
        f.kind = kind;
        NameFacts names;
        names.take = plan_.choice.shoot;
        const std::string name = fileName("{take}", names);
        f.path = names_.take(name, ending);
        f.holds = holds;
        plan_.files.push_back(std::move(f));
    }

  private:
    [[nodiscard]] VideoExportPlan wholeVideo(const HandedTake& h) const {
        VideoExportPlan whole{*h.scan,
                              h.sound,
                              plan_.choice.container,
                              plan_.choice.folder,
                              plan_.choice.pattern,
                              plan_.choice.codec,
                              h.names};
        whole.pieceStart = plan_.choice.pieces;
        whole.check = plan_.choice.check;
        whole.overFull = plan_.choice.overFull;
        return whole;
    }
    /// A file of one take; to be completed before the next is added.
    PlannedFile& add(FileKind kind, const HandedTake& h, const fs::path& path,
                     const std::string& holds, std::uintmax_t bytes) {
        PlannedFile& f = plan_.files.emplace_back();
        f.kind = kind;
        f.take = h.id;
        f.path = path;
        f.confirmed = confirmedWords(h);
        f.holds = holds + f.confirmed;
        f.bytes = bytes;
        return f;
    }
    static std::string whyNot(const HandedTake& h, const VideoExportPlan& p) {
        std::error_code ec;
        const std::string& path = h.scan->info.path;
        if (auto nothing = nothingToWrite(h.sound); !nothing.empty()) return nothing;
        if (!h.scan->info.video) return "It has no picture; its clean sound alone can be written.";
        if (!fs::exists(path, ec)) return path + " is not there: is the card in?";
        const auto can = codecsFor(p.container, path);
        if (std::find(can.begin(), can.end(), codecOf(p)) == can.end()) {
            return std::string(codecWords(codecOf(p))) + " does not go into " +
                   endingOf(p.container, path) + "; choose " + codecWords(can.front()) + ".";
        }
        return {};
    }
    HandOverPlan& plan_;
    FreeNames names_;
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

std::string HandOverPlan::problem() const {
    if (choice.folder.empty()) return "Choose a folder to write to.";
    if (auto wrong = patternProblem(choice.pattern); !wrong.empty()) return wrong;
    if (takes.empty()) return "No take has a place yet: find matches first.";
    if (files.empty()) return "Choose what is to be written.";
    if (free > 0 && bytes() > free) {
        return "There is not enough room: about " + bytesText(bytes()) + " are needed, " +
               bytesText(free) + " are free.";
    }
    return {};
}

const HandedTake* HandOverPlan::take(int id) const {
    const auto it =
        std::find_if(takes.begin(), takes.end(), [&](const HandedTake& h) { return h.id == id; });
    return it == takes.end() ? nullptr : &*it;
}

HandOverPlan planHandOver(std::vector<HandedTake> takes, const HandOverChoice& choice) {
    HandOverPlan plan;
    plan.choice = choice;
    plan.takes = std::move(takes);
    Planner planner(plan);
    for (const HandedTake& h : plan.takes) {
        if (choice.video) planner.videos(h);
        if (choice.sound) planner.sounds(h);
    }
    if (plan.takes.empty()) return plan;
    const std::string where = choice.pointAtOriginals || (!choice.video && !choice.sound)
                                  ? "; points at the takes and recordings as they are"
                                  : "; points at the new files";
    if (choice.timeline) {
        planner.ofShoot(
            FileKind::Timeline, ".otio",
            "Every take where it was on the day, its clean sound under it" + where + ".");
    }
    if (choice.editList) {
        planner.ofShoot(FileKind::EditList, ".edl",
                        "The first camera's takes and their sound, in whole frames" + where + ".");
    }
    if (choice.htmlReport) {
        planner.ofShoot(FileKind::HtmlReport, " report.html",
                        "What was matched to what, how well, and what was written, with pictures.");
    }
    if (choice.csvReport) {
        planner.ofShoot(FileKind::CsvReport, " report.csv", "The same as a table.");
    }
    if (choice.jsonReport) {
        planner.ofShoot(FileKind::JsonReport, " report.json", "The same for scripts.");
    }
    plan.free = freeAt(choice.folder);
    return plan;
}

std::string bytesText(std::uintmax_t bytes) {
    const char* units[] = {"bytes", "kB", "MB", "GB", "TB"};
    auto v = static_cast<double>(bytes);
    int unit = 0;
    while (v >= 1000 && unit < 4) {
        v /= 1000;
        ++unit;
    }
    return fixedText(v, unit == 0 || v >= 100 ? 0 : 1) + " " + units[unit];
}

}  // namespace brisk

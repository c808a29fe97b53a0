// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/json_output.h"
#include "core/json_text.h"
#include "shoot/fact_json.h"
#include "shoot/match_json.h"
#include "text/sentence.h"

#include <algorithm>

#include <cerrno>
#include <cstdio>
#include <cstring>

#include "cli/console.h"

namespace brisk::cli {

namespace {

/// Part of the contract: never change one.
const char* codeText(ErrorCode code) {
    switch (code) {
        case ErrorCode::CannotRead:
            return "cannot_read";
        case ErrorCode::CannotWrite:
            return "cannot_write";
        case ErrorCode::NotMedia:
            return "not_media";
        case ErrorCode::NoSound:
            return "no_sound";
        case ErrorCode::TooShort:
            return "too_short";
        case ErrorCode::Silent:
            return "silent";
        case ErrorCode::Cancelled:
            return "cancelled";
        case ErrorCode::BadProject:
            return "bad_project";
        case ErrorCode::WentWrong:
            return "went_wrong";
        case ErrorCode::BadEntry:
            break;
    }
    return "bad_entry";
}

}  // namespace

ordered_json problemsJson(const std::vector<Error>& problems) {
    ordered_json out = ordered_json::array();
    for (const Error& e : problems) {
        out.push_back({{"file", e.path}, {"code", codeText(e.code)}, {"reason", sentence(e.fact)}});
    }
    return out;
}

int print(const ordered_json& fields, int code) {
    ordered_json j{{"version", kJsonVersion}};
    j.update(fields);
    clearProgress();
    const std::string text = jsonText(j, 2) + "\n";
    const bool written =
        std::fwrite(text.data(), 1, text.size(), stdout) == text.size() && std::fflush(stdout) == 0;
    if (written) return code;
    std::fprintf(stderr, "The answer could not be written to standard output: %s.\n",
                 std::strerror(errno));
    return kCannotWrite;
}

ordered_json probeJson(const MediaInfo& info) {
    ordered_json j;
    j["file"] = info.path;
    j["kind"] = kindText(info.kind);
    j["container"] = info.container;
    j["duration_seconds"] = info.duration.value;
    j["video"] = nullptr;
    if (info.video) {
        const auto& v = *info.video;
        j["video"] = {{"codec", v.codec},
                      {"width", v.width},
                      {"height", v.height},
                      {"rate", v.rate.text()},
                      {"rate_kind", v.variableRate ? "variable" : "constant"},
                      {"rotation", v.rotation},
                      {"first_picture_seconds", v.firstPicture.value}};
    }
    j["audio"] = ordered_json::array();
    for (std::size_t i = 0; i < info.sounds.size(); ++i) {
        const auto& s = info.sounds[i];
        j["audio"].push_back({{"stream", s.stream},
                              {"codec", s.codec},
                              {"rate", s.rate.hertz},
                              {"channels", s.channels},
                              {"title", s.title},
                              {"bits", s.bitsPerSample},
                              {"start_seconds", s.firstSample.value},
                              {"start_in_take_seconds", info.soundStartInTake(i).value}});
    }
    ordered_json stamps;
    stamps["bext_time_reference_seconds"] =
        info.stamps.bextReference ? ordered_json(info.stamps.bextReference->value) : nullptr;
    const auto textOrNull = [](const std::string& s) {
        return s.empty() ? ordered_json(nullptr) : ordered_json(s);
    };
    stamps["timecode"] = textOrNull(info.stamps.timecode);
    if (const auto& t = info.stamps.inSound) {
        stamps["in_sound"] = {{"channel", t->channel + 1},
                              {"timecode", t->text},
                              {"frame_rate", t->frameRate},
                              {"drop_frame", t->dropFrame},
                              {"at_first_sample_seconds", t->atFirstSample.value},
                              {"drift_ppm", t->drift.value},
                              {"frames", t->frames}};
    }
    stamps["creation_time"] = textOrNull(info.stamps.creationTime);
    j["time_stamps"] = stamps;
    j["warnings"] = ordered_json::array();
    for (const Fact& w : info.warnings) j["warnings"].push_back(sentence(w));
    return j;
}

ordered_json tetherJson(const std::string& camera, const std::string& clean,
                        const TetherEstimate& e) {
    ordered_json j;
    j["camera"] = camera;
    j["clean"] = clean.empty() ? ordered_json(nullptr) : ordered_json(clean);
    j.update(matchJson(e));
    if (clean.empty()) j["segments"] = ordered_json::array();
    j["reason"] = sentence(e.reason);
    j["facts"] = factsJson(e.reason);
    return j;
}

namespace {
/// The files that the pieces are of, each once.
std::vector<std::string> namesOf(const CleanPieces& pieces) {
    std::vector<std::string> out;
    for (const CleanPiece& p : pieces) {
        const std::string& path = p.recording->info.path;
        if (std::find(out.begin(), out.end(), path) == out.end()) out.push_back(path);
    }
    return out;
}
}  // namespace

ordered_json writtenJson(const HandOverPlan& plan, std::size_t file, const FileResult& r) {
    const PlannedFile& f = plan.files[file];
    ordered_json j;
    j["file"] = r.path;
    j["kind"] = fileKindText(f.kind);
    j["bytes"] = r.bytes;
    if (const HandedTake* h = plan.take(f.take)) {
        const auto recordings = namesOf(h->sound.clean);
        j["camera"] = h->scan->info.path;
        j["clean"] = recordings.front();
        if (recordings.size() > 1) {
            j["continued_by"] = std::vector(recordings.begin() + 1, recordings.end());
        }
        j["xxh3_128"] = r.xxh3.empty() ? ordered_json(nullptr) : ordered_json(r.xxh3);
        j["sha256"] = r.sha256.empty() ? ordered_json(nullptr) : ordered_json(r.sha256);
    }
    j["holds"] = sentence(r.holds);
    if (f.take == 0) return j;
    if (f.kind == FileKind::WholeRecording && f.asSound) {
        j["takes"] = ordered_json::array();
        for (const NamedMoment& m : f.asSound->moments) {
            j["takes"].push_back({{"name", m.name}, {"starts_at_seconds", m.at.value}});
        }
    }
    for (const TimeRange& p : r.parts) {
        j["pieces"].push_back({{"start", p.start.value}, {"end", p.end.value}});
    }
    ordered_json& back = j["read_back"];
    back["ok"] = r.problem.empty();
    if (f.asVideo) {
        back["picture_identical"] = r.picture.identical;
        back["pictures"] = r.picture.pictures;
        if (r.picture.leastAlikeDb) back["pictures_alike_db"] = *r.picture.leastAlikeDb;
    }
    back["read_from"] = r.fromDisk ? "disk" : "system memory";
    back["every_sample_compared"] = r.check.everySample;
    back["sound_measured"] = r.check.measured;
    back["slip_ms"] = {{"start", r.check.start.milliseconds()},
                       {"middle", r.check.middle.milliseconds()},
                       {"end", r.check.end.milliseconds()}};
    back["problem"] = r.problem.empty() ? ordered_json(nullptr) : ordered_json(sentence(r.problem));
    return j;
}

}  // namespace brisk::cli

// SPDX-License-Identifier: GPL-3.0-or-later
// Source: RFC 4180 for the table.
#include <nlohmann/json.hpp>

#include "export/report.h"

namespace brisk {
namespace {

using nlohmann::ordered_json;

const char* stateOf(const FileResult& r) {
    switch (r.state) {
        case FileState::Written:
            return r.problem.empty() ? "written" : "written, not as meant";
        case FileState::Stopped:
            return "stopped";
        case FileState::Failed:
            return "failed";
        default:
            return "not written";
    }
}

std::string cell(const std::string& text) {
    if (text.find_first_of(",\"\r\n") == std::string::npos) return text;
    std::string out = "\"";
    for (const char c : text) out += c == '"' ? std::string("\"\"") : std::string(1, c);
    return out + "\"";
}

std::string number(double v, const char* format = "%.6f") {
    char text[48];
    std::snprintf(text, sizeof text, format, v);
    return text;
}

ordered_json fileJson(const PlannedFile& f, const FileResult& r) {
    ordered_json j{{"kind", fileKindText(f.kind)},
                   {"state", stateOf(r)},
                   {"path", r.path},
                   {"holds", r.holds}};
    j["problem"] = r.problem.empty() ? ordered_json() : ordered_json(r.problem);
    if (r.state != FileState::Written) return j;
    j["bytes"] = r.bytes;
    j["sha256"] = r.sha256;
    if (f.asVideo) {
        j["pictures"] = r.picture.pictures;
        j["pictures_identical"] = r.picture.identical;
        if (r.picture.leastAlikeDb) j["pictures_alike_db"] = *r.picture.leastAlikeDb;
    }
    if (r.check.measured) {
        j["slip_ms"] = {{"start", r.check.start.milliseconds()},
                        {"middle", r.check.middle.milliseconds()},
                        {"end", r.check.end.milliseconds()}};
    }
    return j;
}

ordered_json tetherJson(const Tether& t, const std::string& recording) {
    return {{"recording", recording},
            {"beside", t.beside},
            {"offset_seconds", t.line.offset.value},
            {"drift_ppm", t.line.drift.value},
            {"polarity", t.polarity},
            {"status", statusText(t.found.status)},
            {"confidence", t.found.confidence},
            {"windows", {{"used", t.found.windowsUsed}, {"agreeing", t.found.windowsAgreeing}}},
            {"residual_ms",
             {{"start", t.found.residualStart.milliseconds()},
              {"middle", t.found.residualMiddle.milliseconds()},
              {"end", t.found.residualEnd.milliseconds()}}},
            {"moved_by_hand", t.movedByHand()},
            {"sound_delay_ms", t.soundDelay.milliseconds()},
            {"reason", t.found.reason}};
}

ordered_json recordingsOf(const HandedTake& h) {
    ordered_json list = ordered_json::array();
    for (const CleanPiece& p : h.sound.clean) {
        if (list.empty() || list.back() != p.recording->info.path) {
            list.push_back(p.recording->info.path);
        }
    }
    return list;
}

}  // namespace

std::string csvReport(const HandedOverShoot& shoot) {
    std::string out =
        "take,state,recording,offset_seconds,drift_ppm,polarity,confidence,kind,file,file_state,"
        "bytes,sha256,slip_start_ms,slip_middle_ms,slip_end_ms,holds,problem\r\n";
    for (std::size_t i = 0; i < shoot.results.size(); ++i) {
        const PlannedFile& f = shoot.plan.files[i];
        const FileResult& r = shoot.results[i];
        const HandedTake* h = f.take == 0 ? nullptr : shoot.plan.take(f.take);
        const bool report = f.kind == FileKind::HtmlReport || f.kind == FileKind::CsvReport ||
                            f.kind == FileKind::JsonReport;
        if (report) continue;
        std::vector<std::string> cells;
        if (h && !h->tethers.empty()) {
            const Tether& t = h->tethers.front();
            cells = {h->scan->info.path,
                     h->names.state,
                     h->sound.clean.front().recording->info.path,
                     number(t.line.offset.value, "%.9f"),
                     number(t.line.drift.value, "%.3f"),
                     std::to_string(t.polarity),
                     number(t.found.confidence, "%.3f")};
        } else {
            cells.resize(7);
        }
        const bool slip = r.check.measured;
        for (const std::string& more :
             {std::string(fileKindText(f.kind)), r.path, std::string(stateOf(r)),
              std::to_string(r.bytes), r.sha256,
              slip ? number(r.check.start.milliseconds()) : std::string(),
              slip ? number(r.check.middle.milliseconds()) : std::string(),
              slip ? number(r.check.end.milliseconds()) : std::string(), r.holds, r.problem}) {
            cells.push_back(more);
        }
        for (std::size_t k = 0; k < cells.size(); ++k) out += (k ? "," : "") + cell(cells[k]);
        out += "\r\n";
    }
    return out;
}

std::string jsonReport(const HandedOverShoot& shoot) {
    ordered_json takes = ordered_json::array();
    for (const HandedTake& h : shoot.plan.takes) {
        ordered_json j{{"take", h.scan->info.path},
                       {"camera", h.names.camera},
                       {"state", h.names.state},
                       {"recordings", recordingsOf(h)}};
        j["slipped_ms"] = h.slippedBy ? ordered_json(h.slippedBy->milliseconds()) : ordered_json();
        j["tethers"] = ordered_json::array();
        for (std::size_t i = 0; i < h.tethers.size(); ++i) {
            j["tethers"].push_back(tetherJson(h.tethers[i], h.recordings[i]));
        }
        j["kept"] = ordered_json::array();
        for (const TimeRange& r : h.sound.stretches()) {
            j["kept"].push_back({{"start", r.start.value}, {"end", r.end.value}});
        }
        j["files"] = ordered_json::array();
        for (std::size_t i = 0; i < shoot.results.size(); ++i) {
            if (shoot.plan.files[i].take == h.id) {
                j["files"].push_back(fileJson(shoot.plan.files[i], shoot.results[i]));
            }
        }
        takes.push_back(j);
    }
    ordered_json all{{"shoot", shoot.plan.choice.shoot}, {"takes", takes}};
    all["files"] = ordered_json::array();
    for (std::size_t i = 0; i < shoot.results.size(); ++i) {
        const FileKind kind = shoot.plan.files[i].kind;
        if (kind == FileKind::Timeline || kind == FileKind::EditList) {
            all["files"].push_back(fileJson(shoot.plan.files[i], shoot.results[i]));
        }
    }
    return all.dump(2) + "\n";
}

}  // namespace brisk

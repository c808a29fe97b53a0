// SPDX-License-Identifier: GPL-3.0-or-later
// Source: RFC 4180 for the table.
#include <nlohmann/json.hpp>

#include "core/json_text.h"
#include "core/number_text.h"
#include "export/report.h"
#include "shoot/match_json.h"
#include "shoot/shoot_json.h"
#include "text/sentence.h"

namespace brisk {
namespace {

using nlohmann::ordered_json;

const char* stateOf(const FileResult& r) {
    switch (r.state) {
        case FileState::Written:
            return r.problem.empty() ? "written" : "written, check failed";
        case FileState::Stopped:
            return "stopped";
        case FileState::Failed:
            return "failed";
        default:
            return "not written";
    }
}

/// Text that a table program would take for a formula is marked as text, as such programs do.
std::string wordsCell(const std::string& text) {
    const bool formula =
        !text.empty() && std::string("=+-@\t\r").find(text[0]) != std::string::npos;
    return formula ? "'" + text : text;
}

std::string cell(const std::string& text) {
    if (text.find_first_of(",\"\r\n") == std::string::npos) return text;
    std::string out = "\"";
    for (const char c : text) out += c == '"' ? std::string("\"\"") : std::string(1, c);
    return out + "\"";
}

ordered_json fileJson(const PlannedFile& f, const FileResult& r) {
    ordered_json j{{"kind", fileKindText(f.kind)},
                   {"state", stateOf(r)},
                   {"path", r.path},
                   {"holds", sentence(r.holds)}};
    j["problem"] = r.problem.empty() ? ordered_json() : ordered_json(sentence(r.problem));
    if (r.state != FileState::Written) return j;
    j["bytes"] = r.bytes;
    if (f.kind == FileKind::WholeRecording && f.asSound) {
        j["takes"] = ordered_json::array();
        for (const NamedMoment& m : f.asSound->moments) {
            j["takes"].push_back({{"name", m.name}, {"starts_at_seconds", m.at.value}});
        }
    }
    if (r.held) j["take_range"] = {{"start", r.held->start.value}, {"end", r.held->end.value}};
    for (const TimeRange& p : r.parts) {
        j["pieces"].push_back({{"start", p.start.value}, {"end", p.end.value}});
    }
    j["xxh3_128"] = r.xxh3.empty() ? ordered_json() : ordered_json(r.xxh3);
    j["sha256"] = r.sha256.empty() ? ordered_json() : ordered_json(r.sha256);
    j["read_from"] = r.fromDisk ? "disk" : "system memory";
    j["every_sample_compared"] = r.check.everySample;
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

/// Where it lies now, with what the search said of it.
ordered_json tetherJson(const Tether& t, const std::string& recording) {
    const ordered_json found = matchJson(t.found);
    ordered_json j{{"recording", recording}, {"beside", t.beside}};
    j.update(lineJson(t.line));
    j["polarity"] = t.polarity;
    for (const char* field : {"status", "confidence", "windows", "residual_ms"}) {
        j[field] = found.at(field);
    }
    j["moved_by_hand"] = t.movedByHand();
    j["sound_delay_ms"] = t.soundDelay.milliseconds();
    j["reason"] = sentence(t.found.reason);
    return j;
}

ordered_json marksJson(const std::vector<Mark>& marks) {
    ordered_json list = ordered_json::array();
    for (const Mark& m : marks) {
        list.push_back({{"name", m.name}, {"take_seconds", m.time.value}});
    }
    return list;
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
        "bytes,sha256,slip_start_ms,slip_middle_ms,slip_end_ms,holds,problem,xxh3_128,name,scene,"
        "take_number,verdict,note\r\n";
    for (std::size_t i = 0; i < shoot.results.size(); ++i) {
        const PlannedFile& f = shoot.plan.files[i];
        const FileResult& r = shoot.results[i];
        const HandedTake* h = f.take == 0 ? nullptr : shoot.plan.take(f.take);
        if (isReport(f.kind) || f.kind == FileKind::Manifest) continue;
        const Slate slate = h ? h->slate : Slate{};
        std::vector<std::string> cells;
        if (h && !h->tethers.empty()) {
            const Tether& t = h->tethers.front();
            cells = {wordsCell(h->scan->info.path),
                     h->names.state,
                     wordsCell(h->sound.clean.front().recording->info.path),
                     fixedText(t.line.offset.value, 9),
                     fixedText(t.line.drift.value, 3),
                     std::to_string(t.polarity),
                     fixedText(t.found.confidence, 3)};
        } else {
            cells.resize(7);
        }
        const bool slip = r.check.measured;
        for (const std::string& more :
             {std::string(fileKindText(f.kind)), wordsCell(r.path), std::string(stateOf(r)),
              std::to_string(r.bytes), r.sha256,
              slip ? fixedText(r.check.start.milliseconds(), 6) : std::string(),
              slip ? fixedText(r.check.middle.milliseconds(), 6) : std::string(),
              slip ? fixedText(r.check.end.milliseconds(), 6) : std::string(),
              wordsCell(sentence(r.holds)), wordsCell(sentence(r.problem)), r.xxh3,
              wordsCell(slate.name), wordsCell(slate.scene), wordsCell(slate.take),
              std::string(verdictText(slate.verdict)), wordsCell(slate.note)}) {
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
        if (!h.slate.empty()) j["slate"] = slateJson(h.slate);
        if (!h.marks.empty()) j["marks"] = marksJson(h.marks);
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
        const PlannedFile& f = shoot.plan.files[i];
        if (f.take <= 0 && !isReport(f.kind) && f.kind != FileKind::Manifest) {
            all["files"].push_back(fileJson(shoot.plan.files[i], shoot.results[i]));
        }
    }
    return jsonText(all, 2) + "\n";
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/project_file.h"

#include <filesystem>
#include <nlohmann/json.hpp>

#include "core/atomic_file.h"

namespace brisk {
namespace fs = std::filesystem;
using nlohmann::ordered_json;

namespace {

ordered_json lineJson(ClockLine l) {
    return {{"offset_seconds", l.offset.value}, {"drift_ppm", l.drift.value}};
}

ClockLine lineFrom(const ordered_json& j) {
    return {{j.at("offset_seconds").get<double>()}, {j.at("drift_ppm").get<double>()}};
}

ordered_json estimateJson(const TetherEstimate& e) {
    ordered_json j = lineJson(e.line);
    j["status"] = statusText(e.status);
    j["polarity"] = e.polarity;
    j["confidence"] = e.confidence;
    j["method"] = e.method;
    j["overlap"] = {{"start", e.overlap.start.value}, {"end", e.overlap.end.value}};
    j["windows"] = {{"used", e.windowsUsed}, {"agreeing", e.windowsAgreeing}};
    j["residual_seconds"] = {e.residualStart.value, e.residualMiddle.value, e.residualEnd.value};
    j["rivals"] = ordered_json::array();
    for (const auto& r : e.rivals) {
        j["rivals"].push_back({{"offset_seconds", r.offset.value}, {"relative_db", r.relativeDb}});
    }
    j["segments"] = ordered_json::array();
    for (const auto& s : e.segments) {
        ordered_json part = lineJson(s.line);
        part["take_start"] = s.range.start.value;
        part["take_end"] = s.range.end.value;
        part["start_doubt"] = s.startDoubt.value;
        j["segments"].push_back(std::move(part));
    }
    j["slips"] = ordered_json::array();
    for (const auto& s : e.slips) {
        j["slips"].push_back({s.takeTime.value, s.slip.value, s.agrees});
    }
    j["reason"] = e.reason;
    return j;
}

TetherEstimate estimateFrom(const ordered_json& j) {
    TetherEstimate e;
    e.line = lineFrom(j);
    const auto status = j.at("status").get<std::string>();
    e.status = status == "matched"  ? MatchStatus::Matched
               : status == "unsure" ? MatchStatus::Unsure
                                    : MatchStatus::Unmatched;
    e.polarity = j.at("polarity");
    e.confidence = j.at("confidence");
    e.method = j.at("method");
    e.overlap = {{j.at("overlap").at("start").get<double>()},
                 {j.at("overlap").at("end").get<double>()}};
    e.windowsUsed = j.at("windows").at("used");
    e.windowsAgreeing = j.at("windows").at("agreeing");
    const auto& residual = j.at("residual_seconds");
    e.residualStart = {residual.at(0).get<double>()};
    e.residualMiddle = {residual.at(1).get<double>()};
    e.residualEnd = {residual.at(2).get<double>()};
    for (const auto& r : j.at("rivals")) {
        e.rivals.push_back({{r.at("offset_seconds").get<double>()}, r.at("relative_db")});
    }
    // Absent in files from before jumps were looked for.
    for (const auto& s : j.value("segments", ordered_json::array())) {
        e.segments.push_back(
            {{{s.at("take_start").get<double>()}, {s.at("take_end").get<double>()}},
             lineFrom(s),
             {s.value("start_doubt", 0.0)}});
    }
    for (const auto& s : j.at("slips")) {
        e.slips.push_back({{s.at(0).get<double>()}, {s.at(1).get<double>()}, s.at(2).get<bool>()});
    }
    e.reason = j.at("reason");
    return e;
}

ordered_json tetherJson(const Tether& t) {
    ordered_json j{{"take", t.take}, {"recording", t.recording}};
    j["line"] = lineJson(t.line);
    j["polarity"] = t.polarity;
    j["locked"] = t.locked;
    j["placed_by_hand"] = t.placedByHand;
    j["sound_delay_seconds"] = t.soundDelay.value;
    j["found"] = estimateJson(t.found);
    return j;
}

Tether tetherFrom(const ordered_json& j) {
    Tether t;
    t.take = j.at("take");
    t.recording = j.at("recording");
    t.line = lineFrom(j.at("line"));
    t.polarity = j.at("polarity");
    t.locked = j.at("locked");
    // Absent in files from before takes were placed by hand.
    t.placedByHand = j.value("placed_by_hand", false);
    t.soundDelay = {j.value("sound_delay_seconds", 0.0)};
    t.found = estimateFrom(j.at("found"));
    return t;
}

/// The same file beside the project, or where it was; its old path when it is nowhere.
std::string locate(const fs::path& folder, const ordered_json& j) {
    std::error_code ec;
    const fs::path beside = folder / j.at("relative_path").get<std::string>();
    if (fs::exists(beside, ec)) return fs::weakly_canonical(beside, ec).string();
    return j.at("absolute_path").get<std::string>();
}

void addMediaFrom(const ordered_json& j, const fs::path& folder, LoadedProject& into) {
    MediaItem m;
    m.id = j.at("id");
    m.role = j.at("role") == "take" ? MediaKind::Take : MediaKind::Recording;
    m.fingerprint = {j.at("fingerprint").at("bytes"), j.at("fingerprint").at("sha1")};
    m.path = locate(folder, j);
    const auto now = fingerprintOf(m.path);
    const std::string name = fs::path(m.path).filename().string();
    if (!now) {
        into.warnings.push_back(name +
                                " was not found where it was. Everything known of it is "
                                "kept; put the file back, or add it again.");
    } else if (!(*now == m.fingerprint)) {
        into.warnings.push_back(name +
                                " has changed since the shoot was saved. Its tether is kept "
                                "as it was; find matches again to be sure.");
    }
    into.state.media.push_back(std::move(m));
}

}  // namespace

Result<void> saveProject(const ShootState& state, const std::string& path) {
    std::error_code ec;
    const fs::path folder = fs::absolute(path, ec).parent_path();
    ordered_json j;
    j["format"] = "brisk-tether-shoot";
    j["schema"] = kProjectSchema;
    j["next_id"] = state.nextId;
    j["media"] = ordered_json::array();
    for (const auto& m : state.media) {
        const fs::path absolute = fs::absolute(m.path, ec);
        j["media"].push_back(
            {{"id", m.id},
             {"role", kindText(m.role)},
             {"relative_path", fs::relative(absolute, folder, ec).string()},
             {"absolute_path", absolute.string()},
             {"fingerprint", {{"bytes", m.fingerprint.bytes}, {"sha1", m.fingerprint.hash}}}});
    }
    j["tethers"] = ordered_json::array();
    for (const auto& t : state.tethers) j["tethers"].push_back(tetherJson(t));
    j["marks"] = ordered_json::array();
    for (const auto& m : state.marks) {
        j["marks"].push_back(
            {{"id", m.id}, {"media", m.media}, {"seconds", m.time.value}, {"name", m.name}});
    }
    return writeWholeFile(path, j.dump(1) + "\n");
}

Result<LoadedProject> loadProject(const std::string& path) {
    auto text = readWholeFile(path);
    if (!text) return tl::unexpected(text.error());
    const std::string kept = " The file was left as it is.";
    try {
        const ordered_json j = ordered_json::parse(*text);
        if (j.value("format", "") != "brisk-tether-shoot") {
            return fail(ErrorCode::BadProject, path + " is not a saved shoot." + kept, path);
        }
        if (j.at("schema").get<int>() > kProjectSchema) {
            return fail(
                ErrorCode::BadProject,
                path + " was saved by a newer version of this program. Update to open it." + kept,
                path);
        }
        LoadedProject loaded;
        loaded.state.nextId = j.at("next_id");
        const fs::path folder = fs::absolute(path).parent_path();
        for (const auto& m : j.at("media")) addMediaFrom(m, folder, loaded);
        for (const auto& t : j.at("tethers")) loaded.state.tethers.push_back(tetherFrom(t));
        for (const auto& m : j.value("marks", ordered_json::array())) {
            loaded.state.marks.push_back(
                {m.at("id"), m.at("media"), {m.at("seconds").get<double>()}, m.at("name")});
        }
        return loaded;
    } catch (const ordered_json::exception& e) {
        return fail(ErrorCode::BadProject, path + " is damaged and cannot be understood." + kept,
                    path, e.what());
    }
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/shoot_json.h"

#include "shoot/fact_json.h"
#include "shoot/match_json.h"
#include "shoot/sound_choice_json.h"
#include "shoot/state_check.h"

namespace brisk {
namespace fs = std::filesystem;
using nlohmann::ordered_json;

namespace {

ClockLine lineFrom(const ordered_json& j) {
    return {{j.at("offset_seconds").get<double>()}, {j.at("drift_ppm").get<double>()}};
}

ordered_json estimateJson(const TetherEstimate& e) {
    ordered_json j = matchJson(e);
    // To the last bit, and with what only the shoot needs.
    j.erase("residual_ms");
    j.erase("path_delay_ms");
    for (const PathDelay& p : e.path) {
        j["path_delay_seconds"].push_back({p.takeTime.value, p.later.value});
    }
    j["residual_seconds"] = {e.residualStart.value, e.residualMiddle.value, e.residualEnd.value};
    for (std::size_t i = 0; i < e.segments.size(); ++i) {
        j["segments"][i]["start_doubt"] = e.segments[i].startDoubt.value;
    }
    j["slips"] = ordered_json::array();
    for (const auto& s : e.slips) {
        j["slips"].push_back({s.takeTime.value, s.slip.value, s.agrees});
    }
    j["reason"] = factsJson(e.reason);
    return j;
}

TetherEstimate estimateFrom(const ordered_json& j) {
    TetherEstimate e;
    e.line = lineFrom(j);
    e.status = oneOf<MatchStatus>(j.at("status"), {{"matched", MatchStatus::Matched},
                                                   {"unsure", MatchStatus::Unsure},
                                                   {"unmatched", MatchStatus::Unmatched}});
    e.polarity = wholeFrom(j.at("polarity"));
    e.confidence = j.at("confidence");
    e.method = j.at("method");
    e.overlap = {{j.at("overlap").at("start").get<double>()},
                 {j.at("overlap").at("end").get<double>()}};
    e.windowsUsed = wholeFrom(j.at("windows").at("used"));
    e.windowsAgreeing = wholeFrom(j.at("windows").at("agreeing"));
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
    // Absent where nobody walked.
    for (const auto& p : j.value("path_delay_seconds", ordered_json::array())) {
        e.path.push_back({{p.at(0).get<double>()}, {p.at(1).get<double>()}});
    }
    e.reason = factsFrom(j.at("reason"));
    return e;
}

}  // namespace

ordered_json slateJson(const Slate& s) {
    ordered_json j = ordered_json::object();
    const auto put = [&](const char* field, const std::string& text) {
        if (!text.empty()) j[field] = text;
    };
    put("name", s.name);
    put("scene", s.scene);
    put("take", s.take);
    put("verdict", verdictText(s.verdict));
    put("note", s.note);
    return j;
}

namespace {

Slate slateFrom(const ordered_json& j) {
    return {j.value("name", ""), j.value("scene", ""), j.value("take", ""),
            oneOf<Verdict>(
                j.value("verdict", ""),
                {{"", Verdict::None}, {"good", Verdict::Good}, {"not good", Verdict::NotGood}}),
            j.value("note", "")};
}

}  // namespace

ordered_json tetherJson(const Tether& t) {
    ordered_json j{{"take", t.take}, {"recording", t.recording}};
    j["line"] = lineJson(t.line);
    j["polarity"] = t.polarity;
    j["locked"] = t.locked;
    j["placed_by_hand"] = t.placedByHand;
    j["beside"] = t.beside;
    j["sound_delay_seconds"] = t.soundDelay.value;
    j["found"] = estimateJson(t.found);
    return j;
}

Tether tetherFrom(const ordered_json& j) {
    Tether t;
    t.take = wholeFrom(j.at("take"));
    t.recording = wholeFrom(j.at("recording"));
    t.line = lineFrom(j.at("line"));
    t.polarity = wholeFrom(j.at("polarity"));
    t.locked = j.at("locked");
    // Absent in files from before takes were placed by hand.
    t.placedByHand = j.value("placed_by_hand", false);
    // Absent in files from before takes could lie on several recordings.
    t.beside = j.value("beside", false);
    t.soundDelay = {j.value("sound_delay_seconds", 0.0)};
    t.found = estimateFrom(j.at("found"));
    return t;
}

MediaItem mediaFrom(const ordered_json& j) {
    MediaItem m;
    m.id = wholeFrom(j.at("id"));
    m.role = oneOf<MediaKind>(j.at("role"),
                              {{"take", MediaKind::Take}, {"recording", MediaKind::Recording}});
    const auto& identity = j.contains("identity") ? j.at("identity") : j.at("fingerprint");
    // The middle is absent in files from before it was looked at.
    m.identity = {identity.at("bytes"), identity.at("sha1"), identity.value("sha1_middle", "")};
    m.path = j.at("absolute_path");
    m.camera = j.value("camera", "");  // absent in files from before cameras had names
    // Absent in files from before takes could go on from others.
    m.goesOnFrom = j.contains("goes_on_from") ? wholeFrom(j.at("goes_on_from")) : 0;
    m.goesOnAfter = {j.value("goes_on_after_seconds", 0.0)};
    // Absent in files from before anything was written of them, or chosen.
    if (j.contains("slate")) m.slate = slateFrom(j.at("slate"));
    if (j.contains("searched_by")) {
        const auto& by = j.at("searched_by");
        m.searchedBy = by == "mean" ? kMeanOfChannels : wholeFrom(by);
    }
    return m;
}

ordered_json mediaJson(const MediaItem& m, const fs::path& folder) {
    std::error_code ec;
    const fs::path absolute = fs::absolute(m.path, ec);
    ordered_json j{{"id", m.id},
                   {"role", kindText(m.role)},
                   {"relative_path", absolute.lexically_proximate(folder).string()},
                   {"absolute_path", absolute.string()},
                   {"identity", {{"bytes", m.identity.bytes}, {"sha1", m.identity.hash}}},
                   {"camera", m.camera}};
    if (!m.identity.middle.empty()) j["identity"]["sha1_middle"] = m.identity.middle;
    if (m.goesOnFrom != 0) {
        j["goes_on_from"] = m.goesOnFrom;
        j["goes_on_after_seconds"] = m.goesOnAfter.value;
    }
    if (!m.slate.empty()) j["slate"] = slateJson(m.slate);
    if (m.searchedBy == kMeanOfChannels) j["searched_by"] = "mean";
    if (m.searchedBy >= 0) j["searched_by"] = m.searchedBy;
    return j;
}

ordered_json markJson(const Mark& m) {
    return {{"id", m.id}, {"media", m.media}, {"seconds", m.time.value}, {"name", m.name}};
}

Mark markFrom(const ordered_json& m) {
    return {wholeFrom(m.at("id")),
            wholeFrom(m.at("media")),
            {m.at("seconds").get<double>()},
            m.at("name")};
}

ordered_json editJson(const TakeEdit& e) {
    ordered_json j{{"take", e.take}};
    if (e.sound) j["sound"] = soundChoiceJson(*e.sound);
    if (!e.kept.empty()) {
        j["kept"] = ordered_json::array();
        for (const TimeRange& r : e.kept) j["kept"].push_back({r.start.value, r.end.value});
    }
    if (!e.quiet.empty()) {
        j["quiet"] = ordered_json::array();
        for (const QuietStretch& q : e.quiet) {
            j["quiet"].push_back({{"from", q.range.start.value},
                                  {"to", q.range.end.value},
                                  {"db", q.db},
                                  {"of", q.side == QuietSide::Clean    ? "clean"
                                         : q.side == QuietSide::Camera ? "camera"
                                                                       : "both"}});
        }
    }
    if (!e.tethered.empty()) {
        j["tethered"] = ordered_json::array();
        for (const Tether& t : e.tethered) j["tethered"].push_back(tetherJson(t));
    }
    return j;
}

TakeEdit editFrom(const ordered_json& j) {
    TakeEdit e;
    e.take = wholeFrom(j.at("take"));
    if (j.contains("sound")) e.sound = soundChoiceFrom(j.at("sound"));
    for (const auto& r : j.value("kept", ordered_json::array())) {
        e.kept.push_back({{r.at(0).get<double>()}, {r.at(1).get<double>()}});
    }
    // Absent in files from before stretches could be quiet.
    for (const auto& q : j.value("quiet", ordered_json::array())) {
        e.quiet.push_back({{{q.at("from").get<double>()}, {q.at("to").get<double>()}},
                           q.at("db").get<double>(),
                           oneOf<QuietSide>(q.at("of"), {{"clean", QuietSide::Clean},
                                                         {"camera", QuietSide::Camera},
                                                         {"both", QuietSide::Both}})});
    }
    for (const auto& t : j.value("tethered", ordered_json::array())) {
        e.tethered.push_back(tetherFrom(t));
    }
    return e;
}

ordered_json shootJson(const ShootState& state, const fs::path& folder) {
    ordered_json j;
    j["next_id"] = state.nextId;
    j["media"] = ordered_json::array();
    for (const auto& m : state.media) j["media"].push_back(mediaJson(m, folder));
    j["tethers"] = ordered_json::array();
    for (const auto& t : state.tethers) j["tethers"].push_back(tetherJson(t));
    j["marks"] = ordered_json::array();
    for (const auto& m : state.marks) j["marks"].push_back(markJson(m));
    j["edits"] = ordered_json::array();
    for (const auto& e : state.edits) j["edits"].push_back(editJson(e));
    j["sound"] = soundChoiceJson(state.sound);
    return j;
}

ShootState shootFromJson(const ordered_json& j) {
    ShootState s;
    s.nextId = wholeFrom(j.at("next_id"));
    for (const auto& m : j.at("media")) s.media.push_back(mediaFrom(m));
    for (const auto& t : j.at("tethers")) s.tethers.push_back(tetherFrom(t));
    for (const auto& m : j.value("marks", ordered_json::array())) s.marks.push_back(markFrom(m));
    // Absent in files from before takes were shaped.
    for (const auto& e : j.value("edits", ordered_json::array())) s.edits.push_back(editFrom(e));
    s.sound = soundChoiceFrom(j.value("sound", ordered_json::object()));
    checkState(s);
    return s;
}

}  // namespace brisk

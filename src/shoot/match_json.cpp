// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/match_json.h"

namespace brisk {
using nlohmann::ordered_json;

ordered_json lineJson(ClockLine line) {
    return {{"offset_seconds", line.offset.value}, {"drift_ppm", line.drift.value}};
}

ordered_json matchJson(const TetherEstimate& e) {
    ordered_json j{{"status", statusText(e.status)}};
    j.update(lineJson(e.line));
    j["polarity"] = e.polarity;
    j["confidence"] = e.confidence;
    j["method"] = e.method;
    j["overlap"] = {{"start", e.overlap.start.value}, {"end", e.overlap.end.value}};
    j["windows"] = {{"used", e.windowsUsed}, {"agreeing", e.windowsAgreeing}};
    j["residual_ms"] = {{"start", e.residualStart.milliseconds()},
                        {"middle", e.residualMiddle.milliseconds()},
                        {"end", e.residualEnd.milliseconds()}};
    j["rivals"] = ordered_json::array();
    for (const Rival& r : e.rivals) {
        j["rivals"].push_back({{"offset_seconds", r.offset.value}, {"relative_db", r.relativeDb}});
    }
    j["segments"] = ordered_json::array();
    for (const TetherSegment& s : e.segments) {
        ordered_json part{{"take_start", s.range.start.value}, {"take_end", s.range.end.value}};
        part.update(lineJson(s.line));
        j["segments"].push_back(std::move(part));
    }
    if (!e.path.empty()) j["path_delay_ms"] = ordered_json::array();
    for (const PathDelay& p : e.path) {
        j["path_delay_ms"].push_back({p.takeTime.value, p.later.milliseconds()});
    }
    return j;
}

}  // namespace brisk

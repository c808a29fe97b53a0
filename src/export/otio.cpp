// SPDX-License-Identifier: GPL-3.0-or-later
// Source: the OpenTimelineIO schema as published by the Academy Software Foundation: Timeline.1,
// Stack.1, Track.1, Clip.1, Gap.1, ExternalReference.1, TimeRange.1, RationalTime.1. The oldest
// versions that say everything are written, since newer readers upgrade them.
#include "export/otio.h"

#include <nlohmann/json.hpp>

namespace brisk {
namespace {

using nlohmann::ordered_json;
namespace fs = std::filesystem;

ordered_json rationalTime(std::int64_t ticks, Rational rate) {
    return {{"OTIO_SCHEMA", "RationalTime.1"},
            {"rate", rate.value()},
            {"value", static_cast<double>(ticks)}};
}

ordered_json timeRange(std::int64_t start, std::int64_t length, Rational rate) {
    return {{"OTIO_SCHEMA", "TimeRange.1"},
            {"duration", rationalTime(length, rate)},
            {"start_time", rationalTime(start, rate)}};
}

ordered_json object(const char* schema, const std::string& name) {
    return {{"OTIO_SCHEMA", schema}, {"metadata", ordered_json::object()}, {"name", name}};
}

ordered_json item(const char* schema, const std::string& name, std::int64_t start,
                  std::int64_t length, Rational rate) {
    ordered_json j = object(schema, name);
    j["source_range"] = timeRange(start, length, rate);
    j["effects"] = ordered_json::array();
    j["markers"] = ordered_json::array();
    j["enabled"] = true;
    return j;
}

/// Percent-encoded where a URL needs it.
std::string urlOf(const std::string& path, const fs::path& folder) {
    const fs::path near = fs::path(path).lexically_relative(folder);
    const bool inside = !near.empty() && near.native().rfind("..", 0) != 0;
    const std::string text = inside ? near.string() : fs::absolute(path).string();
    std::string url = inside ? "" : "file://";
    for (const char c : text) {
        const auto u = static_cast<unsigned char>(c);
        if (std::isalnum(u) || std::string("-._~/").find(c) != std::string::npos) {
            url += c;
        } else {
            char hex[4];
            std::snprintf(hex, sizeof hex, "%%%02X", u);
            url += hex;
        }
    }
    return url;
}

ordered_json clip(const TimelineClip& c, const fs::path& folder) {
    ordered_json j = item("Clip.1", c.name, c.source, c.length, c.rate);
    ordered_json media = object("ExternalReference.1", c.name);
    media["available_range"] = timeRange(0, std::max(c.available, c.source + c.length), c.rate);
    media["target_url"] = urlOf(c.path, folder);
    j["media_reference"] = media;
    ordered_json& own = j["metadata"]["brisk"];
    own["rate"] = c.rate.text();
    own["starts_at"] = Rational{c.start * c.rate.den, c.rate.num}.reduced().text();
    if (c.driftPpm != 0) {
        own["drift_ppm"] = c.driftPpm;
        own["offset_seconds"] = c.offset.value;
    }
    if (!c.timecode.empty()) own["timecode"] = c.timecode;
    if (c.soundTrack > 1) own["sound_track"] = c.soundTrack;
    return j;
}

ordered_json track(const TimelineTrack& t, const fs::path& folder) {
    ordered_json j = object("Track.1", t.name);
    j["source_range"] = nullptr;
    j["effects"] = ordered_json::array();
    j["markers"] = ordered_json::array();
    j["enabled"] = true;
    j["kind"] = t.picture ? "Video" : "Audio";
    ordered_json children = ordered_json::array();
    std::int64_t at = 0;
    for (const TimelineClip& c : t.clips) {
        if (c.start > at) children.push_back(item("Gap.1", "", 0, c.start - at, t.rate));
        children.push_back(clip(c, folder));
        at = c.start + c.length;
    }
    j["children"] = children;
    return j;
}

}  // namespace

std::string otioText(const Timeline& timeline, const fs::path& folder) {
    ordered_json j = object("Timeline.1", timeline.name);
    j["global_start_time"] = nullptr;
    ordered_json stack = object("Stack.1", "tracks");
    stack["source_range"] = nullptr;
    stack["effects"] = ordered_json::array();
    stack["markers"] = ordered_json::array();
    stack["enabled"] = true;
    stack["children"] = ordered_json::array();
    for (const TimelineTrack& t : timeline.tracks) stack["children"].push_back(track(t, folder));
    j["tracks"] = stack;
    return j.dump(4) + "\n";
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// Source: the OpenTimelineIO schema as published by the Academy Software Foundation: Timeline.1,
// Stack.1, Track.1, Clip.1, Gap.1, ExternalReference.1, TimeRange.1, RationalTime.1. The oldest
// versions that say everything are written, since newer readers upgrade them.
#include "export/otio.h"

#include <string_view>

#include "core/json_text.h"
#include "export/file_reference.h"

namespace brisk {
namespace {

using nlohmann::ordered_json;
namespace fs = std::filesystem;

/// Whole ticks of a rate, where the time falls on them; else whole ticks of a finer clock.
ordered_json rationalTime(Rational t, Rational rate) {
    const Rational count = t * rate;
    const bool whole = count.den == 1;
    return {{"OTIO_SCHEMA", "RationalTime.1"},
            {"rate", whole ? rate.value() : static_cast<double>(t.den)},
            {"value", static_cast<double>(whole ? count.num : t.num)}};
}

ordered_json timeRange(Rational start, Rational length, Rational rate) {
    return {{"OTIO_SCHEMA", "TimeRange.1"},
            {"duration", rationalTime(length, rate)},
            {"start_time", rationalTime(start, rate)}};
}

ordered_json object(const char* schema, const std::string& name) {
    return {{"OTIO_SCHEMA", schema}, {"metadata", ordered_json::object()}, {"name", name}};
}

ordered_json item(const char* schema, const std::string& name, Rational start, Rational length,
                  Rational rate) {
    ordered_json j = object(schema, name);
    j["source_range"] = timeRange(start, length, rate);
    j["effects"] = ordered_json::array();
    j["markers"] = ordered_json::array();
    j["enabled"] = true;
    return j;
}

/// Percent-encoded as RFC 3986 has it.
std::string urlOf(const std::string& path, const fs::path& folder) {
    const std::string text = referenceFrom(folder, path);
    std::string url = fs::path(text).is_absolute() ? "file://" : "";
    for (const char c : text) {
        const auto u = static_cast<unsigned char>(c);
        const bool plain = (u >= '0' && u <= '9') || (u >= 'a' && u <= 'z') ||
                           (u >= 'A' && u <= 'Z') ||
                           std::string_view("-._~/").find(c) != std::string_view::npos;
        if (plain) {
            url += c;
        } else {
            constexpr std::string_view kDigits = "0123456789ABCDEF";
            url += '%';
            url += kDigits[u >> 4];
            url += kDigits[u & 15];
        }
    }
    return url;
}

/// Times in a file count from what its own clock says at its beginning.
ordered_json clip(const TimelineClip& c, const fs::path& folder) {
    ordered_json j = item("Clip.1", c.name, c.mediaStart + c.source, c.length, c.rate);
    ordered_json media = object("ExternalReference.1", c.name);
    const Rational needed = c.source + c.length;
    media["available_range"] =
        timeRange(c.mediaStart, c.available < needed ? needed : c.available, c.rate);
    media["target_url"] = urlOf(c.path, folder);
    j["media_reference"] = media;
    ordered_json& own = j["metadata"]["brisk"];
    own["rate"] = c.rate.text();
    own["starts_at"] = c.start.text();
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
    Rational at{0, 1};
    for (const TimelineClip& c : t.clips) {
        if (at < c.start) children.push_back(item("Gap.1", "", {0, 1}, c.start - at, t.rate));
        children.push_back(clip(c, folder));
        at = c.end();
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
    return jsonText(j, 4) + "\n";
}

}  // namespace brisk

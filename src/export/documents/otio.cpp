// SPDX-License-Identifier: GPL-3.0-or-later
// Source: the OpenTimelineIO schema as published by the Academy Software Foundation: Timeline.1,
// Stack.1, Track.1, Clip.1, Gap.1, ExternalReference.1, TimeRange.1, RationalTime.1. The oldest
// versions that say everything are written, since newer readers upgrade them.
#include "export/documents/otio.h"

#include "core/json_text.h"
#include "export/documents/file_url.h"

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

ordered_json marker(const TimelineMarker& m, const TimelineClip& c) {
    ordered_json j = object("Marker.2", m.name);
    j["color"] = "GREEN";
    j["comment"] = m.note;
    j["marked_range"] = timeRange(c.mediaStart + m.at, {0, 1}, c.rate);
    return j;
}

/// Times in a file count from what its own clock says at its beginning.
ordered_json clip(const TimelineClip& c, const fs::path& folder) {
    ordered_json j = item("Clip.1", c.name, c.mediaStart + c.source, c.length, c.rate);
    ordered_json media = object("ExternalReference.1", c.name);
    const Rational needed = c.source + c.length;
    media["available_range"] =
        timeRange(c.mediaStart, c.available < needed ? needed : c.available, c.rate);
    media["target_url"] = urlOfFile(c.path, folder);
    j["media_reference"] = media;
    for (const TimelineMarker& m : c.markers) j["markers"].push_back(marker(m, c));
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

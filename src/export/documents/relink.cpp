// SPDX-License-Identifier: GPL-3.0-or-later
// Source: the OpenTimelineIO schema as published by the Academy Software Foundation. Clip.1 has one
// media_reference, Clip.2 several of which one is active.
//
// The idea: a clip says a time of the take's own clock. That is a time of the take, and so a time
// of the file that holds it; only the two clocks' beginnings are exchanged.
#include "export/documents/relink.h"

#include <algorithm>
#include <cmath>

#include "core/json_text.h"
#include "export/documents/file_url.h"
#include "media/read/timecode.h"

namespace brisk {
namespace {

using nlohmann::ordered_json;
namespace fs = std::filesystem;

constexpr double kWhole = 1e-3;   // ticks: as near as times in floating point come
constexpr Seconds kSlack{0.045};  // a frame, of the slowest usual rate: by which edits round

bool isA(const ordered_json& j, const char* schema) {
    return j.is_object() && j.contains("OTIO_SCHEMA") && j["OTIO_SCHEMA"].is_string() &&
           j["OTIO_SCHEMA"].get<std::string>().starts_with(schema);
}

/// A text of that name, or what stands in for it where there is none.
std::string textIn(const ordered_json& j, const char* name, std::string otherwise) {
    const auto it = j.find(name);
    return it != j.end() && it->is_string() ? it->get<std::string>() : std::move(otherwise);
}

/// Seconds of a RationalTime.
std::optional<double> secondsIn(const ordered_json& time) {
    if (!isA(time, "RationalTime.")) return std::nullopt;
    const auto rate = time.find("rate"), value = time.find("value");
    if (rate == time.end() || value == time.end() || !rate->is_number() || !value->is_number() ||
        !(rate->get<double>() > 0)) {
        return std::nullopt;
    }
    return value->get<double>() / rate->get<double>();
}

std::optional<TimeRange> rangeIn(const ordered_json& j) {
    if (!isA(j, "TimeRange.")) return std::nullopt;
    const auto start = secondsIn(j.value("start_time", ordered_json()));
    const auto length = secondsIn(j.value("duration", ordered_json()));
    if (!start || !length) return std::nullopt;
    return TimeRange{{*start}, {*start + *length}};
}

/// Moves a RationalTime; where it stays on its ticks, to a whole one.
void move(ordered_json& time, double seconds) {
    const double value = time["value"].get<double>() + seconds * time["rate"].get<double>();
    time["value"] = std::fabs(value - std::round(value)) < kWhole ? std::round(value) : value;
}

ordered_json rational(double seconds, double rate) {
    return {{"OTIO_SCHEMA", "RationalTime.1"}, {"rate", rate}, {"value", seconds * rate}};
}

/// What a written file's own clock says at its beginning.
Seconds clockOf(const WrittenFile& file, Rational rate) {
    if (const auto t = readTimecode(file.stamps.timecode, rate)) {
        return {ticksToSeconds(t->frame, rate.inverse())};
    }
    return file.stamps.bextReference.value_or(Seconds{0});
}

class Relinker {
  public:
    Relinker(fs::path from, const std::vector<RelinkTake>& takes, fs::path to)
        : from_(std::move(from)), takes_(takes), to_(std::move(to)) {}

    void walk(ordered_json& j, bool sound) {
        if (isA(j, "Track.")) sound = textIn(j, "kind", "Video") == "Audio";
        if (isA(j, "Clip.")) return relinkClip(j, sound);
        if (!j.is_object() && !j.is_array()) return;
        for (auto& below : j) walk(below, sound);
    }
    std::size_t clips = 0;
    Facts leftAlone;

  private:
    const RelinkTake* takeOf(const std::string& url) const {
        const fs::path path = pathOfUrl(url, from_);
        std::error_code ec;
        for (const RelinkTake& t : takes_) {
            if (path == fs::path(t.path) || fs::equivalent(path, t.path, ec)) return &t;
        }
        // The edit was made on another machine: one take of that name, and only one.
        const RelinkTake* named = nullptr;
        for (const RelinkTake& t : takes_) {
            if (fs::path(t.path).filename() != path.filename()) continue;
            if (named) return nullptr;
            named = &t;
        }
        return named;
    }
    static ordered_json* mediaOf(ordered_json& clip) {
        if (const auto one = clip.find("media_reference"); one != clip.end()) return &*one;
        const auto all = clip.find("media_references");
        if (all == clip.end() || !all->is_object()) return nullptr;
        const auto key = textIn(clip, "active_media_reference_key", "DEFAULT_MEDIA");
        const auto active = all->find(key);
        return active == all->end() ? nullptr : &*active;
    }
    void relinkClip(ordered_json& clip, bool sound) {
        ordered_json* media = mediaOf(clip);
        if (!media || !isA(*media, "ExternalReference.")) return;
        const auto url = media->find("target_url");
        if (url == media->end() || !url->is_string()) return;
        const RelinkTake* take = takeOf(url->get<std::string>());
        if (!take) return;
        const auto available = rangeIn(media->value("available_range", ordered_json()));
        const auto own = rangeIn(clip.value("source_range", ordered_json()));
        const auto used = own ? own : available;
        const std::string name = textIn(clip, "name", fs::path(take->path).filename().string());
        if (!used) {
            leftAlone.push_back({"clip-says-no-time", {{"clip", name}}});
            return;
        }
        // Of a clip that says nothing of its file: by that file's clock, where it can be meant.
        const Seconds begins = available                 ? available->start
                               : used->end < take->clock ? Seconds{0}
                                                         : take->clock;
        const TimeRange wanted{used->start - begins, used->end - begins};
        const WrittenFile* file = holding(take->videos, wanted);
        if (!file && sound) file = holding(take->sounds, wanted);
        if (!file) {
            leftAlone.push_back({"clip-not-written", {{"clip", name}}});
            return;
        }
        const Seconds clock = clockOf(*file, take->rate);
        const Seconds held = (file->held ? file->held->start : Seconds{0}) - file->begins;
        if (own) move(clip["source_range"]["start_time"], (clock - held - begins).value);
        const double rate =
            own ? clip["source_range"]["start_time"]["rate"].get<double>() : take->rate.value();
        const Seconds length = file->begins + (file->held ? file->held->length() : wanted.end);
        (*media)["available_range"] = {{"OTIO_SCHEMA", "TimeRange.1"},
                                       {"duration", rational(length.value, rate)},
                                       {"start_time", rational(clock.value, rate)}};
        (*media)["target_url"] = urlOfFile(file->path, to_);
        ++clips;
    }
    static const WrittenFile* holding(const std::vector<WrittenFile>& files, TimeRange wanted) {
        for (const WrittenFile& f : files) {
            const bool whole = !f.held || (f.held->start <= wanted.start + kSlack &&
                                           wanted.end <= f.held->end + kSlack);
            if (whole) return &f;
        }
        return nullptr;
    }

    fs::path from_;
    const std::vector<RelinkTake>& takes_;
    fs::path to_;
};

}  // namespace

std::vector<RelinkTake> relinkTakes(const std::vector<HandedTake>& takes,
                                    const std::vector<WrittenTake>& written) {
    std::vector<RelinkTake> out;
    for (const WrittenTake& w : written) {
        const auto h = std::find_if(takes.begin(), takes.end(),
                                    [&](const HandedTake& t) { return t.id == w.take; });
        if (h == takes.end()) continue;
        RelinkTake r{h->scan->info.path, {}, {25, 1}, w.videos, w.sounds};
        if (h->scan->info.video) r.rate = h->scan->info.video->rate;
        if (const auto t = readTimecode(h->scan->info.stamps.timecode, r.rate)) {
            r.clock = {ticksToSeconds(t->frame, r.rate.inverse())};
        }
        out.push_back(std::move(r));
    }
    return out;
}

Result<Relinked> relinked(const std::string& text, const fs::path& from,
                          const std::vector<RelinkTake>& takes, const fs::path& to) {
    const auto unusable = [&] {
        return failAt(ErrorCode::CannotRead, from.string(), {"no-timeline-there"});
    };
    auto parsed = jsonFrom<ordered_json>(text);
    if (!parsed.is_object() || !parsed.contains("OTIO_SCHEMA")) return unusable();
    Relinker work(fs::absolute(from).lexically_normal(), takes, to);
    work.walk(parsed, false);
    return Relinked{jsonText(parsed, 4) + "\n", work.clips, std::move(work.leftAlone)};
}

}  // namespace brisk

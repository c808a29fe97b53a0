// SPDX-License-Identifier: GPL-3.0-or-later
// Source: SMPTE ST 258, form of the edit statement: event, source, mode, cut, source in and out,
// record in and out; notes begin with an asterisk; FCM says how frames are counted from there on.
#include "export/documents/edit_list.h"

#include <algorithm>
#include <cctype>
#include <filesystem>
#include <map>

#include "core/number_text.h"
#include "core/plain_line.h"
#include "export/documents/file_reference.h"
#include "media/read/timecode.h"

namespace brisk {
namespace {

constexpr std::size_t kMaxEvents = 999;
constexpr std::size_t kMaxTitleLength = 70;
constexpr std::size_t kMaxNameLength = 200;   // bytes; readers stop somewhere
constexpr std::size_t kMaxPathLength = 4096;  // as long as paths can be

struct Event {
    std::string path, name;
    std::string mode = "V";
    std::int64_t source = 0, record = 0, length = 0;               // frames
    bool dropFrame = false;                                        // of the source's clock
    std::vector<std::pair<std::int64_t, std::string>> marks = {};  // record frame, words
};

/// Eight letters and digits for each file, none given twice.
class Reels {
  public:
    const std::string& of(const std::string& path) {
        if (const auto it = reels_.find(path); it != reels_.end()) return it->second;
        std::string base;
        for (const char c : std::filesystem::path(path).stem().string()) {
            const auto u = static_cast<unsigned char>(c);
            if (u < 0x80 && std::isalnum(u)) base += static_cast<char>(std::toupper(u));
        }
        if (base.empty()) base = "REEL";
        std::string reel = base.substr(0, 8);
        const auto taken = [&] {
            return std::any_of(reels_.begin(), reels_.end(),
                               [&](const auto& r) { return r.second == reel; });
        };
        for (int n = 2; taken(); ++n) {
            const std::string number = std::to_string(n);
            reel = base.substr(0, 8 - number.size()) + number;
        }
        return reels_[path] = reel;
    }

  private:
    std::map<std::string, std::string> reels_;
};

/// Gathers what can be said, and counts what cannot.
class Events {
  public:
    Events(const TimelineTrack& picture, Rational rate) : picture_(picture), rate_(rate) {}

    void add(const TimelineClip& c, bool isPicture) {
        // Sound of a picture that is left out is left out with it.
        const bool seen = std::any_of(picture_.clips.begin(), picture_.clips.end(),
                                      [&](const TimelineClip& p) { return p.take == c.take; });
        if (!isPicture && !seen) return;
        Event e{c.path, c.name};
        e.mode = isPicture ? "V" : "A";
        e.source = frames(c.mediaStart + c.source);
        e.record = frames(c.start);
        e.length = frames(c.end()) - e.record;
        e.dropFrame = c.dropFrame;
        for (const TimelineMarker& m : c.markers) {
            const std::string words = m.note.empty() ? m.name : m.name + ": " + m.note;
            e.marks.emplace_back(frames(c.start + (m.at - c.source)), words);
        }
        rounded += !isPicture && ((c.source * rate_).den != 1 || (c.start * rate_).den != 1);
        drifting += c.driftPpm != 0;
        sounds += !isPicture;
        // Picture and sound of one file at one place are one event.
        const auto both = std::find_if(all.begin(), all.end(), [&](const Event& o) {
            return o.path == e.path && o.record == e.record && o.length == e.length;
        });
        if (!isPicture && both != all.end()) {
            both->mode = "B";
        } else if (e.length > 0) {
            all.push_back(e);
        }
    }
    [[nodiscard]] Facts cannotSay() const {
        Facts out;
        if (all.size() > kMaxEvents) {
            out.push_back({"too-many-events", {{"left_out", all.size() - kMaxEvents}}});
        }
        if (rounded > 0) {
            out.push_back({"whole-frames-only", {{"rounded", rounded}, {"sounds", sounds}}});
        }
        if (drifting > 0) out.push_back({"knows-no-drift"});
        return out;
    }

    std::vector<Event> all;
    std::size_t rounded = 0, drifting = 0, sounds = 0;

  private:
    [[nodiscard]] std::int64_t frames(Rational t) const { return (t * rate_).rounded(); }

    const TimelineTrack& picture_;
    Rational rate_;
};

/// The list begins at one o'clock, as is usual.
std::int64_t hourOf(bool dropFrame, Rational rate) {
    return readTimecode(dropFrame ? "01:00:00;00" : "01:00:00:00", rate)->frame;
}

std::string statement(std::size_t number, const Event& e, const std::string& reel, Rational rate,
                      bool dropFrame) {
    const auto source = [&](std::int64_t frame) {
        return timecodeText({frame, e.dropFrame}, rate);
    };
    const auto record = [&](std::int64_t frame) {
        return timecodeText({hourOf(dropFrame, rate) + frame, dropFrame}, rate);
    };
    const auto column = [](std::string text, std::size_t wide) {
        text.resize(std::max(wide, text.size()), ' ');
        return text + " ";
    };
    return column(paddedText(static_cast<std::int64_t>(number), 3), 4) + column(reel, 8) +
           column(e.mode, 5) + column("C", 8) + source(e.source) + " " +
           source(e.source + e.length) + " " + record(e.record) + " " +
           record(e.record + e.length) + "\n";
}

std::string countedText(bool dropFrame) {
    return dropFrame ? "FCM: DROP FRAME\n" : "FCM: NON-DROP FRAME\n";
}

/// Tracks that the form has no place for, each with a sentence.
bool leftOut(const TimelineTrack& t, const TimelineTrack& picture, EditList& out) {
    if (t.beside) {
        out.cannotSay.push_back({"microphone-left-out", {{"track", t.name}}});
        return true;
    }
    if (!t.picture || &t == &picture) return false;
    out.cannotSay.push_back(
        {"picture-track-left-out", {{"track", t.name}, {"clips", t.clips.size()}}});
    return true;
}

}  // namespace

EditList editList(const Timeline& timeline, const std::filesystem::path& folder) {
    EditList out;
    static const TimelineTrack kNone{"", true, {25, 1}};
    const auto first = std::find_if(timeline.tracks.begin(), timeline.tracks.end(),
                                    [](const TimelineTrack& t) { return t.picture; });
    const TimelineTrack& picture = first == timeline.tracks.end() ? kNone : *first;
    const Rational rate = picture.rate;
    Events events(picture, rate);
    for (const TimelineTrack& t : timeline.tracks) {
        if (leftOut(t, picture, out)) continue;
        for (const TimelineClip& c : t.clips) events.add(c, t.picture);
    }
    std::stable_sort(events.all.begin(), events.all.end(),
                     [](const Event& a, const Event& b) { return a.record < b.record; });
    const bool drop = std::any_of(picture.clips.begin(), picture.clips.end(),
                                  [](const TimelineClip& c) { return c.dropFrame; });
    out.text =
        "TITLE: " + plainLine(timeline.name, kMaxTitleLength) + "\n" + countedText(drop) + "\n";
    Reels reels;
    for (std::size_t i = 0; i < std::min(events.all.size(), kMaxEvents); ++i) {
        const Event& e = events.all[i];
        out.text += statement(i + 1, e, reels.of(e.path), rate, drop);
        out.text += "* FROM CLIP NAME: " + plainLine(e.name, kMaxNameLength) +
                    "\n* SOURCE FILE: " + plainLine(referenceFrom(folder, e.path), kMaxPathLength) +
                    "\n";
        for (const auto& [frame, words] : e.marks) {
            out.text += "* MARK " + timecodeText({hourOf(drop, rate) + frame, drop}, rate) + " " +
                        plainLine(words, kMaxNameLength) + "\n";
        }
    }
    add(out.cannotSay, events.cannotSay());
    if (rate.den != 1 && !drop) {
        out.cannotSay.push_back(
            {"counts-other-frames", {{"counted", rate.rounded()}, {"rate", rate.text()}}});
    }
    return out;
}

}  // namespace brisk

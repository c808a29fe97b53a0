// SPDX-License-Identifier: GPL-3.0-or-later
// Source: SMPTE ST 258, form of the edit statement: event, source, mode, cut, source in and out,
// record in and out; notes begin with an asterisk.
#include "export/edit_list.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <cstdio>
#include <filesystem>
#include <map>

#include "align/stamp_place.h"

namespace brisk {
namespace {

constexpr std::int64_t kFramesOfAnHour = 3600;  // times the rate: programmes begin at hour one
constexpr int kMostEvents = 999;

std::string timecode(std::int64_t frames, int fps) {
    const std::int64_t day = std::int64_t{86400} * fps;
    frames = ((frames % day) + day) % day;
    char text[24];
    std::snprintf(text, sizeof text, "%02d:%02d:%02d:%02d", static_cast<int>(frames / fps / 3600),
                  static_cast<int>(frames / fps / 60 % 60), static_cast<int>(frames / fps % 60),
                  static_cast<int>(frames % fps));
    return text;
}

/// Eight letters and digits for a file, not given before.
std::string reelOf(const std::string& path, std::map<std::string, std::string>& reels) {
    if (const auto it = reels.find(path); it != reels.end()) return it->second;
    std::string base;
    for (const char c : std::filesystem::path(path).stem().string()) {
        if (std::isalnum(static_cast<unsigned char>(c))) {
            base += static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
        }
    }
    if (base.empty()) base = "REEL";
    std::string reel = base.substr(0, 8);
    const auto taken = [&] {
        return std::any_of(reels.begin(), reels.end(),
                           [&](const auto& r) { return r.second == reel; });
    };
    for (int n = 2; taken(); ++n) {
        const std::string number = std::to_string(n);
        reel = base.substr(0, 8 - number.size()) + number;
    }
    return reels[path] = reel;
}

struct Event {
    std::string path, name;
    const char* mode = "V";
    std::int64_t source = 0, record = 0, length = 0;
};

/// The frame number that a file's first picture carries.
std::int64_t firstFrame(const TimelineClip& c, Rational rate, int fps) {
    const auto at = timecodeSeconds(c.timecode, rate);
    return at ? std::llround(at->value * rate.value()) % (std::int64_t{86400} * fps) : 0;
}

}  // namespace

EditList editList(const Timeline& timeline) {
    EditList out;
    const auto picture = std::find_if(timeline.tracks.begin(), timeline.tracks.end(),
                                      [](const TimelineTrack& t) { return t.picture; });
    const Rational rate = picture == timeline.tracks.end() ? Rational{25, 1} : picture->rate;
    const int fps = std::max(1, static_cast<int>(std::lround(rate.value())));
    std::vector<Event> events;
    std::size_t rounded = 0, drifting = 0, sounds = 0;
    for (const TimelineTrack& t : timeline.tracks) {
        if (t.beside) {
            out.cannotSay.push_back(t.name +
                                    " is left out: of several microphones an edit decision list "
                                    "holds the one that is heard.");
            continue;
        }
        if (t.picture && &t != &*picture) {
            out.cannotSay.push_back(
                t.name + " is left out: an edit decision list holds one picture track (" +
                std::to_string(t.clips.size()) + (t.clips.size() == 1 ? " clip)." : " clips)."));
            continue;
        }
        for (const TimelineClip& c : t.clips) {
            const double scale = rate.value() / c.rate.value();
            const auto frames = [&](std::int64_t ticks) {
                return std::llround(static_cast<double>(ticks) * scale);
            };
            // Sound of a picture that is left out is left out with it.
            const bool seen = std::any_of(picture->clips.begin(), picture->clips.end(),
                                          [&](const TimelineClip& p) { return p.take == c.take; });
            if (!t.picture && !seen) continue;
            Event e{
                c.path,           c.name,          t.picture ? "V" : "A",
                frames(c.source), frames(c.start), frames(c.start + c.length) - frames(c.start)};
            if (t.picture)
                e.source += firstFrame(c, rate, fps) + (c.timecode.empty() ? 0 : c.ahead);
            const double exact = static_cast<double>(c.source) * scale;
            rounded += std::fabs(exact - std::round(exact)) > 1e-3;
            drifting += c.driftPpm != 0;
            sounds += !t.picture;
            // Picture and sound of one file at one place are one event.
            const auto both = std::find_if(events.begin(), events.end(), [&](const Event& o) {
                return o.path == e.path && o.record == e.record && o.length == e.length;
            });
            if (!t.picture && both != events.end()) {
                both->mode = "B";
            } else if (e.length > 0) {
                events.push_back(e);
            }
        }
    }
    std::stable_sort(events.begin(), events.end(),
                     [](const Event& a, const Event& b) { return a.record < b.record; });
    out.text = "TITLE: " + timeline.name + "\nFCM: NON-DROP FRAME\n\n";
    std::map<std::string, std::string> reels;
    int number = 0;
    for (const Event& e : events) {
        if (++number > kMostEvents) break;
        const std::int64_t at = e.record + kFramesOfAnHour * fps;
        char line[128];
        std::snprintf(line, sizeof line, "%03d  %-8s %-5s C        %s %s %s %s\n", number,
                      reelOf(e.path, reels).c_str(), e.mode, timecode(e.source, fps).c_str(),
                      timecode(e.source + e.length, fps).c_str(), timecode(at, fps).c_str(),
                      timecode(at + e.length, fps).c_str());
        out.text += line;
        out.text += "* FROM CLIP NAME: " + e.name + "\n* SOURCE FILE: " + e.path + "\n";
    }
    if (events.size() > kMostEvents) {
        out.cannotSay.push_back("It holds 999 events; " +
                                std::to_string(events.size() - kMostEvents) + " are left out.");
    }
    if (rounded > 0) {
        out.cannotSay.push_back("It counts whole frames: " + std::to_string(rounded) + " of " +
                                std::to_string(sounds) +
                                " sounds lie up to half a frame from their place.");
    }
    if (drifting > 0) {
        out.cannotSay.push_back(
            "It knows no drift: hand over the clean sound, and point at that instead.");
    }
    if (rate.den != 1) {
        out.cannotSay.push_back("Its timecode counts " + std::to_string(fps) +
                                " frames a second; the picture has " + rate.text() + ".");
    }
    return out;
}

}  // namespace brisk

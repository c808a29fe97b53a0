// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The shoot as a timeline for other programs: cameras as picture tracks, the clean sound under
/// them, everything where it was on the day. What the two formats that are written have in common.
#pragma once

#include <string>
#include <vector>

#include "core/rational.h"
#include "export/handed_take.h"

namespace brisk {

struct WrittenFile {
    std::string path;
    Seconds lead = {0};  ///< By which it begins before its stretch.
};

/// Where the files of one take's kept stretches were written; empty = the timeline points at the
/// originals.
struct WrittenTake {
    int take = 0;
    std::vector<WrittenFile> videos;  ///< One for each kept stretch, in order.
    std::vector<WrittenFile> sounds;  ///< Clean sound alone, likewise.
    /// Other microphones alone: for each of them its files, likewise.
    std::vector<std::vector<WrittenFile>> microphones = {};
};

struct TimelineClip {
    std::string name;
    int take = 0;
    std::string path;
    Rational rate;           ///< Ticks a second of what follows: frames, or samples.
    std::int64_t start = 0;  ///< On the timeline, in ticks.
    std::int64_t length = 0;
    std::int64_t source = 0;     ///< Where it begins in the file.
    std::int64_t available = 0;  ///< Ticks that the file has.
    std::string timecode;        ///< Of the take's first picture, where it says.
    std::int64_t ahead = 0;      ///< Frames by which the file begins after it: a piece.
    int soundTrack = 1;          ///< Which of the file's sound tracks, from 1.
    /// Of a recording that is pointed at as it is.
    double driftPpm = 0;
    Seconds offset;
};

struct TimelineTrack {
    std::string name;
    bool picture = false;
    Rational rate;
    std::vector<TimelineClip> clips = {};  ///< In order, apart.
    bool beside = false;                   ///< A microphone that is not the one that is heard.
};

struct Timeline {
    std::string name;
    std::vector<TimelineTrack> tracks;  ///< Pictures first.
};

/// \param written  of takes that are not in it the originals are pointed at.
/// Where two takes of one camera overlap, the later one goes on a track of its own.
Timeline buildTimeline(const std::string& name, const std::vector<HandedTake>& takes,
                       const std::vector<WrittenTake>& written);

}  // namespace brisk

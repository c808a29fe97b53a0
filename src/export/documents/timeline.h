// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The shoot as a timeline for other programs: cameras as picture tracks, the clean sound under
/// them, everything where it was on the day. What the two formats that are written have in common.
///
/// A kept stretch of a take is laid on its camera's frame grid once. Its sounds follow from that by
/// exact fractions, so that sound and picture are as far apart on the timeline as in the take: not
/// by half a frame more, and not by a sample.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/rational.h"
#include "export/documents/handed_take.h"

namespace brisk {

struct WrittenFile {
    std::string path;
    Seconds lead = {0};      ///< By which it begins before its stretch.
    TimeStamps stamps = {};  ///< As another program reads them from it.
    /// The take time that it holds, its lead with it; none = the stretch, and its lead.
    std::optional<TimeRange> held = std::nullopt;
    Seconds begins = {};  ///< Where that begins in the file: pieces may be joined in it.

    [[nodiscard]] TimeRange holds(TimeRange stretch) const {
        return held.value_or(TimeRange{stretch.start - lead, stretch.end});
    }
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

/// A moment of a clip that a person named.
struct TimelineMarker {
    Rational at;  ///< As TimelineClip::source counts.
    std::string name, note;
};

/// All times in exact seconds.
struct TimelineClip {
    std::string name;
    int take = 0;
    std::string path;
    Rational rate;   ///< What its medium counts in: frames, or samples.
    Rational start;  ///< On the timeline.
    Rational length;
    Rational source;         ///< Where it begins, after the file's first picture or sample.
    Rational available;      ///< Length of the file.
    Rational mediaStart;     ///< What the file's own clock says at its beginning; 0 = it has none.
    std::string timecode;    ///< That clock in words, where it is a timecode.
    bool dropFrame = false;  ///< That clock is a timecode that leaves out numbers.
    int soundTrack = 1;      ///< Which of the file's sound tracks, from 1.
    /// Of a recording that is pointed at as it is.
    double driftPpm = 0;
    Seconds offset;
    std::vector<TimelineMarker> markers = {};  ///< In order of time.

    [[nodiscard]] Rational end() const { return start + length; }
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
/// \param closeGaps  what no camera keeps takes no time: the pieces follow each other, and what
///        was at one moment of the day stays at one moment.
/// Where two takes of one camera overlap, the later one goes on a track of its own.
Timeline buildTimeline(const std::string& name, const std::vector<HandedTake>& takes,
                       const std::vector<WrittenTake>& written, bool closeGaps = false);

}  // namespace brisk

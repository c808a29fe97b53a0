// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What the engine answers about one take and one recording: a place, the evidence, and how sure.
#pragma once

#include <string>
#include <vector>

#include "core/clock_line.h"
#include "core/fact.h"

namespace brisk {

enum class MatchStatus { Matched, Unsure, Unmatched };

/// "matched", "unsure", "unmatched", as the command line prints it.
inline const char* statusText(MatchStatus s) {
    return s == MatchStatus::Matched  ? "matched"
           : s == MatchStatus::Unsure ? "unsure"
                                      : "unmatched";
}

/// Lines that meet to this are one clock that bends; farther apart something was lost.
constexpr Seconds kMeeting{0.0004};

struct Rival {
    Seconds offset;
    double relativeDb = 0;  ///< Of its evidence against the best place; negative = weaker.
    friend bool operator==(const Rival&, const Rival&) = default;
};

/// A slip measured at one moment of the take.
struct MeasuredLag {
    Seconds takeTime;
    Seconds slip;  ///< Positive where the clean sound comes too early.
    bool agrees = false;
    friend bool operator==(const MeasuredLag&, const MeasuredLag&) = default;
};

/// A stretch over which one line holds. Where the recorder lost or repeated samples there are
/// several.
struct TetherSegment {
    TimeRange range;  ///< Take time.
    ClockLine line;
    /// Its start may lie this much earlier or later: a jump in a pause leaves no trace of when.
    Seconds startDoubt{0};
    friend bool operator==(const TetherSegment&, const TetherSegment&) = default;
};

/// The way of the sound to the camera at one moment, where it changes: beyond what it is where the
/// speaker stands nearest. No part of any line; the picture hears nothing of it.
struct PathDelay {
    Seconds takeTime;
    Seconds later;  ///< 0 or more: the scratch sound comes so much later.
    friend bool operator==(const PathDelay&, const PathDelay&) = default;
};

/// At a moment, straight between what was measured; 0 without any.
Seconds pathAt(const std::vector<PathDelay>& path, Seconds takeTime);
/// The same as near to a measured slip as it can be: of somebody who is walking only the two ends
/// of the way are known.
Seconds pathNear(const std::vector<PathDelay>& path, Seconds takeTime, Seconds slip);

/// What the judgement rests on.
struct MatchEvidence {
    double overlap = 0;      ///< Seconds.
    double coarse = 0;       ///< Score of the coarse place, in robust deviations.
    double stack = 0;        ///< All windows together, in deviations.
    double log10PValue = 0;  ///< Log10 of the chance that so many windows agree by chance.
    double share = 0;        ///< Of the windows that agree.
    double rival = 0;        ///< Strongest other place against this one, 0 to 1 and more.
    /// The highest sum before the arrival that was taken for the first, in deviations of the noise
    /// and as a part of that arrival.
    double before = 0, beforeShare = 0;
    int against = 0;  ///< Windows that do not agree, though both sides are loud there.
    friend bool operator==(const MatchEvidence&, const MatchEvidence&) = default;
};

struct TetherEstimate {
    MatchStatus status = MatchStatus::Unmatched;
    ClockLine line;  ///< Take time to recording time; of the first segment.
    int polarity = 1;
    double confidence = 0;  ///< 0 to 1.
    std::string method = "waveform";
    TimeRange overlap;  ///< Take time, scratch sound and clean sound both present.
    int windowsUsed = 0;
    int windowsAgreeing = 0;
    Seconds residualStart, residualMiddle, residualEnd;
    std::vector<TetherSegment> segments;  ///< At least one where there is an overlap.
    std::vector<Rival> rivals;
    std::vector<MeasuredLag> slips;
    std::vector<PathDelay> path;  ///< In order of time; empty where nobody walked.
    MatchEvidence evidence;
    Facts reason;  ///< What the judgement rests on, for a person; nothing steers by it.

    /// False where the recording jumps or a clock bends: one line then holds for a part only.
    [[nodiscard]] bool oneLineHolds() const { return segments.size() < 2; }
    /// Something was lost or repeated: neighbouring lines do not meet.
    [[nodiscard]] bool jumps() const;
    friend bool operator==(const TetherEstimate&, const TetherEstimate&) = default;
};

/// The slip at a moment that one straight line would leave.
struct LeftSlip {
    Seconds takeTime;
    Seconds slip;  ///< Positive where the clean sound would come too early.
};

/// At both ends of each segment, in order of time; empty where one line holds. Where samples are
/// lost, of the first segment's line; where a clock bends, of the straight line that is least off.
std::vector<LeftSlip> leftByOneLine(const TetherEstimate& e);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/decide/through_the_room.h"

#include <cmath>

#include "align/follow/estimate_from.h"
#include "align/nominate/pulled_rate.h"

namespace brisk {
namespace {

// Of a hundred drowned takes: how near they lie, and how often they are right to a millisecond.
constexpr double kRoomSeconds = 0.06;
constexpr double kThroughTheRoom = 0.1;

}  // namespace

TetherEstimate throughTheRoom(const WindowReader& reader, ClockLine buried,
                              TetherEstimate measured) {
    const Seconds scratchStart = reader.take().info.soundStartInTake();
    const TimeRange overlap = reader.overlap(buried);
    const Seconds middle = (overlap.start + overlap.end) / 2;
    const Seconds off =
        onScratchTime(measured.line, scratchStart).toRecording(middle) - buried.toRecording(middle);
    if (measured.segments.empty() || std::fabs(off.value) > kRoomSeconds ||
        !isAClocksDrift(measured.line.drift)) {
        FineMatch there;
        there.line = buried;
        there.overlap = overlap;
        measured = estimateFrom({{overlap, there, {}}}, scratchStart);
    }
    measured.status = MatchStatus::Unsure;
    measured.confidence = kThroughTheRoom;
    measured.reason = {{"only-through-the-room", {{"within_ms", kRoomSeconds * 1e3}}}};
    return measured;
}

}  // namespace brisk

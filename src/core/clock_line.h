// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The straight line from take time to recording time:
///
///     recording_time = offset + take_time × (1 + drift × 1e-6)
///
///     line.from({5}).through({0}, {12})   // counted from 5 s of the take, which is 12 s there
///
/// Take time 0 is the presentation time of the take's first picture frame. Positive offset: the
/// recorder was already running. Positive drift: the recorder counts more seconds than the camera.
#pragma once

#include "core/units.h"

namespace brisk {

struct ClockLine {
    Seconds offset;
    Ppm drift;

    [[nodiscard]] Seconds toRecording(Seconds take) const {
        // Written as a sum so that a small drift does not eat the precision of a long time.
        return offset + take + take * (drift.value * 1e-6);
    }
    [[nodiscard]] Seconds toTake(Seconds recording) const {
        return (recording - offset) / drift.factor();
    }
    /// Everything `by` later in the recording.
    [[nodiscard]] ClockLine shifted(Seconds by) const { return {offset + by, drift}; }
    /// The same line with its zero at another moment of the take.
    [[nodiscard]] ClockLine from(Seconds take) const { return {toRecording(take), drift}; }
    /// The same clock, so that this moment of the take is that moment of the recording.
    [[nodiscard]] ClockLine through(Seconds take, Seconds recording) const {
        return shifted(recording - toRecording(take));
    }
    friend bool operator==(const ClockLine& a, const ClockLine& b) {
        return a.offset == b.offset && a.drift == b.drift;
    }
};

/// Where `line` goes when what lay on `from` is moved onto `to`: all that hangs together moves as
/// one, whatever clock it is on.
inline ClockLine movedAlong(ClockLine line, ClockLine from, ClockLine to) {
    if (from == to) return line;
    const double factor = line.drift.factor() * to.drift.factor() / from.drift.factor();
    return {line.toRecording(from.toTake(to.offset)), {(factor - 1) * 1e6}};
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What many measured slips say about a place.
///
///     const FitVerdict v = fitVerdict(slips);
///     v.said   // "In place from first to last: never more than 0.2 ms apart."
#pragma once

#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/fact.h"
#include "core/units.h"

namespace brisk {

/// Compared at a moment; no slip where no common sound was found.
struct SlipPoint {
    Seconds time;  ///< Take time.
    std::optional<Seconds> slip;
};

enum class Fit {
    Unknown,   ///< Too little was compared.
    Nothing,   ///< No common sound: nothing speaks for this place.
    InPlace,   ///< Under a millisecond everywhere.
    Drifting,  ///< The two ends disagree.
    Jumping,   ///< In place or not, but not on one line.
    Hollow,    ///< One to ten milliseconds apart.
    Echo,      ///< Ten to forty.
    Apart,     ///< Lips look wrong.
};

/// Where one line gives way to another: the recorder lost or repeated sound.
struct SlipJump {
    Seconds at;  ///< Take time, between the two points around it.
    Seconds by;  ///< Slip after it less slip before it.
};

struct FitVerdict {
    Fit fit = Fit::Unknown;
    Seconds worst{0};    ///< Among the points that agree with the others.
    Seconds worstAt{0};  ///< Take time.
    double slope = 0;    ///< Slip gained per second.
    Seconds atStart{0};  ///< Of the fitted line, at the first and the last point.
    Seconds atEnd{0};
    std::vector<SlipJump> jumps;
    int heard = 0;  ///< Points with a slip.
    int asked = 0;
    Facts said;
};

/// \param points  in order of time.
FitVerdict fitVerdict(std::span<const SlipPoint> points);

/// "0.1 ms: together", "3.2 ms: hollow", for one moment; "no common sound here" for none.
/// \param way  of the sound to the camera, beyond the nearest: "12.1 ms: 4.2 m farther".
Fact slipFact(std::optional<Seconds> slip, Seconds way = {});

/// The way explains the slip: no clock is off, and the picture fits.
bool isTheWay(Seconds slip, Seconds way);

}  // namespace brisk

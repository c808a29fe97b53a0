// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Where a take could lie whose common sound is buried under other sound: music far away in a room
/// that talks, a voice under rustle. Nothing is heard to begin there; but all that a room does to
/// the sound, added up over some milliseconds and along the take, stands out. Dearer than the
/// coarse search by far: for takes of which nothing else was found.
///
///     auto places = buriedPlaces(*take, *recording, whitenedRecording, job);
#pragma once

#include <vector>

#include "align/nominate/whitened_sound.h"

namespace brisk {

struct BuriedPlace {
    Seconds offset;     ///< Take zero in the recording, to within 30 ms.
    double stands = 0;  ///< Out of all the places that there are, in deviations.
};

/// Best first, none that chance explains. Nothing for a take of less than 1.5 s.
/// \param whole  of the recording, shared by the takes that are looked for in it.
/// Errors: CannotRead, Cancelled. Threads: safe, but for the two sounds.
Result<std::vector<BuriedPlace>> buriedPlaces(HeldSound& take, HeldSound& recording,
                                              WhitenedRecording& whole, const JobControl& job);

}  // namespace brisk

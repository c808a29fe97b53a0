// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Places of a take whose sound runs a thousandth faster or slower than the recording: pictures of
/// 23.976 a second beside sound made for 24, or 48 kHz written where it was 47.952 or 48.048.
///
///     auto places = placesAtPulledRates(take.bands, searched, job);
#pragma once

#include <vector>

#include "align/nominate/coarse_search.h"

namespace brisk {

/// Recorder seconds a take second more or less, where a rate was pulled. Source: SMPTE ST 318,
/// 1000/1001.
constexpr double kPulled = 1e-3;

/// The drift that is expected of two devices which were measured `ppm` apart: none, or what a
/// pulled rate makes.
Ppm expectedDrift(Ppm measured);

/// How far two devices are from that.
Ppm beyondExpected(Ppm measured);

/// Quartz keeps to 50 ppm, and there are two of them. Farther apart, more likely somebody moved.
constexpr Ppm kRareDrift{120};
bool isRare(Ppm drift);

/// Two clocks run about alike, or a thousandth apart. In between somebody carried the camera away.
bool isAClocksDrift(Ppm drift);

/// Best first, of both directions. Errors: TooShort, Silent, Cancelled.   Threads: safe.
Result<std::vector<CoarsePlace>> placesAtPulledRates(const BandLevels& scratch,
                                                     CoarseRecording& clean, const JobControl& job);

}  // namespace brisk

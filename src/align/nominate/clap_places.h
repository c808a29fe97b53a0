// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Places that a pattern of claps nominates: of every pair of an onset in the take and one in the
/// recording. Two takes with three claps each at other distances nominate nothing in common.
///
///     for (const ClapPlace& p : clapPlaces(takeClaps, recordingClaps)) ...   // most support first
#pragma once

#include <vector>

#include "features/spike_detector.h"

namespace brisk {

struct ClapPlace {
    double offset = 0;    ///< Seconds; scratch time 0 in the recording.
    int support = 0;      ///< Onsets of the take that find one of the recording there.
    double strength = 0;  ///< Their strengths together, in dB.
};

/// At most six, none nearer than 30 ms to another. Both lists in order of time.   Threads: safe.
std::vector<ClapPlace> clapPlaces(const std::vector<Spike>& take, const std::vector<Spike>& clean);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What happens to the sound of a real shoot, done to simulated sound: all mono at 48 kHz.
#pragma once

#include <cstdint>
#include <vector>

#include "sim/course.h"
#include "sim/room.h"
#include "sim/true_lines.h"

namespace brisk::bench {

/// \param first  world time of the first sample.
void lose(std::vector<float>& sound, const std::vector<sim::Loss>& losses, bool inTake,
          double first);

/// As a recorder with this clock counts it: sample n is what is heard when it has counted n.
/// \param rate  that the file will claim.
std::vector<float> onClock(const std::vector<float>& sound, const sim::RecorderClock& clock,
                           double rate);

/// The room heard at a changing distance: the direct sound travels exactly as far as `metres` says,
/// its echoes go over from those of one distance to those of the next.
/// \param lead  seconds of `world` before world time 0.
std::vector<float> heardWalking(const std::vector<float>& world, const sim::RoomSpec& room,
                                const sim::Course& metres, double lead, std::uint64_t seed);

/// A microphone under cloth: nothing over 2 kHz, and rustle louder than speech now and then.
void coverWithCloth(std::vector<float>& sound, std::uint64_t seed);

}  // namespace brisk::bench

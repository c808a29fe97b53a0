// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A room heard while somebody walks about in it.
#pragma once

#include <cstdint>
#include <span>
#include <vector>

#include "sim/course.h"
#include "sim/room.h"
#include "sim/sampled_between.h"

namespace brisk::sim {

/// The direct sound travels exactly as far as the course says, its echoes go over from those of
/// one distance to those of the next. Streaming, 48 kHz: as many samples out as in.
class WalkedRoom {
  public:
    /// \param metres  from the microphone, over the time of the stream. Must hold something.
    WalkedRoom(const RoomSpec& room, Course metres, std::uint64_t seed);
    void process(std::span<const float> in, std::vector<float>& out);

  private:
    struct Echo {
        double metres;
        Convolver echo;
    };
    Course metres_;
    std::vector<Echo> echoes_;  // a metre apart
    SampledBetween direct_;
    std::int64_t at_ = 0;
};

}  // namespace brisk::sim

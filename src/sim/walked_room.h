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

/// The direct sound and the early echoes travel exactly as far as the course says; the diffuse tail
/// goes over from that of one distance to that of the next. Streaming, 48 kHz: as many samples out
/// as in.
class WalkedRoom {
  public:
    /// \param metres  from the microphone, over the time of the stream. Must hold something.
    WalkedRoom(const RoomSpec& room, Course metres, std::uint64_t seed);
    void process(std::span<const float> in, std::vector<float>& out);

  private:
    struct Tail {
        double metres;
        Convolver convolver;
    };
    /// Straight between two moments, and of the same echoes.
    struct Echoes {
        std::int64_t span = -2;  // no neighbour of the first: its beginning is worked out, too
        std::vector<Arrival> from, to;
    };
    [[nodiscard]] double awayAt(std::int64_t sample) const;
    void addEchoes(std::span<float> out);
    /// \param away  metres, of each sample.
    void addTails(std::span<const float> in, std::span<const double> away, std::span<float> out);

    RoomSpec room_;
    Course metres_;
    std::vector<Tail> tails_;  // a metre apart
    Echoes echoes_;
    double longest_ = 0;  // of all ways, seconds
    SampledBetween world_;
    std::int64_t at_ = 0;
};

}  // namespace brisk::sim

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A stream of samples, read at positions in between: what a clock that runs differently, or an
/// ear that moves, makes of a sound.
#pragma once

#include <cstdint>
#include <span>
#include <vector>

namespace brisk::sim {

class SampledBetween {
  public:
    /// Samples behind a position that must be there for its value to be whole.
    static constexpr int kReach = 24;

    void push(std::span<const float> samples);
    /// Of the positions ever pushed; silence beyond either end. A windowed sinc.
    [[nodiscard]] float at(double position) const;
    /// A position and how loud it is there, and how both go on from one sample to the next.
    struct Moving {
        double position = 0, step = 1;
        float gain = 1, gainStep = 0;
    };
    /// Adds what is heard there, from four samples each, for what is many and need not be exact:
    /// above a quarter of the rate it grows dull.
    void addRoughly(Moving from, std::span<float> out) const;
    [[nodiscard]] std::int64_t pushed() const {
        return first_ + static_cast<std::int64_t>(kept_.size());
    }
    /// No position before this one will be asked for again.
    void forgetBefore(double position);

  private:
    std::vector<float> kept_;
    std::int64_t first_ = 0;  // position of the first kept
};

}  // namespace brisk::sim

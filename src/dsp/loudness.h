// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How loud a sound is, streaming: integrated loudness after EBU R 128, sample peak, clipping.
#pragma once

#include <cstdint>
#include <memory>
#include <span>
#include <vector>

#include "core/units.h"

namespace brisk {

struct LevelReport {
    double integratedLufs = -70.0;    ///< -70 where there is nothing to measure.
    double samplePeak = 0;            ///< The largest sample, full scale is 1; over it in float.
    std::int64_t clippedSamples = 0;  ///< Of all channels, in runs of three or more.
    /// Where they are, in whichever channel, in order; those nearer than a fiftieth of a second are
    /// one. Of a recording that is clipped all the time, the first thousands.
    std::vector<TimeRange> clipped;
    std::vector<double> channelRmsDb;  ///< Of each channel, re full scale.
    /// The channel that carries the sound where all others are 40 dB weaker, else -1.
    [[nodiscard]] int onlyChannel() const;
};

class LevelMeter {
  public:
    /// \param withLoudness  else integratedLufs stays unmeasured, at half the cost.
    /// \param hasHeadroom  samples over full scale are kept, as in floating point: sound that goes
    ///                     there is not clipped.
    LevelMeter(SampleRate rate, int channels, bool withLoudness = true, bool hasHeadroom = false);
    LevelMeter(LevelMeter&&) noexcept;
    ~LevelMeter();
    void push(std::span<const float> interleaved);
    [[nodiscard]] LevelReport report() const;

  private:
    struct State;
    std::unique_ptr<State> state_;
};

}  // namespace brisk

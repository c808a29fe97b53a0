// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Sound as the levels of 16 log-spaced bands, 125 times a second: what the coarse search compares.
/// A hundred times smaller than the samples, the same for every sample rate and codec.
///
///     BandLevelMeter meter(SampleRate{44100});
///     meter.push(mono); ...
///     BandLevels levels = meter.finish();
#pragma once

#include <array>
#include <cstdint>
#include <span>
#include <vector>

#include "core/units.h"
#include "dsp/fourier.h"
#include "dsp/half_band_decimator.h"

namespace brisk {

constexpr int kBands = 16;
constexpr double kBandFramesPerSecond = 125.0;

/// One instant: half decibels above -120 dB of full scale, clipped to 0..255.
using BandFrame = std::array<std::uint8_t, kBands>;

/// Frame n is centred at n / 125 s after the first sample, plus half a window (10.7 ms), for every
/// sample rate alike.
using BandLevels = std::vector<BandFrame>;

class BandLevelMeter {
  public:
    explicit BandLevelMeter(SampleRate rate);
    /// Mono, full scale = 1.
    void push(std::span<const float> mono);
    BandLevels finish();
    /// What is surely known by now.
    [[nodiscard]] const BandLevels& soFar() const { return levels_; }

  private:
    /// \param rate  after halving, `halvings` times.
    BandLevelMeter(SampleRate rate, int halvings);
    void hold(std::span<const float> halved);
    void measure();

    SampleRate rate_;
    int windowLength_;
    RealFourier fourier_;
    std::vector<HalfBandDecimator> halvers_;
    std::vector<std::vector<float>> halved_;
    std::vector<float> window_;
    std::array<int, kBands + 1> edges_{};
    std::vector<float> held_;
    std::int64_t heldStart_ = 0;
    BandLevels levels_;
};

}  // namespace brisk

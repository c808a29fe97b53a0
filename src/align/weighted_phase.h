// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How well two windows of sound agree at each small lag: generalised cross-correlation with phase
/// transform, weighted by where the clean sound stands out of its own noise.
///
///     NoiseFloor floor(spectra...);  PhaseCorrelator c(1 << 17, rate);
///     c.correlate(scratch, clean, floor, reach, curve);
#pragma once

#include <span>
#include <vector>

#include "core/units.h"
#include "dsp/fourier.h"

namespace brisk {

/// Power of each frequency in the clean sound's quiet moments.
class NoiseFloor {
  public:
    /// Adds one window's power spectrum (of any number; all the same size).
    void add(std::span<const float> power);
    /// Takes the tenth percentile of what was added. Afterwards `at` may be called.
    void settle();
    [[nodiscard]] float at(std::size_t bin) const { return bin < floor_.size() ? floor_[bin] : 0; }

  private:
    std::vector<std::vector<float>> seen_;
    std::vector<float> floor_;
};

class PhaseCorrelator {
  public:
    /// Windows of `size` samples (a power of two) at `rate`.
    PhaseCorrelator(int size, SampleRate rate);

    /// Smoothed power of a window, for NoiseFloor. Shape: size / 2 + 1.
    std::vector<float> power(std::span<const float> window);

    /// \param curve  2 × reach + 1 values; index reach + k is the agreement when the clean sound is
    ///               moved k samples later. In deviations of the curve's own noise; negative where
    ///               one of the two is upside down.
    /// Returns false when there is nothing in a window to compare.
    bool correlate(std::span<const float> scratch, std::span<const float> clean,
                   const NoiseFloor& floor, int reach, std::span<float> curve);

  private:
    void load(std::span<const float> window);

    SampleRate rate_;
    RealFourier fourier_;
    std::vector<float> taper_;
};

}  // namespace brisk

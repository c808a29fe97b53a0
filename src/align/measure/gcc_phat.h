// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How well two windows of sound agree at each small lag: generalised cross-correlation with phase
/// transform, weighted by where the clean sound stands out of its own noise.
///
///     GccPhat c(1 << 17, {48000}, reach);
///     const WindowSpectrum s = c.transform(scratch), r = c.transform(clean);
///     NoiseFloor floor; floor.add(r); floor.settle();
///     c.correlate(s, r, {floor}, curve);
#pragma once

#include <complex>
#include <span>
#include <vector>

#include "core/units.h"
#include "dsp/fourier.h"

namespace brisk {

/// The part of a window's spectrum that is compared, and its power in blocks of about 24 Hz.
struct WindowSpectrum {
    std::vector<std::complex<float>> bins;
    std::vector<float> blockPower;
};

/// Where the bins of a WindowSpectrum lie.
struct WindowBins {
    double firstHertz = 0, hertz = 1;  ///< Of the first, and from each to the next.
    std::size_t block = 1;             ///< Bins of a block; the last may have fewer.
};

/// Power of each block in the clean sound's quiet moments.
class NoiseFloor {
  public:
    void add(const WindowSpectrum& window);
    /// Takes the tenth percentile of what was added. Afterwards `at` may be called.
    void settle();
    [[nodiscard]] float at(std::size_t block) const {
        return block < floor_.size() ? floor_[block] : 0;
    }

  private:
    std::vector<std::vector<float>> seen_;
    std::vector<float> floor_;
};

/// By what a block of bins is weighed: where the clean sound stands out of `floor`, times `worth`.
struct BlockWeights {
    const NoiseFloor& floor;
    std::span<const float> worth = {};  ///< One a block; empty: each as much as the others.
};

/// Threads: one object a thread.
class GccPhat {
  public:
    /// Windows of `size` samples (a power of two) at `rate`; lags of ±reach samples, at most an
    /// eighth of a window.
    GccPhat(int size, SampleRate rate, int reach);

    WindowSpectrum transform(std::span<const float> window);
    [[nodiscard]] WindowBins bins() const;

    /// \param curve  2 × reach + 1 values; index reach + k is the agreement when the clean sound is
    ///               moved k samples later. In deviations of the curve's own noise; negative where
    ///               one of the two is upside down.
    /// \param pulse  empty, or as large as `curve`: what the curve would be for a scratch sound
    ///               that is the clean sound itself, its own echoes and periods included. Unit: its
    ///               value at lag 0 is 1.
    /// Returns false when there is nothing in a window to compare.
    bool correlate(const WindowSpectrum& scratch, const WindowSpectrum& clean,
                   const BlockWeights& weights, std::span<float> curve,
                   std::span<float> pulse = {});

  private:
    /// Weighs a block against the noise; 0 where nothing is there.
    static std::vector<float> gains(const WindowSpectrum& clean, const BlockWeights& weights);
    /// Inverse transform of `weighted` bins for the lags within reach.
    void lags(std::span<const std::complex<float>> weighted, std::span<float> out);

    int reach_;
    double binHz_;
    int group_;  // bins that share one bin of the inverse transform
    std::size_t low_, high_, block_;
    RealFourier fourier_;
    RealFourier inverse_;
    std::vector<float> taper_;
    std::vector<std::complex<float>> weighted_;
};

/// Robust spread of values about zero.
float spreadAboutZero(std::span<const float> values);

}  // namespace brisk

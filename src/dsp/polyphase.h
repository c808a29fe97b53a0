// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Reads a stream at evenly spaced positions that need not be whole: another phase, and a clock
/// that runs a little faster or slower, in one pass. Not for other sample rates: what lies above
/// half of the slower rate is not filtered away (resampler.h does).
///
///     PolyphaseInterpolator p(1 + 20e-6, kReach - 1 + 0.37, channels);
///     p.push(in, out);      // out[k] = in at position kReach - 1 + 0.37 + k * (1 + 20e-6)
///
/// Quality: errors below -130 dB of full scale up to 20 kHz at 48 kHz, that is below 24 bits as
/// soon as there is any noise in a recording.   Threads: one object, one thread.
#pragma once

#include <cstdint>
#include <span>
#include <vector>

namespace brisk {

class PolyphaseInterpolator {
  public:
    /// Input frames that are looked at on each side of a position.
    static constexpr int kReach = 32;
    /// The largest difference of the two clocks that it is made for.
    static constexpr double kMaxDrift = 2e-3;

    /// \param step   input frames an output frame; within kMaxDrift of 1.
    /// \param start  position of the first output, in input frames; at least kReach - 1.
    PolyphaseInterpolator(double step, double start, int channels);

    /// Interleaved in; whatever can be given by now is appended to `out`, interleaved.
    void push(std::span<const float> in, std::vector<float>& out);

  private:
    double step_, start_;
    std::size_t channels_;
    std::int64_t given_ = 0;                 // output frames
    std::int64_t dropped_ = 0;               // input frames that are needed no more
    std::vector<std::vector<float>> lines_;  // input from there on, one a channel
};

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Moves a stream by a part of a sample. The resampler always begins on a whole input sample; this
/// gives a render its exact phase.
///
///     FractionalAdvance f(0.37, channels);
///     f.process(in, out);      // out[n] = in at position n + 0.37 - kLatency
#pragma once

#include <span>
#include <vector>

namespace brisk {

class FractionalAdvance {
  public:
    /// Whole frames by which the output comes later than asked; read that many more beforehand.
    static constexpr int kLatency = 64;

    /// \param fraction in [0, 1) of a sample, towards the future of the input.
    FractionalAdvance(double fraction, int channels);
    /// As many frames out as in; interleaved; appended to `out`.
    void process(std::span<const float> in, std::vector<float>& out);

  private:
    int channels_;
    std::vector<float> taps_;     // oldest sample's first
    std::vector<float> history_;  // interleaved
    std::vector<float> line_;     // one channel of it
};

}  // namespace brisk

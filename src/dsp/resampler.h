// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Changes the sample rate of a stream, by any ratio, without shifting it: output sample k lies at
/// input position k × inRate / outRate exactly.
///
///     StreamResampler r(44100.0 * drift.factor(), 48000.0, channels);
///     r.push(in, out); ... r.finish(out);
#pragma once

#include <memory>
#include <span>
#include <vector>

namespace brisk {

class StreamResampler {
  public:
    enum class Quality { Measuring, Mastering };  ///< 16-bit and 20-bit class filters.

    /// Rates in hertz, not necessarily whole.
    StreamResampler(double inRate, double outRate, int channels,
                    Quality quality = Quality::Mastering);
    StreamResampler(StreamResampler&&) noexcept;
    ~StreamResampler();

    /// Interleaved in, interleaved appended to `out`. Output lags input by the filter's length.
    void push(std::span<const float> in, std::vector<float>& out);
    void finish(std::vector<float>& out);

  private:
    struct State;
    std::unique_ptr<State> state_;
};

/// A whole mono block at once.
std::vector<float> resampleBlock(std::span<const float> mono, double inRate, double outRate,
                                 StreamResampler::Quality quality);

}  // namespace brisk

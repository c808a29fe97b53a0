// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Halves a sample rate, streaming: for measurements that need the lower half of the spectrum only.
/// Not for listening.
///
///     HalfBandDecimator h; h.push(at48k, at24k); ... h.finish(at24k);
#pragma once

#include <array>
#include <span>
#include <vector>

namespace brisk {

/// Output n lies exactly at input 2n. Flat to 0.03 dB up to 0.146 of the input rate; what lies
/// above 0.354 of it folds back 48 dB weaker. Source: half-band filter, windowed sinc with a Kaiser
/// window (Kaiser 1974), 15 taps.
class HalfBandDecimator {
  public:
    HalfBandDecimator();
    /// Appends to `out`.
    void push(std::span<const float> in, std::vector<float>& out);
    /// The last few, as if silence followed.
    void finish(std::vector<float>& out);

  private:
    static constexpr int kPairs = 4;
    static constexpr std::size_t kReach = 2 * kPairs - 1;

    void pushSome(std::span<const float> in, std::vector<float>& out);

    std::array<float, kPairs> taps_{};  // at distances 1, 3, 5, 7; the middle one is a half
    std::vector<float> held_;           // from kReach before the next output's own sample
    std::vector<float> odd_;
};

}  // namespace brisk

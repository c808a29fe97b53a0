// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Finds claps: sharp onsets that stand out from what is around them and die away again. Streaming.
///
///     SpikeDetector d(rate); d.push(mono); ... for (const Spike& s : d.finish()) pin(s.time);
#pragma once

#include <cstdint>
#include <span>
#include <vector>

#include "core/units.h"

namespace brisk {

struct Spike {
    Seconds time;           ///< Of the onset, after the first sample.
    double strengthDb = 0;  ///< 3 ms at the onset over the 24 ms before it.
};

/// Weaker ones are not worth a pin.
constexpr double kWorthShowingDb = 20;

/// Leaves the strongest `most`, in order of time.
void keepStrongest(std::vector<Spike>& spikes, std::size_t most);

class SpikeDetector {
  public:
    static constexpr std::size_t kMaxKept = 200;

    explicit SpikeDetector(SampleRate rate);
    void push(std::span<const float> mono);
    /// In order of time; the strongest kMaxKept where there are more.
    std::vector<Spike> finish();

  private:
    void closeHop();
    /// \param recent  energies of the last kSpan hops.
    void examine(std::span<const double> recent);

    SampleRate rate_;
    int hop_;
    float previous_ = 0;
    std::vector<float> difference_;
    double energy_ = 0;
    int inHop_ = 0;
    std::int64_t hops_ = 0;
    std::vector<double> recent_;  // energies of at least the last kSpan hops
    double usual_ = 0;            // slow mean of the energy
    std::vector<Spike> found_;
};

}  // namespace brisk

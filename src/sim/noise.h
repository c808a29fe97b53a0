// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Sounds without words: a room's hush, and a hand clap. The same seed gives the same samples.
#pragma once

#include <cstdint>
#include <vector>

namespace brisk::sim {

/// Reproducible everywhere, unlike the standard distributions.
class NoiseSource {
  public:
    explicit NoiseSource(std::uint64_t seed) : state_(seed * 2 + 1) {}
    /// Nearly normal, deviation 1.
    float normal();
    /// Uniform in [0, 1).
    float uniform();

  private:
    std::uint64_t next();
    std::uint64_t state_;
};

/// Air, ventilation and a little mains hum, deviation about 1, at 48 kHz.
class RoomTone {
  public:
    explicit RoomTone(std::uint64_t seed) : noise_(seed) {}
    float next();

  private:
    NoiseSource noise_;
    float low_ = 0;
    float lower_ = 0;
    std::int64_t n_ = 0;
};

/// One hand clap at 48 kHz, about 60 ms, peak 0.9. The first sample is its very onset.
std::vector<float> handClap(std::uint64_t seed);

}  // namespace brisk::sim

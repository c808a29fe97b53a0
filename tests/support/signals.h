// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Signals from seeds, with nothing unknown about them.
#pragma once

#include <cstdint>
#include <vector>

namespace brisk::test {

/// Bursts of band-limited noise with pauses, as speech has them; peak about 0.5.
std::vector<float> babble(double seconds, int rate, std::uint64_t seed);

/// White noise of a deviation.
std::vector<float> whiteNoise(double seconds, int rate, double deviation, std::uint64_t seed);

/// A sine of amplitude 0.5.
std::vector<float> sine(double seconds, int rate, double hertz);

/// The same sound on a clock that runs `ppm` fast, by slow, exact sinc interpolation.
std::vector<float> onFastClock(const std::vector<float>& in, double ppm);

/// Copies of a mono sound on every channel.
std::vector<float> onChannels(const std::vector<float>& mono, int channels);

}  // namespace brisk::test

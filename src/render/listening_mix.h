// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What comes out of the loudspeakers while a take is examined: the camera's sound, the clean
/// sound, or both at matched loudness.
#pragma once

#include <atomic>
#include <cstdint>
#include <optional>
#include <span>
#include <vector>

#include "render/placed_sound.h"

namespace brisk {

enum class Listen { Camera, Clean, Both };

class ListeningMix {
  public:
    static constexpr int kChannels = 2;

    /// \param clean  may be absent: then only the camera is heard.
    /// \param cameraGain  brings the scratch to the clean sound's loudness.
    ListeningMix(PlacedSound camera, std::optional<PlacedSound> clean, float cameraGain);

    Result<void> seek(std::int64_t frame);
    /// Fills interleaved stereo. Both sounds advance together whichever is heard.
    Result<void> read(std::span<float> stereo, Listen listen);

  private:
    static void add(std::span<const float> in, int channels, float gain, std::span<float> stereo);
    PlacedSound camera_;
    std::optional<PlacedSound> clean_;
    float cameraGain_;
    std::vector<float> block_;
};

/// The gain that brings the take's loudness to the recording's, within ±30 dB.
float loudnessGain(const SoundScan& take, const SoundScan& recording);

}  // namespace brisk

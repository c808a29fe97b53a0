// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What comes out of the loudspeakers while a take is examined: the camera's sound, the clean
/// sound, or both at matched loudness, together or apart.
#pragma once

#include <cstdint>
#include <optional>
#include <span>
#include <vector>

#include "render/take_sound.h"

namespace brisk {

enum class Listen {
    Camera,
    Clean,
    Both,
    Split,  ///< Camera in the left ear, clean in the right.
    Flip,   ///< One after the other, changing every half second.
};

/// What is heard, and how loud the two are against each other.
struct Hearing {
    Listen what = Listen::Both;
    bool loudnessMatched = true;  ///< Else the camera's sound as loud as it is in its file.
    float volume = 1;             ///< Of all that is heard, 0 to 1.
    float balance = 0;            ///< Of both: -1 the camera alone, 1 the clean sound alone.

    Hearing(Listen w = Listen::Both, bool matched = true) : what(w), loudnessMatched(matched) {}
    friend bool operator==(const Hearing&, const Hearing&) = default;
};

/// Whatever changes while it plays, changes over some milliseconds: no clicks.
class ListeningMix {
  public:
    static constexpr int kChannels = 2;

    /// \param clean  may be absent: then only the camera is heard.
    /// \param cameraGain  brings the scratch to the clean sound's loudness.
    ListeningMix(PlacedSound camera, std::optional<TakeSound> clean, float cameraGain);

    Result<void> seek(std::int64_t frame);
    /// Fills interleaved stereo. Both sounds advance together whichever is heard.
    Result<void> read(std::span<float> stereo, Hearing hearing);
    /// What is read next fades in over so many frames.
    void fadeIn(std::size_t frames);
    /// Goes on with the clean sound placed elsewhere, from the next frame on.
    Result<void> replaceClean(TakeSound clean);

  private:
    /// A source's part in each ear.
    struct EarGains {
        float left = 0, right = 0;
        void towards(EarGains target, float step);
    };
    struct Parts {
        EarGains camera, clean;
    };
    [[nodiscard]] static Parts partsAt(const Hearing& hearing, std::int64_t frame);
    Result<void> readClean(std::size_t frames);

    PlacedSound camera_;
    std::optional<TakeSound> clean_;
    std::optional<TakeSound> leaving_;  // the clean sound's old place, fading out
    std::size_t faded_ = 0;
    float cameraGain_;
    float cameraGainNow_;
    float volumeNow_ = 1;
    std::size_t fadeFrames_ = 0, fadedIn_ = 0;
    std::int64_t frame_ = 0;
    std::optional<Parts> now_;
    std::vector<float> block_;
    std::vector<float> cameraStereo_, cleanStereo_;
};

}  // namespace brisk

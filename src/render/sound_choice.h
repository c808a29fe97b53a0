// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a person wants to hear of a take in the end: what becomes of the camera's sound, which
/// channel goes to which ear, how loud, what fills the gaps. Set for the shoot, changed for a take.
#pragma once

#include <string>
#include <vector>

namespace brisk {

/// What happens to the camera's sound.
enum class CameraSound {
    LeftOut,      ///< It stays in the take only.
    SecondTrack,  ///< A track of its own, not the one that plays by itself.
    Blended,      ///< Under the clean sound.
};

/// Which channels of the recording go to which ear.
enum class ChannelMap {
    AsRecorded,  ///< Stereo as stereo; one-sided and mono sound to both ears.
    Left,        ///< The left channel to both ears; the right one likewise.
    Right,
    Mix,  ///< The mean of all to both ears.
    Stereo,
    Swapped,
    Chosen,  ///< Some of many channels, mixed, to both ears.
};

/// Which of a recording's channels are heard, and where.
struct HeardChannels {
    ChannelMap map = ChannelMap::AsRecorded;
    /// With ChannelMap::Chosen, from 0. Those that a recording does not have are passed over; where
    /// none is left, it is heard as recorded.
    std::vector<int> chosen = {};
    // NOLINTNEXTLINE(google-explicit-constructor): most are one word
    HeardChannels(ChannelMap e = ChannelMap::AsRecorded, std::vector<int> c = {})
        : map(e), chosen(std::move(c)) {}
};

/// What fills a stretch of the take that no recording covers.
enum class Uncovered {
    Silence,
    Camera,   ///< The camera's sound, as loud as the clean sound, crossfaded.
    Trimmed,  ///< Nothing: the take keeps the shared part only.
};

struct SoundChoice {
    CameraSound camera = CameraSound::LeftOut;
    double blendDb = -12;  ///< Of the blended camera against the clean sound, equally loud at 0.
    ChannelMap map = ChannelMap::AsRecorded;
    std::vector<int> channels = {};  ///< With ChannelMap::Chosen, from 0, in order.
    bool turned = false;             ///< Polarity, against what the match says.
    /// To a loudness; else only by `gainDb`.
    bool toLoudness = false;
    double gainDb = 0;
    double targetLufs = -16;  ///< Integrated, EBU R 128.
    double ceilingDbtp = -1;  ///< True peaks stay below it.
    Uncovered uncovered = Uncovered::Silence;
    bool followClock = true;  ///< Drift is corrected; else the clean sound keeps its own speed.
    bool quietClaps = false;
    double clapsDb = -120;   ///< What is left of a claps' loudness; -120 = nothing.
    double softEdgeMs = 10;  ///< Of fades at outer edges and joints.
    [[nodiscard]] HeardChannels heard() const { return {map, channels}; }
    friend bool operator==(const SoundChoice&, const SoundChoice&) = default;
};

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What one file is: facts read from it, and nothing decided about it.
///
/// Three time axes occur. *File time* is what the container's time stamps say. *Take time* is file
/// time less that of the first picture frame. *Recording time* is file time less that of the first
/// presented sound sample.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/fact.h"
#include "core/rational.h"
#include "core/units.h"
#include "media/read/other_streams.h"

namespace brisk {

enum class MediaKind { Take, Recording };

struct VideoFacts {
    int stream = -1;
    std::string codec;
    int width = 0;
    int height = 0;
    Rational rate;  ///< Exact; the average where the rate varies.
    bool variableRate = false;
    int rotation = 0;  ///< Clockwise degrees a player turns the picture: 0, 90, 180, 270.
    Rational timeBase;
    std::int64_t firstPts = 0;  ///< Of the first presented picture, in timeBase.
    Seconds firstPicture;       ///< The same, as file time.
};

struct SoundFacts {
    int stream = -1;
    std::string codec;
    SampleRate rate;
    int channels = 0;
    int bitsPerSample = 0;  ///< 0 where the codec has none.
    Seconds firstSample;    ///< File time of the first presented sample.
    Seconds duration;       ///< As the container claims; never used to infer a clock.
    /// As the recorder was told, one for each channel, some empty; empty where it says nothing.
    std::vector<std::string> channelNames;
    std::string language;  ///< ISO 639-2, "deu"; empty where it is not said.
    std::string title;     ///< Of the track; empty where it is not said.
    bool byItself = true;  ///< A player plays it unless it is told otherwise.
};

/// Time of day that a sound carries in itself, as linear timecode on one of its channels.
struct TimecodeInSound {
    int channel = 0;          ///< As heardSound() counts them, from 0.
    Seconds atFirstSample;    ///< Since midnight, of the file's first presented sample.
    Ppm drift = {};           ///< Positive: the timecode counts more seconds than the file.
    double frameRate = 0;     ///< As it was counted: 23.976, 24, 25, 29.97, 30.
    bool dropFrame = false;   ///< It leaves out numbers, as 29.97 does.
    std::string text;         ///< Of its first frame that could be read, "09:12:40:05".
    std::int64_t frames = 0;  ///< That could be read.
};

struct TimeStamps {
    std::optional<Seconds> bextReference;  ///< Since midnight, from broadcast WAV.
    std::string timecode;
    std::string creationTime;
    /// Known once the sound was read.
    std::optional<TimecodeInSound> inSound = std::nullopt;
};

struct MediaInfo {
    std::string path;
    MediaKind kind = MediaKind::Recording;
    std::string container;
    Seconds duration;
    std::optional<VideoFacts> video;
    std::vector<SoundFacts> sounds;
    std::vector<OtherStream> others;  ///< Timecode and chapter tracks left out.
    TimeStamps stamps;
    Facts warnings;

    /// Take time of the first sample of sound `index`: negative where sound starts before picture.
    /// 0 in an audio-only take.
    [[nodiscard]] Seconds soundStartInTake(std::size_t index = 0) const;
};

/// Name for a file's kind in reports: "take" or "recording".
const char* kindText(MediaKind kind);

}  // namespace brisk

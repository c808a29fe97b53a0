// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which containers and which codings of sound a video can be handed over in, and which go
/// together.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "media/write/sound_track.h"
#include "render/headroom.h"

namespace brisk {

/// The rate of all sound that stands beside pictures.
constexpr SampleRate kVideoSound{48000};

enum class VideoContainer {
    SameAsTake,  ///< The take's own.
    Mov,         ///< QuickTime.
    Mkv,         ///< Matroska.
};

enum class SoundCodec {
    Pcm24,  ///< As it is, 24 bits a sample.
    Flac,   ///< Nothing is lost; half the size.
    Alac,   ///< The same, for players that do not know FLAC.
    Aac,    ///< Small; plays everywhere.
    Opus,   ///< Small; not everything plays it.
    Float,  ///< 32-bit floating point: peaks over full scale are kept.
};

/// libav's muxer for a container. \param takePath  the take's, for its own container.
std::string muxerOf(VideoContainer container, const std::string& takePath);

/// ".mov".
std::string endingOf(VideoContainer container, const std::string& takePath);

/// What the container takes, best first for most people; never empty.
std::vector<SoundCodec> codecsFor(VideoContainer container, const std::string& takePath);

/// 24-bit PCM, and AAC where a take keeps its own container.
SoundCodec defaultCodec(VideoContainer container);

/// What it can hold of peaks.
Coding codingOf(SoundCodec codec);

/// "24-bit", "FLAC", for a sentence.
const char* codecWords(SoundCodec codec);

/// "pcm", "flac", for the command line and reports.
const char* codecName(SoundCodec codec);
/// Nothing for any other word.
std::optional<SoundCodec> codecNamed(std::string_view name);

/// \param muxer     that it goes into.
/// \param channels  of the sound, at 48 kHz.
SoundTrackSpec soundTrack(SoundCodec codec, const std::string& muxer, int channels,
                          const std::string& title);

}  // namespace brisk

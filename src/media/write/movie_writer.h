// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Writes new media: drawn pictures with sound, or sound alone. The simulated camera and recorder
/// write with it, and so do sound exports. Copying a take's picture is take_remux.h.
///
///     MovieSpec spec{.path = "press-02.mp4", .picture = PictureSpec{}, .sound = SoundTrackSpec{}};
///     auto writer = MovieWriter::create(spec);
///     writer->picture(pixels); writer->sound(samples); writer->finish();
#pragma once

#include <cstdint>
#include <map>
#include <memory>
#include <optional>
#include <span>
#include <string>

#include "core/rational.h"
#include "core/result.h"
#include "media/check/sample_digest.h"
#include "media/write/sound_track.h"

namespace brisk {

struct PictureSpec {
    int width = 640;
    int height = 360;
    Rational rate{25, 1};
    int bFrames = 0;  ///< More than 0 makes an edit list necessary in MP4 and MOV.
    int keyInterval = 25;
    int rotation = 0;           ///< Clockwise degrees a player shall turn it.
    bool variableRate = false;  ///< Picture times are then given one by one.
};

struct MovieSpec {
    std::string path;
    std::string format;  ///< libav's muxer name; empty = by the file's extension.
    std::optional<PictureSpec> picture;
    std::optional<SoundTrackSpec> sound;
    Seconds soundStart;  ///< Of the first sample, after (or before) the first picture.
    std::map<std::string, std::string> metadata;
    std::map<std::string, std::string> muxerOptions;
};

class MovieWriter {
  public:
    /// Errors: CannotWrite.
    static Result<MovieWriter> create(const MovieSpec& spec);
    MovieWriter(MovieWriter&&) noexcept;
    ~MovieWriter();

    /// The next picture, 0xffRRGGBB, width × height. `time` only counts with variableRate.
    Result<void> picture(std::span<const std::uint32_t> pixels, Seconds time = {});
    Result<void> sound(std::span<const float> interleaved);
    Result<void> finish();
    /// What a reader must find, where the sound's coding loses nothing. After finish, once.
    [[nodiscard]] std::optional<SampleDigest> takeSoundDigest();
    /// Samples of the sound that went over full scale and were cut there.
    [[nodiscard]] std::int64_t clipped() const;

  private:
    struct State;
    explicit MovieWriter(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Encodes interleaved float samples into one sound stream of an open output. Private to src/media.
/// Sample n is presented at `start` + n / rate; encoder priming lies before that.
#pragma once

#include <functional>
#include <optional>
#include <span>
#include <vector>

#include "media/check/sample_digest.h"
#include "media/read/av_handles.h"
#include "media/write/sound_track.h"

namespace brisk {

class SoundTrackEncoder {
  public:
    /// Adds a stream to `output`, before its header is written. `output` must outlive this.
    static Result<SoundTrackEncoder> addTo(AVFormatContext* output, const SoundTrackSpec& spec,
                                           Seconds start);

    /// Given each coded packet, timed for the stream; may take it.
    using Write = std::function<Result<void>(AVPacket*)>;

    /// Appends samples; whole coded packets are given on at once. Errors: CannotWrite, those of
    /// `write`.
    Result<void> push(std::span<const float> interleaved, const Write& write);
    /// Codes what is left.
    Result<void> finish(const Write& write);

    [[nodiscard]] Seconds pushedUntil() const;
    /// Samples that went over full scale and were cut there.
    [[nodiscard]] std::int64_t clipped() const { return clipped_; }
    /// What a decoder must give back, where the coding loses nothing; complete when finished.
    [[nodiscard]] std::optional<SampleDigest> takeDigest();

  private:
    Result<void> encode(std::span<const float> samples, const Write& write);
    Result<void> code(const AVFrame* frame, const Write& write);
    void fill(std::span<const float> samples);

    AVFormatContext* output_ = nullptr;
    AVStream* stream_ = nullptr;
    av::Codec codec_;
    av::Frame frame_ = av::makeFrame();
    av::Packet packet_ = av::makePacket();
    std::vector<float> held_;
    std::vector<std::int32_t> words_;
    std::optional<SampleDigest> digest_;
    std::int64_t startSamples_ = 0;
    std::int64_t stampShift_ = 0;  // samples that the container's clock is ahead
    std::int64_t encoded_ = 0;
    std::int64_t pushed_ = 0;
    std::int64_t clipped_ = 0;
};

/// Writes packets to the muxer, in the order in which it wants them.
SoundTrackEncoder::Write interleavedInto(AVFormatContext* output);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Encodes interleaved float samples into one sound stream of an open output. Private to src/media.
/// Sample n is presented at `start` + n / rate; encoder priming lies before that.
#pragma once

#include <span>
#include <vector>

#include "media/av_handles.h"
#include "media/sound_track.h"

namespace brisk {

class SoundTrackEncoder {
  public:
    /// Adds a stream to `output`, before its header is written. `output` must outlive this.
    static Result<SoundTrackEncoder> addTo(AVFormatContext* output, const SoundTrackSpec& spec,
                                           Seconds start);

    /// Appends samples; whole coded packets go to the output at once. Errors: CannotWrite.
    Result<void> push(std::span<const float> interleaved);
    /// Codes what is left.
    Result<void> finish();

    [[nodiscard]] Seconds pushedUntil() const;

  private:
    Result<void> encode(std::span<const float> samples);
    Result<void> drain();

    AVFormatContext* output_ = nullptr;
    AVStream* stream_ = nullptr;
    av::Codec codec_;
    av::Frame frame_ = av::makeFrame();
    av::Packet packet_ = av::makePacket();
    std::vector<float> held_;
    std::int64_t startSamples_ = 0;
    std::int64_t stampShift_ = 0;  // samples that the container's clock is ahead
    std::int64_t encoded_ = 0;
    std::int64_t pushed_ = 0;
};

}  // namespace brisk

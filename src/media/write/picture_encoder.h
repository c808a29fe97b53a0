// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Codes the pictures of a cut anew, so that a piece begins and ends exactly, in every container
/// and for every program. Times, size, colours and pixel format stay as they are. Private to
/// src/media.
#pragma once

#include <functional>
#include <map>
#include <string>

#include "core/result.h"
#include "media/read/av_handles.h"
#include "media/read/picture_cut.h"

namespace brisk {

class PictureEncoder {
  public:
    /// Adds the picture's stream to `output`, before its header is written.
    /// \param path  of the take, for sentences. Errors: NotMedia, CannotWrite (no encoder).
    static Result<PictureEncoder> addTo(AVFormatContext* output, const AVStream* from,
                                        const PictureCut& cut, const std::string& path);

    /// Given a coded picture, timed so that the cut's first picture is at 0, in the stream's own
    /// ticks.
    using Write = std::function<Result<void>(AVPacket*)>;

    /// Takes the next packet of the cut; null after the last. Errors: CannotWrite, those of
    /// `write`.
    Result<void> push(const AVPacket* packet, const Write& write);

    [[nodiscard]] AVStream* stream() const { return to_; }

  private:
    PictureEncoder() = default;
    Result<void> code(AVFrame* frame, const Write& write);
    [[nodiscard]] tl::unexpected<Error> cannotCode(int code) const;

    std::string path_;
    PictureCut cut_;
    AVStream* to_ = nullptr;
    av::Codec decoder_, encoder_;
    av::Scaler scaler_;
    av::Frame frame_ = av::makeFrame(), converted_ = av::makeFrame();
    av::Packet coded_ = av::makePacket();
    std::map<std::int64_t, std::int64_t> durations_;  // of pictures inside the encoder, by pts
};

}  // namespace brisk

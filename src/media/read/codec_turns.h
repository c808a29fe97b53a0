// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// One turn of a codec: something is given to it, and everything that it has then is taken. Private
/// to src/media. Who takes one frame at a time, when it is asked for one, does not turn here.
///
///     av::decode(codec.get(), packet, frame.get(), [&](AVFrame* f) { use(f); return true; });
#pragma once

#include "core/result.h"
#include "media/read/av_handles.h"

namespace brisk::av {

/// \param packet  null: nothing more comes.
/// \param each    takes a frame; false = no more of them now.
/// \return libav's code for the packet: below 0 where it does not decode, as damaged ones.
template <class Each>
int decode(AVCodecContext* codec, const AVPacket* packet, AVFrame* frame, Each each) {
    const int code = avcodec_send_packet(codec, packet);
    while (avcodec_receive_frame(codec, frame) >= 0) {
        const bool more = each(frame);
        av_frame_unref(frame);
        if (!more) break;
    }
    return code;
}

/// \param frame    null: nothing more comes.
/// \param each     takes a packet; what fails there ends the turn.
/// \param failure  makes an error of libav's code.
template <class Each, class Failure>
Result<void> encode(AVCodecContext* codec, const AVFrame* frame, AVPacket* packet, Each each,
                    Failure failure) {
    const int code = avcodec_send_frame(codec, frame);
    if (code < 0 && code != AVERROR_EOF) return failure(code);
    while (avcodec_receive_packet(codec, packet) >= 0) {
        if (Result<void> taken = each(packet); !taken) return taken;
    }
    return {};
}

}  // namespace brisk::av

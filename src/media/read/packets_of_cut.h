// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Finds the packets of a cut in a take that is open. Private to src/media.
#pragma once

#include "media/read/av_handles.h"
#include "media/read/picture_cut.h"

namespace brisk {

/// Goes to somewhere before the cut's first packet.
bool seekBeforeCut(AVFormatContext* input, const VideoFacts& video, const PictureCut& cut);

/// Whether it is that packet. By the time at which it is shown: decoding times are guessed in some
/// containers, and not alike from everywhere.
inline bool isFirstOf(const PictureCut& cut, const VideoFacts& video, const AVPacket* packet) {
    return packet->stream_index == video.stream && packet->pts == cut.keyPts;
}

/// Whether a picture lies behind the end of the take as its edit list has it: coded, never shown.
/// Nothing shown is decoded after it, so nothing needs it; the one or two before, that shown ones
/// may need, are none.
bool isHiddenTail(const AVStream* video, std::int64_t firstPts, const AVPacket* packet);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/other_streams.h"

#include "media/read/av_handles.h"

namespace brisk {

bool containerTakes(const std::string& muxer, const OtherStream& stream) {
    const AVCodecDescriptor* codec = avcodec_descriptor_get_by_name(stream.codec.c_str());
    const AVOutputFormat* format = av_guess_format(muxer.c_str(), nullptr, nullptr);
    if (!codec || !format) return false;
    if (codec->id == AV_CODEC_ID_BIN_DATA) return muxer == "mov";  // as cameras store their data
    return avformat_query_codec(format, codec->id, FF_COMPLIANCE_NORMAL) == 1;
}

std::string streamWords(const OtherStream& s) {
    const std::string kind = s.kind == "subtitles" ? s.kind : "a " + s.kind + " track";
    return s.codec == "none" ? kind + " of an unknown kind" : kind + " (" + s.codec + ")";
}

}  // namespace brisk

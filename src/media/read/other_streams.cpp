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

Fact streamFact(const OtherStream& s) {
    if (s.kind == "subtitles") return {"stream-subtitles", {{"codec", s.codec}}};
    if (s.codec == "none") return {"stream-unknown", {{"kind", s.kind}}};
    return {"stream-track", {{"kind", s.kind}, {"codec", s.codec}}};
}

}  // namespace brisk

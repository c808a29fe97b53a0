// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Every libav handle, wrapped once. Private to src/media: no other header includes FFmpeg.
#pragma once

extern "C" {
#include <libavcodec/avcodec.h>
#include <libavformat/avformat.h>
#include <libavutil/display.h>
#include <libavutil/opt.h>
#include <libavutil/timestamp.h>
#include <libswscale/swscale.h>
}

#include <memory>
#include <string>

#include "core/job_control.h"
#include "core/rational.h"
#include "core/result.h"

namespace brisk::av {

/// Also of what stops its reading, see openInput.
struct InputDeleter {
    void operator()(AVFormatContext* c) const;
};
struct OutputDeleter {
    void operator()(AVFormatContext* c) const {
        if (c->pb && !(c->oformat->flags & AVFMT_NOFILE)) avio_closep(&c->pb);
        avformat_free_context(c);
    }
};
struct CodecDeleter {
    void operator()(AVCodecContext* c) const { avcodec_free_context(&c); }
};
struct FrameDeleter {
    void operator()(AVFrame* f) const { av_frame_free(&f); }
};
struct PacketDeleter {
    void operator()(AVPacket* p) const { av_packet_free(&p); }
};
struct ScalerDeleter {
    void operator()(SwsContext* s) const { sws_freeContext(s); }
};

using Input = std::unique_ptr<AVFormatContext, InputDeleter>;
using Output = std::unique_ptr<AVFormatContext, OutputDeleter>;
using Codec = std::unique_ptr<AVCodecContext, CodecDeleter>;
using Frame = std::unique_ptr<AVFrame, FrameDeleter>;
using Packet = std::unique_ptr<AVPacket, PacketDeleter>;
using Scaler = std::unique_ptr<SwsContext, ScalerDeleter>;

inline Frame makeFrame() {
    return Frame(av_frame_alloc());
}
inline Packet makePacket() {
    return Packet(av_packet_alloc());
}

/// libav's own words for an error number.
std::string errorText(int code);

/// Opens for reading only and finds the streams. The one gate through which media comes in: local
/// files only, in containers of cameras and recorders, and whatever such a file points to is not
/// opened. Every read of it asks `job` whether to go on.
/// \param trust  Index: what the index of an MP4 or MOV file says of its streams is not found out
/// once
///               more from their first packets, which lie under megabytes of pictures.
/// Errors: CannotRead, NotMedia, Cancelled, in a person's words.
enum class Trust { Packets, Index };
Result<Input> openInput(const std::string& path, const JobControl& job = {},
                        Trust trust = Trust::Packets);
/// The same for one sound stream (-1 = the first that can be decoded) and none of the rest. Where
/// the file has an index (MP4, MOV) pictures are leapt over, and nothing is read to find out what
/// the header says; rate and channels are those of the first decoded frame. Errors: also NoSound.
Result<Input> openSound(const std::string& path, int& stream, const JobControl& job = {});
/// The same, giving the packets of one stream only: nothing else is read where that can be spared.
Result<Input> openOnly(const std::string& path, int stream, const JobControl& job = {});

/// The name by which the library opens a file of that path, whatever it holds: a colon names no
/// protocol, a dash no option.
std::string fileUrl(const std::string& path);

/// What reading or writing failed with: Cancelled where it was stopped.
Error readFailure(const std::string& path, int code);

/// A decoder for one stream, with the stream's time base set so that trimming is exact.
/// \param prepare  called before it is opened.
Result<Codec> openDecoder(const AVStream* stream, const std::string& path,
                          void (*prepare)(AVCodecContext*) = nullptr);

/// The stream that holds a moving picture, or -1. Cover pictures do not count.
int movingPictureStream(const AVFormatContext* input);

/// Leaves every other stream's packets out.
void keepOnly(AVFormatContext* input, int stream);

/// Whether it is an MP4 or MOV file, whose index says of every packet where it lies.
bool isIndexedMovie(const AVFormatContext* input);

/// The first sound stream that can be decoded, or -1.
int firstSoundStream(const AVFormatContext* input);

inline Rational toRational(AVRational r) {
    return {r.num, r.den};
}
inline AVRational toAv(Rational r) {
    return {static_cast<int>(r.num), static_cast<int>(r.den)};
}

}  // namespace brisk::av

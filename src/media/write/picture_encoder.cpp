// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: H.264, because every container and every program takes it; HEVC stays HEVC, because
// what it holds - ten bits, wide colours - is often there for its sake. No picture depends on a
// later one, so that times need no lead. The quality is one at which people see no difference.
#include "media/write/picture_encoder.h"

#include <algorithm>
#include <cmath>

#include "media/read/codec_turns.h"
#include "media/write/copied_streams.h"

namespace brisk {
namespace {

constexpr const char* kQuality = "14";  // constant rate factor: far below what can be seen

AVPixelFormat formatFor(const AVCodec* encoder, AVPixelFormat wanted) {
    if (!encoder->pix_fmts) return wanted;
    return avcodec_find_best_pix_fmt_of_list(encoder->pix_fmts, wanted, 0, nullptr);
}

}  // namespace

tl::unexpected<Error> PictureEncoder::cannotCode(int code) const {
    return failAt(ErrorCode::CannotWrite, path_, {"picture-not-encoded"}, av::errorText(code));
}

Result<PictureEncoder> PictureEncoder::addTo(AVFormatContext* output, const AVStream* from,
                                             const PictureCut& cut, const std::string& path) {
    PictureEncoder self;
    self.path_ = path;
    self.cut_ = cut;
    auto decoder = av::openDecoder(from, path);
    if (!decoder) return tl::unexpected(decoder.error());
    self.decoder_ = std::move(*decoder);
    const bool hevc = from->codecpar->codec_id == AV_CODEC_ID_HEVC;
    const AVCodec* encoder = avcodec_find_encoder_by_name(hevc ? "libx265" : "libx264");
    if (!encoder) return self.cannotCode(AVERROR_ENCODER_NOT_FOUND);

    const AVCodecParameters* p = from->codecpar;
    self.encoder_.reset(avcodec_alloc_context3(encoder));
    AVCodecContext* c = self.encoder_.get();
    c->width = p->width;
    c->height = p->height;
    c->pix_fmt = formatFor(encoder, static_cast<AVPixelFormat>(p->format));
    c->time_base = from->time_base;
    c->framerate = from->avg_frame_rate.num > 0 ? from->avg_frame_rate : from->r_frame_rate;
    c->sample_aspect_ratio = p->sample_aspect_ratio;
    c->color_range = p->color_range;
    c->color_primaries = p->color_primaries;
    c->color_trc = p->color_trc;
    c->colorspace = p->color_space;
    c->chroma_sample_location = p->chroma_location;
    c->field_order = p->field_order;
    const bool interlaced = p->field_order == AV_FIELD_TT || p->field_order == AV_FIELD_BB ||
                            p->field_order == AV_FIELD_TB || p->field_order == AV_FIELD_BT;
    if (interlaced) c->flags |= AV_CODEC_FLAG_INTERLACED_DCT | AV_CODEC_FLAG_INTERLACED_ME;
    c->max_b_frames = 0;
    c->gop_size = c->framerate.num > 0 ? static_cast<int>(std::lround(av_q2d(c->framerate))) : 25;
    if (output->oformat->flags & AVFMT_GLOBALHEADER) c->flags |= AV_CODEC_FLAG_GLOBAL_HEADER;
    av_opt_set(c->priv_data, "preset", "fast", 0);
    av_opt_set(c->priv_data, "crf", kQuality, 0);
    if (hevc) av_opt_set(c->priv_data, "x265-params", "log-level=error", 0);
    const int code = avcodec_open2(c, encoder, nullptr);
    if (code < 0) return self.cannotCode(code);

    self.to_ = addCopiedStream(output, from, true);
    avcodec_parameters_from_context(self.to_->codecpar, c);
    for (int i = 0; i < c->nb_coded_side_data; ++i) {
        const AVPacketSideData& d = c->coded_side_data[i];
        auto* own = av_stream_new_side_data(self.to_, d.type, d.size);
        if (own) std::copy_n(d.data, d.size, own);
    }
    return self;
}

Result<void> PictureEncoder::push(const AVPacket* packet, const Write& write) {
    Result<void> coded;
    // A damaged packet is passed over, as every player does.
    (void)av::decode(decoder_.get(), packet, frame_.get(), [&](AVFrame* frame) {
        const std::int64_t pts = frame->best_effort_timestamp;
        if (pts == AV_NOPTS_VALUE || pts < cut_.startPts || pts >= cut_.endPts) return true;
        frame->pts = pts - cut_.startPts;
        frame->pict_type = AV_PICTURE_TYPE_NONE;
        durations_[frame->pts] = frame->pkt_duration;
        coded = code(frame, write);
        return coded.has_value();
    });
    return packet || !coded ? coded : code(nullptr, write);
}

Result<void> PictureEncoder::code(AVFrame* frame, const Write& write) {
    if (frame && frame->format != encoder_->pix_fmt) {
        scaler_.reset(sws_getCachedContext(scaler_.release(), frame->width, frame->height,
                                           static_cast<AVPixelFormat>(frame->format), frame->width,
                                           frame->height, encoder_->pix_fmt, SWS_BICUBIC, nullptr,
                                           nullptr, nullptr));
        av_frame_unref(converted_.get());
        av_frame_copy_props(converted_.get(), frame);
        converted_->format = encoder_->pix_fmt;
        converted_->width = frame->width;
        converted_->height = frame->height;
        const int made = av_frame_get_buffer(converted_.get(), 0);
        if (!scaler_ || made < 0) return cannotCode(made < 0 ? made : AVERROR(EINVAL));
        sws_scale_frame(scaler_.get(), converted_.get(), frame);
        frame = converted_.get();
    }
    return av::encode(
        encoder_.get(), frame, coded_.get(),
        [&](AVPacket* packet) {
            const auto known = durations_.find(packet->pts);
            if (known != durations_.end()) {
                packet->duration = known->second;
                durations_.erase(known);
            }
            av_packet_rescale_ts(packet, encoder_->time_base, to_->time_base);
            packet->stream_index = to_->index;
            return write(packet);
        },
        [this](int why) { return cannotCode(why); });
}

}  // namespace brisk

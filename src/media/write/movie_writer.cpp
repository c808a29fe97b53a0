// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/write/movie_writer.h"

#include <cmath>

#include "media/read/av_handles.h"
#include "media/read/codec_turns.h"
#include "media/write/sound_track_encoder.h"

namespace brisk {

struct MovieWriter::State {
    MovieSpec spec;
    av::Output output;
    av::Codec codec;
    AVStream* video = nullptr;
    std::optional<SoundTrackEncoder> sound;
    av::Scaler scaler;
    av::Frame frame = av::makeFrame();
    av::Packet packet = av::makePacket();
    std::int64_t pictures = 0;

    [[nodiscard]] tl::unexpected<Error> failure(int code) const {
        return failAt(ErrorCode::CannotWrite, spec.path, {"cannot-write"}, av::errorText(code));
    }

    Result<void> addPicture() {
        const PictureSpec& p = *spec.picture;
        const AVCodec* encoder = avcodec_find_encoder_by_name("libx264");
        if (!encoder) return failure(AVERROR_ENCODER_NOT_FOUND);
        codec.reset(avcodec_alloc_context3(encoder));
        AVCodecContext* c = codec.get();
        c->width = p.width;
        c->height = p.height;
        c->pix_fmt = AV_PIX_FMT_YUV420P;
        c->time_base = p.variableRate ? AVRational{1, 90000} : av::toAv(p.rate.inverse());
        c->framerate = av::toAv(p.rate);
        c->max_b_frames = p.bFrames;
        c->gop_size = p.keyInterval;
        c->thread_count = 1;  // small pictures: handing them over costs more than it gains
        c->color_primaries = AVCOL_PRI_BT709;
        c->color_trc = AVCOL_TRC_BT709;
        c->colorspace = AVCOL_SPC_BT709;
        c->color_range = AVCOL_RANGE_MPEG;
        av_opt_set(c->priv_data, "preset", "ultrafast", 0);
        av_opt_set(c->priv_data, "crf", "26", 0);
        // The fastest preset switches these off; asked for by name they come back.
        if (p.bFrames > 0) {
            av_opt_set(c->priv_data, "x264-params",
                       ("bframes=" + std::to_string(p.bFrames) + ":b-adapt=0").c_str(), 0);
        }
        if (output->oformat->flags & AVFMT_GLOBALHEADER) c->flags |= AV_CODEC_FLAG_GLOBAL_HEADER;
        const int code = avcodec_open2(c, encoder, nullptr);
        if (code < 0) return failure(code);
        video = avformat_new_stream(output.get(), nullptr);
        avcodec_parameters_from_context(video->codecpar, c);
        video->time_base = c->time_base;
        video->avg_frame_rate = c->framerate;
        if (p.rotation != 0) {
            auto* matrix = reinterpret_cast<std::int32_t*>(av_stream_new_side_data(
                video, AV_PKT_DATA_DISPLAYMATRIX, 9 * sizeof(std::int32_t)));
            if (matrix) av_display_rotation_set(matrix, p.rotation);
        }
        return {};
    }

    Result<void> code(const AVFrame* picture) {
        const auto failed = [this](int why) { return failure(why); };
        const auto put = [&](AVPacket* p) -> Result<void> {
            if (p->duration == 0 && !spec.picture->variableRate) p->duration = 1;
            av_packet_rescale_ts(p, codec->time_base, video->time_base);
            p->stream_index = video->index;
            const int written = av_interleaved_write_frame(output.get(), p);
            return written < 0 ? Result<void>(failure(written)) : Result<void>{};
        };
        return av::encode(codec.get(), picture, packet.get(), put, failed);
    }
};

MovieWriter::MovieWriter(std::unique_ptr<State> state) : state_(std::move(state)) {}
MovieWriter::MovieWriter(MovieWriter&&) noexcept = default;
MovieWriter::~MovieWriter() = default;

Result<MovieWriter> MovieWriter::create(const MovieSpec& spec) {
    auto s = std::make_unique<State>();
    s->spec = spec;
    AVFormatContext* raw = nullptr;
    int code = avformat_alloc_output_context2(
        &raw, nullptr, spec.format.empty() ? nullptr : spec.format.c_str(), spec.path.c_str());
    if (code < 0) return s->failure(code);
    s->output.reset(raw);
    raw->flags |= AVFMT_FLAG_BITEXACT;  // same input, same bytes
    if (spec.picture) {
        if (auto added = s->addPicture(); !added) return tl::unexpected(added.error());
    }
    if (spec.sound) {
        auto track = SoundTrackEncoder::addTo(raw, *spec.sound, spec.soundStart);
        if (!track) return tl::unexpected(track.error());
        s->sound.emplace(std::move(*track));
    }
    for (const auto& [key, value] : spec.metadata) {
        av_dict_set(&raw->metadata, key.c_str(), value.c_str(), 0);
    }
    code = avio_open(&raw->pb, av::fileUrl(spec.path).c_str(), AVIO_FLAG_WRITE);
    if (code < 0) return s->failure(code);
    AVDictionary* options = nullptr;
    const std::string muxer = raw->oformat->name;
    if (muxer == "mov" || muxer == "mp4") {
        // Edit lists are kept in this clock; the usual millisecond would move sound by half of one.
        av_dict_set(&options, "movie_timescale", "48000", 0);
    }
    for (const auto& [key, value] : spec.muxerOptions) {
        av_dict_set(&options, key.c_str(), value.c_str(), 0);
    }
    code = avformat_write_header(raw, &options);
    av_dict_free(&options);
    if (code < 0) return s->failure(code);
    return MovieWriter(std::move(s));
}

Result<void> MovieWriter::picture(std::span<const std::uint32_t> pixels, Seconds time) {
    State& s = *state_;
    const PictureSpec& p = *s.spec.picture;
    s.scaler.reset(sws_getCachedContext(s.scaler.release(), p.width, p.height, AV_PIX_FMT_BGRA,
                                        p.width, p.height, AV_PIX_FMT_YUV420P, SWS_POINT, nullptr,
                                        nullptr, nullptr));
    AVFrame* f = s.frame.get();
    av_frame_unref(f);
    f->format = AV_PIX_FMT_YUV420P;
    f->width = p.width;
    f->height = p.height;
    av_frame_get_buffer(f, 0);
    // The scaler looks at four planes, however many there are.
    const std::uint8_t* rows[4] = {reinterpret_cast<const std::uint8_t*>(pixels.data())};
    const int stride[4] = {p.width * 4};
    sws_scale(s.scaler.get(), rows, stride, 0, p.height, f->data, f->linesize);
    f->pts = p.variableRate ? std::llround(time.value * 90000) : s.pictures;
    ++s.pictures;
    return s.code(f);
}

Result<void> MovieWriter::sound(std::span<const float> interleaved) {
    return state_->sound->push(interleaved, interleavedInto(state_->output.get()));
}

Result<void> MovieWriter::finish() {
    State& s = *state_;
    if (s.codec) {
        if (auto done = s.code(nullptr); !done) return done;
    }
    if (s.sound) {
        if (auto done = s.sound->finish(interleavedInto(s.output.get())); !done) return done;
    }
    const int code = av_write_trailer(s.output.get());
    if (code < 0) return s.failure(code);
    const int closed = avio_closep(&s.output->pb);
    return closed < 0 ? Result<void>(s.failure(closed)) : Result<void>();
}

std::optional<SampleDigest> MovieWriter::takeSoundDigest() {
    return state_->sound ? state_->sound->takeDigest() : std::nullopt;
}

std::int64_t MovieWriter::clipped() const {
    return state_->sound ? state_->sound->clipped() : 0;
}

}  // namespace brisk

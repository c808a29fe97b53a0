// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/sound_track_encoder.h"

#include <algorithm>
#include <cmath>

#include "media/language_code.h"

namespace brisk {
namespace {

bool has(const AVSampleFormat* list, AVSampleFormat wanted) {
    for (; list && *list != AV_SAMPLE_FMT_NONE; ++list) {
        if (*list == wanted) return true;
    }
    return false;
}

AVSampleFormat chooseFormat(const AVCodec* c) {
    for (const auto f : {AV_SAMPLE_FMT_FLTP, AV_SAMPLE_FMT_FLT, AV_SAMPLE_FMT_S32,
                         AV_SAMPLE_FMT_S32P, AV_SAMPLE_FMT_S16, AV_SAMPLE_FMT_S16P}) {
        if (has(c->sample_fmts, f)) return f;
    }
    return AV_SAMPLE_FMT_NONE;
}

std::int64_t toInteger(float v, double fullScale, std::int64_t step) {
    const double x = std::clamp(static_cast<double>(v), -1.0, 1.0) * fullScale;
    const auto quantised = std::llround(x / static_cast<double>(step)) * step;
    return std::clamp<std::int64_t>(quantised, static_cast<std::int64_t>(-fullScale),
                                    static_cast<std::int64_t>(fullScale) - step);
}

void store(AVFrame* f, int channel, int n, int channels, float v, int rawBits) {
    const auto format = static_cast<AVSampleFormat>(f->format);
    const bool planar = av_sample_fmt_is_planar(format) != 0;
    std::uint8_t* base = f->extended_data[planar ? channel : 0];
    const int at = planar ? n : n * channels + channel;
    switch (av_get_packed_sample_fmt(format)) {
        case AV_SAMPLE_FMT_S16:
            reinterpret_cast<std::int16_t*>(base)[at] =
                static_cast<std::int16_t>(toInteger(v, 32768.0, 1));
            break;
        case AV_SAMPLE_FMT_S32:
            // Rounded to the bits that are kept, so that the codec has nothing to cut off.
            reinterpret_cast<std::int32_t*>(base)[at] = static_cast<std::int32_t>(
                toInteger(v, 2147483648.0, std::int64_t{1} << (32 - rawBits)));
            break;
        default:
            reinterpret_cast<float*>(base)[at] = v;
    }
}

tl::unexpected<Error> writeFailure(const AVFormatContext* out, int code) {
    return fail(ErrorCode::CannotWrite,
                std::string("The sound could not be written (") + av::errorText(code) +
                    "). Is the disk full? Nothing was left behind.",
                out->url ? out->url : "", av::errorText(code));
}

}  // namespace

Result<SoundTrackEncoder> SoundTrackEncoder::addTo(AVFormatContext* output,
                                                   const SoundTrackSpec& spec, Seconds start) {
    const AVCodec* encoder = avcodec_find_encoder_by_name(spec.codec.c_str());
    if (!encoder || chooseFormat(encoder) == AV_SAMPLE_FMT_NONE) {
        return fail(ErrorCode::CannotWrite,
                    "This machine's FFmpeg cannot write " + spec.codec + ".");
    }
    SoundTrackEncoder t;
    t.output_ = output;
    t.codec_.reset(avcodec_alloc_context3(encoder));
    AVCodecContext* c = t.codec_.get();
    c->sample_rate = spec.rate.hertz;
    c->time_base = {1, spec.rate.hertz};
    c->sample_fmt = chooseFormat(encoder);
    av_channel_layout_default(&c->ch_layout, spec.channels);
    if (spec.codec == "flac" || spec.codec == "alac" || spec.codec == "pcm_s24le")
        c->bits_per_raw_sample = 24;
    if (spec.bitsPerSecond > 0) c->bit_rate = spec.bitsPerSecond;
    if (output->oformat->flags & AVFMT_GLOBALHEADER) c->flags |= AV_CODEC_FLAG_GLOBAL_HEADER;
    const int code = avcodec_open2(c, encoder, nullptr);
    if (code < 0) {
        return fail(ErrorCode::CannotWrite,
                    "The sound format " + spec.codec + " does not take " +
                        std::to_string(spec.rate.hertz) + " Hz, " + std::to_string(spec.channels) +
                        " channels.",
                    output->url ? output->url : "", av::errorText(code));
    }
    t.stream_ = avformat_new_stream(output, nullptr);
    avcodec_parameters_from_context(t.stream_->codecpar, c);
    t.stream_->time_base = c->time_base;
    if (!spec.title.empty()) {
        av_dict_set(&t.stream_->metadata, "title", spec.title.c_str(), 0);
        av_dict_set(&t.stream_->metadata, "handler_name", spec.title.c_str(), 0);
    }
    if (!spec.language.empty()) {
        const bool quicktime = std::string(output->oformat->name) == "mov";
        const std::string language = quicktime ? englishLanguageCode(spec.language) : spec.language;
        av_dict_set(&t.stream_->metadata, "language", language.c_str(), 0);
    }
    if (spec.playsByItself) t.stream_->disposition |= AV_DISPOSITION_DEFAULT;
    t.startSamples_ = spec.rate.samples(start);
    // Matroska takes an Opus block's time and subtracts the codec's delay, which libav's muxer does
    // not add: without this the sound would be early by it.
    if (spec.codec == "libopus" && std::string(output->oformat->name) == "matroska") {
        t.stampShift_ = c->initial_padding;
    }
    return t;
}

Seconds SoundTrackEncoder::pushedUntil() const {
    return SampleRate{codec_->sample_rate}.seconds(startSamples_ + pushed_);
}

Result<void> SoundTrackEncoder::push(std::span<const float> interleaved) {
    held_.insert(held_.end(), interleaved.begin(), interleaved.end());
    const auto channels = static_cast<std::size_t>(codec_->ch_layout.nb_channels);
    pushed_ += static_cast<std::int64_t>(interleaved.size() / channels);
    const std::size_t block = codec_->frame_size > 0 ? codec_->frame_size : 4096;
    const std::span<const float> all(held_);
    std::size_t used = 0;
    for (; all.size() - used >= block * channels; used += block * channels) {
        if (auto done = encode(all.subspan(used, block * channels)); !done) return done;
    }
    held_.erase(held_.begin(), held_.begin() + static_cast<std::ptrdiff_t>(used));
    return {};
}

Result<void> SoundTrackEncoder::finish() {
    if (!held_.empty()) {
        if (auto done = encode(held_); !done) return done;
        held_.clear();
    }
    avcodec_send_frame(codec_.get(), nullptr);
    return drain();
}

Result<void> SoundTrackEncoder::encode(std::span<const float> samples) {
    const int channels = codec_->ch_layout.nb_channels;
    AVFrame* f = frame_.get();
    av_frame_unref(f);
    f->nb_samples = static_cast<int>(samples.size()) / channels;
    f->format = codec_->sample_fmt;
    f->sample_rate = codec_->sample_rate;
    av_channel_layout_copy(&f->ch_layout, &codec_->ch_layout);
    av_frame_get_buffer(f, 0);
    const int rawBits = codec_->bits_per_raw_sample > 0 ? codec_->bits_per_raw_sample : 32;
    for (int n = 0; n < f->nb_samples; ++n) {
        for (int c = 0; c < channels; ++c) {
            store(f, c, n, channels, samples[static_cast<std::size_t>(n) * channels + c], rawBits);
        }
    }
    f->pts = startSamples_ + encoded_;
    encoded_ += f->nb_samples;
    const int code = avcodec_send_frame(codec_.get(), f);
    if (code < 0) return writeFailure(output_, code);
    return drain();
}

Result<void> SoundTrackEncoder::drain() {
    while (avcodec_receive_packet(codec_.get(), packet_.get()) >= 0) {
        if (packet_->pts != AV_NOPTS_VALUE) packet_->pts += stampShift_;
        if (packet_->dts != AV_NOPTS_VALUE) packet_->dts += stampShift_;
        av_packet_rescale_ts(packet_.get(), codec_->time_base, stream_->time_base);
        packet_->stream_index = stream_->index;
        const int code = av_interleaved_write_frame(output_, packet_.get());
        if (code < 0) return writeFailure(output_, code);
    }
    return {};
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/write/sound_track_encoder.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <utility>

#include "media/read/codec_turns.h"
#include "media/write/language_code.h"

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

/// Full scale is 1; rounded to the bits that are kept, which lie in the upper ones of each word, so
/// that a codec has nothing to cut off. \return samples that did not fit.
std::int64_t toWords(std::span<const float> in, int bits, std::int32_t* out) {
    const auto full = static_cast<float>(1 << (bits - 1));
    const int up = 32 - bits;
    std::int64_t clipped = 0;
    for (std::size_t n = 0; n < in.size(); ++n) {
        const float v = in[n] * full;
        // Exact: single precision holds halves up to here.
        const float rounded = v + (v < 0 ? -0.5f : 0.5f);
        const float kept = std::min(std::max(rounded, -full), full - 1);
        clipped += in[n] > 1.0f || in[n] < -1.0f;
        out[n] = static_cast<std::int32_t>(
            static_cast<std::uint32_t>(static_cast<std::int32_t>(kept)) << up);
    }
    return clipped;
}

tl::unexpected<Error> writeFailure(const AVFormatContext* out, int code) {
    return failAt(ErrorCode::CannotWrite, out->url ? out->url : "", {"sound-not-written"},
                  av::errorText(code));
}

}  // namespace

Result<SoundTrackEncoder> SoundTrackEncoder::addTo(AVFormatContext* output,
                                                   const SoundTrackSpec& spec, Seconds start) {
    const AVCodec* encoder = avcodec_find_encoder_by_name(spec.codec.c_str());
    if (!encoder || chooseFormat(encoder) == AV_SAMPLE_FMT_NONE) {
        return fail(ErrorCode::CannotWrite, {"codec-not-here", {{"codec", spec.codec}}});
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
        return fail(
            ErrorCode::CannotWrite,
            {"codec-refuses",
             {{"codec", spec.codec}, {"hertz", spec.rate.hertz}, {"channels", spec.channels}}},
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
    const AVCodecDescriptor* facts = avcodec_descriptor_get(encoder->id);
    if (facts && (facts->props & AV_CODEC_PROP_LOSSLESS)) t.digest_.emplace(spec.channels);
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

Result<void> SoundTrackEncoder::push(std::span<const float> interleaved, const Write& write) {
    const auto channels = static_cast<std::size_t>(codec_->ch_layout.nb_channels);
    pushed_ += static_cast<std::int64_t>(interleaved.size() / channels);
    const std::size_t block = (codec_->frame_size > 0 ? codec_->frame_size : 4096) * channels;
    // What was held is made whole first; what follows is coded from where it lies.
    if (!held_.empty()) {
        const std::size_t n = std::min(block - held_.size(), interleaved.size());
        held_.insert(held_.end(), interleaved.begin(),
                     interleaved.begin() + static_cast<std::ptrdiff_t>(n));
        interleaved = interleaved.subspan(n);
        if (held_.size() < block) return {};
        if (auto done = encode(held_, write); !done) return done;
        held_.clear();
    }
    for (; interleaved.size() >= block; interleaved = interleaved.subspan(block)) {
        if (auto done = encode(interleaved.first(block), write); !done) return done;
    }
    held_.assign(interleaved.begin(), interleaved.end());
    return {};
}

Result<void> SoundTrackEncoder::finish(const Write& write) {
    if (!held_.empty()) {
        if (auto done = encode(held_, write); !done) return done;
        held_.clear();
    }
    if (digest_) digest_->finish();
    return code(nullptr, write);
}

std::optional<SampleDigest> SoundTrackEncoder::takeDigest() {
    return std::exchange(digest_, std::nullopt);
}

void SoundTrackEncoder::fill(std::span<const float> samples) {
    AVFrame* f = frame_.get();
    const auto channels = static_cast<std::size_t>(codec_->ch_layout.nb_channels);
    const std::size_t frames = samples.size() / channels;
    const auto format = static_cast<AVSampleFormat>(f->format);
    const bool planar = av_sample_fmt_is_planar(format) != 0;
    const AVSampleFormat packed = av_get_packed_sample_fmt(format);
    const auto deal = [&]<class T>(const T* from) {
        for (std::size_t c = 0; c < channels; ++c) {
            T* to = reinterpret_cast<T*>(f->extended_data[planar ? c : 0]);
            if (!planar) {
                std::copy_n(from, samples.size(), to);
                return;
            }
            for (std::size_t n = 0; n < frames; ++n) to[n] = from[n * channels + c];
        }
    };
    words_.resize(samples.size());
    if (packed == AV_SAMPLE_FMT_S32) {
        const int bits = codec_->bits_per_raw_sample > 0 ? codec_->bits_per_raw_sample : 32;
        clipped_ += toWords(samples, std::min(bits, 24), words_.data());
        deal(words_.data());
    } else if (packed == AV_SAMPLE_FMT_S16) {
        clipped_ += toWords(samples, 16, words_.data());
        std::vector<std::int16_t> halves(words_.size());
        for (std::size_t n = 0; n < halves.size(); ++n) {
            halves[n] = static_cast<std::int16_t>(words_[n] >> 16);
        }
        deal(halves.data());
    } else {
        if (digest_) std::memcpy(words_.data(), samples.data(), samples.size_bytes());
        deal(samples.data());
    }
    if (digest_) digest_->add(words_);
}

Result<void> SoundTrackEncoder::encode(std::span<const float> samples, const Write& write) {
    const int channels = codec_->ch_layout.nb_channels;
    AVFrame* f = frame_.get();
    av_frame_unref(f);
    f->nb_samples = static_cast<int>(samples.size()) / channels;
    f->format = codec_->sample_fmt;
    f->sample_rate = codec_->sample_rate;
    av_channel_layout_copy(&f->ch_layout, &codec_->ch_layout);
    av_frame_get_buffer(f, 0);
    fill(samples);
    f->pts = startSamples_ + encoded_;
    encoded_ += f->nb_samples;
    return code(f, write);
}

Result<void> SoundTrackEncoder::code(const AVFrame* frame, const Write& write) {
    return av::encode(
        codec_.get(), frame, packet_.get(),
        [&](AVPacket* packet) {
            if (packet->pts != AV_NOPTS_VALUE) packet->pts += stampShift_;
            if (packet->dts != AV_NOPTS_VALUE) packet->dts += stampShift_;
            av_packet_rescale_ts(packet, codec_->time_base, stream_->time_base);
            packet->stream_index = stream_->index;
            return write(packet);
        },
        [this](int why) { return writeFailure(output_, why); });
}

SoundTrackEncoder::Write interleavedInto(AVFormatContext* output) {
    return [output](AVPacket* packet) -> Result<void> {
        const int code = av_interleaved_write_frame(output, packet);
        return code < 0 ? Result<void>(writeFailure(output, code)) : Result<void>{};
    };
}

}  // namespace brisk

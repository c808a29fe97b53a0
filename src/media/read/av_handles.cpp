// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/av_handles.h"

#include <string_view>

#include "media/read/media_limits.h"
#include "store/read_problem.h"

namespace brisk::av {

namespace {
/// What the library has to say reaches a person through our own sentences.
[[maybe_unused]] const bool quietLibrary = (av_log_set_level(AV_LOG_QUIET), true);

/// What cameras, phones and recorders write. No playlists, no addresses, no scripts: such a file
/// names others, which nobody chose.
constexpr char kContainers[] =
    "mov,mp4,matroska,webm,avi,mpegts,mpeg,mxf,mxf_opatom,dv,flv,asf,gxf,"
    "wav,w64,aiff,caf,au,flac,ogg,mp3,aac,loas,ac3,eac3,dts,amr,amrnb,amrwb,wv,tta,ape";

/// Of sound without frames of its own (WAV), bytes: by default there are a hundred packets in three
/// seconds, and each costs more than what it holds.
constexpr char kLargestPacket[] = "32768";

int stopRequested(void* job) {
    return static_cast<const JobControl*>(job)->stopRequested() ? 1 : 0;
}

Error openFailure(const std::string& path, int code) {
    return code == AVERROR_EXIT ? cancelled().value() : explainOpenFailure(path, errorText(code));
}

/// Opened, with what its header says of the streams.
Result<Input> openHeader(const std::string& path, const JobControl& job) {
    if (auto problem = findReadProblem(path)) return tl::unexpected(*problem);
    AVFormatContext* raw = avformat_alloc_context();
    auto ours = std::make_unique<JobControl>(job);
    raw->interrupt_callback = {stopRequested, ours.get()};
    AVDictionary* options = nullptr;
    av_dict_set(&options, "protocol_whitelist", "file", 0);
    av_dict_set(&options, "format_whitelist", kContainers, 0);
    av_dict_set(&options, "max_size", kLargestPacket, 0);
    const int code = avformat_open_input(&raw, fileUrl(path).c_str(), nullptr, &options);
    av_dict_free(&options);
    if (code < 0) return tl::unexpected(openFailure(path, code));
    Input input(raw);
    input->opaque = ours.release();  // the deleter's from here on
    if (input->nb_streams > limits::kMaxStreams) {
        return failAt(ErrorCode::NotMedia, path,
                      {"too-many-streams", {{"streams", std::size_t{input->nb_streams}}}});
    }
    return input;
}

/// Finds out what the header does not say.
Result<void> findStreams(AVFormatContext* input, const std::string& path) {
    // Sound that starts late in a transport stream is only found by reading further than usual.
    input->max_analyze_duration = std::int64_t{10} * AV_TIME_BASE;
    const int code = avformat_find_stream_info(input, nullptr);
    if (code < 0) return tl::unexpected(openFailure(path, code));
    return {};
}

/// Whether a decoder can be opened by what the header says: not where the library must look at
/// packets to tell how they are coded.
bool isKnown(const AVCodecParameters* p) {
    return p->codec_type == AVMEDIA_TYPE_AUDIO && p->sample_rate > 0 &&
           p->ch_layout.nb_channels > 0 &&
           (av_get_exact_bits_per_sample(p->codec_id) > 0 ||
            (p->codec_id == AV_CODEC_ID_AAC && p->extradata_size > 0));
}

/// Whether the index leaves nothing to find out from the packets.
bool indexSaysAll(const AVFormatContext* input) {
    for (unsigned i = 0; i < input->nb_streams; ++i) {
        const AVStream* s = input->streams[i];
        const AVCodecParameters* p = s->codecpar;
        if (p->codec_type == AVMEDIA_TYPE_AUDIO && !isKnown(p)) return false;
        if (p->codec_type == AVMEDIA_TYPE_VIDEO && (s->avg_frame_rate.num <= 0 || p->width <= 0)) {
            return false;
        }
    }
    return isIndexedMovie(input);
}

constexpr int kLeapBlock = 4096;  // bytes
}  // namespace

void InputDeleter::operator()(AVFormatContext* c) const {
    const std::unique_ptr<JobControl> job(static_cast<JobControl*>(c->opaque));
    avformat_close_input(&c);
}

std::string fileUrl(const std::string& path) {
    return "file:" + path;
}

Error readFailure(const std::string& path, int code) {
    if (code == AVERROR_EXIT) return cancelled().value();
    return failAt(ErrorCode::CannotRead, path, {"not-read-further"}, errorText(code)).value();
}

std::string errorText(int code) {
    char text[AV_ERROR_MAX_STRING_SIZE] = {};
    av_strerror(code, text, sizeof text);
    return text;
}

Result<Input> openInput(const std::string& path, const JobControl& job, Trust trust) {
    auto input = openHeader(path, job);
    if (!input) return input;
    if (trust == Trust::Index && indexSaysAll(input->get())) return input;
    if (auto found = findStreams(input->get(), path); !found) return tl::unexpected(found.error());
    return input;
}

Result<Input> openSound(const std::string& path, int& stream, const JobControl& job) {
    auto input = openHeader(path, job);
    if (!input) return input;
    AVFormatContext* c = input->get();
    if (stream < 0 && isIndexedMovie(c)) stream = firstSoundStream(c);
    const bool there = stream >= 0 && stream < static_cast<int>(c->nb_streams);
    if (!there || !isIndexedMovie(c) || !isKnown(c->streams[stream]->codecpar)) {
        if (auto found = findStreams(c, path); !found) return tl::unexpected(found.error());
        if (stream < 0) stream = firstSoundStream(c);
    }
    if (stream < 0 || stream >= static_cast<int>(c->nb_streams) ||
        c->streams[stream]->codecpar->codec_type != AVMEDIA_TYPE_AUDIO) {
        return failAt(ErrorCode::NoSound, path, {"no-sound-in-file"});
    }
    keepOnly(c, stream);
    // Leaps of a picture's length are worth it only if little is read after each.
    if (isIndexedMovie(c) && c->nb_streams > 1) {
        av_opt_set_int(c->pb, "blocksize", kLeapBlock, AV_OPT_SEARCH_CHILDREN);
    }
    return input;
}

Result<Input> openOnly(const std::string& path, int stream, const JobControl& job) {
    auto input = openInput(path, job);
    if (!input) return input;
    keepOnly(input->get(), stream);
    return input;
}

Result<Codec> openDecoder(const AVStream* stream, const std::string& path,
                          void (*prepare)(AVCodecContext*)) {
    const AVCodec* decoder = avcodec_find_decoder(stream->codecpar->codec_id);
    const std::string name = avcodec_get_name(stream->codecpar->codec_id);
    if (!decoder) {
        return failAt(ErrorCode::NotMedia, path, {"cannot-decode", {{"codec", name}}});
    }
    Codec codec(avcodec_alloc_context3(decoder));
    avcodec_parameters_to_context(codec.get(), stream->codecpar);
    codec->pkt_timebase = stream->time_base;
    codec->max_pixels = limits::kMaxPixels;
    codec->thread_count = stream->codecpar->codec_type == AVMEDIA_TYPE_VIDEO ? 2 : 1;
    if (prepare) prepare(codec.get());
    const int code = avcodec_open2(codec.get(), decoder, nullptr);
    if (code < 0) {
        return failAt(ErrorCode::NotMedia, path, {"stream-not-opened", {{"codec", name}}},
                      errorText(code));
    }
    return codec;
}

int movingPictureStream(const AVFormatContext* input) {
    for (unsigned i = 0; i < input->nb_streams; ++i) {
        const AVStream* s = input->streams[i];
        const bool cover = (s->disposition & AV_DISPOSITION_ATTACHED_PIC) != 0;
        if (s->codecpar->codec_type == AVMEDIA_TYPE_VIDEO && !cover &&
            s->codecpar->codec_id != AV_CODEC_ID_NONE) {
            return static_cast<int>(i);
        }
    }
    return -1;
}

void keepOnly(AVFormatContext* input, int stream) {
    for (unsigned i = 0; i < input->nb_streams; ++i) {
        if (static_cast<int>(i) != stream) input->streams[i]->discard = AVDISCARD_ALL;
    }
}

bool isIndexedMovie(const AVFormatContext* input) {
    return std::string_view(input->iformat->name).starts_with("mov,");
}

int firstSoundStream(const AVFormatContext* input) {
    for (unsigned i = 0; i < input->nb_streams; ++i) {
        const AVCodecParameters* p = input->streams[i]->codecpar;
        if (p->codec_type == AVMEDIA_TYPE_AUDIO && avcodec_find_decoder(p->codec_id)) {
            return static_cast<int>(i);
        }
    }
    return -1;
}

}  // namespace brisk::av

// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/av_handles.h"

#include "store/read_problem.h"

namespace brisk::av {

namespace {
/// What the library has to say reaches a person through our own sentences.
[[maybe_unused]] const bool quietLibrary = (av_log_set_level(AV_LOG_QUIET), true);
}  // namespace

std::string errorText(int code) {
    char text[AV_ERROR_MAX_STRING_SIZE] = {};
    av_strerror(code, text, sizeof text);
    return text;
}

Result<Input> openInput(const std::string& path) {
    if (auto problem = findReadProblem(path)) return tl::unexpected(*problem);
    AVFormatContext* raw = nullptr;
    int code = avformat_open_input(&raw, path.c_str(), nullptr, nullptr);
    if (code < 0) return tl::unexpected(explainOpenFailure(path, errorText(code)));
    Input input(raw);
    // Sound that starts late in a transport stream is only found by reading further than usual.
    input->max_analyze_duration = 10 * AV_TIME_BASE;
    code = avformat_find_stream_info(input.get(), nullptr);
    if (code < 0) return tl::unexpected(explainOpenFailure(path, errorText(code)));
    return input;
}

Result<Input> openOnly(const std::string& path, int stream) {
    auto input = openInput(path);
    if (!input) return input;
    for (unsigned i = 0; i < (*input)->nb_streams; ++i) {
        if (static_cast<int>(i) != stream) (*input)->streams[i]->discard = AVDISCARD_ALL;
    }
    return input;
}

Result<Codec> openDecoder(const AVStream* stream, const std::string& path) {
    const AVCodec* decoder = avcodec_find_decoder(stream->codecpar->codec_id);
    const std::string name = avcodec_get_name(stream->codecpar->codec_id);
    if (!decoder) {
        return failAt(ErrorCode::NotMedia, path, {"cannot-decode", {{"codec", name}}});
    }
    Codec codec(avcodec_alloc_context3(decoder));
    avcodec_parameters_to_context(codec.get(), stream->codecpar);
    codec->pkt_timebase = stream->time_base;
    codec->thread_count = stream->codecpar->codec_type == AVMEDIA_TYPE_VIDEO ? 2 : 1;
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

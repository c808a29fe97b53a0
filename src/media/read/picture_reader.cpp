// SPDX-License-Identifier: GPL-3.0-or-later
// Reads on from the last picture when the next one lies just ahead; otherwise seeks to the key
// frame before it. The picture on screen is the last one whose time has come.
#include "media/read/picture_reader.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <thread>
#include <utility>

#include "media/read/av_handles.h"
#include "media/read/hardware.h"
#include "media/read/probe.h"

namespace brisk {

struct PictureReader::State {
    std::string path;
    MediaInfo info;
    av::Input input;
    av::Codec codec;
    av::Packet packet = av::makePacket();
    av::Frame shown = av::makeFrame();  // the newest picture not after the wanted time
    av::Frame ahead = av::makeFrame();  // the one following it
    bool haveShown = false;
    bool haveAhead = false;
    bool draining = false;
    av::Scaler scaler;
    /// Pictures before this are only passed by: those that no other needs are not decoded.
    std::int64_t passedBefore = std::numeric_limits<std::int64_t>::min();

    [[nodiscard]] std::int64_t pts(const av::Frame& f) const {
        return f->best_effort_timestamp - info.video->firstPts;
    }

    /// Where `t` falls; never before the take or after its end.
    [[nodiscard]] std::int64_t tickOf(Seconds t) const {
        const Seconds inside = std::clamp(t, Seconds{0}, std::max(Seconds{0}, info.duration));
        return static_cast<std::int64_t>(
            std::floor(inside.value / info.video->timeBase.value() + 0.1));
    }

    [[nodiscard]] tl::unexpected<Error> nothingHere() const {
        return failAt(ErrorCode::CannotRead, path, {"no-picture-here"});
    }

    /// Decodes the next picture into `ahead`. False at the end.
    bool decodeNext() {
        for (;;) {
            const int code = avcodec_receive_frame(codec.get(), ahead.get());
            if (code >= 0) {
                if (ahead->best_effort_timestamp == AV_NOPTS_VALUE) continue;
                if (!av::bringToMemory(ahead)) continue;
                return haveAhead = true;
            }
            if (code == AVERROR_EOF || draining) return false;
            for (;;) {
                if (av_read_frame(input.get(), packet.get()) < 0) {
                    avcodec_send_packet(codec.get(), nullptr);
                    draining = true;
                    break;
                }
                const bool ours = packet->stream_index == info.video->stream;
                const bool passed = packet->pts != AV_NOPTS_VALUE &&
                                    packet->pts - info.video->firstPts < passedBefore;
                codec->skip_frame = passed ? AVDISCARD_NONREF : AVDISCARD_DEFAULT;
                if (ours) avcodec_send_packet(codec.get(), packet.get());
                av_packet_unref(packet.get());
                if (ours) break;
            }
        }
    }

    void seekTo(std::int64_t tick) {
        const std::int64_t target = tick + info.video->firstPts;
        if (av_seek_frame(input.get(), info.video->stream, target, AVSEEK_FLAG_BACKWARD) < 0) {
            av_seek_frame(input.get(), info.video->stream, info.video->firstPts,
                          AVSEEK_FLAG_BACKWARD | AVSEEK_FLAG_ANY);
        }
        avcodec_flush_buffers(codec.get());
        draining = haveShown = haveAhead = false;
    }

    /// Seeks until the next picture is not after `tick`: some containers land on the key frame
    /// behind it.
    void seekBefore(std::int64_t tick) {
        auto back = static_cast<std::int64_t>(1.0 / info.video->timeBase.value());
        std::int64_t target = tick;
        for (;;) {
            seekTo(target);
            if ((decodeNext() && pts(ahead) <= tick) || target == 0) return;
            target = std::max<std::int64_t>(0, tick - back);
            back *= 2;
        }
    }

    Result<Picture> scaled(int maxWidth) {
        const AVFrame* f = shown.get();
        const AVRational sar =
            f->sample_aspect_ratio.num > 0 ? f->sample_aspect_ratio : AVRational{1, 1};
        const double wide = f->width * av_q2d(sar);
        const double scale = std::min(1.0, maxWidth / wide);
        Picture p;
        p.width = std::max(2, static_cast<int>(std::lround(wide * scale)));
        p.height = std::max(2, static_cast<int>(std::lround(f->height * scale)));
        p.rotation = info.video->rotation;
        p.time = {ticksToSeconds(pts(shown), info.video->timeBase)};
        p.end = haveAhead ? Seconds{ticksToSeconds(pts(ahead), info.video->timeBase)}
                          : std::max(p.time, info.duration);
        // What comes after it may have been passed by: it is sure to hold at its own time alone.
        if (haveAhead && pts(shown) < passedBefore) {
            p.end = p.time + Seconds{info.video->timeBase.value()};
        }
        p.pixels.resize(static_cast<std::size_t>(p.width) * p.height);
        scaler.reset(sws_getCachedContext(scaler.release(), f->width, f->height,
                                          static_cast<AVPixelFormat>(f->format), p.width, p.height,
                                          AV_PIX_FMT_BGRA, SWS_AREA, nullptr, nullptr, nullptr));
        if (!scaler) {
            return failAt(ErrorCode::CannotRead, path, {"picture-format-unknown"});
        }
        // The scaler looks at four planes, however many there are.
        std::uint8_t* rows[4] = {reinterpret_cast<std::uint8_t*>(p.pixels.data())};
        const int stride[4] = {p.width * 4};
        sws_scale(scaler.get(), f->data, f->linesize, 0, f->height, rows, stride);
        return p;
    }
};

namespace {

void prepareForLooking(AVCodecContext* context) {
    context->thread_count = std::clamp(static_cast<int>(std::thread::hardware_concurrency()), 2, 8);
    av::offerHardware(context);
}

}  // namespace

PictureReader::PictureReader(std::unique_ptr<State> state) : state_(std::move(state)) {}
PictureReader::PictureReader(PictureReader&&) noexcept = default;
PictureReader& PictureReader::operator=(PictureReader&&) noexcept = default;
PictureReader::~PictureReader() = default;

Result<PictureReader> PictureReader::open(const std::string& path) {
    auto state = std::make_unique<State>();
    state->path = path;
    auto info = probe(path);
    if (!info) return tl::unexpected(info.error());
    if (!info->video) return failAt(ErrorCode::NotMedia, path, {"no-picture"});
    state->info = std::move(*info);
    auto input = av::openOnly(path, state->info.video->stream);
    if (!input) return tl::unexpected(input.error());
    state->input = std::move(*input);
    AVStream* video = state->input->streams[state->info.video->stream];
    auto codec = av::openDecoder(video, path, prepareForLooking);
    if (!codec) return tl::unexpected(codec.error());
    state->codec = std::move(*codec);
    return PictureReader(std::move(state));
}

Result<Picture> PictureReader::at(Seconds t, int maxWidth) {
    return at(t, maxWidth, {});
}

Result<Picture> PictureReader::at(Seconds t, int maxWidth, const PictureWay& way) {
    State& s = *state_;
    const double perTick = s.info.video->timeBase.value();
    const auto wanted = s.tickOf(t);
    const auto nearAhead = static_cast<std::int64_t>(1.5 / perTick);
    // Not into what was only passed by, on a way that was given up.
    const bool readOn = s.haveShown && wanted >= s.pts(s.shown) && wanted >= s.passedBefore &&
                        wanted < s.pts(s.shown) + nearAhead;
    // Two pictures before it are decoded for sure, so that the last before its time is among them.
    const double rate = std::max(1.0, s.info.video->rate.value());
    s.passedBefore = way.tellFrom ? std::numeric_limits<std::int64_t>::min()
                                  : wanted - static_cast<std::int64_t>(2.5 / rate / perTick);
    if (!readOn) s.seekBefore(wanted);
    bool key = !readOn && way.tellKeyFrame;
    for (;;) {
        if (!s.haveAhead && !s.decodeNext()) break;
        const bool due = s.pts(s.ahead) <= wanted;
        if (!due && s.haveShown) break;
        const bool told = s.haveShown && way.tellFrom && s.pts(s.shown) >= s.tickOf(*way.tellFrom);
        if (s.haveShown && (told || std::exchange(key, false)) && way.passed) {
            if (auto p = s.scaled(maxWidth)) way.passed(std::move(*p));
        }
        std::swap(s.shown, s.ahead);
        s.haveShown = true;
        s.haveAhead = false;
        if (!due) break;  // before the first picture: show the first
        if (way.stop && way.stop()) return cancelled();
    }
    if (!s.haveShown) return s.nothingHere();
    return s.scaled(maxWidth);
}

Result<Picture> PictureReader::keyFrameBefore(Seconds t, int maxWidth) {
    State& s = *state_;
    s.passedBefore = std::numeric_limits<std::int64_t>::min();
    s.seekBefore(s.tickOf(t));
    if (!s.haveAhead && !s.decodeNext()) return s.nothingHere();
    std::swap(s.shown, s.ahead);
    s.haveShown = true;
    s.haveAhead = false;
    return s.scaled(maxWidth);
}

}  // namespace brisk

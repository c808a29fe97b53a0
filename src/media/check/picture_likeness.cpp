// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/check/picture_likeness.h"

#include <algorithm>
#include <cmath>

#include "core/decibels.h"
#include "media/read/av_handles.h"
#include "media/read/packets_of_cut.h"
#include "media/read/probe.h"

namespace brisk {
namespace {

/// One file's pictures in the order in which they are shown, as brightness.
class ShownPictures {
  public:
    /// \param cut  only these; null = all.
    static Result<ShownPictures> open(const MediaInfo& info, const PictureCut* cut) {
        ShownPictures s;
        auto input = av::openOnly(info.path, info.video->stream);
        if (!input) return tl::unexpected(input.error());
        s.input_ = std::move(*input);
        s.video_ = *info.video;
        const AVStream* video = s.input_->streams[s.video_.stream];
        auto decoder = av::openDecoder(video, info.path);
        if (!decoder) return tl::unexpected(decoder.error());
        s.decoder_ = std::move(*decoder);
        s.from_ = cut ? cut->startPts : info.video->firstPts;
        s.to_ = cut ? cut->endPts : INT64_MAX;
        if (cut) {
            seekBeforeCut(s.input_.get(), *info.video, *cut);
            s.left_ = cut->packets;
            s.cut_ = *cut;
            s.begun_ = false;
        }
        return s;
    }

    /// The next picture; false after the last.
    bool next() {
        for (;;) {
            while (avcodec_receive_frame(decoder_.get(), frame_.get()) >= 0) {
                const std::int64_t pts = frame_->best_effort_timestamp;
                if (pts != AV_NOPTS_VALUE && pts >= from_ && pts < to_) return true;
            }
            if (drained_) return false;
            feed();
        }
    }

    [[nodiscard]] Seconds time() const {
        return {ticksToSeconds(frame_->best_effort_timestamp - from_, video_.timeBase)};
    }
    [[nodiscard]] Seconds tick() const { return {video_.timeBase.value()}; }

    /// Brightness, 8 bits, row after row.
    const std::vector<std::uint8_t>& grey() {
        const AVFrame* f = frame_.get();
        grey_.resize(static_cast<std::size_t>(f->width) * static_cast<std::size_t>(f->height));
        scaler_.reset(sws_getCachedContext(
            scaler_.release(), f->width, f->height, static_cast<AVPixelFormat>(f->format), f->width,
            f->height, AV_PIX_FMT_GRAY8, SWS_POINT, nullptr, nullptr, nullptr));
        // The scaler looks at four planes, however many there are.
        std::uint8_t* rows[4] = {grey_.data()};
        const int stride[4] = {f->width};
        if (scaler_) sws_scale(scaler_.get(), f->data, f->linesize, 0, f->height, rows, stride);
        return grey_;
    }

  private:
    ShownPictures() = default;
    void feed() {
        while (left_ != 0 && av_read_frame(input_.get(), packet_.get()) >= 0) {
            const bool ours = packet_->stream_index == video_.stream;
            begun_ = begun_ || isFirstOf(cut_, video_, packet_.get());
            const bool wanted = ours && begun_;
            if (wanted) {
                (void)avcodec_send_packet(decoder_.get(), packet_.get());
                if (left_ > 0) --left_;
            }
            av_packet_unref(packet_.get());
            if (wanted) return;
        }
        avcodec_send_packet(decoder_.get(), nullptr);
        drained_ = true;
    }

    av::Input input_;
    av::Codec decoder_;
    av::Frame frame_ = av::makeFrame();
    av::Packet packet_ = av::makePacket();
    av::Scaler scaler_;
    VideoFacts video_;
    std::int64_t from_ = 0, to_ = 0;
    std::int64_t left_ = -1;  // packets; -1: all there are
    PictureCut cut_;
    bool begun_ = true;
    bool drained_ = false;
    std::vector<std::uint8_t> grey_;
};

double likenessDb(const std::vector<std::uint8_t>& a, const std::vector<std::uint8_t>& b) {
    if (a.size() != b.size() || a.empty()) return 0;
    std::int64_t sum = 0;
    for (std::size_t i = 0; i < a.size(); ++i) {
        const int d = a[i] - b[i];
        sum += d * d;
    }
    const double mean = static_cast<double>(sum) / static_cast<double>(a.size());
    return mean <= 0 ? 99 : std::min(99.0, dbOfPower(255.0 * 255.0 / mean));
}

}  // namespace

Result<PictureLikeness> comparePictures(const MediaInfo& take, const PictureCut& cut,
                                        const std::string& written, const JobControl& job) {
    auto info = probe(written);
    if (!info) return tl::unexpected(info.error());
    if (!info->video) return failAt(ErrorCode::NotMedia, written, {"no-picture"});
    auto a = ShownPictures::open(take, &cut);
    if (!a) return tl::unexpected(a.error());
    auto b = ShownPictures::open(*info, nullptr);
    if (!b) return tl::unexpected(b.error());
    const double slack = 0.51 * std::max(a->tick().value, b->tick().value);
    PictureLikeness out;
    for (;;) {
        if (job.stopRequested()) return cancelled();
        const bool taken = a->next(), here = b->next();
        if (here) ++out.pictures;
        if (taken != here) {
            out.difference = {here ? "more-pictures" : "fewer-pictures"};
            return out;
        }
        if (!taken) return out;
        if (std::fabs((a->time() - b->time()).value) > slack) {
            out.difference = {"picture-at-another-time", {{"at", b->time()}}};
            return out;
        }
        const double db = likenessDb(a->grey(), b->grey());
        if (db < out.leastAlikeDb) {
            out.leastAlikeDb = db;
            out.leastAlike = b->time();
        }
        job.report(b->time() / std::max(Seconds{0.04}, cut.end - cut.start));
    }
}

}  // namespace brisk

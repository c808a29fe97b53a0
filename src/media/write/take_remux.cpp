// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: read the source's packets in order, once, and note of each what it is; before each
// picture packet goes out, write the sound up to its time, which is rendered and coded beside it.
// Nothing is held but a few seconds of sound and the muxer's own small interleaving queue.
#include "media/write/take_remux.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <deque>
#include <filesystem>
#include <vector>

#include "media/read/av_handles.h"
#include "media/read/packets_of_cut.h"
#include "media/write/copied_streams.h"
#include "media/write/packet_source.h"
#include "media/write/picture_encoder.h"
#include "media/write/sound_feed.h"

extern "C" {
#include <libavutil/timecode.h>
}

namespace brisk {
namespace {

tl::unexpected<Error> cannotWrite(const RemuxPlan& plan, int code) {
    return failAt(ErrorCode::CannotWrite, plan.target, {"cannot-write-take"}, av::errorText(code));
}

/// A piece begins later than its take, and so does its timecode.
void moveTimecode(const RemuxPlan& plan, AVFormatContext* output, AVStream* picture) {
    const Rational rate = plan.source.video->rate;
    const auto frames = static_cast<int>(std::llround(plan.cut->start.value * rate.value()));
    for (AVDictionary** words : {&output->metadata, &picture->metadata}) {
        const AVDictionaryEntry* said = av_dict_get(*words, "timecode", nullptr, 0);
        AVTimecode timecode{};
        if (!said ||
            av_timecode_init_from_string(&timecode, av::toAv(rate), said->value, output) < 0) {
            continue;
        }
        char text[AV_TIMECODE_STR_SIZE];
        av_dict_set(words, "timecode", av_timecode_make_string(&timecode, text, frames), 0);
    }
}

/// Transport streams begin their clock before their first picture: sound comes with a coder's delay
/// before it, and pictures wait for each other. As broadcasters have it.
constexpr int kTransportDelay = 700000;  // microseconds

/// One take on its way into one file, step by step.
class Remuxer {
  public:
    Remuxer(const RemuxPlan& plan, const JobControl& job)
        : plan_(plan),
          job_(job),
          video_(*plan.source.video),
          zero_(plan.cut ? plan.cut->startPts : video_.firstPts) {}

    Result<Remuxed> run() {
        for (const auto step : {&Remuxer::openSource, &Remuxer::addStreams, &Remuxer::begin,
                                &Remuxer::copy, &Remuxer::end}) {
            if (auto done = (this->*step)(); !done) return tl::unexpected(done.error());
        }
        Remuxed made;
        made.pictures = std::move(pictures_);
        for (SoundTrackEncoder& t : tracks_) made.sounds.push_back({t.takeDigest(), t.clipped()});
        return made;
    }

  private:
    Result<void> openSource() {
        auto opened = av::openInput(plan_.source.path, job_);
        if (!opened) return tl::unexpected(opened.error());
        input_ = std::move(*opened);
        from_ = input_->streams[video_.stream];
        pictures_.timeBase = video_.timeBase;
        return {};
    }

    /// The picture, new sounds, and whatever else the take holds.
    Result<void> addStreams() {
        AVFormatContext* raw = nullptr;
        const int code = avformat_alloc_output_context2(&raw, nullptr, plan_.format.c_str(),
                                                        plan_.target.c_str());
        if (code < 0) return cannotWrite(plan_, code);
        output_.reset(raw);
        copyMetadata(input_.get(), raw);
        if (plan_.cut && plan_.cut->way == PieceWay::CodedAnew) {
            auto made = PictureEncoder::addTo(raw, from_, *plan_.cut, plan_.source.path);
            if (!made) return tl::unexpected(made.error());
            coder_.emplace(std::move(*made));
        }
        to_ = coder_ ? coder_->stream() : addCopiedStream(raw, from_);
        if (plan_.cut) moveTimecode(plan_, raw, to_);
        for (const RemuxTrack& t : plan_.tracks) {
            auto track = SoundTrackEncoder::addTo(raw, t.spec, t.start);
            if (!track) return tl::unexpected(track.error());
            tracks_.push_back(std::move(*track));
        }
        others_.emplace(plan_.source, input_.get(), raw,
                        Seconds{ticksToSeconds(zero_, video_.timeBase)}, plan_.soundLength);
        for (unsigned i = 0; i < input_->nb_streams; ++i) {
            const int stream = static_cast<int>(i);
            if (stream != video_.stream && !others_->copies(stream)) {
                input_->streams[i]->discard = AVDISCARD_ALL;
            }
        }
        return {};
    }

    /// Opens the file, writes its header, and lets the sounds be made.
    Result<void> begin() {
        AVFormatContext* raw = output_.get();
        int code = avio_open(&raw->pb, av::fileUrl(plan_.target).c_str(), AVIO_FLAG_WRITE);
        if (code < 0) return cannotWrite(plan_, code);
        AVDictionary* options = nullptr;
        if (plan_.format == "mov" || plan_.format == "mp4") {
            // The source's own clock, so that no picture time is rounded; all metadata, not only
            // what the classic atoms hold; and the timecode track also where the muxer would leave
            // it out.
            av_dict_set_int(&options, "video_track_timescale", from_->time_base.den, 0);
            av_dict_set(&options, "movflags", "+use_metadata_tags", 0);
            av_dict_set(&options, "write_tmcd", "auto", 0);
        }
        if (plan_.format == "mpegts") raw->max_delay = kTransportDelay;
        code = avformat_write_header(raw, &options);
        av_dict_free(&options);
        if (code < 0) return cannotWrite(plan_, code);
        for (std::size_t i = 0; i < tracks_.size(); ++i) {
            const RemuxTrack& t = plan_.tracks[i];
            feeds_.emplace_back(tracks_[i], t.pull, t.spec.channels,
                                t.spec.rate.samples(plan_.soundLength - t.start));
        }
        return {};
    }

    /// Every packet of the source, or of the cut, in order, the sound up to its time before it.
    Result<void> copy() {
        PacketSource source(input_.get(), plan_, digests());
        for (;;) {
            if (job_.stopRequested()) return cancelled();
            auto batch = source.next();
            if (!batch) return tl::unexpected(batch.error());
            if (!*batch) return {};
            for (SourcePacket& p : **batch) {
                auto done = p.picture ? picture(p) : other(p.packet.get());
                if (!done) return done;
            }
        }
    }

    [[nodiscard]] bool digests() const { return !coder_; }

    Result<void> other(AVPacket* packet) {
        const bool wanted = others_->copies(packet->stream_index) && others_->place(packet);
        return wanted ? write(packet) : Result<void>{};
    }

    Result<void> picture(SourcePacket& p) {
        AVPacket* packet = p.packet.get();
        const std::int64_t stamp = packet->dts != AV_NOPTS_VALUE ? packet->dts : packet->pts;
        const Seconds at{ticksToSeconds(stamp - zero_, video_.timeBase)};
        if (plan_.soundLength > Seconds{0}) job_.report(at / plan_.soundLength);
        if (auto fed = feedUpTo(at + Seconds{0.1}); !fed) return fed;
        if (coder_) return coder_->push(packet, [this](AVPacket* c) { return write(c); });
        if (!p.digest) return {};  // before the cut, and not needed
        pictures_.packets.push_back(*p.digest);
        if (packet->pts != AV_NOPTS_VALUE) packet->pts -= zero_;
        if (packet->dts != AV_NOPTS_VALUE) packet->dts -= zero_;
        av_packet_rescale_ts(packet, from_->time_base, to_->time_base);
        packet->stream_index = to_->index;
        packet->pos = -1;
        return write(packet);
    }

    Result<void> end() {
        if (coder_) {
            auto coded = coder_->push(nullptr, [this](AVPacket* p) { return write(p); });
            if (!coded) return coded;
        }
        if (auto fed = feedUpTo(plan_.soundLength + Seconds{1}); !fed) return fed;
        feeds_.clear();
        int code = av_write_trailer(output_.get());
        if (code < 0) return cannotWrite(plan_, code);
        code = avio_closep(&output_->pb);
        if (code < 0) return cannotWrite(plan_, code);
        return {};
    }

    Result<void> feedUpTo(Seconds time) {
        for (SoundFeed& feed : feeds_) {
            auto fed = feed.upTo(time, [this](AVPacket* p) { return write(p); });
            if (!fed) return fed;
        }
        return {};
    }

    /// libav puts packets in the order in which they are decoded. Matroska knows no such times, and
    /// readers take its first packet for the earliest: sound that begins before the first picture
    /// must lie before it, though pictures that wait for each other are decoded before either.
    Result<void> write(AVPacket* packet) {
        const bool asTheyCome = plan_.format == "matroska";
        const int code = asTheyCome ? av_write_frame(output_.get(), packet)
                                    : av_interleaved_write_frame(output_.get(), packet);
        return code < 0 ? Result<void>(cannotWrite(plan_, code)) : Result<void>{};
    }

    const RemuxPlan& plan_;
    const JobControl& job_;
    const VideoFacts& video_;
    std::int64_t zero_;  // time stamp of what is shown at 0
    av::Input input_;
    av::Output output_;
    const AVStream* from_ = nullptr;
    AVStream* to_ = nullptr;
    std::optional<PictureEncoder> coder_;
    std::optional<CopiedStreams> others_;
    std::vector<SoundTrackEncoder> tracks_;
    PacketList pictures_;
    std::deque<SoundFeed> feeds_;  // which stay where they are; gone before the tracks
};

}  // namespace

Seconds soundStartFor(const std::string& muxer, const SoundTrackSpec& sound) {
    if (muxer != "matroska" || sound.codec != "aac") return {0};
    constexpr int kPriming = 1024;
    const int perMillisecond = std::max(1, sound.rate.hertz / 1000);
    const int early = (perMillisecond - kPriming % perMillisecond) % perMillisecond;
    return -sound.rate.seconds(early);
}

std::string muxerFor(const std::string& path) {
    std::string e = std::filesystem::path(path).extension().string();
    std::transform(e.begin(), e.end(), e.begin(), [](unsigned char c) { return std::tolower(c); });
    if (e == ".mkv" || e == ".webm") return "matroska";
    if (e == ".mts" || e == ".m2ts" || e == ".ts") return "mpegts";
    if (e == ".mov" || e == ".qt") return "mov";
    return "mp4";
}

Result<Remuxed> remuxTake(const RemuxPlan& plan, const JobControl& job) {
    return Remuxer(plan, job).run();
}

}  // namespace brisk

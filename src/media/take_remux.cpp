// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: read the source's packets in order; before each picture packet goes out, write the
// sound up to its time, which is rendered beside it. Nothing is held but a few seconds of sound and
// the muxer's own small interleaving queue.
#include "media/take_remux.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <deque>
#include <filesystem>
#include <vector>

#include "media/av_handles.h"
#include "media/copied_streams.h"
#include "media/packets_of_cut.h"
#include "media/picture_coder.h"
#include "media/sound_track_encoder.h"

extern "C" {
#include <libavutil/timecode.h>
}

namespace brisk {
namespace {

tl::unexpected<Error> cannotWrite(const RemuxPlan& plan, int code) {
    return fail(ErrorCode::CannotWrite,
                "Cannot write " + plan.target + ": " + av::errorText(code) +
                    ". Nothing was left behind; the take itself is untouched.",
                plan.target, av::errorText(code));
}

/// What was said of the take; not what described its old container.
void copyMetadata(const AVFormatContext* from, AVFormatContext* to) {
    av_dict_copy(&to->metadata, from->metadata, 0);
    for (const char* key : {"major_brand", "minor_version", "compatible_brands", "encoder"}) {
        av_dict_set(&to->metadata, key, nullptr, 0);
    }
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

class SoundFeed {
  public:
    SoundFeed(SoundTrackEncoder& track, const RemuxTrack& from, Seconds length)
        : track_(track),
          ahead_(from.pull, from.spec.channels, from.spec.rate.samples(length - from.start)) {}

    /// Writes sound until `time` is covered, or all of it.
    Result<void> upTo(Seconds time) {
        while (!ended_ && track_.pushedUntil() <= time) {
            auto block = ahead_.next();
            if (!block) return tl::unexpected(block.error());
            ended_ = block->empty();
            if (ended_) break;
            if (auto pushed = track_.push(*block); !pushed) return pushed;
        }
        return {};
    }

  private:
    SoundTrackEncoder& track_;
    SoundAhead ahead_;
    bool ended_ = false;
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

Result<void> remuxTake(const RemuxPlan& plan, const JobControl& job) {
    auto opened = av::openInput(plan.source.path);
    if (!opened) return tl::unexpected(opened.error());
    AVFormatContext* input = opened->get();
    const VideoFacts& video = *plan.source.video;
    const AVStream* from = input->streams[video.stream];

    AVFormatContext* raw = nullptr;
    int code =
        avformat_alloc_output_context2(&raw, nullptr, plan.format.c_str(), plan.target.c_str());
    if (code < 0) return cannotWrite(plan, code);
    const av::Output output(raw);
    copyMetadata(input, raw);
    std::optional<PictureCoder> coder;
    if (plan.cut && plan.cut->way == PieceWay::CodedAnew) {
        auto made = PictureCoder::addTo(raw, from, *plan.cut, plan.source.path);
        if (!made) return tl::unexpected(made.error());
        coder.emplace(std::move(*made));
    }
    AVStream* to = coder ? coder->stream() : addCopiedStream(raw, from);
    if (plan.cut) moveTimecode(plan, raw, to);
    std::vector<SoundTrackEncoder> tracks;
    for (const RemuxTrack& t : plan.tracks) {
        auto track = SoundTrackEncoder::addTo(raw, t.spec, t.start);
        if (!track) return tl::unexpected(track.error());
        tracks.push_back(std::move(*track));
    }
    const std::int64_t zero = plan.cut ? plan.cut->startPts : video.firstPts;
    const CopiedStreams others(plan.source, input, raw, {ticksToSeconds(zero, video.timeBase)},
                               plan.soundLength);
    for (unsigned i = 0; i < input->nb_streams; ++i) {
        const int stream = static_cast<int>(i);
        if (stream != video.stream && !others.copies(stream)) {
            input->streams[i]->discard = AVDISCARD_ALL;
        }
    }
    code = avio_open(&raw->pb, plan.target.c_str(), AVIO_FLAG_WRITE);
    if (code < 0) return cannotWrite(plan, code);

    AVDictionary* options = nullptr;
    const bool quicktime = plan.format == "mov" || plan.format == "mp4";
    if (quicktime) {
        // The source's own clock, so that no picture time is rounded; all metadata, not only what
        // the classic atoms hold; and the timecode track also where the muxer would leave it out.
        av_dict_set_int(&options, "video_track_timescale", from->time_base.den, 0);
        av_dict_set(&options, "movflags", "+use_metadata_tags", 0);
        av_dict_set(&options, "write_tmcd", "auto", 0);
    }
    code = avformat_write_header(raw, &options);
    av_dict_free(&options);
    if (code < 0) return cannotWrite(plan, code);

    std::deque<SoundFeed> feeds;  // which stay where they are
    for (std::size_t i = 0; i < tracks.size(); ++i) {
        feeds.emplace_back(tracks[i], plan.tracks[i], plan.soundLength);
    }
    const auto feedUpTo = [&](Seconds time) -> Result<void> {
        for (SoundFeed& feed : feeds) {
            if (auto fed = feed.upTo(time); !fed) return fed;
        }
        return {};
    };
    std::int64_t left = plan.cut ? plan.cut->packets : -1;  // -1: all there are
    bool begun = !plan.cut;
    if (plan.cut) seekBeforeCut(input, video, *plan.cut);
    const auto write = [&](AVPacket* p) -> Result<void> {
        const int written = av_interleaved_write_frame(raw, p);
        return written < 0 ? Result<void>(cannotWrite(plan, written)) : Result<void>{};
    };
    auto packet = av::makePacket();
    while (left != 0) {
        if (job.stopRequested()) return cancelled();
        code = av_read_frame(input, packet.get());
        if (code == AVERROR_EOF) break;
        if (code < 0) {
            return fail(ErrorCode::CannotRead,
                        plan.source.path + " could not be read to its end (" + av::errorText(code) +
                            "). Is the card still in? No file was written.",
                        plan.source.path, av::errorText(code));
        }
        // The seek may land on an earlier key frame.
        begun = begun || isFirstOf(*plan.cut, video, packet.get());
        if (packet->stream_index != video.stream || !begun) {
            const bool wanted = others.copies(packet->stream_index) && others.place(packet.get());
            if (wanted) {
                if (auto written = write(packet.get()); !written) return written;
            }
            av_packet_unref(packet.get());
            continue;
        }
        if (left > 0) --left;
        const std::int64_t stamp = packet->dts != AV_NOPTS_VALUE ? packet->dts : packet->pts;
        const Seconds at{ticksToSeconds(stamp - zero, video.timeBase)};
        if (plan.soundLength > Seconds{0}) job.report(at / plan.soundLength);
        if (auto fed = feedUpTo(at + Seconds{0.1}); !fed) return fed;
        if (coder || (plan.cut && plan.cut->leavesOut(packet->pts))) {
            if (coder) {
                if (auto coded = coder->push(packet.get(), write); !coded) return coded;
            }
            av_packet_unref(packet.get());
            continue;
        }
        if (packet->pts != AV_NOPTS_VALUE) packet->pts -= zero;
        if (packet->dts != AV_NOPTS_VALUE) packet->dts -= zero;
        av_packet_rescale_ts(packet.get(), from->time_base, to->time_base);
        packet->stream_index = to->index;
        packet->pos = -1;
        if (auto written = write(packet.get()); !written) return written;
    }
    if (coder) {
        if (auto coded = coder->push(nullptr, write); !coded) return coded;
    }
    if (auto fed = feedUpTo(plan.soundLength); !fed) return fed;
    for (SoundTrackEncoder& track : tracks) {
        if (auto done = track.finish(); !done) return done;
    }
    code = av_write_trailer(raw);
    if (code < 0) return cannotWrite(plan, code);
    code = avio_closep(&raw->pb);
    if (code < 0) return cannotWrite(plan, code);
    return {};
}

}  // namespace brisk

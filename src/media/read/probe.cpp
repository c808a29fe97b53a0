// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: believe the decoder, not the header. The first picture a player shows and the first
// sample it plays come out of the decoder with edit lists, encoder delay and undecodable leading
// pictures already dealt with, so their time stamps are the ones that count.
#include "media/read/probe.h"

#include <cmath>
#include <cstdlib>
#include <map>

#include "media/read/av_handles.h"
#include "media/read/channel_names.h"
#include "media/read/codec_turns.h"
#include "media/read/heard_sound.h"
#include "media/read/media_limits.h"
#include "media/read/wav_header.h"
#include "store/read_problem.h"

namespace brisk {
namespace {

std::string tag(const AVDictionary* d, const char* key) {
    const AVDictionaryEntry* e = av_dict_get(d, key, nullptr, 0);
    return e ? e->value : "";
}

/// Finds the time stamp of the first frame each decoder presents, in one run over the packets.
class FirstFrames {
  public:
    FirstFrames(AVFormatContext* input, const std::string& path) : input_(input) {
        for (unsigned i = 0; i < input->nb_streams; ++i) {
            const auto type = input->streams[i]->codecpar->codec_type;
            if (type != AVMEDIA_TYPE_VIDEO && type != AVMEDIA_TYPE_AUDIO) continue;
            auto codec = av::openDecoder(input->streams[i], path);
            streams_.push_back(
                {static_cast<int>(i), codec ? std::move(*codec) : nullptr, AV_NOPTS_VALUE, !codec});
        }
    }

    void run() {
        auto packet = av::makePacket();
        for (int n = 0; n < limits::kMaxPacketsToFirst && !allFound(); ++n) {
            if (av_read_frame(input_, packet.get()) < 0) {
                for (auto& s : streams_) feed(s, nullptr);
                break;
            }
            for (auto& s : streams_) {
                if (s.index == packet->stream_index) feed(s, packet.get());
                // Where there is an index, the rest of it is leapt over.
                if (s.done) input_->streams[s.index]->discard = AVDISCARD_ALL;
            }
            av_packet_unref(packet.get());
        }
    }

    /// AV_NOPTS_VALUE where nothing could be decoded.
    [[nodiscard]] std::int64_t pts(int stream) const {
        const Stream* s = of(stream);
        return s ? s->pts : AV_NOPTS_VALUE;
    }
    /// As decoded: a header may know half of it only.
    [[nodiscard]] SampleRate rate(int stream) const { return {of(stream)->rate}; }
    [[nodiscard]] int channels(int stream) const { return of(stream)->channels; }

  private:
    struct Stream {
        int index;
        av::Codec codec;
        std::int64_t pts;
        bool done;
        int rate = 0, channels = 0;
    };

    [[nodiscard]] const Stream* of(int stream) const {
        for (const auto& s : streams_) {
            if (s.index == stream) return &s;
        }
        return nullptr;
    }

    [[nodiscard]] bool allFound() const {
        for (const auto& s : streams_) {
            if (!s.done) return false;
        }
        return true;
    }

    void feed(Stream& s, const AVPacket* packet) {
        if (s.done) return;
        auto frame = av::makeFrame();
        (void)av::decode(s.codec.get(), packet, frame.get(), [&s](const AVFrame* f) {
            const bool damaged = (f->flags & AV_FRAME_FLAG_CORRUPT) != 0;
            const std::int64_t pts = f->best_effort_timestamp;
            if (!damaged && pts != AV_NOPTS_VALUE) {
                s.pts = pts;
                s.rate = f->sample_rate;
                s.channels = f->ch_layout.nb_channels;
                s.done = true;
            }
            return !s.done;
        });
    }

    AVFormatContext* input_;
    std::vector<Stream> streams_;
};

int rotationOf(const AVStream* stream) {
    const auto* matrix = reinterpret_cast<const std::int32_t*>(
        av_stream_get_side_data(stream, AV_PKT_DATA_DISPLAYMATRIX, nullptr));
    if (!matrix) return 0;
    const double counterClockwise = av_display_rotation_get(matrix);
    if (std::isnan(counterClockwise)) return 0;
    const int turns = static_cast<int>(std::lround(-counterClockwise / 90.0));
    return ((turns % 4) + 4) % 4 * 90;
}

/// Compares the shortest and longest step between pictures where the container has an index.
bool hasUnevenPictures(AVStream* stream) {
    const int n = avformat_index_get_entries_count(stream);
    std::int64_t shortest = INT64_MAX;
    std::int64_t longest = 0;
    for (int i = 1; i < n; ++i) {
        const auto* a = avformat_index_get_entry(stream, i - 1);
        const auto* b = avformat_index_get_entry(stream, i);
        if (b->timestamp <= a->timestamp) continue;  // an edit list begins anew
        shortest = std::min(shortest, b->timestamp - a->timestamp);
        longest = std::max(longest, b->timestamp - a->timestamp);
    }
    // Coarse container clocks make even rates alternate by one tick.
    return n > 2 && longest > shortest + std::max<std::int64_t>(2, shortest / 50);
}

VideoFacts videoFacts(AVStream* s, std::int64_t firstPts) {
    VideoFacts v;
    v.stream = s->index;
    v.codec = avcodec_get_name(s->codecpar->codec_id);
    v.width = s->codecpar->width;
    v.height = s->codecpar->height;
    const AVRational average = s->avg_frame_rate.num > 0 ? s->avg_frame_rate : s->r_frame_rate;
    const double ratio = s->r_frame_rate.num > 0 && average.num > 0
                             ? av_q2d(average) / av_q2d(s->r_frame_rate)
                             : 1.0;
    v.variableRate = hasUnevenPictures(s);
    // The average is taken over a duration rounded to the container's clock; the base rate is the
    // exact one whenever the two agree.
    const bool agree = std::fabs(ratio - 1.0) < 5e-3;
    const AVRational rate = agree && s->r_frame_rate.num > 0 ? s->r_frame_rate : average;
    v.rate = av::toRational(rate).reduced();
    v.rotation = rotationOf(s);
    v.timeBase = av::toRational(s->time_base);
    v.firstPts = firstPts;
    v.firstPicture = {ticksToSeconds(firstPts, v.timeBase)};
    return v;
}

SoundFacts soundFacts(const AVStream* s, std::int64_t firstPts) {
    SoundFacts f;
    f.stream = s->index;
    f.codec = avcodec_get_name(s->codecpar->codec_id);
    f.rate = {s->codecpar->sample_rate};
    f.channels = s->codecpar->ch_layout.nb_channels;
    f.bitsPerSample = s->codecpar->bits_per_raw_sample > 0 ? s->codecpar->bits_per_raw_sample
                                                           : s->codecpar->bits_per_coded_sample;
    f.firstSample = {ticksToSeconds(firstPts, av::toRational(s->time_base))};
    f.language = tag(s->metadata, "language");
    if (f.language == "und") f.language.clear();
    f.title = tag(s->metadata, "title");
    f.byItself = (s->disposition & AV_DISPOSITION_DEFAULT) != 0;
    if (s->duration != AV_NOPTS_VALUE) {
        f.duration = {ticksToSeconds(s->duration, av::toRational(s->time_base))};
    }
    return f;
}

/// MOV and MP4 name a track by its handler. A name that several tracks share is only the writer's
/// word for a sound track.
void nameByHandlers(const AVFormatContext* input, std::vector<SoundFacts>& sounds) {
    std::map<std::string, int> uses;
    const auto handler = [&](const SoundFacts& s) {
        return tag(input->streams[s.stream]->metadata, "handler_name");
    };
    for (const SoundFacts& s : sounds) ++uses[handler(s)];
    for (SoundFacts& s : sounds) {
        if (s.title.empty() && sounds.size() > 1 && uses[handler(s)] == 1) s.title = handler(s);
    }
}

/// Nothing for pictures and sounds, and for tracks that a muxer makes anew: timecode and chapters.
std::optional<OtherStream> otherStream(const AVStream* s) {
    const AVCodecParameters* p = s->codecpar;
    const std::string codec = avcodec_get_name(p->codec_id);
    switch (p->codec_type) {
        case AVMEDIA_TYPE_SUBTITLE:
            return OtherStream{s->index, "subtitles", codec};
        case AVMEDIA_TYPE_ATTACHMENT:
            return OtherStream{s->index, "attachment", codec};
        case AVMEDIA_TYPE_DATA:
            if (p->codec_tag == MKTAG('t', 'm', 'c', 'd') ||
                p->codec_tag == MKTAG('t', 'e', 'x', 't')) {
                return std::nullopt;
            }
            return OtherStream{s->index, "data", codec};
        default:
            return std::nullopt;
    }
}

TimeStamps timeStamps(const AVFormatContext* input, SampleRate soundRate) {
    TimeStamps t;
    t.creationTime = tag(input->metadata, "creation_time");
    t.timecode = tag(input->metadata, "timecode");
    for (unsigned i = 0; i < input->nb_streams; ++i) {
        if (t.timecode.empty()) t.timecode = tag(input->streams[i]->metadata, "timecode");
        if (t.creationTime.empty()) {
            t.creationTime = tag(input->streams[i]->metadata, "creation_time");
        }
    }
    const std::string reference = tag(input->metadata, "time_reference");
    if (!reference.empty() && soundRate.hertz > 0) {
        const Seconds since = soundRate.seconds(std::strtoll(reference.c_str(), nullptr, 10));
        if (since >= Seconds{0} && since <= limits::kMaxTimeReference) t.bextReference = since;
    }
    return t;
}

/// A movie whose index comes first says what should follow; a copy that was cut short lacks it.
std::optional<Fact> cutShort(AVFormatContext* input) {
    const std::int64_t size = avio_size(input->pb);
    Seconds promised, present;
    for (unsigned i = 0; i < input->nb_streams && size > 0; ++i) {
        AVStream* s = input->streams[i];
        const int n = avformat_index_get_entries_count(s);
        if (n == 0 || !(s->duration > 0)) continue;
        for (int k = n - 1; k >= 0; --k) {
            const AVIndexEntry* e = avformat_index_get_entry(s, k);
            if (e->pos + e->size <= size) break;
            const Rational clock = av::toRational(s->time_base);
            promised = std::max(promised, Seconds{ticksToSeconds(s->duration, clock)});
            present = {ticksToSeconds(e->timestamp, clock)};
        }
    }
    if (promised <= Seconds{0}) return std::nullopt;
    return Fact{"file-cut-short", {{"promised", promised}, {"present", present}}};
}

}  // namespace

Result<MediaInfo> probe(const std::string& path, const JobControl& job) {
    auto opened = av::openInput(path, job, av::Trust::Index);
    if (!opened) return tl::unexpected(opened.error());
    AVFormatContext* input = opened->get();

    FirstFrames first(input, path);
    first.run();
    if (job.stopRequested()) return cancelled();

    MediaInfo info;
    info.path = path;
    info.container = input->iformat->name;
    Facts beyond;
    const int picture = av::movingPictureStream(input);
    if (picture >= 0 && first.pts(picture) != AV_NOPTS_VALUE) {
        info.video = videoFacts(input->streams[picture], first.pts(picture));
        info.kind = MediaKind::Take;
    }
    for (unsigned i = 0; i < input->nb_streams; ++i) {
        const AVStream* s = input->streams[i];
        const std::int64_t pts = first.pts(static_cast<int>(i));
        if (auto other = otherStream(s)) info.others.push_back(std::move(*other));
        if (s->codecpar->codec_type != AVMEDIA_TYPE_AUDIO || pts == AV_NOPTS_VALUE) continue;
        SoundFacts sound = soundFacts(s, pts);
        sound.rate = first.rate(s->index);
        sound.channels = first.channels(s->index);
        if (auto why = limits::beyond(sound.rate.hertz, sound.channels)) {
            beyond.push_back(std::move(*why));
        } else {
            info.sounds.push_back(std::move(sound));
        }
    }
    nameByHandlers(input, info.sounds);
    if (!info.video && info.sounds.empty()) {
        if (!beyond.empty())
            return failAt(ErrorCode::NotMedia, path, {"beyond-limits", {{"why", beyond}}});
        return tl::unexpected(explainOpenFailure(path, "no stream could be decoded"));
    }
    if (input->duration != AV_NOPTS_VALUE) {
        info.duration = {ticksToSeconds(input->duration, {1, AV_TIME_BASE})};
    }
    info.warnings = std::move(beyond);
    if (auto cut = cutShort(input)) info.warnings.push_back(std::move(*cut));
    info.stamps = timeStamps(input, info.sounds.empty() ? SampleRate{0} : info.sounds.front().rate);
    if (const auto wav = readWavHeader(path)) {
        for (SoundFacts& s : info.sounds) s.channelNames = channelNamesOf(path, s.channels);
        if (auto warning = wavWarning(*wav)) info.warnings.push_back(*warning);
    }
    if (auto tracks = tracksFact(info)) info.warnings.push_back(std::move(*tracks));
    return info;
}

std::uint64_t decoderVersion() {
    return std::uint64_t{avcodec_version()} << 32 | avformat_version();
}

Result<MediaInfo> probeWithSound(const std::string& path, const JobControl& job) {
    auto info = probe(path, job);
    if (info && info->sounds.empty()) {
        return failAt(ErrorCode::NoSound, path, {"picture-without-sound"});
    }
    return info;
}

}  // namespace brisk

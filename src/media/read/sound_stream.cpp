// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: time stamps say where sound lies, counting says it exactly. While packets follow each
// other the position is counted; when a time stamp departs from the count by more than clocks and
// rounding explain, the stamp is believed and the hole becomes silence.
//
// After a seek the first time stamp gives the position, which is exact where the container's clock
// is at least as fine as a sample. Where it is coarser, packets are looked up by time stamp in the
// index noted during the first reading; without one the file is read from its start instead.
#include "media/read/sound_stream.h"

#include <algorithm>
#include <cmath>

#include "media/read/av_handles.h"
#include "media/read/media_limits.h"

namespace brisk {

void PacketPlaces::add(std::int64_t pts, std::int64_t frame) {
    if (places_.empty() || frame >= places_.rbegin()->second + kSpacing) places_[pts] = frame;
}

std::int64_t PacketPlaces::find(std::int64_t pts) const {
    const auto it = places_.find(pts);
    return it == places_.end() ? -1 : it->second;
}

void PacketPlaces::save(ByteWriter& out) const {
    out.put(setAnew_);
    out.put(std::vector<Place>(places_.begin(), places_.end()));
}

bool PacketPlaces::load(ByteReader& in) {
    std::vector<Place> places;
    if (!in.get(setAnew_) || !in.get(places)) return false;
    for (const auto& p : places) places_.emplace_hint(places_.end(), p.pts, p.frame);
    return true;
}

namespace {

/// A hole is a lost packet or more; less is rounding and jitter. Nine tenths of a packet, for
/// containers round it, but no less than rounding itself and no more than a lost buffer of 10 ms.
constexpr double kOfAPacket = 0.9;
constexpr double kMinHoleSeconds = 0.003, kMaxHoleSeconds = 0.009;
constexpr std::int64_t kMaxHoleLength = 600;  // seconds; more is another clock, not a hole
constexpr std::int64_t kFurthest = std::int64_t{1} << 52;  // frames: 185 years at 768 kHz
constexpr double kPrerollSeconds = 0.6;  // lets codecs settle and an index entry pass by
constexpr std::int64_t kTickFrames = 4;
constexpr double kReopenSeconds = 1.5;  // nearer to the start, priming must be trimmed again
constexpr std::int64_t kUnknown = INT64_MIN;

bool isPcm(AVCodecID id) {
    return id >= AV_CODEC_ID_FIRST_AUDIO && id < AV_CODEC_ID_ADPCM_IMA_QT;
}

template <class T>
float scaled(T v);
template <>
float scaled(std::uint8_t v) {
    return (static_cast<float>(v) - 128.0f) / 128.0f;
}
template <>
float scaled(std::int16_t v) {
    return static_cast<float>(v) / 32768.0f;
}
template <>
float scaled(std::int32_t v) {
    return static_cast<float>(v) * (1.0f / 2147483648.0f);  // a power of two: exact
}
template <>
float scaled(std::int64_t v) {
    return static_cast<float>(static_cast<double>(v) * (1.0 / 9223372036854775808.0));
}
template <>
float scaled(float v) {
    return v;
}
template <>
float scaled(double v) {
    return static_cast<float>(v);
}

/// What is no number, or no sound, becomes silence: one of them would spoil every sum it enters.
std::int64_t silenceNonsense(std::vector<float>& samples) {
    // False for NaN. Nearly never: they are counted first, which takes many at a time.
    const auto sound = [](float v) { return std::fabs(v) <= limits::kMaxSample; };
    int found = 0;
    for (const float v : samples) found += sound(v) ? 0 : 1;
    if (found == 0) return 0;
    std::replace_if(
        samples.begin(), samples.end(), [&](float v) { return !sound(v); }, 0.0f);
    return found;
}

template <class T>
void interleave(const AVFrame* f, int channels, std::vector<float>& out) {
    const bool planar = av_sample_fmt_is_planar(static_cast<AVSampleFormat>(f->format)) != 0;
    const int have = std::min(channels, f->ch_layout.nb_channels);
    const auto count = static_cast<std::size_t>(f->nb_samples);
    const T* first = reinterpret_cast<const T*>(f->extended_data[0]);
    if (have == channels && f->ch_layout.nb_channels == channels && (channels == 1 || !planar)) {
        out.resize(count * static_cast<std::size_t>(channels));
        for (std::size_t n = 0; n < out.size(); ++n) out[n] = scaled<T>(first[n]);
        return;
    }
    if (have == 2 && channels == 2 && planar) {
        const T* second = reinterpret_cast<const T*>(f->extended_data[1]);
        out.resize(2 * count);
        for (std::size_t n = 0; n < count; ++n) {
            out[2 * n] = scaled<T>(first[n]);
            out[2 * n + 1] = scaled<T>(second[n]);
        }
        return;
    }
    out.assign(count * static_cast<std::size_t>(channels), 0.0f);
    for (int c = 0; c < have; ++c) {
        const T* in = reinterpret_cast<const T*>(f->extended_data[planar ? c : 0]);
        const int step = planar ? 1 : f->ch_layout.nb_channels;
        const int start = planar ? 0 : c;
        for (int n = 0; n < f->nb_samples; ++n) {
            out[static_cast<std::size_t>(n) * channels + c] = scaled<T>(in[start + n * step]);
        }
    }
}

bool holdsFloats(const AVFrame* f) {
    const auto packed = av_get_packed_sample_fmt(static_cast<AVSampleFormat>(f->format));
    return packed == AV_SAMPLE_FMT_FLT || packed == AV_SAMPLE_FMT_DBL;
}

void toFloat(const AVFrame* f, int channels, std::vector<float>& out) {
    switch (av_get_packed_sample_fmt(static_cast<AVSampleFormat>(f->format))) {
        case AV_SAMPLE_FMT_U8:
            return interleave<std::uint8_t>(f, channels, out);
        case AV_SAMPLE_FMT_S16:
            return interleave<std::int16_t>(f, channels, out);
        case AV_SAMPLE_FMT_S32:
            return interleave<std::int32_t>(f, channels, out);
        case AV_SAMPLE_FMT_S64:
            return interleave<std::int64_t>(f, channels, out);
        case AV_SAMPLE_FMT_FLT:
            return interleave<float>(f, channels, out);
        case AV_SAMPLE_FMT_DBL:
            return interleave<double>(f, channels, out);
        default:
            out.assign(static_cast<std::size_t>(f->nb_samples) * channels, 0.0f);
    }
}

}  // namespace

struct SoundStream::State {
    std::string path;
    int stream = -1;
    av::Input input;
    av::Codec codec;
    av::Packet packet = av::makePacket();
    av::Frame frame = av::makeFrame();
    SampleRate rate;
    int channels = 0;
    Rational timeBase;
    std::int64_t firstPts = kUnknown;

    std::int64_t next = 0;     // position of the next frame handed out
    std::int64_t silence = 0;  // frames of silence due before `held`
    std::vector<float> held;   // decoded, interleaved
    std::size_t heldAt = 0;    // frames of it already handed out
    std::int64_t rebase = 0;   // added to stamps after a clock was set back
    std::int64_t counted = 0;  // position after the last decoded frame
    bool mustLocate = false;   // after a seek, the position is not yet known
    bool draining = false;
    bool ended = false;
    bool fromStart = true;
    bool roughly = false;  // positions may be off by the container's clock

    int videoStream = -1;
    std::vector<PictureStamp> pictures;
    std::shared_ptr<PacketPlaces> noted = std::make_shared<PacketPlaces>();
    std::shared_ptr<const PacketPlaces> index;
    JobControl job;
    StreamTroubles troubles;
    int fed = 0;  // packets, before the first frame

    Result<void> openFile() {
        auto in = av::openSound(path, stream, job);
        if (!in) return tl::unexpected(in.error());
        input = std::move(*in);
        const AVStream* s = input->streams[stream];
        auto c = av::openDecoder(s, path);
        if (!c) return tl::unexpected(c.error());
        codec = std::move(*c);
        timeBase = av::toRational(s->time_base);
        if (firstPts == kUnknown) {
            rate = {s->codecpar->sample_rate};
            channels = s->codecpar->ch_layout.nb_channels;
        }
        troubles = {};
        fed = 0;
        if (videoStream >= 0) input->streams[videoStream]->discard = AVDISCARD_DEFAULT;
        next = counted = silence = rebase = 0;
        held.clear();
        heldAt = 0;
        draining = ended = mustLocate = false;
        fromStart = true;
        return {};
    }

    /// Decodes until there is something to hand out, or the end.
    Result<void> decodeMore() {
        while (!ended) {
            const int code = avcodec_receive_frame(codec.get(), frame.get());
            if (code >= 0) {
                const bool usable = place();
                av_frame_unref(frame.get());
                if (usable) return {};
                continue;
            }
            if (code == AVERROR_EOF || draining) {
                ended = true;
                return {};
            }
            if (auto fed = feed(); !fed) return fed;
        }
        return {};
    }

    Result<void> feed() {
        for (;;) {
            const int code = av_read_frame(input.get(), packet.get());
            if (code == AVERROR_EOF) {
                avcodec_send_packet(codec.get(), nullptr);
                draining = true;
                return {};
            }
            if (code < 0) return tl::unexpected(av::readFailure(path, code));
            const bool ours = packet->stream_index == stream;
            if (packet->stream_index == videoStream && packet->pts != AV_NOPTS_VALUE &&
                (packet->flags & AV_PKT_FLAG_DISCARD) == 0) {
                pictures.push_back({packet->pts, (packet->flags & AV_PKT_FLAG_KEY) != 0});
            }
            if (ours && avcodec_send_packet(codec.get(), packet.get()) < 0) ++troubles.damaged;
            av_packet_unref(packet.get());
            if (ours && firstPts == kUnknown && ++fed > limits::kMaxPacketsToFirst) ended = true;
            if (ours) return {};
        }
    }

    /// Whether the frame goes on as the stream began. The first one says how; a stream that changes
    /// later ends there: at another rate all that follows would be at the wrong speed.
    bool sameFormat() {
        const int frameRate = frame->sample_rate, frameChannels = frame->ch_layout.nb_channels;
        if (firstPts == kUnknown) {
            rate = {frameRate};
            channels = frameChannels;
            ended = limits::beyond(frameRate, frameChannels).has_value();
        } else if (frameRate != rate.hertz || frameChannels != channels) {
            troubles.changesAt = counted;
            ended = true;
        }
        return !ended;
    }

    /// Silence that stamps claim is believed as far as there is sound beside it.
    [[nodiscard]] bool believable(std::int64_t hole) const {
        const std::int64_t sound = counted - troubles.filled;
        return troubles.filled + hole <= rate.samples(limits::kMaxFreeSilence) + sound;
    }

    /// Sound goes on, whatever the stamps say: it neither happens again nor pauses for hours. From
    /// here on stamps alone do not say where a packet lies.
    void setClock(std::int64_t stamped) {
        rebase = std::clamp(rebase + counted - stamped, -kFurthest, kFurthest);
        noted->setAnew();
    }

    /// Where the frame lies, of one that follows others.
    [[nodiscard]] std::int64_t follow(std::int64_t pts) {
        const std::int64_t stamped = stampedPosition(pts) + rebase;
        if (stamped < counted - rate.hertz / 2 || stamped > counted + kMaxHoleLength * rate.hertz) {
            setClock(stamped);
            return counted;
        }
        const double hole = std::clamp(kOfAPacket * frame->nb_samples, kMinHoleSeconds * rate.hertz,
                                       kMaxHoleSeconds * rate.hertz);
        if (static_cast<double>(std::llabs(stamped - counted)) <= hole) return counted;
        if (stamped > counted && !believable(stamped - counted)) {
            troubles.claimed += stamped - counted;
            setClock(stamped);
            return counted;
        }
        return stamped;
    }

    /// Puts the decoded frame onto the time line. False when nothing of it is to be handed out.
    bool place() {
        if (!sameFormat()) return false;
        const std::int64_t pts = frame->best_effort_timestamp;
        if (pts != AV_NOPTS_VALUE && firstPts == kUnknown) firstPts = pts;
        std::int64_t at = counted;
        if (mustLocate) {
            at = locate(pts);
            if (at == kUnknown) return false;
            mustLocate = false;
        } else if (pts != AV_NOPTS_VALUE) {
            at = follow(pts);
            if (fromStart) noted->add(pts, at);
        }
        toFloat(frame.get(), channels, held);
        if (holdsFloats(frame.get())) troubles.nonsense += silenceNonsense(held);
        heldAt = 0;
        counted = at + frame->nb_samples;
        if (at > next) {
            silence = at - next;
            troubles.filled += silence;
        } else if (at < next) {
            heldAt = static_cast<std::size_t>(std::min<std::int64_t>(next - at, frame->nb_samples));
        }
        return silence > 0 || heldFrames() > heldAt;
    }

    [[nodiscard]] std::int64_t stampedPosition(std::int64_t pts) const {
        const Wide whole = (static_cast<Wide>(pts) - firstPts) * timeBase.num * rate.hertz;
        const Wide half = timeBase.den / 2;
        const Wide at = (whole >= 0 ? whole + half : whole - half) / timeBase.den;
        return static_cast<std::int64_t>(std::clamp<Wide>(at, -kFurthest, kFurthest));
    }

    [[nodiscard]] std::int64_t locate(std::int64_t pts) const {
        if (pts == AV_NOPTS_VALUE) return kUnknown;
        if (fineClock() || roughly) return stampedPosition(pts);
        const std::int64_t at = index ? index->find(pts) : -1;
        return at < 0 ? kUnknown : at;
    }

    /// Whether the container's clock resolves samples.
    [[nodiscard]] bool fineClock() const { return timeBase.value() * rate.hertz < 2.1; }

    /// Whether a packet's stamp, or the index, says where it lies.
    [[nodiscard]] bool canLand() const {
        if (noted->wasSetAnew() || (index && index->wasSetAnew())) return false;
        return fineClock() || (index && !index->empty());
    }

    [[nodiscard]] std::size_t heldFrames() const {
        return held.size() / static_cast<std::size_t>(channels);
    }

    /// Discards sound up to `frame`, which lies ahead.
    Result<void> skipTo(std::int64_t frameWanted) {
        while (next < frameWanted) {
            if (silence == 0 && heldFrames() <= heldAt) {
                if (ended) return {};
                if (auto more = decodeMore(); !more) return more;
                continue;
            }
            const std::int64_t quiet = std::min(silence, frameWanted - next);
            silence -= quiet;
            next += quiet;
            const auto loud = std::min<std::int64_t>(
                static_cast<std::int64_t>(heldFrames() - heldAt), frameWanted - next);
            if (silence == 0) {
                heldAt += static_cast<std::size_t>(loud);
                next += loud;
            }
        }
        return {};
    }

    Result<void> restart() {
        const auto keep = firstPts;
        if (auto opened = openFile(); !opened) return opened;
        firstPts = keep;
        return {};
    }

    /// Seeks early enough to settle, then finds out where it landed.
    Result<bool> landBefore(std::int64_t frameWanted) {
        // Samples that are not coded have nothing to settle; one tick of a fine clock is enough.
        const bool atOnce = isPcm(codec->codec_id) && fineClock();
        const auto early =
            atOnce ? kTickFrames : static_cast<std::int64_t>(kPrerollSeconds * rate.hertz);
        const std::int64_t target =
            firstPts + av_rescale(frameWanted - early, timeBase.den,
                                  static_cast<std::int64_t>(timeBase.num) * rate.hertz);
        if (av_seek_frame(input.get(), stream, target, AVSEEK_FLAG_BACKWARD) < 0) return false;
        avcodec_flush_buffers(codec.get());
        held.clear();
        heldAt = 0;
        silence = 0;
        draining = ended = fromStart = false;
        mustLocate = true;
        next = INT64_MIN / 2;  // so that place() fills no hole before the first frame
        while (mustLocate && !ended) {
            const int code = avcodec_receive_frame(codec.get(), frame.get());
            if (code >= 0) {
                const std::int64_t at = locate(frame->best_effort_timestamp);
                if (at != kUnknown) next = at;
                place();
                av_frame_unref(frame.get());
                continue;
            }
            if (code == AVERROR_EOF || draining) break;
            if (auto fed = feed(); !fed) return tl::unexpected(fed.error());
        }
        return !mustLocate && next <= frameWanted;
    }
};

SoundStream::SoundStream(std::unique_ptr<State> state) : state_(std::move(state)) {}
SoundStream::SoundStream(SoundStream&&) noexcept = default;
SoundStream& SoundStream::operator=(SoundStream&&) noexcept = default;
SoundStream::~SoundStream() = default;

Result<SoundStream> SoundStream::open(const std::string& path, int stream,
                                      std::shared_ptr<const PacketPlaces> index,
                                      const JobControl& job) {
    auto state = std::make_unique<State>();
    state->job = job;
    state->path = path;
    state->stream = stream;
    state->index = std::move(index);
    if (auto opened = state->openFile(); !opened) return tl::unexpected(opened.error());
    // Decode the first frame now, so that firstSample() is a fact and not a promise.
    if (auto first = state->decodeMore(); !first) return tl::unexpected(first.error());
    if (state->firstPts == kUnknown) {
        const auto why = limits::beyond(state->rate.hertz, state->channels);
        if (why) return failAt(ErrorCode::NoSound, path, {"beyond-limits", {{"why", *why}}});
        return failAt(ErrorCode::NoSound, path, {"track-without-sound"});
    }
    return SoundStream(std::move(state));
}

SampleRate SoundStream::rate() const {
    return state_->rate;
}
int SoundStream::channels() const {
    return state_->channels;
}
Seconds SoundStream::firstSample() const {
    return {ticksToSeconds(state_->firstPts, state_->timeBase)};
}
Seconds SoundStream::clockTick() const {
    return {state_->timeBase.value()};
}
std::int64_t SoundStream::position() const {
    return state_->next;
}
const StreamTroubles& SoundStream::troubles() const {
    return state_->troubles;
}
std::shared_ptr<const PacketPlaces> SoundStream::places() const {
    return state_->noted;
}
std::vector<PictureStamp> SoundStream::takePictureTimes() {
    return std::move(state_->pictures);
}

void SoundStream::collectPictureTimes(int videoStream) {
    // Opening has read past the first pictures already; begin again so that none is missed.
    state_->videoStream = videoStream;
    state_->pictures.clear();
    (void)state_->restart();
}

Result<std::size_t> SoundStream::read(std::span<float> out) {
    State& s = *state_;
    const auto channels = static_cast<std::size_t>(s.channels);
    const std::size_t wanted = out.size() / channels;
    std::size_t done = 0;
    if (s.next < 0) {  // before the first sample
        const auto quiet = std::min<std::int64_t>(-s.next, static_cast<std::int64_t>(wanted));
        std::fill_n(out.begin(), static_cast<std::size_t>(quiet) * channels, 0.0f);
        s.next += quiet;
        done = static_cast<std::size_t>(quiet);
    }
    while (done < wanted) {
        if (s.silence > 0) {
            const auto n =
                std::min<std::int64_t>(s.silence, static_cast<std::int64_t>(wanted - done));
            std::fill_n(out.begin() + static_cast<std::ptrdiff_t>(done * channels),
                        static_cast<std::size_t>(n) * channels, 0.0f);
            s.silence -= n;
            s.next += n;
            done += static_cast<std::size_t>(n);
        } else if (s.heldFrames() > s.heldAt) {
            const std::size_t n = std::min(s.heldFrames() - s.heldAt, wanted - done);
            std::copy_n(s.held.begin() + static_cast<std::ptrdiff_t>(s.heldAt * channels),
                        n * channels, out.begin() + static_cast<std::ptrdiff_t>(done * channels));
            s.heldAt += n;
            s.next += static_cast<std::int64_t>(n);
            done += n;
        } else if (s.ended) {
            break;
        } else if (auto more = s.decodeMore(); !more) {
            return tl::unexpected(more.error());
        }
    }
    return done;
}

Result<void> SoundStream::seek(std::int64_t frame) {
    State& s = *state_;
    if (frame == s.next) return {};
    const auto oneSecond = static_cast<std::int64_t>(s.rate.hertz);
    if (frame > s.next && frame - s.next < 2 * oneSecond && s.next >= 0) return s.skipTo(frame);
    if (static_cast<double>(frame) > kReopenSeconds * s.rate.hertz && s.canLand()) {
        auto landed = s.landBefore(frame);
        if (!landed) return tl::unexpected(landed.error());
        if (*landed) return s.skipTo(frame);
    }
    if (frame < s.next || !s.fromStart) {
        if (auto again = s.restart(); !again) return again;
    }
    if (frame < 0) {
        s.next = frame;
        return {};
    }
    return s.skipTo(frame);
}

Result<void> SoundStream::seekNear(std::int64_t frame) {
    state_->roughly = true;
    auto landed = state_->landBefore(frame);
    if (!landed) return tl::unexpected(landed.error());
    return *landed ? state_->skipTo(frame) : Result<void>{};
}

}  // namespace brisk

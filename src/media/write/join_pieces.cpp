// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: the packets of each piece, moved to where the one before it ended; before each picture
// the sound up to its time. How long a piece is, its pictures say; its sound is made to fit to a
// sample.
#include "media/write/join_pieces.h"

#include <algorithm>
#include <cmath>

#include "media/check/picture_digester.h"
#include "media/read/av_handles.h"
#include "media/read/probe.h"
#include "media/read/sound_reader.h"
#include "media/write/copied_streams.h"
#include "media/write/sound_track_encoder.h"

namespace brisk {
namespace {

constexpr std::size_t kBlock = 16384;  // frames of sound
constexpr Seconds kAhead{0.1};         // by which sound is written before its picture

/// One piece that is open.
struct Piece {
    MediaInfo info;
    av::Input input;
    const AVStream* picture = nullptr;
    std::vector<SoundReader> sounds;
};

bool sameCoding(const AVCodecParameters* a, const AVCodecParameters* b) {
    return a->codec_id == b->codec_id && a->width == b->width && a->height == b->height &&
           a->extradata_size == b->extradata_size &&
           std::equal(a->extradata, a->extradata + a->extradata_size, b->extradata);
}

class Joiner {
  public:
    Joiner(const JoinPlan& plan, const JobControl& job) : plan_(plan), job_(job) {}

    Result<Joined> run() {
        for (std::size_t i = 0; i < plan_.pieces.size(); ++i) {
            const auto n = static_cast<double>(i), all = static_cast<double>(plan_.pieces.size());
            auto piece = open(plan_.pieces[i]);
            if (!piece) return tl::unexpected(piece.error());
            if (i == 0) {
                if (auto begun = begin(*piece); !begun) return tl::unexpected(begun.error());
            }
            if (auto added = add(*piece); !added) return tl::unexpected(added.error());
            job_.report((n + 1) / all);
        }
        if (auto ended = end(); !ended) return tl::unexpected(ended.error());
        for (SoundTrackEncoder& t : tracks_) made_.sounds.push_back({t.takeDigest(), t.clipped()});
        made_.length = secondsOf(shown_);
        return std::move(made_);
    }

  private:
    tl::unexpected<Error> cannotWrite(int code) const {
        return failAt(ErrorCode::CannotWrite, plan_.target, {"cannot-write-take"},
                      av::errorText(code));
    }
    Result<Piece> open(const std::string& path) const {
        Piece p;
        auto info = probeWithSound(path, job_);
        if (!info) return tl::unexpected(info.error());
        p.info = std::move(*info);
        auto input = av::openInput(path, job_);
        if (!input) return tl::unexpected(input.error());
        p.input = std::move(*input);
        if (!p.info.video || p.info.sounds.size() != plan_.sounds.size()) {
            return failAt(ErrorCode::CannotWrite, path, {"pieces-not-alike"});
        }
        p.picture = p.input->streams[p.info.video->stream];
        for (const SoundFacts& s : p.info.sounds) {
            auto reader = SoundReader::open(path, s.stream, nullptr, job_);
            if (!reader) return tl::unexpected(reader.error());
            p.sounds.push_back(std::move(*reader));
            p.input->streams[s.stream]->discard = AVDISCARD_ALL;
        }
        return p;
    }

    /// The file, made after the first piece.
    Result<void> begin(const Piece& first) {
        AVFormatContext* raw = nullptr;
        int code = avformat_alloc_output_context2(&raw, nullptr, plan_.format.c_str(),
                                                  plan_.target.c_str());
        if (code < 0) return cannotWrite(code);
        output_.reset(raw);
        copyMetadata(first.input.get(), raw);
        to_ = addCopiedStream(raw, first.picture);
        base_ = first.info.video->timeBase;
        for (const SoundTrackSpec& s : plan_.sounds) {
            auto track = SoundTrackEncoder::addTo(raw, s, soundStartFor(plan_.format, s));
            if (!track) return tl::unexpected(track.error());
            tracks_.push_back(std::move(*track));
        }
        code = avio_open(&raw->pb, av::fileUrl(plan_.target).c_str(), AVIO_FLAG_WRITE);
        if (code < 0) return cannotWrite(code);
        AVDictionary* options = nullptr;
        if (plan_.format == "mov" || plan_.format == "mp4") {
            av_dict_set_int(&options, "video_track_timescale", base_.den, 0);
            av_dict_set(&options, "movflags", "+use_metadata_tags", 0);
            av_dict_set(&options, "write_tmcd", "auto", 0);
        }
        code = avformat_write_header(raw, &options);
        av_dict_free(&options);
        if (code < 0) return cannotWrite(code);
        made_.pictures.timeBase = base_;
        digester_.emplace(to_->codecpar);
        // Where the container's clock wants a sound to begin a little early, it begins in silence.
        for (std::size_t i = 0; i < tracks_.size(); ++i) {
            const SoundTrackSpec& s = plan_.sounds[i];
            const std::int64_t early = -s.rate.samples(soundStartFor(plan_.format, s));
            if (early <= 0) continue;
            block_.assign(static_cast<std::size_t>(early) * static_cast<std::size_t>(s.channels),
                          0.0f);
            const auto into = [this](AVPacket* k) { return write(k); };
            if (auto pushed = tracks_[i].push(block_, into); !pushed) return pushed;
        }
        return {};
    }

    /// All packets of one piece, the sound that belongs to them before each.
    Result<void> add(Piece& p) {
        if (!sameCoding(to_->codecpar, p.picture->codecpar) || !(p.info.video->timeBase == base_)) {
            return failAt(ErrorCode::CannotWrite, p.info.path, {"pieces-not-alike"});
        }
        const std::int64_t zero = p.info.video->firstPts;
        std::int64_t length = 0;
        av::Packet packet = av::makePacket();
        for (;;) {
            if (job_.stopRequested()) return cancelled();
            const int code = av_read_frame(p.input.get(), packet.get());
            if (code == AVERROR_EOF) break;
            if (code < 0) return tl::unexpected(av::readFailure(p.info.path, code));
            AVPacket* k = packet.get();
            if (k->stream_index == p.info.video->stream) {
                if (k->pts < zero) {
                    return failAt(ErrorCode::CannotWrite, p.info.path, {"pieces-not-alike"});
                }
                length = std::max(length, k->pts - zero + k->duration);
                if (auto wrote = picture(p, k, zero); !wrote) return wrote;
            }
            av_packet_unref(k);
        }
        shown_ += length;
        return soundUpTo(p, secondsOf(shown_), true);
    }

    Result<void> picture(Piece& p, AVPacket* k, std::int64_t zero) {
        const std::int64_t by = shown_ - zero;
        if (auto fed = soundUpTo(p, secondsOf(k->pts + by) + kAhead, false); !fed) return fed;
        PacketDigest digest = digester_->of(*k, zero);
        if (digest.pts) *digest.pts += shown_;
        made_.pictures.packets.push_back(digest);
        k->pts += by;
        // Decoded after all before it, whatever was guessed of that where a piece began.
        const std::int64_t dts = k->dts == AV_NOPTS_VALUE ? k->pts : k->dts + by;
        k->dts = lastDts_ ? std::min(std::max(dts, *lastDts_ + 1), k->pts) : dts;
        lastDts_ = k->dts;
        av_packet_rescale_ts(k, av::toAv(base_), to_->time_base);
        k->stream_index = to_->index;
        k->pos = -1;
        return write(k);
    }

    /// Sounds of a piece up to a moment of the joined file; `all`: to its end, where samples that
    /// rounding made too many or too few are left out or silent.
    Result<void> soundUpTo(Piece& p, Seconds until, bool all) {
        const auto into = [this](AVPacket* k) { return write(k); };
        for (std::size_t i = 0; i < tracks_.size(); ++i) {
            SoundReader& reader = p.sounds[i];
            const auto channels = static_cast<std::size_t>(reader.channels());
            for (;;) {
                const std::int64_t missing =
                    reader.rate().samples(until - tracks_[i].pushedUntil());
                if (missing <= 0) break;
                const auto frames =
                    std::min<std::size_t>(kBlock, static_cast<std::size_t>(missing));
                block_.assign(frames * channels, 0.0f);
                auto got = reader.read(block_);
                if (!got) return tl::unexpected(got.error());
                if (*got == 0 && !all) break;
                const std::size_t some = *got == 0 ? frames : *got;
                const auto part = std::span<const float>(block_).first(some * channels);
                if (auto pushed = tracks_[i].push(part, into); !pushed) return pushed;
            }
        }
        return {};
    }

    Result<void> end() {
        const auto into = [this](AVPacket* k) { return write(k); };
        for (SoundTrackEncoder& t : tracks_) {
            if (auto done = t.finish(into); !done) return done;
        }
        int code = av_write_trailer(output_.get());
        if (code < 0) return cannotWrite(code);
        code = avio_closep(&output_->pb);
        if (code < 0) return cannotWrite(code);
        return {};
    }

    Result<void> write(AVPacket* packet) {
        const bool asTheyCome = plan_.format == "matroska";  // as in remuxTake
        const int code = asTheyCome ? av_write_frame(output_.get(), packet)
                                    : av_interleaved_write_frame(output_.get(), packet);
        return code < 0 ? Result<void>(cannotWrite(code)) : Result<void>{};
    }
    [[nodiscard]] Seconds secondsOf(std::int64_t ticks) const {
        return {ticksToSeconds(ticks, base_)};
    }

    const JoinPlan& plan_;
    const JobControl& job_;
    av::Output output_;
    AVStream* to_ = nullptr;
    Rational base_;
    std::optional<PictureDigester> digester_;
    std::vector<SoundTrackEncoder> tracks_;
    std::vector<float> block_;
    std::int64_t shown_ = 0;  // of all pieces so far
    std::optional<std::int64_t> lastDts_;
    Joined made_;
};

}  // namespace

Result<Joined> joinPieces(const JoinPlan& plan, const JobControl& job) {
    return Joiner(plan, job).run();
}

}  // namespace brisk

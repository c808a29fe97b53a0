// SPDX-License-Identifier: GPL-3.0-or-later
// Pitch is kept by the packaged Rubber Band library.
#include "render/transport.h"
#include "core/decibels.h"

#include <rubberband/RubberBandStretcher.h>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace brisk {
namespace {

constexpr std::int64_t kMinLoopLength = 2400;  // frames
constexpr std::size_t kJoint = 240;            // frames of fade on each side of a jump
constexpr std::size_t kGrain = 3840;           // frames of one piece when shuttling or scrubbing
constexpr std::size_t kGrainFade = 480;

bool keepsPitch(double speed) {
    return speed == 0.5 || speed == 2;
}

/// Fades the ends of interleaved stereo.
void fadeEnds(std::span<float> stereo, std::size_t fade) {
    const std::size_t frames = stereo.size() / 2;
    for (std::size_t n = 0; n < std::min(fade, frames / 2); ++n) {
        const auto g =
            static_cast<float>(0.5 - 0.5 * std::cos(std::numbers::pi * static_cast<double>(n) /
                                                    static_cast<double>(fade)));
        for (std::size_t ear = 0; ear < 2; ++ear) {
            stereo[2 * n + ear] *= g;
            stereo[2 * (frames - 1 - n) + ear] *= g;
        }
    }
}

struct Frames {
    std::int64_t start = 0, end = 0;
};

std::optional<Frames> loopFrames(const Travel& t) {
    if (!t.loop) return std::nullopt;
    const Frames f{Transport::kRate.samples(t.loop->start), Transport::kRate.samples(t.loop->end)};
    return f.end - f.start >= kMinLoopLength ? std::optional(f) : std::nullopt;
}

/// Where it does not go on from one frame to the next.
struct Jump {
    std::int64_t at = 0, to = 0;  // it never plays `at`
};

/// The next jump of a way that has come to `frame`; `at` is `frame` where it is to jump at once.
std::optional<Jump> nextJump(const Travel& t, std::int64_t frame) {
    std::optional<Jump> out;
    const auto loop = loopFrames(t);
    // Where it plays beyond the loop a person is looking elsewhere: it goes on.
    if (loop && frame < loop->end) out = Jump{loop->end, loop->start};
    for (std::size_t i = 0; i < t.kept.size(); ++i) {
        const std::int64_t start = Transport::kRate.samples(t.kept[i].start);
        const std::int64_t end = Transport::kRate.samples(t.kept[i].end);
        std::optional<Jump> skip;
        if (frame < start) {
            skip = Jump{frame, start};
        } else if (frame < end && i + 1 < t.kept.size()) {
            skip = Jump{end, Transport::kRate.samples(t.kept[i + 1].start)};
        }
        if (frame < end) {
            if (skip && skip->at < skip->to && (!out || skip->at < out->at)) out = skip;
            break;
        }
    }
    return out;
}

}  // namespace

struct Transport::Stretcher {
    double speed;
    RubberBand::RubberBandStretcher band;
    std::size_t late = 0;  // output frames still to be dropped
    bool begun = false;
    std::int64_t given = 0;  // output frames since `from`
    std::int64_t from = 0;   // take frame of the first
    std::int64_t passed = 0;
    std::vector<float> left, right;

    explicit Stretcher(double s)
        : speed(s),
          band(48000, 2, RubberBand::RubberBandStretcher::OptionProcessRealTime, 1 / s, 1.0) {}

    /// The take frame of what it gives next.
    std::int64_t position(const Travel& travel) {
        std::int64_t at = from + std::llround(static_cast<double>(given) * speed);
        // `passed` is where it was after the last jump.
        for (auto jump = nextJump(travel, passed); jump && at >= jump->at;
             jump = nextJump(travel, passed)) {
            from += jump->to - jump->at;
            at += jump->to - jump->at;
            passed = jump->to;
        }
        return at;
    }
    void push(std::span<const float> stereo) {
        const std::size_t frames = stereo.size() / 2;
        left.resize(frames);
        right.resize(frames);
        for (std::size_t n = 0; n < frames; ++n) {
            left[n] = stereo[2 * n];
            right[n] = stereo[2 * n + 1];
        }
        const float* in[2] = {left.data(), right.data()};
        band.process(in, frames, false);
    }
    /// Lets it begin where it is told to: it answers late by a known delay.
    void begin(std::int64_t frame) {
        begun = true;
        from = passed = frame;
        const std::size_t pad = band.getPreferredStartPad();
        if (pad > 0) push(std::vector<float>(2 * pad, 0.0f));
        late = band.getStartDelay();
    }
    void pull(std::vector<float>& stereo) {
        const int ready = band.available();
        if (ready <= 0) return;
        const auto frames = static_cast<std::size_t>(ready);
        left.resize(frames);
        right.resize(frames);
        float* out[2] = {left.data(), right.data()};
        const std::size_t got = band.retrieve(out, frames);
        for (std::size_t n = 0; n < got; ++n) {
            if (late > 0) {
                --late;
                continue;
            }
            stereo.push_back(left[n]);
            stereo.push_back(right[n]);
        }
    }
};

Transport::Transport(ListeningMix mix) : mix_(std::move(mix)) {}
Transport::Transport(Transport&&) noexcept = default;
Transport& Transport::operator=(Transport&&) noexcept = default;
Transport::~Transport() = default;

Result<void> Transport::seek(std::int64_t frame) {
    frame_ = frame;
    stretcher_.reset();
    return mix_.seek(frame);
}

Result<Transport::Block> Transport::read(Hearing hearing, const Travel& travel,
                                         std::size_t frames) {
    if (stretcher_ && stretcher_->speed != travel.speed) {
        // It had read further on than it has played.
        if (auto sought = seek(stretcher_->position(travel)); !sought) {
            return tl::unexpected(sought.error());
        }
    }
    if (keepsPitch(travel.speed)) return stretched(hearing, travel, frames);
    if (travel.speed == 1) return plain(hearing, travel, frames);
    return shuttled(hearing, travel.speed);
}

Result<void> Transport::readOn(Hearing hearing, const Travel& travel, std::span<float> stereo) {
    while (!stereo.empty()) {
        auto frames = static_cast<std::int64_t>(stereo.size() / 2);
        const auto jump = nextJump(travel, frame_);
        if (jump) frames = std::min(frames, jump->at - frame_);
        const auto part = stereo.first(static_cast<std::size_t>(2 * frames));
        if (frames > 0) {
            if (auto done = mix_.read(part, hearing); !done) return done;
        }
        frame_ += frames;
        stereo = stereo.subspan(part.size());
        if (!jump || frame_ < jump->at) continue;
        const std::size_t fade = std::min(kJoint, part.size() / 4);
        for (std::size_t n = 0; n < fade; ++n) {
            const float g = static_cast<float>(n) / static_cast<float>(fade);
            part[part.size() - 2 * n - 2] *= g;
            part[part.size() - 2 * n - 1] *= g;
        }
        if (auto jumped = jumpTo(jump->to); !jumped) return jumped;
    }
    return {};
}

Result<void> Transport::jumpTo(std::int64_t frame) {
    frame_ = frame;
    if (auto sought = mix_.seek(frame_); !sought) return sought;
    mix_.fadeIn(kJoint);
    return {};
}

Result<Transport::Block> Transport::plain(Hearing hearing, const Travel& travel,
                                          std::size_t frames) {
    // A block never crosses a joint, so that each lies in one place.
    auto jump = nextJump(travel, frame_);
    if (jump && jump->at == frame_) {
        if (auto jumped = jumpTo(jump->to); !jumped) return tl::unexpected(jumped.error());
        jump = nextJump(travel, frame_);
    }
    if (jump) frames = std::min(frames, static_cast<std::size_t>(jump->at - frame_));
    Block b{std::vector<float>(2 * frames), kRate.seconds(frame_), 1};
    if (auto done = readOn(hearing, travel, b.stereo); !done) return tl::unexpected(done.error());
    return b;
}

Result<Transport::Block> Transport::stretched(Hearing hearing, const Travel& travel,
                                              std::size_t frames) {
    if (!stretcher_) stretcher_ = std::make_unique<Stretcher>(travel.speed);
    Stretcher& s = *stretcher_;
    if (!s.begun) s.begin(frame_);
    Block b{{}, {}, travel.speed};
    std::vector<float> in;
    while (b.stereo.size() < 2 * frames) {
        in.resize(2 * std::max<std::size_t>(1, s.band.getSamplesRequired()));
        if (auto done = readOn(hearing, travel, in); !done) return tl::unexpected(done.error());
        s.push(in);
        s.pull(b.stereo);
    }
    b.at = kRate.seconds(s.position(travel));
    s.given += static_cast<std::int64_t>(b.stereo.size() / 2);
    return b;
}

Result<std::vector<float>> Transport::grain(std::int64_t frame, Hearing hearing) {
    std::vector<float> piece(2 * kGrain);
    if (auto sought = mix_.seek(frame); !sought) return tl::unexpected(sought.error());
    if (auto done = mix_.read(piece, hearing); !done) return tl::unexpected(done.error());
    fadeEnds(piece, kGrainFade);
    return piece;
}

Result<Transport> openTransport(const std::shared_ptr<const SoundScan>& take,
                                const std::optional<TakeSoundPlan>& plan) {
    auto camera = PlacedSound::open(*take, scratchLine(*take), Transport::kRate);
    if (!camera) return tl::unexpected(camera.error());
    if (!plan) return Transport(ListeningMix(std::move(*camera), std::nullopt, 1));
    auto clean = TakeSound::open(*plan, Transport::kRate);
    if (!clean) return tl::unexpected(clean.error());
    // As loud as the clean sound is made.
    const auto made = static_cast<float>(ratioOfDb(plan->level.gainDb));
    const float gain = made * loudnessGain(*take, *plan->clean.front().recording);
    return Transport(ListeningMix(std::move(*camera), std::move(*clean), gain));
}

Result<Transport::Block> Transport::shuttled(Hearing hearing, double speed) {
    auto piece = grain(frame_, hearing);
    if (!piece) return tl::unexpected(piece.error());
    Block b{std::move(*piece), kRate.seconds(frame_), speed};
    frame_ = std::max<std::int64_t>(0, frame_ + std::llround(speed * static_cast<double>(kGrain)));
    return b;
}

}  // namespace brisk

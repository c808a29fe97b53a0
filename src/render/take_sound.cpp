// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: everything is a gain that depends on take time alone - where the clean sound covers the
// take, where a clap is, where a kept stretch begins - so that any block can be rendered by itself
// and is the same whoever asks for it. Only the limiter looks around, and no farther than its
// reach.
#include "render/take_sound.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/decibels.h"
#include "dsp/peak_limiter.h"
#include "render/routing.h"

namespace brisk {
namespace {

constexpr Seconds kCrossfade{0.05};  // between clean sound and camera, at an end of the former
constexpr Seconds kQuietFade{0.02};  // into and out of a stretch that a person chose
constexpr Seconds kClapFade{0.004};
constexpr Seconds kTouching{0.001};  // pieces nearer than that leave no gap

double factor(double db) {
    return db <= -120 ? 0 : ratioOfDb(db);
}

/// From 0 to 1 over `over`, `into` a fade: the amplitude of equal power, whose square and that of
/// its counterpart add up to one.
double equalPower(Seconds into, Seconds over) {
    if (into >= over) return 1;
    return into <= Seconds{0} ? 0 : std::sin(std::numbers::pi / 2 * (into / over));
}

/// The same for a sound that goes to silence: without a corner at either end.
double softly(Seconds into, Seconds over) {
    const double v = equalPower(into, over);
    return v * v;
}

/// The take time that pieces cover, as stretches with gaps between them.
std::vector<TimeRange> coverage(const CleanPieces& pieces) {
    std::vector<TimeRange> out;
    for (const CleanPiece& p : pieces) {
        const TimeRange r = p.range();
        if (!out.empty() && r.start - out.back().end < kTouching) {
            out.back().end = std::max(out.back().end, r.end);
        } else {
            out.push_back(r);
        }
    }
    return out;
}

}  // namespace

Seconds shortestPiece(const SoundScan& take) {
    constexpr double kNearlyOne = 0.99;  // edges lie on samples, which begin beside pictures
    const auto& video = take.info.video;
    if (!video || video->rate.num <= 0) return {0.01};
    return Seconds{kNearlyOne * video->rate.den / static_cast<double>(video->rate.num)};
}

TimeRange TakeSoundPlan::wholeTake() const {
    return take->wholeTake();
}

std::vector<TimeRange> TakeSoundPlan::stretches() const {
    return kept.empty() ? std::vector<TimeRange>{wholeTake()} : kept;
}

Seconds TakeSoundPlan::length() const {
    Seconds sum;
    for (const TimeRange& r : stretches()) sum = sum + r.length();
    return sum;
}

TakeSoundPlan besideAlone(const TakeSoundPlan& plan, std::size_t beside) {
    TakeSoundPlan alone{plan.take, plan.beside[beside]};
    alone.choice.followClock = plan.choice.followClock;
    alone.choice.clapsDb = plan.choice.clapsDb;
    alone.choice.softEdgeMs = plan.choice.softEdgeMs;
    alone.kept = plan.kept;
    alone.claps = plan.claps;
    alone.quiet = plan.quiet;
    return alone;
}

double quietGain(const TakeSoundPlan& plan, Seconds t, QuietSide side) {
    double g = 1;
    const auto lower = [&](const TimeRange& r, double db, Seconds fade) {
        if (t < r.start || t >= r.end) return;
        fade = std::min(fade, r.length() / 2);
        const double away = std::min(softly(t - r.start, fade), softly(r.end - t, fade));
        g *= 1 + (factor(db) - 1) * away;
    };
    for (const TimeRange& c : plan.claps) lower(c, plan.choice.clapsDb, kClapFade);
    for (const QuietStretch& q : plan.quiet) {
        if (side == QuietSide::Camera ? q.camera() : q.clean()) lower(q.range, q.db, kQuietFade);
    }
    return g;
}

CleanPieces withoutDrift(CleanPieces pieces) {
    for (CleanPiece& p : pieces) {
        const Seconds begins = std::max(Seconds{0}, p.range().start);
        p.line = {p.line.toRecording(begins) - begins, {0}};
    }
    return pieces;
}

float loudnessGain(const SoundScan& take, const SoundScan& recording) {
    const double db = recording.level.integratedLufs - take.level.integratedLufs;
    return static_cast<float>(ratioOfDb(std::clamp(db, -30.0, 30.0)));
}

struct TakeSound::State {
    TakeSoundPlan plan;
    SampleRate rate;
    CleanSound clean;
    std::optional<PlacedSound> camera;
    double cameraGain = 1;  // as loud as the clean sound
    std::vector<TimeRange> covered;
    std::vector<TimeRange> stretches;
    int channels = 1;
    std::int64_t frame = 0;     // that is read next
    std::int64_t sourceAt = 0;  // that both sources give next
    bool placed = false;
    std::vector<float> cleanBlock, cameraBlock;
    std::vector<TimeRange> busy;
    std::vector<float> ahead;  // rendered, before the limiter: from frame - kLimiterReach on

    State(TakeSoundPlan p, SampleRate r, CleanSound c)
        : plan(std::move(p)), rate(r), clean(std::move(c)) {}

    [[nodiscard]] bool fills() const { return plan.choice.uncovered == Uncovered::Camera; }

    /// How much of the clean sound is heard, 0 to 1.
    [[nodiscard]] double cleanShare(Seconds t) const {
        const Seconds over = fills() ? kCrossfade : milliseconds(plan.choice.softEdgeMs);
        double share = 0;
        for (const TimeRange& r : covered) {
            if (t < r.start || t >= r.end) continue;
            const Seconds fade = std::min(over, r.length() / 2);
            const auto edge = [&](Seconds into) {
                return fills() ? equalPower(into, fade) : softly(into, fade);
            };
            // An end outside the take is no edge.
            double here = 1;
            if (r.start > stretches.front().start) here = std::min(here, edge(t - r.start));
            if (r.end < stretches.back().end) here = std::min(here, edge(r.end - t));
            share = std::max(share, here);
        }
        return share;
    }

    /// How much of the camera's sound is mixed in, of its full loudness.
    [[nodiscard]] double cameraShare(double cleanHere) const {
        double share = 0;
        if (plan.choice.camera == CameraSound::Blended) share = factor(plan.choice.blendDb);
        if (fills()) share = std::max(share, std::sqrt(std::max(0.0, 1 - cleanHere * cleanHere)));
        return share;
    }

    /// What is left at the edges of what is kept.
    [[nodiscard]] double shape(Seconds t) const {
        double g = 0;
        const Seconds edge = milliseconds(plan.choice.softEdgeMs);
        for (const TimeRange& r : stretches) {
            if (t < r.start || t >= r.end) continue;
            const Seconds fade = std::min(edge, r.length() / 2);
            g = std::min(softly(t - r.start, fade), softly(r.end - t, fade));
        }
        return g;
    }

    /// Where gains change: around every edge, and where claps are quiet.
    void findBusy() {
        const Seconds most = std::max(kCrossfade, milliseconds(plan.choice.softEdgeMs));
        for (const auto* list : {&covered, &stretches}) {
            for (const TimeRange& r : *list) {
                busy.push_back({r.start - most, r.start + most});
                busy.push_back({r.end - most, r.end + most});
            }
        }
        busy.insert(busy.end(), plan.claps.begin(), plan.claps.end());
        for (const QuietStretch& q : plan.quiet) busy.push_back(q.range);
    }
    /// True where all gains stay as they are.
    [[nodiscard]] bool evenOver(TimeRange block) const {
        return std::none_of(busy.begin(), busy.end(), [&](const TimeRange& b) {
            return b.start < block.end && block.start < b.end;
        });
    }

    /// Renders `out` from frame `at` on, before the limiter.
    Result<void> render(std::int64_t at, std::span<float> out) {
        const auto ch = static_cast<std::size_t>(channels);
        const std::size_t frames = out.size() / ch;
        if (!placed || sourceAt != at) {
            if (auto s = clean.seek(at); !s) return s;
            if (camera) {
                if (auto s = camera->seek(at); !s) return s;
            }
            placed = true;
        }
        const auto cleanCh = static_cast<std::size_t>(clean.channels());
        cleanBlock.resize(frames * cleanCh);
        if (auto read = clean.read(cleanBlock); !read) return read;
        const std::size_t cameraCh = camera ? static_cast<std::size_t>(camera->channels()) : 0;
        if (camera) {
            cameraBlock.resize(frames * cameraCh);
            if (auto read = camera->read(cameraBlock); !read) return read;
        }
        sourceAt = at + static_cast<std::int64_t>(frames);
        const double gain = factor(plan.level.gainDb);
        const bool even = evenOver({rate.seconds(at), rate.seconds(sourceAt)});
        if (even && !camera && cleanCh == ch) {
            const Seconds t = rate.seconds(at);
            const auto all = static_cast<float>(gain * shape(t) * cleanShare(t));
            for (std::size_t i = 0; i < out.size(); ++i) out[i] = all * cleanBlock[i];
            return {};
        }
        float a = 0, b = 0;
        for (std::size_t n = 0; n < frames; ++n) {
            if (!even || n == 0) {
                const Seconds t = rate.seconds(at + static_cast<std::int64_t>(n));
                const double all = gain * shape(t);
                const double share = cleanShare(t);
                a = static_cast<float>(all * share * quietGain(plan, t, QuietSide::Clean));
                b = camera ? static_cast<float>(all * cameraGain * cameraShare(share) *
                                                quietGain(plan, t, QuietSide::Camera))
                           : 0.0f;
            }
            for (std::size_t c = 0; c < ch; ++c) {
                float v = a * cleanBlock[n * cleanCh + (cleanCh == 1 ? 0 : c)];
                if (b != 0) {
                    const float* from = &cameraBlock[n * cameraCh];
                    v += b * (cameraCh == ch  ? from[c]
                              : cameraCh == 1 ? from[0]
                                              : 0.5f * (from[0] + from[1]));
                }
                out[n * ch + c] = v;
            }
        }
        return {};
    }
};

TakeSound::TakeSound(std::unique_ptr<State> state) : state_(std::move(state)) {}
TakeSound::TakeSound(TakeSound&&) noexcept = default;
TakeSound& TakeSound::operator=(TakeSound&&) noexcept = default;
TakeSound::~TakeSound() = default;

Result<TakeSound> TakeSound::open(const TakeSoundPlan& plan, SampleRate rate) {
    CleanPieces pieces = plan.choice.followClock ? plan.clean : withoutDrift(plan.clean);
    for (CleanPiece& p : pieces) {
        if (plan.choice.turned) p.polarity = -p.polarity;
    }
    auto clean = CleanSound::open(pieces, rate, plan.choice.heard());
    if (!clean) return tl::unexpected(clean.error());
    auto state = std::make_unique<State>(plan, rate, std::move(*clean));
    state->channels = state->clean.channels();
    state->covered = coverage(pieces);
    state->stretches = plan.stretches();
    state->findBusy();
    if (state->fills() || plan.choice.camera == CameraSound::Blended) {
        auto camera = PlacedSound::open(*plan.take, scratchLine(*plan.take), rate);
        if (!camera) return tl::unexpected(camera.error());
        state->camera.emplace(std::move(*camera));
        state->cameraGain = loudnessGain(*plan.take, *pieces.front().recording);
    }
    return TakeSound(std::move(state));
}

int TakeSound::channels() const {
    return state_->channels;
}

Result<void> TakeSound::seek(std::int64_t frame) {
    state_->frame = frame;
    state_->ahead.clear();
    return {};
}

Result<void> TakeSound::read(std::span<float> out) {
    State& s = *state_;
    const auto ch = static_cast<std::size_t>(s.channels);
    const auto frames = out.size() / ch;
    if (!s.plan.level.limit) {
        if (auto done = s.render(s.frame, out); !done) return done;
        s.frame += static_cast<std::int64_t>(frames);
        return {};
    }
    // The limiter wants to see what comes, and what was.
    const std::size_t had = s.ahead.size() / ch;
    const std::size_t wanted = frames + 2 * kLimiterReach;
    if (had < wanted) {
        s.ahead.resize(wanted * ch);
        const auto from =
            s.frame - static_cast<std::int64_t>(kLimiterReach) + static_cast<std::int64_t>(had);
        if (auto done = s.render(from, std::span(s.ahead).subspan(had * ch)); !done) return done;
    }
    limitPeaks(std::span(s.ahead).first(wanted * ch), s.channels,
               ratioOfDb(s.plan.level.ceilingDbtp), out);
    s.ahead.erase(s.ahead.begin(), s.ahead.begin() + static_cast<std::ptrdiff_t>(frames * ch));
    s.frame += static_cast<std::int64_t>(frames);
    return {};
}

}  // namespace brisk

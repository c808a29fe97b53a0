// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: every piece is laid onto take time on its own and the pieces are added. At a file's end
// nothing is faded, so that a recorder's next file goes on from it as if it had never been cut;
// only where a recording itself is cut, because it jumps, one line is faded into the other.
#include "render/clean_sound.h"

#include <algorithm>
#include <cmath>

namespace brisk {
namespace {
constexpr Seconds kRinging{0.1};  // beyond a file's end: the resampler's own length, and more
}  // namespace

TimeRange CleanPiece::range() const {
    TimeRange r{line.toTake({0}), line.toTake(recording->length())};
    if (from) r.start = std::max(r.start, *from);
    if (until) r.end = std::min(r.end, *until);
    return r;
}

std::vector<TimeRange> uncovered(const CleanPieces& pieces, TimeRange stretch) {
    std::vector<TimeRange> covered;
    for (const CleanPiece& p : pieces) covered.push_back(p.range());
    std::sort(covered.begin(), covered.end(),
              [](const TimeRange& a, const TimeRange& b) { return a.start < b.start; });
    std::vector<TimeRange> out;
    constexpr Seconds kNothing{0.0005};
    Seconds at = stretch.start;
    for (const TimeRange& r : covered) {
        const Seconds end = std::min(r.start, stretch.end);
        if (end - at > kNothing) out.push_back({at, end});
        at = std::max(at, r.end);
    }
    if (stretch.end - at > kNothing) out.push_back({at, stretch.end});
    return out;
}

std::vector<TimeRange> clippedIn(const CleanPieces& pieces, TimeRange stretch) {
    std::vector<TimeRange> out;
    for (const CleanPiece& p : pieces) {
        const TimeRange heard = p.range().intersect(stretch);
        for (const TimeRange& r : p.recording->level.clipped) {
            const TimeRange here =
                TimeRange{p.line.toTake(r.start), p.line.toTake(r.end)}.intersect(heard);
            if (!here.empty()) out.push_back(here);
        }
    }
    return out;
}

int cleanChannels(const CleanPieces& pieces, const HeardChannels& heard) {
    int most = 1;
    for (const CleanPiece& p : pieces) most = std::max(most, placedChannels(*p.recording, heard));
    return most;
}

struct CleanSound::State {
    struct Part {
        CleanPiece piece;
        PlacedSound sound;
        std::int64_t at = -1;  // output frame that it reads next; where it was never asked: none
        bool placed = false;
    };
    std::vector<Part> parts;
    SampleRate rate;
    int channels = 1;
    std::int64_t frame = 0;
    std::vector<float> block;

    /// How much of the piece is heard at an output frame: 1 between its cuts.
    [[nodiscard]] float share(const CleanPiece& p, std::int64_t n) const {
        const Seconds t = rate.seconds(n);
        double g = 1;
        if (p.from) g = std::min(g, (t - *p.from) / kCutFade);
        if (p.until) g = std::min(g, (*p.until - t) / kCutFade);
        return static_cast<float>(std::clamp(g, 0.0, 1.0));
    }
    [[nodiscard]] bool sounds(const CleanPiece& p, std::int64_t from, std::int64_t to) const {
        TimeRange r = p.range();
        if (!p.from) r.start = r.start - kRinging;
        if (!p.until) r.end = r.end + kRinging;
        return rate.seconds(to) > r.start && rate.seconds(from) < r.end;
    }

    /// One recording from end to end, as most takes have: nothing is to be added.
    [[nodiscard]] bool isOneWhole() const {
        return parts.size() == 1 && !parts[0].piece.from && !parts[0].piece.until &&
               parts[0].sound.channels() == channels;
    }

    Result<void> goTo(Part& part) {
        if (part.placed && part.at == frame) return {};
        part.placed = true;
        return part.sound.seek(frame);
    }

    Result<void> add(Part& part, std::span<float> out) {
        const auto mine = static_cast<std::size_t>(part.sound.channels());
        const auto all = static_cast<std::size_t>(channels);
        const std::size_t frames = out.size() / all;
        if (auto sought = goTo(part); !sought) return sought;
        block.resize(frames * mine);
        if (auto read = part.sound.read(block); !read) return read;
        part.at = frame + static_cast<std::int64_t>(frames);
        const bool whole = !part.piece.from && !part.piece.until;
        for (std::size_t n = 0; n < frames; ++n) {
            const float g = whole ? 1 : share(part.piece, frame + static_cast<std::int64_t>(n));
            for (std::size_t c = 0; c < all; ++c) {
                out[n * all + c] += g * block[n * mine + (mine == 1 ? 0 : c)];
            }
        }
        return {};
    }
};

CleanSound::CleanSound(std::unique_ptr<State> state) : state_(std::move(state)) {}
CleanSound::CleanSound(CleanSound&&) noexcept = default;
CleanSound& CleanSound::operator=(CleanSound&&) noexcept = default;
CleanSound::~CleanSound() = default;

Result<CleanSound> CleanSound::open(const CleanPieces& pieces, SampleRate outputRate,
                                    const HeardChannels& heard) {
    auto state = std::make_unique<State>();
    state->rate = outputRate;
    state->channels = cleanChannels(pieces, heard);
    for (const CleanPiece& p : pieces) {
        auto sound = PlacedSound::open(*p.recording, p.line, outputRate, p.polarity, heard);
        if (!sound) return tl::unexpected(sound.error());
        state->parts.push_back({p, std::move(*sound)});
    }
    return CleanSound(std::move(state));
}

int CleanSound::channels() const {
    return state_->channels;
}

Result<void> CleanSound::seek(std::int64_t n) {
    state_->frame = n;
    return {};
}

Result<void> CleanSound::read(std::span<float> out) {
    State& s = *state_;
    if (s.isOneWhole()) {
        State::Part& part = s.parts.front();
        if (auto sought = s.goTo(part); !sought) return sought;
        if (auto read = part.sound.read(out); !read) return read;
        s.frame += static_cast<std::int64_t>(out.size()) / s.channels;
        part.at = s.frame;
        return {};
    }
    std::fill(out.begin(), out.end(), 0.0f);
    const auto frames = static_cast<std::int64_t>(out.size()) / s.channels;
    for (State::Part& part : s.parts) {
        if (!s.sounds(part.piece, s.frame, s.frame + frames)) continue;
        if (auto added = s.add(part, out); !added) return added;
    }
    s.frame += frames;
    return {};
}

}  // namespace brisk

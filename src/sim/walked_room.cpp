// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/walked_room.h"

#include <algorithm>
#include <cmath>

namespace brisk::sim {
namespace {

constexpr double kRate = 48000;
constexpr std::int64_t kSpan = 256;  // samples over which a way is straight
constexpr double kNearest = 0.5;     // metres: nearer, a room's response is not meant

double clamped(double metres) {
    return std::max(kNearest, metres);
}

}  // namespace

WalkedRoom::WalkedRoom(const RoomSpec& room, Course metres, std::uint64_t seed)
    : room_(room), metres_(std::move(metres)) {
    const auto [nearest, farthest] = extremes(metres_);
    longest_ = (farthest + 1) / kMetresPerSecond;
    if (room.rt60 <= 0) return;
    for (double d = std::floor(nearest); d <= std::ceil(farthest); d += 1) {
        tails_.push_back({d, Convolver(diffuseTail(room, clamped(d), seed))});
        for (const Arrival& a : earlyEchoes(room, clamped(d))) {
            longest_ = std::max(longest_, a.seconds);
        }
    }
}

double WalkedRoom::awayAt(std::int64_t sample) const {
    return clamped(valueAt(metres_, static_cast<double>(sample) / kRate));
}

void WalkedRoom::process(std::span<const float> in, std::vector<float>& out) {
    // The sound is read so far back that what is read has its surroundings already.
    world_.push(in);
    const std::size_t begun = out.size();
    std::vector<double> away(in.size());
    for (std::size_t n = 0; n < in.size(); ++n) {
        const std::int64_t now = at_ + static_cast<std::int64_t>(n);
        away[n] = awayAt(now);
        out.push_back(static_cast<float>(1 / away[n]) *
                      world_.at(static_cast<double>(now) - away[n] / kMetresPerSecond * kRate));
    }
    if (room_.rt60 > 0) {
        const auto heard = std::span<float>(out).subspan(begun);
        addEchoes(heard);
        addTails(in, away, heard);
    }
    at_ += static_cast<std::int64_t>(in.size());
    world_.forgetBefore(static_cast<double>(at_) - longest_ * kRate - kSpan);
}

void WalkedRoom::addEchoes(std::span<float> out) {
    for (std::size_t n = 0; n < out.size();) {
        const std::int64_t now = at_ + static_cast<std::int64_t>(n);
        if (const std::int64_t span = now / kSpan; span != echoes_.span) {
            echoes_.from = span == echoes_.span + 1 ? std::move(echoes_.to)
                                                    : earlyEchoes(room_, awayAt(span * kSpan));
            echoes_.to = earlyEchoes(room_, awayAt((span + 1) * kSpan));
            echoes_.span = span;
        }
        const std::int64_t gone = now % kSpan;
        const auto some =
            out.subspan(n).first(std::min(out.size() - n, static_cast<std::size_t>(kSpan - gone)));
        for (std::size_t e = 0; e < echoes_.from.size(); ++e) {
            const Arrival &a = echoes_.from[e], &b = echoes_.to[e];
            const double later = (b.seconds - a.seconds) / kSpan,
                         louder = (b.gain - a.gain) / kSpan;
            const auto past = static_cast<double>(gone);
            world_.addRoughly(
                {static_cast<double>(now) - (a.seconds + past * later) * kRate, 1 - later * kRate,
                 static_cast<float>(a.gain + past * louder), static_cast<float>(louder)},
                some);
        }
        n += some.size();
    }
}

void WalkedRoom::addTails(std::span<const float> in, std::span<const double> away,
                          std::span<float> out) {
    std::vector<float> heard;
    for (Tail& t : tails_) {
        heard.clear();
        t.convolver.process(in, heard);
        for (std::size_t n = 0; n < in.size(); ++n) {
            const double share = 1 - std::fabs(away[n] - t.metres);
            if (share > 0) out[n] += static_cast<float>(share) * heard[n];
        }
    }
}

}  // namespace brisk::sim

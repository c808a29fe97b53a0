// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/walked_room.h"

#include <algorithm>
#include <cmath>

namespace brisk::sim {
namespace {

constexpr double kRate = 48000;
constexpr double kNearest = 0.5;  // metres: nearer, a room's response is not meant

double clamped(double metres) {
    return std::max(kNearest, metres);
}

}  // namespace

WalkedRoom::WalkedRoom(const RoomSpec& room, Course metres, std::uint64_t seed)
    : metres_(std::move(metres)) {
    if (room.rt60 <= 0) return;
    const auto [nearest, farthest] = extremes(metres_);
    for (double d = std::floor(nearest); d <= std::ceil(farthest); d += 1) {
        auto echo = roomResponse(room, clamped(d), seed);
        const auto direct = static_cast<std::size_t>(clamped(d) / kMetresPerSecond * kRate);
        std::fill(echo.begin(),
                  echo.begin() + static_cast<std::ptrdiff_t>(std::min(echo.size(), direct + 18)),
                  0.0f);
        echoes_.push_back({d, Convolver(std::move(echo))});
    }
}

void WalkedRoom::process(std::span<const float> in, std::vector<float>& out) {
    // The sound is read so far back that what is read has its surroundings already.
    direct_.push(in);
    const std::size_t begun = out.size();
    std::vector<double> away(in.size());
    for (std::size_t n = 0; n < in.size(); ++n) {
        const double now = static_cast<double>(at_ + static_cast<std::int64_t>(n));
        away[n] = valueAt(metres_, now / kRate);
        const float gain = 1 / static_cast<float>(std::max(0.1, away[n]));
        out.push_back(gain * direct_.at(now - clamped(away[n]) / kMetresPerSecond * kRate));
    }
    std::vector<float> heard;
    for (Echo& e : echoes_) {
        heard.clear();
        e.echo.process(in, heard);
        for (std::size_t n = 0; n < in.size(); ++n) {
            const double share = 1 - std::fabs(away[n] - e.metres);
            if (share > 0) out[begun + n] += static_cast<float>(share) * heard[n];
        }
    }
    at_ += static_cast<std::int64_t>(in.size());
    direct_.forgetBefore(static_cast<double>(at_) -
                         (extremes(metres_).second + 1) / kMetresPerSecond * kRate);
}

}  // namespace brisk::sim

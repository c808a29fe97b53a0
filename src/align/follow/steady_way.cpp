// SPDX-License-Identifier: GPL-3.0-or-later
// Probes at slopes that lie so far apart that a probe's own search meets its neighbours'. Why not
// the wider search in every probe: over a window of a second and a half an unknown thousandth is
// 1.4 ms, and high tones cancel along a line that is not theirs.
#include "align/follow/steady_way.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "align/measure/window_curves.h"
#include "align/nominate/pulled_rate.h"

namespace brisk {
namespace {

constexpr std::array kSlopes{-1000.0, -500.0, 500.0, 1000.0};  // ppm
constexpr Seconds kShortest{10};     // 5 ms at these slopes: ten times what windows agree within
constexpr Seconds kLongest{200};     // 34 m at the least of them
constexpr double kMostAgree = 0.8;   // share of the windows
constexpr double kClosely = 0.25;    // ms
constexpr double kClockKeeps = 250;  // ppm; beyond it a search for clocks may have ended

bool leavesNothing(const FineMatch& m) {
    return m.agreeing() >= kMostAgree * static_cast<double>(m.windows.size()) &&
           m.spreadMs < kClosely && std::fabs(beyondExpected(m.line.drift).value) < kClockKeeps;
}

}  // namespace

Result<std::optional<FineMatch>> findSteadyWay(WindowReader& reader, const FineMatch& match,
                                               const JobControl& job) {
    const TimeRange overlap = match.overlap;
    if (overlap.length() < kShortest || overlap.length() > kLongest || leavesNothing(match)) {
        return std::nullopt;
    }
    const TimeRange whole{{0}, reader.take().length()};
    const Seconds middle = (overlap.start + overlap.end) / 2;
    std::optional<PlaceProbe> best;
    for (const double slope : kSlopes) {
        const ClockLine line =
            ClockLine{{0}, {slope}}.through(middle, match.line.toRecording(middle));
        auto probe = probePlace(reader, {line, match.coarse, match.segments, false}, whole, job);
        if (!probe) {
            if (tooLittleToCompare(probe.error())) continue;
            return tl::unexpected(probe.error());
        }
        if (!best || probe->strength > best->strength) best = *probe;
    }
    if (!best) return std::nullopt;
    auto found = measurePlace(reader, *best, whole, job);
    if (found) return std::move(*found);
    if (tooLittleToCompare(found.error())) return std::nullopt;
    return tl::unexpected(found.error());
}

}  // namespace brisk

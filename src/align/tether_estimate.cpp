// SPDX-License-Identifier: GPL-3.0-or-later
// A clock that bends and a recorder that loses samples both need several lines. Why they are told
// apart: of the first nothing is heard, of the second there may be a click to listen for.
#include "align/tether_estimate.h"

#include <algorithm>
#include <cmath>

namespace brisk {

bool TetherEstimate::jumps() const {
    for (std::size_t i = 1; i < segments.size(); ++i) {
        const TetherSegment& before = segments[i - 1];
        const TetherSegment& after = segments[i];
        const Seconds at = before.range.end;
        const double apart = (after.line.toRecording(at) - before.line.toRecording(at)).value;
        if (std::fabs(apart) > kMeeting.value) return true;
    }
    return false;
}

namespace {

/// The measured points before and after a moment; one and the same beyond either end.
std::pair<PathDelay, PathDelay> around(const std::vector<PathDelay>& path, Seconds takeTime) {
    const auto after =
        std::upper_bound(path.begin(), path.end(), takeTime,
                         [](Seconds t, const PathDelay& p) { return t < p.takeTime; });
    if (after == path.begin()) return {path.front(), path.front()};
    if (after == path.end()) return {path.back(), path.back()};
    return {*(after - 1), *after};
}

}  // namespace

Seconds pathAt(const std::vector<PathDelay>& path, Seconds takeTime) {
    if (path.empty()) return {0};
    const auto [a, b] = around(path, takeTime);
    if (b.takeTime <= a.takeTime) return a.later;
    const double part = (takeTime - a.takeTime).value / (b.takeTime - a.takeTime).value;
    return a.later + (b.later - a.later) * part;
}

Seconds pathNear(const std::vector<PathDelay>& path, Seconds takeTime, Seconds slip) {
    if (path.empty()) return {0};
    const auto [a, b] = around(path, takeTime);
    return std::clamp(slip, std::min(a.later, b.later), std::max(a.later, b.later));
}

std::vector<LeftSlip> leftByOneLine(const TetherEstimate& e) {
    std::vector<LeftSlip> out;
    if (e.oneLineHolds()) return out;
    const TetherSegment& first = e.segments.front();
    const TetherSegment& last = e.segments.back();
    const Seconds from = first.range.start, to = last.range.end;
    const Seconds begins = first.line.toRecording(from);
    const bool jumps = e.jumps();
    const double slope = jumps ? first.line.drift.factor()
                               : (last.line.toRecording(to) - begins).value / (to - from).value;
    for (const TetherSegment& s : e.segments) {
        for (const Seconds t : {s.range.start, s.range.end}) {
            out.push_back({t, begins + (t - from) * slope - s.line.toRecording(t)});
        }
    }
    if (jumps) return out;
    const auto [least, most] = std::minmax_element(
        out.begin(), out.end(), [](const auto& a, const auto& b) { return a.slip < b.slip; });
    const Seconds middle = (least->slip + most->slip) / 2;
    for (LeftSlip& l : out) l.slip = l.slip - middle;
    return out;
}

}  // namespace brisk

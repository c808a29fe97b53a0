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

Seconds pathAt(const std::vector<PathDelay>& path, Seconds takeTime) {
    if (path.empty()) return {0};
    const auto after =
        std::upper_bound(path.begin(), path.end(), takeTime,
                         [](Seconds t, const PathDelay& p) { return t < p.takeTime; });
    if (after == path.begin()) return path.front().later;
    const PathDelay& a = *(after - 1);
    if (after == path.end() || after->takeTime <= a.takeTime) return a.later;
    const double part = (takeTime - a.takeTime).value / (after->takeTime - a.takeTime).value;
    return a.later + (after->later - a.later) * part;
}

}  // namespace brisk

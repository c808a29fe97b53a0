// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench/truth_score.h"

#include <algorithm>
#include <cmath>

namespace brisk::bench {
namespace {

double answeredAt(const TetherEstimate& e, double take) {
    for (const auto& s : e.segments) {
        if (take < s.range.end.value) return s.line.toRecording({take}).value;
    }
    return (e.segments.empty() ? e.line : e.segments.back().line).toRecording({take}).value;
}

}  // namespace

Score scoreOf(const TetherEstimate& e, const MadePair& made) {
    Score s;
    s.status = e.status;
    s.confidence = e.confidence;
    if (made.truth.empty()) {
        s.errorMs = 1e9;
        return s;
    }
    const auto& first = made.truth.front();
    const auto& last = made.truth.back();
    const double atStart =
        answeredAt(e, first.takeStart) - first.line.toRecording({first.takeStart}).value;
    const double atEnd = answeredAt(e, last.takeEnd) - last.line.toRecording({last.takeEnd}).value;
    s.errorMs = 1e3 * std::max(std::fabs(atStart), std::fabs(atEnd));
    s.signedErrorMs = 1e3 * atStart;
    s.driftErrorPpm = std::fabs(e.line.drift.value - first.line.drift.value);
    s.polarityRight = e.polarity == made.polarity;
    if (made.truth.size() == 2 && e.segments.size() == 2) {
        s.jumpFound = true;
        const double at = first.takeEnd;
        const auto jump = [&](const ClockLine& a, const ClockLine& b) {
            return (b.toRecording({at}) - a.toRecording({at})).value;
        };
        s.jumpErrorMs = 1e3 * std::fabs(jump(e.segments[0].line, e.segments[1].line) -
                                        jump(first.line, last.line));
        // What was repeated is on both lines: anywhere in there is right.
        const double repeated =
            std::max(0.0, jump(first.line, last.line)) / first.line.drift.factor();
        const double said = e.segments[0].range.end.value;
        s.placeErrorS = std::max({0.0, at - repeated - said, said - at});
        s.placeDoubtS = e.segments[1].startDoubt.value;
    }
    return s;
}

double quantile(std::vector<double> v, double share) {
    if (v.empty()) return 0;
    std::sort(v.begin(), v.end());
    return v[std::min(v.size() - 1,
                      static_cast<std::size_t>(share * static_cast<double>(v.size())))];
}

}  // namespace brisk::bench

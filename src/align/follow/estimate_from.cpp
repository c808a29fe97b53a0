// SPDX-License-Identifier: GPL-3.0-or-later
// Engine times count from the scratch sound's first sample, the person's from the first picture.
// Why the two are kept apart until here: a camera's sound may begin 21 ms after its picture, and
// added twice, or never, it looks just like a good match that is 21 ms off.
#include "align/follow/estimate_from.h"
#include "core/decibels.h"
#include "core/statistics.h"

#include <algorithm>
#include <cmath>

namespace brisk {
namespace {

Seconds medianSlip(const std::vector<MeasuredLag>& slips, std::size_t from, std::size_t to) {
    std::vector<double> v;
    for (std::size_t i = from; i < to; ++i) {
        if (slips[i].agrees) v.push_back(slips[i].slip.value);
    }
    return {median(std::move(v))};
}

}  // namespace

ClockLine onTakeTime(ClockLine l, Seconds scratchStart) {
    return l.from(-scratchStart);
}

ClockLine onScratchTime(ClockLine l, Seconds scratchStart) {
    return l.from(scratchStart);
}

Rival rivalAt(ClockLine scratchLine, Seconds scratchStart, double evidence, double best) {
    const double part = std::max(1e-3, evidence / std::max(1e-9, best));
    return {onTakeTime(scratchLine, scratchStart).offset, dbOfRatio(part)};
}

TetherEstimate refusal(const Fact& why) {
    TetherEstimate e;
    e.reason = {why};
    return e;
}

TetherEstimate estimateFrom(const std::vector<MatchedRange>& stretches, Seconds scratchStart) {
    TetherEstimate e;
    for (const auto& s : stretches) {
        e.segments.push_back({{s.range.start + scratchStart, s.range.end + scratchStart},
                              onTakeTime(s.match.line, scratchStart),
                              s.startDoubt});
        e.windowsUsed += static_cast<int>(s.match.windows.size());
        e.windowsAgreeing += s.match.agreeing();
        for (const auto& w : s.match.windows) {
            e.slips.push_back({w.scratchTime + scratchStart, w.slip, w.agrees});
        }
    }
    e.line = e.segments.front().line;
    e.polarity = stretches.front().match.polarity;
    e.overlap = {e.segments.front().range.start, e.segments.back().range.end};
    const std::size_t n = e.slips.size();
    e.residualStart = medianSlip(e.slips, 0, (n + 2) / 3);
    e.residualMiddle = medianSlip(e.slips, n / 3, n - n / 3);
    e.residualEnd = medianSlip(e.slips, n - (n + 2) / 3, n);
    return e;
}

}  // namespace brisk

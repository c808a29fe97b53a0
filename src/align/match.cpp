// SPDX-License-Identifier: GPL-3.0-or-later
// Coarse search nominates places, fine measurement tests the best of them, the judge compares.
#include "align/match.h"

#include <algorithm>
#include <cmath>
#include <optional>

#include "align/coarse_search.h"
#include "align/fine_match.h"
#include "align/judge.h"

namespace brisk {
namespace {

/// A second place is measured when its coarse score is at least this part of the best.
constexpr double kWorthMeasuring = 0.5;
constexpr std::size_t kMostMeasured = 4;

TetherEstimate refusal(const std::string& why) {
    TetherEstimate e;
    e.reason = why;
    return e;
}

/// From scratch seconds to take seconds: the scratch may start before or after the picture.
ClockLine onTakeTime(ClockLine scratchLine, Seconds scratchStart) {
    ClockLine l = scratchLine;
    l.offset = scratchLine.toRecording(-scratchStart);
    return l;
}

Seconds medianSlip(const std::vector<MeasuredSlip>& slips, std::size_t from, std::size_t to) {
    std::vector<double> v;
    for (std::size_t i = from; i < to; ++i) {
        if (slips[i].agrees) v.push_back(slips[i].slip.value);
    }
    if (v.empty()) return {0};
    std::sort(v.begin(), v.end());
    return {v[v.size() / 2]};
}

void describe(const FineMatch& m, Seconds scratchStart, TetherEstimate& e) {
    e.line = onTakeTime(m.line, scratchStart);
    e.polarity = m.polarity;
    e.overlap = {m.overlap.start + scratchStart, m.overlap.end + scratchStart};
    e.windowsUsed = static_cast<int>(m.windows.size());
    e.windowsAgreeing = m.agreeing();
    for (const auto& w : m.windows) {
        e.slips.push_back({w.scratchTime + scratchStart, w.slip, w.agrees});
    }
    const std::size_t n = e.slips.size();
    e.residualStart = medianSlip(e.slips, 0, (n + 2) / 3);
    e.residualMiddle = medianSlip(e.slips, n / 3, n - n / 3);
    e.residualEnd = medianSlip(e.slips, n - (n + 2) / 3, n);
}

bool samePlace(const FineMatch& a, const FineMatch& b) {
    const Seconds middle = (a.overlap.start + a.overlap.end) / 2;
    return std::fabs((a.line.toRecording(middle) - b.line.toRecording(middle)).value) < 0.05;
}

}  // namespace

Result<TetherEstimate> matchPair(const SoundScan& take, const SoundScan& recording,
                                 const JobControl& job) {
    auto coarse = coarseSearch(take.bands, recording.bands, job.part(0, 0.5));
    if (!coarse) {
        if (coarse.error().code == ErrorCode::Cancelled) return tl::unexpected(coarse.error());
        return refusal(coarse.error().sentence);
    }
    if (coarse->places.empty()) {
        return refusal("No place where the two sounds agree at all.");
    }
    struct Tested {
        FineMatch match;
        double weight;
    };
    std::vector<Tested> tested;
    const double bestScore = coarse->places.front().score;
    for (std::size_t i = 0; i < std::min(coarse->places.size(), kMostMeasured); ++i) {
        const CoarsePlace& place = coarse->places[i];
        if (i > 0 && place.score < kWorthMeasuring * bestScore) break;
        auto fine = fineMatch(take, recording, place,
                              job.part(0.5 + 0.5 * static_cast<double>(i) / kMostMeasured, 1.0));
        if (!fine) {
            const auto code = fine.error().code;
            if (code == ErrorCode::TooShort || code == ErrorCode::Silent) continue;
            return tl::unexpected(fine.error());
        }
        const double weight = evidence(*fine);
        tested.push_back({std::move(*fine), weight});
    }
    if (tested.empty()) return refusal("The two sounds share too little to compare.");
    std::sort(tested.begin(), tested.end(),
              [](const Tested& a, const Tested& b) { return a.weight > b.weight; });

    TetherEstimate e;
    const Seconds scratchStart = take.info.soundStartInTake(take.sound);
    const FineMatch& best = tested.front().match;
    describe(best, scratchStart, e);
    double rival = 0;
    for (std::size_t i = 1; i < tested.size(); ++i) {
        if (samePlace(best, tested[i].match)) continue;
        rival = std::max(rival, tested[i].weight);
        e.rivals.push_back(
            {onTakeTime(tested[i].match.line, scratchStart).offset,
             20 * std::log10(
                      std::max(1e-3, tested[i].weight / std::max(1e-9, tested.front().weight)))});
    }
    judge(best, rival, e);
    job.report(1.0);
    return e;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/assemble/what_happened.h"

#include <algorithm>
#include <cmath>

#include "align/follow/estimate_from.h"
#include "align/nominate/pulled_rate.h"
#include "core/sound_distance.h"

namespace brisk {
namespace {

constexpr double kSameMoment = 0.3;  // seconds; nearer, nobody looks for a jump elsewhere
constexpr std::size_t kUnheard = 2;  // windows; one alone is a breath
constexpr Seconds kUnheardLength{5};
constexpr Seconds kDriftIsKnown{20};

/// What was lost or repeated, jump by jump.
Facts jumpFacts(const std::vector<TetherSegment>& segments) {
    Facts out;
    for (std::size_t i = 0; i + 1 < segments.size(); ++i) {
        const Seconds at = segments[i + 1].range.start;
        const double lost =
            (segments[i].line.toRecording(at) - segments[i + 1].line.toRecording(at)).value;
        if (std::fabs(lost) < kMeeting.value) continue;  // a clock that bends
        const Seconds doubt = segments[i + 1].startDoubt;
        Fact jump{lost > 0 ? "recording-lost" : "recording-repeats",
                  {{"seconds", std::fabs(lost)}, {"at", at}}};
        if (doubt.value > kSameMoment) {
            jump.args.emplace_back("doubt", Fact{"jump-in-pause", {{"doubt", doubt}}});
        }
        out.push_back(std::move(jump));
    }
    return out;
}

/// Metres that the camera would have to be carried in a second, where two clocks are hardly as far
/// apart as the line says; 0 where they may be, or too little was heard to tell.
double wayInEachSecond(const TetherEstimate& e) {
    if (e.status == MatchStatus::Unmatched) return 0;
    if (!isRare(e.line.drift) || e.overlap.length() < kDriftIsKnown) return 0;
    return std::fabs(e.line.drift.value) * 1e-6 * kMetresPerSecond;
}

/// What the clocks and the speaker do, where it is more than a straight line.
Facts clockFacts(const TetherEstimate& e) {
    Facts out;
    if (e.segments.size() > 1 && !e.jumps()) {
        Seconds off{0};
        for (const LeftSlip& l : leftByOneLine(e)) off = std::max(off, l.slip);
        out.push_back({"clock-bends",
                       {{"from", e.segments.front().line.drift.value},
                        {"to", e.segments.back().line.drift.value},
                        {"off", off}}});
    }
    add(out, walkedFacts(e.path));
    if (const double each = wayInEachSecond(e); each > 0) {
        out.push_back({"clock-or-way", {{"metres", each * 60}}});
    } else if (const double pulled = expectedDrift(e.line.drift).value; pulled != 0) {
        out.push_back({pulled > 0 ? "pulled-longer" : "pulled-shorter"});
    }
    return out;
}

Facts unheardFacts(const TetherEstimate& e, const std::vector<MatchedRange>& parts) {
    const UnheardEnds ends = unheardEnds(parts);
    const Seconds start = e.segments.front().range.start - parts.front().range.start;
    Facts out;
    if (ends.until) out.push_back({"nothing-heard-until", {{"at", *ends.until + start}}});
    if (ends.from) out.push_back({"nothing-heard-from", {{"at", *ends.from + start}}});
    return out;
}

}  // namespace

Facts walkedFacts(const std::vector<PathDelay>& path) {
    Seconds farthest{0};
    for (const PathDelay& p : path) farthest = std::max(farthest, p.later);
    if (farthest.value <= 0) return {};
    return {{"speaker-walks", {{"metres", farthest.value * kMetresPerSecond}}}};
}

UnheardEnds unheardEnds(const std::vector<MatchedRange>& parts) {
    std::vector<SlipWindow> windows;
    for (const MatchedRange& p : parts) {
        windows.insert(windows.end(), p.match.windows.begin(), p.match.windows.end());
    }
    const auto agrees = [](const SlipWindow& w) { return w.agrees; };
    const auto first = std::find_if(windows.begin(), windows.end(), agrees);
    UnheardEnds out;
    if (first == windows.end()) return out;
    const auto last = std::find_if(windows.rbegin(), windows.rend(), agrees).base();
    const auto before = static_cast<std::size_t>(first - windows.begin());
    const auto after = static_cast<std::size_t>(windows.end() - last);
    const Seconds start = parts.front().range.start, end = parts.back().range.end;
    if (before >= kUnheard && first->scratchTime - start >= kUnheardLength) {
        out.until = first->scratchTime;
    }
    const Seconds heard = (last - 1)->scratchTime;
    if (after >= kUnheard && end - heard >= kUnheardLength) out.from = heard;
    return out;
}

void addWhatHappened(TetherEstimate& e, const std::vector<MatchedRange>& parts) {
    add(e.reason, jumpFacts(e.segments));
    add(e.reason, clockFacts(e));
    if (e.status == MatchStatus::Matched || findFact(e.reason, "agrees-in-part")) {
        add(e.reason, unheardFacts(e, parts));
    }
}

}  // namespace brisk

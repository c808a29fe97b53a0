// SPDX-License-Identifier: GPL-3.0-or-later
// Windows that agree with the line are where it holds. Where a whole stretch of them does not, the
// stretch is searched again by itself, near where it should be; if it fits somewhere else beyond
// doubt, samples were lost or repeated. The moment of the jump is where short windows begin to
// prefer the second line.
#include "align/measure/jump_search.h"

#include <algorithm>
#include <cmath>

#include "align/measure/curve_stack.h"
#include "align/measure/gcc_phat.h"

namespace brisk {
namespace {

constexpr double kMinStretch = 6.0;      // seconds; shorter ones cannot prove themselves
constexpr double kSearchSeconds = 20.0;  // how much can be lost
constexpr double kMinJump = 0.015;       // a person who walks moves the sound by less
constexpr double kSureStack = 9.0;
constexpr double kSureShare = 0.6;
constexpr int kSureWindows = 5;
constexpr int kMaxStretches = 8;
constexpr double kBoundaryHop = 0.05;
constexpr double kBeyond = 4.0;  // seconds; a window of the measurement is 2.7 long
constexpr double kHeard = 4.5;   // deviations; the best of 49 lags reaches 3 by chance
constexpr int kBoundarySize = 1 << 14;

/// The run of windows that is on the line, as [first, last), by the largest sum of votes.
std::pair<std::size_t, std::size_t> heldRun(const std::vector<SlipWindow>& windows) {
    double best = 0, sum = 0;
    std::size_t first = 0, from = 0, to = 0;
    for (std::size_t i = 0; i < windows.size(); ++i) {
        if (sum <= 0) {
            sum = 0;
            first = i;
        }
        sum += windows[i].agrees ? 0.5 : -0.5;
        if (sum > best) {
            best = sum;
            from = first;
            to = i + 1;
        }
    }
    return {from, to};
}

bool isSure(const FineMatch& m) {
    const auto n = static_cast<int>(m.windows.size());
    return m.stackStrength >= kSureStack && m.agreeing() >= kSureWindows &&
           m.agreeing() >= kSureShare * n;
}

/// Searches one stretch by itself, near where `line` has it.
Result<std::vector<MatchedRange>> searchStretch(WindowReader& reader, TimeRange stretch,
                                                ClockLine line, int depth, const JobControl& job);

/// What is left beside the held run, each part searched; the run itself in between.
Result<std::vector<MatchedRange>> split(WindowReader& reader, const FineMatch& m, TimeRange range,
                                        int depth, const JobControl& job) {
    const auto [from, to] = heldRun(m.windows);
    std::vector<MatchedRange> out;
    if (to <= from) return out;
    TimeRange held = range;
    const auto edge = [&](std::size_t inside, std::size_t outside) {
        return (m.windows[inside].scratchTime + m.windows[outside].scratchTime) / 2;
    };
    if (from > 0) {
        const Seconds at = edge(from, from - 1);
        if ((at - range.start).value >= kMinStretch) {
            auto before = searchStretch(reader, {range.start, at}, m.line, depth + 1, job);
            if (!before) return before;
            if (!before->empty()) held.start = at;
            out = std::move(*before);
        }
    }
    out.push_back({held, m});
    if (to < m.windows.size()) {
        const Seconds at = edge(to - 1, to);
        if ((range.end - at).value >= kMinStretch) {
            auto after = searchStretch(reader, {at, range.end}, m.line, depth + 1, job);
            if (!after) return after;
            const std::size_t own = out.size() - 1;
            if (!after->empty()) out[own].range.end = at;
            std::move(after->begin(), after->end(), std::back_inserter(out));
        }
    }
    return out;
}

Result<std::vector<MatchedRange>> searchStretch(WindowReader& reader, TimeRange stretch,
                                                ClockLine line, int depth, const JobControl& job) {
    std::vector<MatchedRange> none;
    if (depth > kMaxStretches) return none;
    const Seconds middle = (stretch.start + stretch.end) / 2;
    auto places = placesNear(reader.take().bands, reader.recording().bands, stretch, line,
                             {kSearchSeconds}, job.withReport({}));
    if (!places) {
        if (places.error().code == ErrorCode::Cancelled) return tl::unexpected(places.error());
        return none;
    }
    for (std::size_t i = 0; i < std::min<std::size_t>(2, places->size()); ++i) {
        const CoarsePlace& place = (*places)[i];
        auto probe = probePlace(reader, place, stretch, job.withReport({}));
        if (!probe && probe.error().code == ErrorCode::Cancelled) {
            return tl::unexpected(probe.error());
        }
        if (!probe) continue;
        auto m = measurePlace(reader, *probe, stretch, job.withReport({}));
        if (!m && m.error().code == ErrorCode::Cancelled) return tl::unexpected(m.error());
        if (!m) continue;
        const double jump = (m->line.toRecording(middle) - line.toRecording(middle)).value;
        if (isSure(*m) && std::fabs(jump) >= kMinJump) {
            return split(reader, *m, stretch, depth, job);
        }
    }
    return none;
}

/// How much each short window around a jump prefers the first line over the second.
struct Preference {
    double middle;  // scratch seconds
    double value;
};

Result<std::vector<Preference>> preferences(WindowReader& reader, const MatchedRange& a,
                                            const MatchedRange& b, TimeRange where,
                                            const JobControl& job) {
    GccPhat correlator(kBoundarySize, {WindowReader::kRate}, kReach / 4);
    const NoiseFloor none;
    std::vector<float> curve(2 * (kReach / 4) + 1);
    const auto height = [&](const FineMatch& m, Seconds start) -> Result<double> {
        auto w = reader.read(m.line, m.line.toRecording(start), kBoundarySize);
        if (!w) return tl::unexpected(w.error());
        if (!correlator.correlate(correlator.transform(w->scratch), correlator.transform(w->clean),
                                  none, curve)) {
            return 0.0;
        }
        double top = 0;
        for (int k = -24; k <= 24; ++k) {
            top =
                std::max<double>(top, m.polarity * curve[static_cast<std::size_t>(k + kReach / 4)]);
        }
        return std::min(top, 20.0);
    };
    const double half = 0.5 * kBoundarySize / WindowReader::kRate;
    std::vector<Preference> out;
    for (double t = where.start.value; t <= where.end.value; t += kBoundaryHop) {
        if (job.stopRequested()) return cancelled();
        auto first = height(a.match, {t - half});
        if (!first) return tl::unexpected(first.error());
        auto second = height(b.match, {t - half});
        if (!second) return tl::unexpected(second.error());
        // Two heights of chance say nothing.
        const bool heard = std::max(*first, *second) >= kHeard;
        out.push_back({t, heard ? *first - *second : 0.0});
    }
    return out;
}

/// Puts the boundary between two stretches where the short windows change sides.
Result<void> settleBoundary(WindowReader& reader, MatchedRange& a, MatchedRange& b,
                            const JobControl& job) {
    // Between the last window on the first line and the first on the second, and a little beyond.
    const auto lastOn = [](const FineMatch& m) {
        for (auto it = m.windows.rbegin(); it != m.windows.rend(); ++it) {
            if (it->agrees) return it->scratchTime;
        }
        return m.windows.back().scratchTime;
    };
    const auto firstOn = [](const FineMatch& m) {
        for (const auto& w : m.windows) {
            if (w.agrees) return w.scratchTime;
        }
        return m.windows.front().scratchTime;
    };
    TimeRange where{std::min(lastOn(a.match), a.range.end) - Seconds{kBeyond},
                    std::max(firstOn(b.match), b.range.start) + Seconds{kBeyond}};
    where = where.intersect({a.range.start, b.range.end});
    auto p = preferences(reader, a, b, where, job);
    if (!p) return tl::unexpected(p.error());
    if (p->empty()) return {};  // nothing lies between them: the ranges meet already
    const Seconds middle = (where.start + where.end) / 2;
    const double lost = (a.match.line.toRecording(middle) - b.match.line.toRecording(middle)).value;
    const double gap = std::fabs(lost);
    // The best split: everything before prefers the first line, everything after the second. What
    // was lost is on neither line, what was repeated is on both: it prefers none.
    // In a pause nothing changes the sum: the middle of the pause is the best guess.
    double best = -1e9;
    TimeRange pause{middle, middle};
    for (std::size_t i = 0; i <= p->size(); ++i) {
        const double t =
            i < p->size() ? (*p)[i].middle - kBoundaryHop / 2 : p->back().middle + kBoundaryHop / 2;
        double sum = 0;
        for (const auto& q : *p) {
            if (q.middle < t) sum += q.value;
            if (q.middle >= t + gap) sum -= q.value;
        }
        if (sum > best) {
            best = sum;
            pause = {{t}, {t}};
        } else if (sum == best) {
            pause.end = {t};
        }
    }
    const double at = ((pause.start + pause.end) / 2).value;
    b.startDoubt = pause.length() / 2;
    a.range.end = Seconds{lost > 0 ? at : at + gap / 2};
    b.range.start = Seconds{lost > 0 ? at + gap : at + gap / 2};
    return {};
}

}  // namespace

Result<std::vector<MatchedRange>> findJumps(WindowReader& reader, const FineMatch& whole,
                                            const JobControl& job) {
    auto found = split(reader, whole, whole.overlap, 0, job);
    if (!found) return found;
    if (found->size() < 2) return std::vector<MatchedRange>{{whole.overlap, whole}};
    for (std::size_t i = 0; i + 1 < found->size(); ++i) {
        auto settled = settleBoundary(reader, (*found)[i], (*found)[i + 1], job);
        if (!settled) return tl::unexpected(settled.error());
    }
    // The first measurement mixed windows of other lines in: each stretch once more by itself.
    for (auto& s : *found) {
        auto again = measurePlace(
            reader, {s.match.line, s.match.polarity, s.match.stackStrength, s.match.coarse},
            s.range, job.withReport({}));
        if (!again) {
            if (again.error().code == ErrorCode::Cancelled) return tl::unexpected(again.error());
            continue;
        }
        s.match = std::move(*again);
    }
    return found;
}

}  // namespace brisk

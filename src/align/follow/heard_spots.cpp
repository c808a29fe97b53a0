// SPDX-License-Identifier: GPL-3.0-or-later
// Along the first line lags are followed as far as windows reach (48 ms either way). Where a whole
// stretch of them is not heard, the stretch is searched again by itself, near where it should be;
// if it fits somewhere else beyond doubt, it is listened to along a line of its own.
#include "align/follow/heard_spots.h"

#include <algorithm>
#include <cmath>
#include <optional>

#include "align/follow/lag_track.h"
#include "align/follow/moved_pattern.h"
#include "align/follow/stretch_search.h"

namespace brisk {
namespace {

constexpr double kMinStretch = 6.0;    // seconds; shorter ones cannot prove themselves
constexpr double kOtherPlace = 0.002;  // seconds; an echo is as near
constexpr double kClearlyMore = 1.25;  // strength of the other place
/// Of the loudest arrival: another that another run follows is there, too, if it only is not the
/// loudest any more.
constexpr double kStillThere = 0.2;
constexpr int kArrivals = 20 * WindowReader::kRate / 1000;  // samples to either side
constexpr int kMaxDepth = 8;
constexpr int kMostWindows = 120;

/// What was heard along one line.
struct Part {
    ClockLine line;
    TimeRange range;
    WindowCurves heard;
    LagTrack track;
};

/// Stretches of a part in which nothing is heard, half way to what is; in the midst of a run, too:
/// what was lost may have been made up for.
std::vector<TimeRange> unheard(const Part& part) {
    const auto& curves = part.heard.curves;
    const auto& lag = part.track.lag;
    std::vector<TimeRange> out;
    if (part.track.runs.empty()) return out;
    const auto halfWay = [&](std::size_t window) {
        return Seconds{(curves[window - 1].time + curves[window].time) / 2};
    };
    for (std::size_t from = 0; from < lag.size(); ++from) {
        if (!std::isnan(lag[from])) continue;
        std::size_t end = from + 1;
        while (end < lag.size() && std::isnan(lag[end])) ++end;
        const TimeRange silent{from == 0 ? part.range.start : halfWay(from),
                               end == lag.size() ? part.range.end : halfWay(end)};
        if (silent.length().value >= kMinStretch) out.push_back(silent);
        from = end;
    }
    return out;
}

/// Runs other than the longest of those on the part's own line; where there is none on it, than the
/// longest.
std::vector<LagRun> besideTheMain(const Part& part) {
    auto out = part.track.runs;
    const auto onTheLine = [&](LagRun r) {
        return std::fabs(part.track.lag[r.first]) < kOtherPlace;
    };
    const auto main = std::max_element(out.begin(), out.end(), [&](LagRun a, LagRun b) {
        if (onTheLine(a) != onTheLine(b)) return onTheLine(b);
        return a.last - a.first < b.last - b.first;
    });
    if (main != out.end()) out.erase(main);
    return out;
}

/// Half way to the windows that are on other lags.
TimeRange rangeOf(const Part& part, LagRun run) {
    const auto& c = part.heard.curves;
    const auto between = [&](std::size_t a, std::size_t b) {
        return Seconds{(c[a].time + c[b].time) / 2};
    };
    return {run.first == 0 ? part.range.start : between(run.first - 1, run.first),
            run.last + 1 == c.size() ? part.range.end : between(run.last, run.last + 1)};
}

double strengthOf(const Part& part, LagRun run, int polarity) {
    const std::size_t n = run.last - run.first + 1;
    return strengthAlong(std::span(part.heard.curves).subspan(run.first, n),
                         std::span(part.track.lag).subspan(run.first, n), polarity);
}

void forget(LagTrack& track, LagRun run) {
    for (std::size_t i = run.first; i <= run.last; ++i) {
        track.lag[i] = std::numeric_limits<double>::quiet_NaN();
    }
    std::erase_if(track.runs, [&](const LagRun& r) { return r.first == run.first; });
}

/// What measuring the place has heard already, where that is as much as is wanted.
Result<WindowCurves> heardAlong(WindowReader& reader, TimeRange range, const FineMatch& m,
                                Seconds each, ClockLine& line, const JobControl& job) {
    const int wanted = spotsWanted(range.length(), each);
    if (m.heard && m.windowsWanted >= wanted) {
        line = m.heardAlong;
        return *m.heard;
    }
    line = m.line;
    return windowCurves(reader, line, line,
                        {.overlap = range,
                         .size = exactWindowSize(range.length()),
                         .wanted = wanted,
                         .closely = true},
                        job.withReport({}));
}

/// \param m  measured over `range`.
Result<void> hearPart(WindowReader& reader, TimeRange range, const FineMatch& m, Seconds each,
                      int depth, std::vector<Part>& out, const JobControl& job) {
    const int polarity = m.polarity;
    ClockLine line;
    auto heard = heardAlong(reader, range, m, each, line, job);
    if (!heard) {
        if (tooLittleToCompare(heard.error())) return {};
        return tl::unexpected(heard.error());
    }
    Part part{line, range, std::move(*heard), {}};
    part.track = followLags(part.heard.curves, polarity);
    const auto silent = unheard(part);
    const auto doubted = besideTheMain(part);
    const std::size_t own = out.size();
    out.push_back(std::move(part));
    if (depth >= kMaxDepth) return {};
    const auto listenAlong = [&](const FineMatch& found, TimeRange stretch) {
        return hearPart(reader, stretch, found, each, depth + 1, out, job);
    };
    for (const TimeRange& stretch : silent) {
        auto found = searchStretch(reader, stretch, line, kOtherPlace, job);
        if (!found) return tl::unexpected(found.error());
        if (!*found) continue;
        if (auto done = listenAlong(**found, stretch); !done) return done;
    }
    // Far from the line a run may be an echo of what lies beyond the windows' reach.
    for (const LagRun& run : doubted) {
        const TimeRange stretch = rangeOf(out[own], run);
        if (stretch.length().value < kMinStretch) continue;
        const Seconds lag{out[own].track.lag[run.first]};
        auto found = searchStretch(reader, stretch, line.shifted(-lag), kOtherPlace, job);
        if (!found) return tl::unexpected(found.error());
        if (!*found ||
            (*found)->strongestArrival < kClearlyMore * strengthOf(out[own], run, polarity)) {
            continue;
        }
        forget(out[own].track, run);
        if (auto done = listenAlong(**found, stretch); !done) return done;
    }
    return {};
}

/// A step within one part that is none: the loudest arrival changed, the pattern stayed. Both runs
/// then follow the earlier of the two.
void joinWhereThePatternStays(Part& part, int polarity) {
    auto& runs = part.track.runs;
    auto& lag = part.track.lag;
    const std::span<const Curve> curves(part.heard.curves);
    for (std::size_t i = 0; i + 1 < runs.size();) {
        LagRun& a = runs[i];
        const LagRun b = runs[i + 1];
        const double step = lag[b.first] - lag[a.last];
        const std::span<const double> lags(lag);
        const std::size_t na = a.last - a.first + 1, nb = b.last - b.first + 1;
        const PatternStep p =
            patternStep(curves.subspan(a.first, na), lags.subspan(a.first, na),
                        curves.subspan(b.first, nb), lags.subspan(b.first, nb), step, polarity);
        if (p.stayed < p.moved || p.earlierHeard < kStillThere) {
            ++i;
            continue;
        }
        const auto [first, last] =
            step > 0 ? std::pair{b.first, b.last} : std::pair{a.first, a.last};
        for (std::size_t k = first; k <= last; ++k) lag[k] -= std::fabs(step);
        a.last = b.last;
        runs.erase(runs.begin() + static_cast<std::ptrdiff_t>(i) + 1);
        if (i > 0) --i;
    }
}

/// A step that the loudest arrival does not show.
void splitWhereThePatternMoves(Part& part, int polarity) {
    auto& runs = part.track.runs;
    auto& lag = part.track.lag;
    for (std::size_t i = 0; i < runs.size();) {
        const LagRun run = runs[i];
        const std::size_t n = run.last - run.first + 1;
        const auto move = findPatternMove(std::span(part.heard.curves).subspan(run.first, n),
                                          std::span(lag).subspan(run.first, n), polarity);
        if (!move) {
            ++i;
            continue;
        }
        const std::size_t at = run.first + move->at;
        for (std::size_t k = at; k <= run.last; ++k) lag[k] += move->step;
        // Now they mean the same arrival, which need not be one that is there: before, one of the
        // two followed nothing. What is loudest in both is.
        const auto together = stackCurves(std::span(part.heard.curves).subspan(run.first, n),
                                          std::span(lag).subspan(run.first, n));
        const double louder = loudestLag(together, polarity, kArrivals) / kCurveRate;
        for (std::size_t k = run.first; k <= run.last; ++k) lag[k] += louder;
        runs[i].last = at - 1;
        runs.insert(runs.begin() + static_cast<std::ptrdiff_t>(i) + 1, LagRun{at, run.last});
    }
}

/// Counts runs anew, in order of time. A run may have others in the midst of it, that were heard
/// along lines of their own: what comes after those is one more.
int countRunsAlong(std::vector<Spot>& spots) {
    int run = -1, before = -1;
    for (Spot& s : spots) {
        if (!s.heard()) continue;
        if (s.run != before) ++run;
        before = s.run;
        s.run = run;
    }
    return run + 1;
}

}  // namespace

TimeRange reachOf(int run, const std::vector<Spot>& spots, const std::vector<bool>& sure) {
    std::optional<TimeRange> all, surely;
    const auto widen = [](std::optional<TimeRange>& reach, Seconds to) {
        if (!reach) reach = TimeRange{to, to};
        *reach = {std::min(reach->start, to), std::max(reach->end, to)};
    };
    for (std::size_t i = 0; i < spots.size(); ++i) {
        if (spots[i].run != run) continue;
        widen(all, {spots[i].time()});
        if (sure[i]) widen(surely, {spots[i].time()});
    }
    return surely ? *surely : all.value_or(TimeRange{});
}

int spotsWanted(Seconds overlap, Seconds each) {
    return std::clamp(static_cast<int>(overlap / each), kMeasureWindows, kMostWindows);
}

Result<HeardSpots> hearSpots(WindowReader& reader, const FineMatch& whole, const JobControl& job,
                             Seconds each) {
    std::vector<Part> parts;
    auto done = hearPart(reader, whole.overlap, whole, each, 0, parts, job);
    if (!done) return tl::unexpected(done.error());
    HeardSpots out;
    if (parts.empty()) return out;
    out.pulse = parts.front().heard.pulse;
    for (Part& part : parts) {
        joinWhereThePatternStays(part, whole.polarity);
        splitWhereThePatternMoves(part, whole.polarity);
    }
    int runsBefore = 0;
    for (std::size_t p = 0; p < parts.size(); ++p) {
        Part& part = parts[p];
        std::vector<int> runOf(part.heard.curves.size(), -1);
        for (const LagRun& run : part.track.runs) {
            for (std::size_t i = run.first; i <= run.last; ++i) {
                if (!std::isnan(part.track.lag[i])) runOf[i] = runsBefore;
            }
            ++runsBefore;
        }
        for (std::size_t i = 0; i < runOf.size(); ++i) {
            Curve& c = part.heard.curves[i];
            // Where a later part was heard, this one has nothing to say.
            const bool elsewhere =
                runOf[i] < 0 &&
                std::any_of(parts.begin() + static_cast<std::ptrdiff_t>(p) + 1, parts.end(),
                            [&](const Part& o) { return o.range.contains({c.time}); });
            if (elsewhere) continue;
            const Seconds at{c.time};
            const double base = (whole.line.toRecording(at) - part.line.toRecording(at)).value;
            out.spots.push_back({std::move(c), base, runOf[i], part.track.lag[i]});
        }
    }
    std::stable_sort(out.spots.begin(), out.spots.end(),
                     [](const Spot& a, const Spot& b) { return a.time() < b.time(); });
    out.runs = countRunsAlong(out.spots);
    return out;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// Dynamic programming over lags (Viterbi 1967). The counter-example to looking at windows one by
// one: in a room every tenth window points at an echo, and a stretch that lost 5 ms looks just like
// a few of those - but they do not all point at the same place, one after the other.
#include "align/follow/lag_track.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <limits>

#include "align/measure/window_agreement.h"

namespace brisk {
namespace {

constexpr int kBin = 12;  // samples: 0.25 ms
/// 40 ms either way: what lies at the rim of the curves is as often the echo of what lies beyond.
constexpr int kFollowed = 40 * WindowReader::kRate / 1000;
constexpr int kBins = 2 * kFollowed / kBin;
// What windows say is counted in deviations; the best of a bin of noise reaches 2 to 3.
constexpr float kMost = 15;        // of one window
constexpr float kUnheard = 5;      // a window on no lag
constexpr float kStep = 20;        // to another lag: two windows alone cannot ask for it
constexpr float kEnter = 10;       // from nothing heard to a lag, and back
constexpr float kTwoBins = 8;      // a lag that moves on by half a millisecond
constexpr double kBend = 100e-6;   // seconds a second, without any cost
constexpr double kSame = 0.0006;   // seconds; runs this near are one
constexpr double kConvincing = 7;  // deviations of the run's stack
constexpr double kFreely = 0.35;   // of a run's windows; chance makes it one in thirty
constexpr double kNone = std::numeric_limits<double>::quiet_NaN();

/// The best that a window says for each bin. A window with much to say is scaled down, not cut off:
/// its echoes must stay lower than what they are the echoes of.
std::vector<float> heights(const Curve& c, int polarity) {
    std::vector<float> out(kBins);
    const int shift = static_cast<int>(std::lround(c.shift * kCurveRate));
    float top = kMost;
    for (int b = 0; b < kBins; ++b) {
        float best = 0;
        const int from = kReach - kFollowed + b * kBin - shift;
        for (int k = from; k <= from + kBin; ++k) {
            if (k < 0 || k >= static_cast<int>(c.values.size())) continue;
            best = std::max(best,
                            static_cast<float>(polarity) * c.values[static_cast<std::size_t>(k)]);
        }
        out[static_cast<std::size_t>(b)] = best;
        top = std::max(top, best);
    }
    for (float& v : out) v *= kMost / top;
    return out;
}

double lagOf(int bin) {
    return ((bin + 0.5) * kBin - kFollowed) / kCurveRate;
}

/// For each window the bin it is on; -1 for none.
std::vector<int> bestWay(const std::vector<Curve>& curves, int polarity) {
    const std::size_t n = curves.size();
    std::vector<float> sum(kBins, 0.0f);
    float nothing = 0;
    std::vector<std::vector<int>> cameFrom(n, std::vector<int>(kBins + 1));
    for (std::size_t i = 0; i < n; ++i) {
        const auto say = heights(curves[i], polarity);
        const auto top = std::max_element(sum.begin(), sum.end());
        const int topBin = static_cast<int>(top - sum.begin());
        const float stepped = *top - kStep;
        const float entered = nothing - kEnter;
        const double pause = i == 0 ? 0 : curves[i].time - curves[i - 1].time;
        const int free = 1 + static_cast<int>(kBend * pause * kCurveRate / kBin);
        std::vector<float> next(kBins);
        for (int b = 0; b < kBins; ++b) {
            float best = std::max(stepped, entered);
            int from = stepped >= entered ? topBin : -1;
            for (int d = -free - 1; d <= free + 1; ++d) {
                const int o = b + d;
                if (o < 0 || o >= kBins) continue;
                const float cost =
                    std::abs(d) > free ? kTwoBins : 0.05f * static_cast<float>(std::abs(d));
                if (sum[static_cast<std::size_t>(o)] - cost > best) {
                    best = sum[static_cast<std::size_t>(o)] - cost;
                    from = o;
                }
            }
            next[static_cast<std::size_t>(b)] = best + say[static_cast<std::size_t>(b)];
            cameFrom[i][static_cast<std::size_t>(b)] = from;
        }
        const float left = *top - kEnter;
        cameFrom[i][kBins] = left > nothing ? topBin : -1;
        nothing = std::max(nothing, left) + kUnheard;
        sum = std::move(next);
    }
    std::vector<int> way(n);
    const auto top = std::max_element(sum.begin(), sum.end());
    int at = *top > nothing ? static_cast<int>(top - sum.begin()) : -1;
    for (std::size_t i = n; i-- > 0;) {
        way[i] = at;
        at = cameFrom[i][at < 0 ? kBins : static_cast<std::size_t>(at)];
    }
    return way;
}

/// Whether the windows of a run say so together, and most of them freely: what is loudest in them
/// is an arrival that the others have, too. In a room with loud echoes that is not the same one in
/// all.
bool convinces(const std::vector<Curve>& curves, const LagTrack& track, LagRun run, int polarity) {
    const std::size_t n = run.last - run.first + 1;
    const auto part = std::span(curves).subspan(run.first, n);
    const auto lags = std::span(track.lag).subspan(run.first, n);
    if (strengthAlong(part, lags, polarity) < kConvincing) return false;
    WindowAgreement agreement(part, lags, polarity);
    int heard = 0, freely = 0;
    for (std::size_t i = 0; i < n; ++i) {
        if (std::isnan(lags[i])) continue;
        ++heard;
        freely += agreement.agrees(part[i], lags[i]) ? 1 : 0;
    }
    return freely >= kFreely * heard;
}

/// How many windows from one end of a run on say nothing of its lag, one by one and together: the
/// way leads through them because leaving it costs more than they do.
std::size_t unheardFrom(const std::vector<Curve>& curves, const LagTrack& track, LagRun run,
                        int polarity, bool fromItsEnd) {
    const std::size_t n = run.last - run.first + 1;
    std::size_t count = 0;
    for (; count < n; ++count) {
        const std::size_t i = fromItsEnd ? run.last - count : run.first + count;
        if (!std::isnan(track.lag[i]) &&
            topOf(curves[i], polarity, track.lag[i], kBin).height >= kUnheard) {
            break;
        }
    }
    if (count == 0 || count == n) return 0;
    const std::size_t from = fromItsEnd ? run.last + 1 - count : run.first;
    const double together = strengthAlong(std::span(curves).subspan(from, count),
                                          std::span(track.lag).subspan(from, count), polarity);
    return together >= kConvincing ? 0 : count;
}

/// Takes from both ends of each run what is not heard there.
void trimRuns(const std::vector<Curve>& curves, LagTrack& track, int polarity) {
    for (LagRun& run : track.runs) {
        const std::size_t front = unheardFrom(curves, track, run, polarity, false);
        const std::size_t back = unheardFrom(curves, track, run, polarity, true);
        for (std::size_t i = 0; i < front; ++i) track.lag[run.first + i] = kNone;
        for (std::size_t i = 0; i < back; ++i) track.lag[run.last - i] = kNone;
        run = {run.first + front, run.last - back};
    }
}

}  // namespace

double strengthAlong(std::span<const Curve> curves, std::span<const double> lags, int polarity) {
    const auto sum = stackCurves(curves, lags);
    return heightNear(sum, polarity, kBin) / stackNoise(sum);
}

LagTrack followLags(const std::vector<Curve>& curves, int polarity) {
    assert(polarity == 1 || polarity == -1);
    const auto way = bestWay(curves, polarity);
    LagTrack out;
    out.lag.assign(curves.size(), kNone);
    for (std::size_t i = 0; i < curves.size(); ++i) {
        if (way[i] < 0) continue;
        out.lag[i] = lagOf(way[i]);
        if (!out.runs.empty()) {
            LagRun& run = out.runs.back();
            const double pause = curves[i].time - curves[run.last].time;
            if (std::fabs(out.lag[i] - out.lag[run.last]) <= kSame + kBend * pause) {
                run.last = i;
                continue;
            }
        }
        out.runs.push_back({i, i});
    }
    std::erase_if(out.runs, [&](const LagRun& run) {
        if (convinces(curves, out, run, polarity)) return false;
        for (std::size_t i = run.first; i <= run.last; ++i) out.lag[i] = kNone;
        return true;
    });
    trimRuns(curves, out, polarity);
    return out;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// Pairs of marks each propose an offset; the proposal that most others confirm wins, and a line is
// fitted through those. Why not in their order: one clap that only one of the two heard shifts all
// after it.
#include "align/measure/mark_fit.h"

#include <algorithm>
#include <cmath>

#include "align/clock_limits.h"
#include "align/measure/line_fit.h"

namespace brisk {
namespace {

constexpr double kTogether = 0.06;  // seconds: farther apart, they are no pair
constexpr double kSpanForDrift = 30;
constexpr std::size_t kMaxFits = 6;
constexpr double kSamePlace = 0.02;

/// Each mark of the take with the nearest one of the recording, by the line; each used once.
std::vector<MarkPair> pairsOn(ClockLine line, std::span<const Seconds> take,
                              std::span<const Seconds> recording, double about) {
    std::vector<MarkPair> pairs;
    std::size_t next = 0;
    for (std::size_t i = 0; i < take.size(); ++i) {
        const double want = line.toRecording(take[i]).value;
        const double reach = kTogether + kMaxClockDrift * std::fabs(take[i].value - about);
        std::size_t best = recording.size();
        double away = reach;
        for (std::size_t j = next; j < recording.size(); ++j) {
            if (recording[j].value > want + reach) break;
            const double d = std::fabs(recording[j].value - want);
            if (d < away) {
                away = d;
                best = j;
            }
        }
        if (best == recording.size()) continue;
        pairs.push_back({i, best, {}});
        next = best + 1;
    }
    return pairs;
}

MarkFit through(std::vector<MarkPair> pairs, std::span<const Seconds> take,
                std::span<const Seconds> recording, Ppm drift) {
    MarkFit fit;
    const double span = (take[pairs.back().take] - take[pairs.front().take]).value;
    fit.driftMeasured = pairs.size() >= 2 && span >= kSpanForDrift;
    std::vector<LinePoint> points;
    const double known = fit.driftMeasured ? 0 : drift.value * 1e-6;
    for (const auto& p : pairs) {
        const double t = take[p.take].value;
        points.push_back({t, recording[p.recording].value - t - known * t, 1});
    }
    const LineFit line = fitLine(points, fit.driftMeasured ? kMaxClockDrift : 0.0);
    fit.line = {{line.at0}, fit.driftMeasured ? Ppm{line.slope * 1e6} : drift};
    for (auto& p : pairs) {
        p.left = fit.line.toRecording(take[p.take]) - recording[p.recording];
    }
    fit.pairs = std::move(pairs);
    return fit;
}

}  // namespace

Seconds MarkFit::worst() const {
    Seconds most{0};
    for (const auto& p : pairs) {
        if (std::fabs(p.left.value) > std::fabs(most.value)) most = p.left;
    }
    return most;
}

std::vector<MarkFit> fitMarks(std::span<const Seconds> take, std::span<const Seconds> recording,
                              Ppm drift) {
    std::vector<MarkFit> all;
    for (const Seconds t : take) {
        for (const Seconds r : recording) {
            const ClockLine line{r - t - t * (drift.value * 1e-6), drift};
            auto pairs = pairsOn(line, take, recording, t.value);
            if (!pairs.empty()) all.push_back(through(std::move(pairs), take, recording, drift));
        }
    }
    std::stable_sort(all.begin(), all.end(), [](const MarkFit& a, const MarkFit& b) {
        return std::pair(b.pairs.size(), std::fabs(a.worst().value)) <
               std::pair(a.pairs.size(), std::fabs(b.worst().value));
    });
    std::vector<MarkFit> out;
    for (auto& f : all) {
        const bool known = std::any_of(out.begin(), out.end(), [&](const MarkFit& o) {
            const Seconds at = take[o.pairs.front().take];
            return std::fabs((o.line.toRecording(at) - f.line.toRecording(at)).value) < kSamePlace;
        });
        if (!known) out.push_back(std::move(f));
        if (out.size() == kMaxFits) break;
    }
    return out;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/true_lines.h"

#include <algorithm>

namespace brisk::sim {
namespace {

constexpr double kPiece = 5;  // seconds; a warming clock is straight over that to a microsecond

/// World time without what was lost before it on one side.
double heardTime(double world, const std::vector<Loss>& losses, bool inTake) {
    double out = world;
    for (const Loss& l : losses) {
        if (l.inTake == inTake && !l.silent && world >= l.at) out -= l.seconds;
    }
    return out;
}

}  // namespace

std::vector<TrueLine> trueLines(const SharedTime& s, const std::vector<Loss>& losses,
                                const RecorderClock& clock) {
    // World times of what is emitted, at which something changes; and every few seconds.
    struct Edge {
        double emitted;
        bool jump;
    };
    const double from = std::max(0.0, s.takeStart - s.air);
    const double to = std::min(s.recordingSeconds, s.takeStart + s.takeSeconds - s.air);
    if (to <= from) return {};
    std::vector<Edge> edges{{from, false}, {to, false}};
    for (const Loss& l : losses) {
        if (l.silent) continue;
        const double at = l.inTake ? l.at - s.air : l.at;
        if (at > from && at < to) edges.push_back({at, true});
    }
    if (!clock.steady()) {
        for (double t = from + kPiece; t < to; t += kPiece) edges.push_back({t, false});
    }
    std::sort(edges.begin(), edges.end(),
              [](const Edge& a, const Edge& b) { return a.emitted < b.emitted; });
    std::vector<TrueLine> out;
    for (std::size_t i = 0; i + 1 < edges.size(); ++i) {
        const double a = edges[i].emitted, b = edges[i + 1].emitted;
        // What was lost lies on no line.
        double skip = 0;
        for (const Loss& l : losses) {
            const double at = l.inTake ? l.at - s.air : l.at;
            if (edges[i].jump && at == a) skip = std::max(0.0, l.seconds);
        }
        const double inside = std::min(1e-3, (b - a) / 4);
        const double p = a + skip + inside, q = b - inside;
        if (q <= p) continue;
        const auto take = [&](double e) {
            return heardTime(e + s.air, losses, true) - s.takeStart;
        };
        const auto recorded = [&](double e) { return clock.counted(heardTime(e, losses, false)); };
        const double slope = (recorded(q) - recorded(p)) / (take(q) - take(p));
        TrueLine t;
        t.line = ClockLine{{recorded(p) - take(p) * slope}, {(slope - 1) * 1e6}};
        t.takeStart = take(p) - inside;
        t.takeEnd = take(q) + inside;
        t.jumpsHere = edges[i].jump;
        out.push_back(t);
    }
    return out;
}

}  // namespace brisk::sim

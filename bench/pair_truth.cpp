// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench/pair_truth.h"

#include <algorithm>
#include <cmath>

namespace brisk::bench {
namespace {

constexpr double kStep = 0.1;  // seconds of the table of a clock
constexpr double kPiece = 5;   // seconds; a warming clock is straight over that to a microsecond

/// World time without what was lost before it on one side.
double heardTime(double world, const std::vector<Loss>& losses, bool inTake) {
    double out = world;
    for (const Loss& l : losses) {
        if (l.inTake == inTake && !l.silent && world >= l.at) out -= l.seconds;
    }
    return out;
}

}  // namespace

double valueAt(const Course& course, double time) {
    if (course.empty()) return 0;
    if (time <= course.front().first) return course.front().second;
    for (std::size_t i = 1; i < course.size(); ++i) {
        const auto& [t1, v1] = course[i];
        if (time > t1) continue;
        const auto& [t0, v0] = course[i - 1];
        return v0 + (v1 - v0) * (time - t0) / (t1 - t0);
    }
    return course.back().second;
}

std::pair<double, double> extremes(const Course& course) {
    std::pair<double, double> out{course.front().second, course.front().second};
    for (const auto& [time, value] : course) {
        out = {std::min(out.first, value), std::max(out.second, value)};
    }
    return out;
}

RecorderClock::RecorderClock(double ppm, const Course& warmth, double seconds)
    : ppm_(ppm), steady_(warmth.empty()) {
    if (steady_) return;
    double sum = 0;
    for (double t = 0; t <= seconds + 2 * kStep; t += kStep) {
        extra_.push_back(sum);
        sum += kStep * 1e-6 * valueAt(warmth, t + kStep / 2);
    }
}

double RecorderClock::counted(double world) const {
    double extra = 0;
    if (!steady_) {
        const double at =
            std::clamp(world / kStep, 0.0, static_cast<double>(extra_.size()) - 1.001);
        const auto i = static_cast<std::size_t>(at);
        extra = extra_[i] + (extra_[i + 1] - extra_[i]) * (at - static_cast<double>(i));
    }
    return world * (1 + ppm_ * 1e-6) + extra;
}

double RecorderClock::world(double counted) const {
    double t = counted / (1 + ppm_ * 1e-6);
    for (int i = 0; i < 3 && !steady_; ++i) t += counted - this->counted(t);
    return t;
}

std::vector<TruthSegment> truthOf(const TruthSpec& s, const std::vector<Loss>& losses,
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
    std::vector<TruthSegment> out;
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
        TruthSegment t;
        t.line = ClockLine{{recorded(p) - take(p) * slope}, {(slope - 1) * 1e6}};
        t.takeStart = take(p) - inside;
        t.takeEnd = take(q) + inside;
        t.jumpsHere = edges[i].jump;
        out.push_back(t);
    }
    return out;
}

}  // namespace brisk::bench

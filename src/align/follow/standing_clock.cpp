// SPDX-License-Identifier: GPL-3.0-or-later
// A mode, not a mean: pairs with a step between them agree with no slope in common. Source: the
// Welsch loss (Dennis & Welsch 1978), searched for its highest peak and refined by reweighting.
#include "align/follow/standing_clock.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace brisk {
namespace {

constexpr std::size_t kNeighbours = 4;
constexpr double kStill = 20e-6;  // seconds that two windows of one place lie apart
constexpr double kGrid = 1e-6;    // seconds a second; over 20 s as much as kStill
constexpr int kRefined = 8;
constexpr double kBeside = 60e-6;  // seconds; a head that sways

struct Pair {
    double apart = 0;  // seconds between them
    double later = 0;  // seconds of lag
    double weight = 1;

    [[nodiscard]] double agrees(double slope) const {
        const double off = (later - slope * apart) / kStill;
        return weight * std::exp(-off * off / 2);
    }
};

std::vector<Pair> neighbours(std::span<const ClockPoint> points) {
    std::vector<Pair> out;
    for (std::size_t i = 0; i < points.size(); ++i) {
        for (std::size_t k = i + 1; k < std::min(points.size(), i + 1 + kNeighbours); ++k) {
            const ClockPoint &a = points[i], &b = points[k];
            if (a.run != b.run) continue;
            out.push_back({b.time - a.time, b.value - a.value, std::min(a.weight, b.weight)});
        }
    }
    // As many votes as pairs, however loud they are.
    double sum = 0;
    for (const Pair& p : out) sum += p.weight;
    for (Pair& p : out) p.weight *= static_cast<double>(out.size()) / std::max(sum, 1e-9);
    return out;
}

double standingSlope(std::span<const ClockPoint> points, const ClockFitOptions& options) {
    const auto pairs = neighbours(points);
    const double least = options.likelySlope - options.maxSlope;
    const double most = options.likelySlope + options.maxSlope;
    const auto worth = [&](double slope) {
        const double unlikely = (slope - options.likelySlope) / options.slopeDoubt;
        double sum = -unlikely * unlikely / 2;
        for (const Pair& p : pairs) sum += p.agrees(slope);
        return sum;
    };
    double best = options.likelySlope, bestWorth = worth(best);
    for (double slope = least; slope <= most; slope += kGrid) {
        const double here = worth(slope);
        if (here <= bestWorth) continue;
        best = slope;
        bestWorth = here;
    }
    const double belief = std::pow(kStill / options.slopeDoubt, 2);
    for (int round = 0; round < kRefined; ++round) {
        double weight = belief, sum = belief * options.likelySlope;
        for (const Pair& p : pairs) {
            const double w = p.agrees(best);
            weight += w * p.apart * p.apart;
            sum += w * p.apart * p.later;
        }
        best = sum / weight;
    }
    return std::clamp(best, least, most);
}

/// Of all points of a run's the one that most others are beside.
void levelWhereMostAre(std::span<const ClockPoint> points, int run, ClockFit& fit) {
    double& level = fit.levels[static_cast<std::size_t>(run)];
    double best = level, most = 0;
    for (const ClockPoint& about : points) {
        if (about.run != run) continue;
        double sum = 0, weight = 0;
        for (const ClockPoint& p : points) {
            const double above = p.value - fit.slope * p.time;
            const double off = above - (about.value - fit.slope * about.time);
            if (p.run != run || std::fabs(off) > kBeside) continue;
            weight += p.weight;
            sum += p.weight * above;
        }
        if (weight <= most) continue;
        most = weight;
        best = sum / weight;
    }
    level = best;
}

}  // namespace

ClockFit standingClock(std::span<const ClockPoint> points, int runs,
                       const ClockFitOptions& options) {
    ClockFitOptions known = options;
    known.likelySlope = standingSlope(points, options);
    known.maxSlope = 0;
    ClockFit out = fitClock(points, runs, {}, known);
    for (int run = 0; run < runs; ++run) levelWhereMostAre(points, run, out);
    out.spread = spreadAbout(out, points);
    return out;
}

}  // namespace brisk

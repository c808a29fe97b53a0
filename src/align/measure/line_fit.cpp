// SPDX-License-Identifier: GPL-3.0-or-later
// Theil-Sen gives a start that half of the points cannot upset; iteratively reweighted least
// squares with Tukey's biweight then uses all that is good.
// Source: Sen 1968; Beaton & Tukey 1974.
#include "align/measure/line_fit.h"
#include "core/statistics.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <vector>

namespace brisk {
namespace {

LineFit theilSen(std::span<const LinePoint> points, double maxSlope) {
    std::vector<double> slopes;
    for (std::size_t i = 0; i < points.size(); ++i) {
        for (std::size_t j = i + 1; j < points.size(); ++j) {
            const double dt = points[j].time - points[i].time;
            if (std::fabs(dt) > 1e-6) slopes.push_back((points[j].value - points[i].value) / dt);
        }
    }
    LineFit f;
    f.slope = std::clamp(median(std::move(slopes)), -maxSlope, maxSlope);
    std::vector<double> rest;
    for (const auto& p : points) rest.push_back(p.value - f.slope * p.time);
    f.at0 = median(std::move(rest));
    return f;
}

double spreadAbout(const LineFit& f, std::span<const LinePoint> points) {
    std::vector<double> off;
    for (const auto& p : points) off.push_back(p.value - f.at(p.time));
    return robustDeviation(std::move(off), 0.0);
}

}  // namespace

LineFit fitLine(std::span<const LinePoint> points, double maxSlope) {
    assert(maxSlope >= 0);
    if (points.empty()) return {};
    LineFit fit = theilSen(points, maxSlope);
    for (int round = 0; round < 12; ++round) {
        const double reach = 4.685 * std::max(spreadAbout(fit, points), 4e-6);
        double w = 0, wt = 0, wv = 0;
        std::vector<double> weights;
        for (const auto& p : points) {
            const double r = (p.value - fit.at(p.time)) / reach;
            const double k = std::fabs(r) < 1 ? (1 - r * r) * (1 - r * r) * p.weight : 0.0;
            weights.push_back(k);
            w += k;
            wt += k * p.time;
            wv += k * p.value;
        }
        if (w <= 0) break;
        const double t0 = wt / w;
        const double v0 = wv / w;
        double cov = 0, var = 0;
        for (std::size_t i = 0; i < points.size(); ++i) {
            cov += weights[i] * (points[i].time - t0) * (points[i].value - v0);
            var += weights[i] * (points[i].time - t0) * (points[i].time - t0);
        }
        fit.slope = var > 0 ? std::clamp(cov / var, -maxSlope, maxSlope) : 0.0;
        fit.at0 = v0 - fit.slope * t0;
    }
    fit.spread = spreadAbout(fit, points);
    return fit;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// Windows agree in the right lag and in nothing else, so that their sum grows there with their
// number and elsewhere with its root. Why along a line: with a drift of 30 ppm the peaks of an
// hour lie 108 ms apart, and a plain sum would smear them.
#include "align/measure/curve_stack.h"
#include "core/parabolic_peak.h"
#include "core/statistics.h"

#include <algorithm>
#include <cassert>
#include <cmath>

#include "dsp/fast_loop.h"

namespace brisk {
namespace {
constexpr float kMaxSay = 25.0f;

BRISK_FAST_LOOP void addWeighted(const float* values, float weight, int count, double* out) {
    for (int k = 0; k < count; ++k) out[k] += static_cast<double>(weight * values[k]);
}
}  // namespace

void weigh(Curve& c) {
    float top = 0;
    for (const float v : c.values) top = std::max(top, std::fabs(v));
    c.weight = top > kMaxSay ? kMaxSay / top : 1.0f;
}

std::vector<double> stackCurves(const std::vector<Curve>& curves, const LineFit& line) {
    std::vector<double> lags;
    lags.reserve(curves.size());
    for (const auto& c : curves) lags.push_back(line.at(c.time));
    return stackCurves(curves, lags);
}

std::vector<double> stackCurves(std::span<const Curve> curves, std::span<const double> lags) {
    assert(curves.size() == lags.size());
    std::vector<double> sum(2 * kReach + 1, 0.0);
    for (std::size_t i = 0; i < curves.size(); ++i) {
        const Curve& c = curves[i];
        assert(c.values.size() == sum.size());
        if (std::isnan(lags[i])) continue;
        const auto shift = static_cast<int>(
            std::clamp(std::round((lags[i] - c.shift) * kCurveRate), -2.0 * kReach, 2.0 * kReach));
        const int from = std::max(-kReach, -kReach - shift);
        const int to = std::min(kReach, kReach - shift);
        if (to < from) continue;
        addWeighted(c.values.data() + kReach + shift + from, c.weight, to - from + 1,
                    sum.data() + kReach + from);
    }
    return sum;
}

double heightNear(const std::vector<double>& stack, int polarity, int reach, int about) {
    double height = 0;
    const int from = std::max(-kReach, about - reach), to = std::min(kReach, about + reach);
    for (int k = from; k <= to; ++k) {
        height = std::max(height, polarity * stack[static_cast<std::size_t>(k + kReach)]);
    }
    return height;
}

int loudestLag(const std::vector<double>& stack, int polarity, int reach) {
    const auto value = [&](int k) {
        return polarity * stack[static_cast<std::size_t>(k + kReach)];
    };
    int loudest = 0;
    for (int k = -reach; k <= reach; ++k) {
        if (value(k) > value(loudest)) loudest = k;
    }
    return loudest;
}

double stackNoise(const std::vector<double>& v) {
    std::vector<double> m;
    m.reserve(v.size());
    for (const double x : v) {
        if (x != 0) m.push_back(std::fabs(x));  // 0: no curve reaches this lag
    }
    if (m.empty()) return 1e-9;
    return std::max(1e-9, robustDeviation(std::move(m), 0.0));
}

Top topOf(const Curve& c, int polarity, double about, int reach) {
    assert(polarity == 1 || polarity == -1);
    const int middle = static_cast<int>(std::lround((about - c.shift) * kCurveRate));
    const auto value = [&](int k) {
        return polarity * static_cast<double>(c.values[static_cast<std::size_t>(k + kReach)]);
    };
    int best = middle;
    double height = -1e9;
    const int from = std::max(middle - reach, 1 - kReach);
    const int to = std::min(middle + reach, kReach - 1);
    for (int k = from; k <= to; ++k) {
        if (value(k) > height) {
            height = value(k);
            best = k;
        }
    }
    if (height <= -1e9) return {about, height};
    const double between = peakBetween(value(best - 1), value(best), value(best + 1));
    return {(best + between) / kCurveRate + c.shift, height};
}

}  // namespace brisk

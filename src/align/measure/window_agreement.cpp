// SPDX-License-Identifier: GPL-3.0-or-later
// Each window is asked by itself and compared with all the others together. Why the stack of the
// others, and not the stack: a window that is in the stack agrees with itself.
#include "align/measure/window_agreement.h"

#include <algorithm>
#include <cmath>

namespace brisk {
namespace {
constexpr double kAgreeSeconds = 0.0006;
constexpr double kFreeSeconds = 0.036;
constexpr int kWide = static_cast<int>(kFreeSeconds * kCurveRate);
constexpr int kAgreeNear = static_cast<int>(kAgreeSeconds * kCurveRate);
}  // namespace

WindowAgreement::WindowAgreement(std::span<const Curve> curves, std::span<const double> lags,
                                 int polarity)
    : polarity_(polarity), all_(stackCurves(curves, lags)) {}

double WindowAgreement::value(const std::vector<double>& v, int k) const {
    return polarity_ * v[static_cast<std::size_t>(k + kReach)];
}

bool WindowAgreement::agrees(const Curve& c, double along) {
    const Top free = topOf(c, polarity_, along, kWide);
    std::vector<double> others = all_;
    const auto own = stackCurves({&c, 1}, {&along, 1});
    for (std::size_t i = 0; i < others.size(); ++i) others[i] -= own[i];
    double highest = 0;
    for (int k = -kWide; k <= kWide; ++k) highest = std::max(highest, value(others, k));
    const double least = std::max(highest / 2, 5 * stackNoise(others));
    const int lag = static_cast<int>(std::lround((free.lag - along) * kCurveRate));
    bool supported = false;
    int open = 0;  // lags at which a window would agree
    int lastGood = -kReach - kAgreeNear;
    for (int k = -kWide - kAgreeNear; k <= kWide + kAgreeNear; ++k) {
        if (k < -kReach || k > kReach || value(others, k) < least) continue;
        open += std::min(k - lastGood, 2 * kAgreeNear + 1);
        lastGood = k;
        supported = supported || std::abs(k - lag) <= kAgreeNear;
    }
    chance_ += static_cast<double>(open) / (2 * kWide + 1);
    ++asked_;
    return supported;
}

double WindowAgreement::chance() const {
    const double least = kAgreeSeconds / kFreeSeconds;
    return std::clamp(chance_ / std::max(1, asked_), least, 0.9);
}

std::vector<bool> whichAgree(const std::vector<Curve>& curves, const std::vector<double>& lags,
                             int polarity, double* chance) {
    WindowAgreement agreement(curves, lags, polarity);
    std::vector<bool> out(curves.size());
    for (std::size_t i = 0; i < out.size(); ++i) out[i] = agreement.agrees(curves[i], lags[i]);
    if (chance) *chance = agreement.chance();
    return out;
}

int agreeingAlong(const std::vector<Curve>& curves, const CommonLine& line) {
    std::vector<double> lags;
    for (const Curve& c : curves) lags.push_back(line.line.at(c.time));
    const auto agree = whichAgree(curves, lags, line.polarity);
    return static_cast<int>(std::count(agree.begin(), agree.end(), true));
}

}  // namespace brisk

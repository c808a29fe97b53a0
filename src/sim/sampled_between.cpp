// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/sampled_between.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace brisk::sim {

void SampledBetween::push(std::span<const float> samples) {
    kept_.insert(kept_.end(), samples.begin(), samples.end());
}

float SampledBetween::at(double position) const {
    const auto whole = static_cast<std::int64_t>(std::floor(position));
    const double part = position - static_cast<double>(whole);
    // The sine of the sinc only changes its sign from sample to sample.
    const double sine = std::sin(std::numbers::pi * part);
    double sum = 0;
    const std::int64_t low = std::max<std::int64_t>(-kReach + 1, first_ - whole);
    const std::int64_t high = std::min<std::int64_t>(kReach, pushed() - 1 - whole);
    for (std::int64_t k = low; k <= high; ++k) {
        const double x = static_cast<double>(k) - part;
        const double sinc =
            std::fabs(x) < 1e-9 ? 1 : (k % 2 == 0 ? -sine : sine) / (std::numbers::pi * x);
        const double u = x / (kReach + 0.5);
        const double window = (1 - u * u) * (1 - u * u);
        sum += static_cast<double>(kept_[static_cast<std::size_t>(whole + k - first_)]) * sinc *
               window;
    }
    return static_cast<float>(sum);
}

void SampledBetween::addRoughly(Moving from, std::span<float> out) const {
    const auto kept = static_cast<std::int64_t>(kept_.size());
    for (std::size_t i = 0; i < out.size();) {
        const auto whole = static_cast<std::int64_t>(from.position);  // before the first is silence
        const std::int64_t n = whole - first_;
        const auto x = static_cast<float>(from.position - static_cast<double>(whole));
        // Lagrange's cubic through four of them.
        const float outer = x * (x - 1), inner = (x + 1) * (x - 2);
        const std::array<float, 4> c{-outer * (x - 2) / 6, inner * (x - 1) / 2, -inner * x / 2,
                                     outer * (x + 1) / 6};
        // What stands still is weighed alike for all the rest.
        const std::size_t alike = from.step == 1 ? out.size() - i : 1;
        const auto most = static_cast<std::int64_t>(alike);
        const auto low = static_cast<std::size_t>(std::clamp<std::int64_t>(1 - n, 0, most));
        const auto high = static_cast<std::size_t>(std::clamp<std::int64_t>(kept - 2 - n, 0, most));
        for (std::size_t k = low; k < high; ++k) {
            const float* s = kept_.data() + n + static_cast<std::int64_t>(k);
            out[i + k] += (from.gain + static_cast<float>(k) * from.gainStep) *
                          (c[0] * s[-1] + c[1] * s[0] + c[2] * s[1] + c[3] * s[2]);
        }
        from.position += from.step * static_cast<double>(alike);
        from.gain += from.gainStep * static_cast<float>(alike);
        i += alike;
    }
}

void SampledBetween::forgetBefore(double position) {
    const std::int64_t until = static_cast<std::int64_t>(std::floor(position)) - kReach;
    const std::int64_t gone =
        std::clamp<std::int64_t>(until - first_, 0, static_cast<std::int64_t>(kept_.size()));
    kept_.erase(kept_.begin(), kept_.begin() + gone);
    first_ += gone;
}

}  // namespace brisk::sim

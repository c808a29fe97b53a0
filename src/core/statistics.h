// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The middle of numbers and how far they lie from it, whatever a few of them do: one loud clap
/// moves a mean, and no median.
///
///     quantile({5, 1, 3}, 0.5)            // 3
///     robustDeviation({1, 2, 3, 100}, 2)  // 1.5, as of a bell curve
#pragma once

#include <algorithm>
#include <cmath>
#include <cstddef>
#include <vector>

namespace brisk {

/// A median distance times this is the standard deviation of a bell curve.
/// Source: Hampel 1974, the influence curve, consistency of the MAD.
constexpr double kDeviationOfMedian = 1.4826;

/// The element that `share` (0 to 1) of the others are not above: the n-th smallest, none in
/// between. 0 of none.
template <class Number>
Number quantile(std::vector<Number> v, double share) {
    if (v.empty()) return {};
    const auto n = static_cast<std::size_t>(share * static_cast<double>(v.size()));
    const auto at = v.begin() + static_cast<std::ptrdiff_t>(std::min(n, v.size() - 1));
    std::nth_element(v.begin(), at, v.end());
    return *at;
}

/// Of an even number, the upper of the two in the middle.
template <class Number>
Number median(std::vector<Number> v) {
    return quantile(std::move(v), 0.5);
}

/// How far values lie from `middle`, as the standard deviation of a bell curve with such a median.
template <class Number>
double robustDeviation(std::vector<Number> v, Number middle) {
    for (Number& x : v) x = std::abs(x - middle);
    return kDeviationOfMedian * static_cast<double>(median(std::move(v)));
}

}  // namespace brisk

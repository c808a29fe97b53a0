// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The shift between two copies of the same sound, by plain correlation. For checking written files
/// against what was meant; two different microphones need gcc_phat.h instead.
#pragma once

#include <span>

namespace brisk {

struct PlainLag {
    double samples = 0;      ///< Positive: `b` is later than `a`.
    double correlation = 0;  ///< 1 for equal shapes, 0 where one is silent.
};

/// Shape: equal lengths, mono. Searches ±maxLag samples, refined between samples.
PlainLag measureLag(std::span<const float> a, std::span<const float> b, int maxLag);

}  // namespace brisk

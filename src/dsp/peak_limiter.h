// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Keeps true peaks under a ceiling, by turning down for some milliseconds around each. What it
/// does at a sample depends on what lies within `kReach` of it and on nothing else, so that it may
/// begin anywhere.
///
///     limitPeaks(block, channels, ceiling, out);   // block: kReach more frames on both sides
#pragma once

#include <cstddef>
#include <span>

namespace brisk {

constexpr std::size_t kLimiterReach = 1024;  // frames that it looks back and ahead

/// Shape: interleaved; `in` holds kLimiterReach frames more than `out` at either end.
/// \param ceiling  as a factor of full scale, of the true peak (four times oversampled).
/// Samples that no peak is near are copied untouched.   Threads: safe.
void limitPeaks(std::span<const float> in, int channels, double ceiling, std::span<float> out);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Reads a window of sound at evenly spaced positions that need not be whole, for measuring it: a
/// short filter, the same for eight positions beside each other. What people hear is read by
/// polyphase.h.
///
///     readAtPositions(in, kWindowReach + 0.37, 1 + 20e-6, out);
///
/// Quality: up to 12 kHz at 48 kHz errors are 70 dB below the sound where the clocks are alike, 60
/// at 100 ppm, 40 at a thousandth; on average over eight samples each is in its place.   Threads:
/// any.
#pragma once

#include <span>

namespace brisk {

/// Input samples that are looked at before a position; after it one more.
constexpr int kWindowReach = 8;

/// out[k] = `in` at position first + k * step, in samples; the first at least kWindowReach, the
/// last at least kWindowReach + 1 before the end of `in`.
/// \param step  near 1, within a fifth: what lies above half of a slower rate is not filtered away.
void readAtPositions(std::span<const float> in, double first, double step, std::span<float> out);

}  // namespace brisk

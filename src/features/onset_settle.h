// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A hand is quicker than it is exact: the onset that a mark was meant for.
///
///     auto n = settleOnOnset(samples, rate, pressedAt);   // index, or nothing that begins there
#pragma once

#include <optional>
#include <span>

#include "core/units.h"

namespace brisk {

/// The sample at which the sharpest rise near `at` begins: sharper counts, nearer counts, too.
/// \param mono  a short stretch, some hundred milliseconds.
/// Nothing where no rise of 6 dB stands out. Threads: safe.
std::optional<std::size_t> settleOnOnset(std::span<const float> mono, SampleRate rate,
                                         std::size_t at);

}  // namespace brisk

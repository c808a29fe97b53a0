// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How long work will still take, by how long it took so far, and how that is said.
///
///     if (auto left = timeLeft(elapsed, 0.4)) label = timeLeftText(*left);   // "12 s left"
#pragma once

#include <optional>
#include <string>

#include "core/units.h"

namespace brisk {

/// Nothing while it is too early to tell.
std::optional<Seconds> timeLeft(Seconds elapsed, double fraction);

/// "12 s left", "4 min left", "2 h 10 min left": rounded up.
std::string timeLeftText(Seconds left);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How long work will still take, by how long it took so far.
///
///     if (auto left = timeLeft(elapsed, 0.4)) ...
#pragma once

#include <optional>

#include "core/units.h"

namespace brisk {

/// Nothing while it is too early to tell.
std::optional<Seconds> timeLeft(Seconds elapsed, double fraction);

}  // namespace brisk

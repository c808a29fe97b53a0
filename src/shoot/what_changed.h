// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which files of a shoot another state of it says something else about.
#pragma once

#include <optional>
#include <set>

#include "shoot/shoot_state.h"

namespace brisk {

/// Takes and recordings of which anything differs: what they are, how they lie, what was made of
/// them. Marks count as their file's. Nothing where that cannot be told one by one: files came or
/// went, or what holds for all takes is another.   Threads: safe.
std::optional<std::set<int>> changedMedia(const ShootState& before, const ShootState& after);

}  // namespace brisk

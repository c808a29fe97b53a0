// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The order in which each camera shot its takes, as its files' names count it.
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "day/day_layout.h"
#include "shoot/shoot_state.h"

namespace brisk {

/// A file's place in its camera's counting: "sewing-", 7.
struct Shot {
    int take = 0;
    std::string series;  ///< Camera, folder and the name before its number.
    long number = 0;
};

/// By series, then number. Takes whose names do not end in a number are left out.
std::vector<Shot> shotOrder(const ShootState& state, const std::function<DayFacts(int)>& factsOf);

}  // namespace brisk

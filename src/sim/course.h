// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Something that changes with time: how far away somebody stands, how warm a clock is.
#pragma once

#include <utility>
#include <vector>

namespace brisk::sim {

/// Values at times in rising order, straight in between, level beyond.
using Course = std::vector<std::pair<double, double>>;

/// 0 where the course is empty.
double valueAt(const Course& course, double time);

/// The least and the most. The course must hold something.
std::pair<double, double> extremes(const Course& course);

}  // namespace brisk::sim

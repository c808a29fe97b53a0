// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Runs a program and says what it cost.
#pragma once

#include <string>
#include <vector>

namespace brisk::bench {

struct Cost {
    double cpuSeconds = 0;
    double wallSeconds = 0;
    double peakMegabytes = 0;
    int exitCode = -1;
};

/// Standard output and error go nowhere.
Cost measuredRun(const std::vector<std::string>& command);

}  // namespace brisk::bench

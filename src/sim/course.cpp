// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/course.h"

#include <algorithm>

namespace brisk::sim {

double valueAt(const Course& course, double time) {
    if (course.empty()) return 0;
    const auto later = std::find_if(course.begin(), course.end(),
                                    [&](const auto& point) { return point.first >= time; });
    if (later == course.begin()) return course.front().second;
    if (later == course.end()) return course.back().second;
    const auto& [t0, v0] = *(later - 1);
    const auto& [t1, v1] = *later;
    return v0 + (v1 - v0) * (time - t0) / (t1 - t0);
}

std::pair<double, double> extremes(const Course& course) {
    std::pair<double, double> out{course.front().second, course.front().second};
    for (const auto& [time, value] : course) {
        out = {std::min(out.first, value), std::max(out.second, value)};
    }
    return out;
}

}  // namespace brisk::sim

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Lists of stretches that are kept of something longer: in order, never overlapping. Two that
/// touch are two: somebody cut there.
///
///     auto kept = cutAt({{{0}, {60}}}, Seconds{20});   // 0-20 and 20-60
#pragma once

#include <algorithm>
#include <vector>

#include "core/units.h"

namespace brisk {

using TimeRanges = std::vector<TimeRange>;

/// Splits the stretch that holds `t` in its inside; otherwise nothing changes.
inline TimeRanges cutAt(TimeRanges kept, Seconds t) {
    for (std::size_t i = 0; i < kept.size(); ++i) {
        if (!(kept[i].start < t && t < kept[i].end)) continue;
        const TimeRange after{t, kept[i].end};
        kept[i].end = t;
        kept.insert(kept.begin() + static_cast<std::ptrdiff_t>(i) + 1, after);
        break;
    }
    return kept;
}

/// Takes away the stretch that holds `t`; the last one stays.
inline TimeRanges dropAt(TimeRanges kept, Seconds t) {
    if (kept.size() < 2) return kept;
    const auto it = std::find_if(kept.begin(), kept.end(),
                                 [&](const TimeRange& r) { return r.start <= t && t < r.end; });
    if (it != kept.end()) kept.erase(it);
    return kept;
}

/// Brings back what is missing around `t`, between its neighbours or up to the ends of `whole`.
inline TimeRanges bringBackAt(TimeRanges kept, Seconds t, TimeRange whole) {
    TimeRange gap = whole;
    for (const TimeRange& r : kept) {
        if (r.start <= t && t < r.end) return kept;
        if (r.end <= t) gap.start = std::max(gap.start, r.end);
        if (r.start > t) gap.end = std::min(gap.end, r.start);
    }
    if (gap.empty()) return kept;
    kept.push_back(gap);
    std::sort(kept.begin(), kept.end(),
              [](const TimeRange& a, const TimeRange& b) { return a.start < b.start; });
    return kept;
}

/// What of the stretches lies within any of `within`.
inline TimeRanges keptWithin(const TimeRanges& kept, const TimeRanges& within) {
    TimeRanges out;
    for (const TimeRange& k : kept) {
        for (const TimeRange& w : within) {
            const TimeRange both = k.intersect(w);
            if (!both.empty()) out.push_back(both);
        }
    }
    return out;
}

/// Those that are at least so long.
inline TimeRanges longEnough(TimeRanges kept, Seconds shortest) {
    std::erase_if(kept, [&](const TimeRange& r) { return r.length() < shortest; });
    return kept;
}

}  // namespace brisk

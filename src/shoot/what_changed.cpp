// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/what_changed.h"

#include <algorithm>

namespace brisk {
namespace {

/// Tells `of` each element that is in one of two lists and not in the other at the same place.
template <class T, class Of>
void differences(const std::vector<T>& a, const std::vector<T>& b, Of of) {
    for (std::size_t i = 0; i < std::max(a.size(), b.size()); ++i) {
        if (i < a.size() && i < b.size() && a[i] == b[i]) continue;
        if (i < a.size()) of(a[i]);
        if (i < b.size()) of(b[i]);
    }
}

}  // namespace

std::optional<std::set<int>> changedMedia(const ShootState& before, const ShootState& after) {
    if (before.media.size() != after.media.size() || !(before.sound == after.sound)) {
        return std::nullopt;
    }
    std::set<int> out;
    differences(before.media, after.media, [&](const MediaItem& m) { out.insert(m.id); });
    differences(before.tethers, after.tethers, [&](const Tether& t) {
        out.insert(t.take);
        out.insert(t.recording);
    });
    differences(before.marks, after.marks, [&](const Mark& m) { out.insert(m.media); });
    differences(before.edits, after.edits, [&](const TakeEdit& e) { out.insert(e.take); });
    return out;
}

}  // namespace brisk

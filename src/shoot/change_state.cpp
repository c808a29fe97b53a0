// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/change_state.h"

#include <algorithm>

namespace brisk {

std::string nameOf(const ShootState& s, int id) {
    const MediaItem* m = s.item(id);
    return m ? m->name() : std::string("a file");
}

void changeEdit(ShootState& s, int take, const std::function<void(TakeEdit&)>& change) {
    auto it = std::find_if(s.edits.begin(), s.edits.end(),
                           [&](const TakeEdit& e) { return e.take == take; });
    if (it == s.edits.end()) {
        s.edits.push_back({take, {}, {}, {}, {}});
        it = s.edits.end() - 1;
    }
    change(*it);
    if (it->empty()) s.edits.erase(it);
}

bool dropDangling(ShootState& s) {
    // Asked after every step: sorted, so that a long shoot is quick.
    std::vector<std::pair<int, MediaKind>> there;
    there.reserve(s.media.size());
    for (const MediaItem& m : s.media) there.emplace_back(m.id, m.role);
    std::sort(there.begin(), there.end());
    const auto is = [&](int id, MediaKind role) {
        return std::binary_search(there.begin(), there.end(), std::pair{id, role});
    };
    const auto dangles = [&](const Tether& t) {
        return !is(t.take, MediaKind::Take) || !is(t.recording, MediaKind::Recording);
    };
    std::size_t gone = std::erase_if(s.tethers, dangles);
    gone += std::erase_if(s.marks, [&](const Mark& m) {
        return !is(m.media, MediaKind::Take) && !is(m.media, MediaKind::Recording);
    });
    for (TakeEdit& e : s.edits) gone += std::erase_if(e.tethered, dangles);
    gone += std::erase_if(
        s.edits, [&](const TakeEdit& e) { return e.empty() || !is(e.take, MediaKind::Take); });
    return gone > 0;
}

bool leaveOutDangling(Shoot& shoot) {
    ShootState sound = shoot.state();
    if (!dropDangling(sound)) return false;
    shoot.apply({{"leave-out-dangling"}, [sound](ShootState& s) { s = sound; }});
    return true;
}

void replaceTethers(ShootState& s, int take, const std::vector<Tether>& with) {
    std::size_t used = 0;
    std::erase_if(s.tethers, [&](Tether& t) {
        if (t.take != take) return false;
        if (used == with.size()) return true;
        t = with[used++];
        return false;
    });
    s.tethers.insert(s.tethers.end(), with.begin() + static_cast<std::ptrdiff_t>(used), with.end());
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/change_state.h"

#include <algorithm>
#include <filesystem>

namespace brisk {

std::string nameOf(const ShootState& s, int id) {
    const MediaItem* m = s.item(id);
    return m ? std::filesystem::path(m->path).filename().string() : std::string("a file");
}

std::string counted(std::size_t n, const std::string& one, const std::string& many) {
    return std::to_string(n) + " " + (n == 1 ? one : many);
}

void changeEdit(ShootState& s, int take, const std::function<void(TakeEdit&)>& change) {
    auto it = std::find_if(s.edits.begin(), s.edits.end(),
                           [&](const TakeEdit& e) { return e.take == take; });
    if (it == s.edits.end()) {
        s.edits.push_back({take, {}, {}, {}});
        it = s.edits.end() - 1;
    }
    change(*it);
    if (it->empty()) s.edits.erase(it);
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

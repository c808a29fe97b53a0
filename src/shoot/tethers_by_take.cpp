// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/tethers_by_take.h"

namespace brisk {

TethersByTake::TethersByTake(const ShootState& state) {
    for (const bool beside : {false, true}) {
        for (const Tether& t : state.tethers) {
            if (t.beside == beside) by_[t.take].push_back(&t);
        }
    }
}

const std::vector<const Tether*>& TethersByTake::of(int take) const {
    static const std::vector<const Tether*> none;
    const auto it = by_.find(take);
    return it == by_.end() ? none : it->second;
}

const Tether* TethersByTake::first(int take) const {
    const auto& all = of(take);
    return all.empty() || all.front()->beside ? nullptr : all.front();
}

std::unordered_map<int, TetherState> statesOf(const ShootState& state) {
    const TethersByTake by(state);
    std::unordered_map<int, TetherState> out;
    for (const MediaItem& m : state.media) {
        if (m.role != MediaKind::Take) continue;
        const Tether* t = by.first(m.id);
        out[m.id] = t ? t->state() : TetherState::Loose;
    }
    // Those that were tethered may have slipped: few, and looked at one by one.
    for (const TakeEdit& e : state.edits) {
        const auto it = out.find(e.take);
        if (it != out.end() && !e.tethered.empty()) it->second = state.stateOf(e.take);
    }
    return out;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/heard_takes.h"

#include <cmath>
#include <iomanip>
#include <locale>
#include <sstream>

namespace brisk {
namespace {

constexpr double kSamePlace = 0.002;  // seconds: moved by more, it sounds otherwise

const Tether* placeOf(const ShootState& state, int take) {
    const Tether* t = state.tetherOf(take);
    return t && t->state() != TetherState::Loose ? t : nullptr;
}

}  // namespace

HeardTakes::HeardTakes(const std::string& text) {
    std::istringstream in(text);
    in.imbue(std::locale::classic());
    int take = 0;
    Place p;
    while (in >> take >> p.recording >> p.offset) {
        if (std::isfinite(p.offset)) takes_[take] = p;
    }
}

bool HeardTakes::note(const ShootState& state, int take) {
    const Tether* t = placeOf(state, take);
    if (!t || heard(state, take)) return false;
    takes_[take] = {t->recording, t->line.offset.value};
    return true;
}

bool HeardTakes::heard(const ShootState& state, int take) const {
    const Tether* t = placeOf(state, take);
    const auto known = takes_.find(take);
    return t && known != takes_.end() && known->second.recording == t->recording &&
           std::fabs(known->second.offset - t->line.offset.value) < kSamePlace;
}

std::string HeardTakes::text() const {
    std::ostringstream out;
    out.imbue(std::locale::classic());
    out << std::fixed << std::setprecision(6);
    for (const auto& [take, p] : takes_) {
        out << take << ' ' << p.recording << ' ' << p.offset << '\n';
    }
    return out.str();
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/one_line.h"

#include <algorithm>
#include <map>
#include <set>
#include <tuple>

#include "shoot/change_state.h"

namespace brisk {
namespace {

/// Who leads has more of it.
auto rank(const Tether& t) {
    return std::tuple(t.locked, t.movedByHand() || t.placedByHand, t.found.overlap.length());
}

/// Gives a tether another line, as found, unless a person has placed or locked it.
void takeLine(Tether& t, ClockLine line) {
    if (t.locked || t.movedByHand() || !t.found.oneLineHolds()) return;
    t.line = t.found.line = line;
    for (TetherSegment& g : t.found.segments) g.line = line;
}

/// Lays a loose take where its neighbour's places have it.
void layBeside(ShootState& s, int take, int neighbour, Seconds later) {
    std::vector<Tether> placed;
    for (const Tether* a : s.tethersOf(neighbour)) {
        if (a->state() == TetherState::Loose) continue;
        Tether t = *a;
        t.take = take;
        t.locked = false;
        t.line = t.found.line = a->line.from(later);
        t.found.segments.clear();
        t.found.slips.clear();
        t.found.rivals.clear();
        t.found.status = MatchStatus::Unsure;
        t.found.reason = {
            {later > Seconds{0} ? "goes-on-from" : "goes-on-in", {{"take", nameOf(s, neighbour)}}}};
        placed.push_back(t);
    }
    if (!placed.empty()) replaceTethers(s, take, placed);
}

}  // namespace

Seconds startIn(const std::vector<std::pair<int, Seconds>>& all, int take) {
    return std::find_if(all.begin(), all.end(), [&](const auto& o) { return o.first == take; })
        ->second;
}

void shareLines(ShootState& s, int take) {
    const auto all = s.oneWith(take);
    if (all.size() < 2) return;
    std::map<int, std::vector<Tether*>> on;  // by recording
    for (const auto& [id, at] : all) {
        for (Tether& t : s.tethers) {
            if (t.take == id && t.state() != TetherState::Loose) on[t.recording].push_back(&t);
        }
    }
    for (const auto& [recording, tethers] : on) {
        // The first of equals.
        const Tether* leader =
            *std::max_element(tethers.begin(), tethers.end(),
                              [](const Tether* a, const Tether* b) { return rank(*a) < rank(*b); });
        for (Tether* t : tethers) {
            if (t == leader) continue;
            takeLine(*t, leader->line.from(startIn(all, t->take) - startIn(all, leader->take)));
        }
    }
    const auto lay = [&](std::size_t i, std::size_t by) {
        if (s.stateOf(all[i].first) != TetherState::Loose) return;
        layBeside(s, all[i].first, all[by].first, all[i].second - all[by].second);
    };
    for (std::size_t i = 1; i < all.size(); ++i) lay(i, i - 1);
    for (std::size_t i = all.size() - 1; i > 0; --i) lay(i - 1, i);
}

void hearAlike(ShootState& s, int take) {
    const auto all = s.oneWith(take);
    std::set<int> heard;  // the recordings of the one that has most of them: a microphone's files
    for (const auto& [id, at] : all) {
        std::set<int> own;
        for (const Tether* t : s.tethersOf(id)) {
            if (!t->beside && t->state() != TetherState::Loose) own.insert(t->recording);
        }
        if (own.size() > heard.size()) heard = std::move(own);
    }
    for (const auto& [id, at] : all) {
        const auto isHeard = [&](const Tether& t) { return heard.contains(t.recording); };
        std::vector<Tether> own;
        for (const Tether* t : s.tethersOf(id)) own.push_back(*t);
        if (std::none_of(own.begin(), own.end(), isHeard)) continue;
        for (Tether& t : own) t.beside = !isHeard(t);
        // The first is the one that is worked on.
        std::stable_partition(own.begin(), own.end(), isHeard);
        replaceTethers(s, id, own);
    }
}

}  // namespace brisk

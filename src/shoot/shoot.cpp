// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/shoot.h"

#include <algorithm>
#include <filesystem>

#include "shoot/change_state.h"

namespace brisk {

const char* stateText(TetherState s) {
    switch (s) {
        case TetherState::Offered:
            return "found";
        case TetherState::NeedsAnEar:
            return "unsure";
        case TetherState::Tethered:
            return "tethered";
        case TetherState::Slipped:
            return "moved";
        case TetherState::Loose:
            break;
    }
    return "no place";
}

TetherState Tether::state() const {
    if (locked) return TetherState::Tethered;
    if (placedByHand || movedByHand() || found.jumps()) return TetherState::NeedsAnEar;
    switch (found.status) {
        case MatchStatus::Matched:
            return TetherState::Offered;
        case MatchStatus::Unsure:
            return TetherState::NeedsAnEar;
        case MatchStatus::Unmatched:
            break;
    }
    return TetherState::Loose;
}

namespace {

/// Where clean sound is heard, and by which recording: what a tether holds together.
bool samePlace(const std::vector<Tether>& was, const std::vector<const Tether*>& is) {
    std::size_t heard = 0;
    for (const Tether& w : was) {
        if (w.beside) continue;
        ++heard;
        const auto same = std::find_if(is.begin(), is.end(), [&](const Tether* t) {
            return !t->beside && t->recording == w.recording;
        });
        if (same == is.end() || !((*same)->line == w.line) ||
            !((*same)->soundDelay == w.soundDelay) || (*same)->polarity != w.polarity) {
            return false;
        }
    }
    return heard == static_cast<std::size_t>(std::count_if(
                        is.begin(), is.end(), [](const Tether* t) { return !t->beside; }));
}

bool isSlipped(const ShootState& s, int take) {
    const TakeEdit* e = s.editOf(take);
    return e && !e->tethered.empty() && !samePlace(e->tethered, s.tethersOf(take));
}

}  // namespace

std::string MediaItem::name() const {
    return slate.name.empty() ? std::filesystem::path(path).filename().string() : slate.name;
}

const MediaItem* ShootState::item(int id) const {
    // Ids are given in order, so that nearly always the item is where a search by halves ends.
    std::size_t from = 0, to = media.size();
    while (from < to) {
        const std::size_t middle = from + (to - from) / 2;
        if (media[middle].id == id) return &media[middle];
        (media[middle].id < id ? from : to) = media[middle].id < id ? middle + 1 : middle;
    }
    const auto it =
        std::find_if(media.begin(), media.end(), [&](const MediaItem& m) { return m.id == id; });
    return it == media.end() ? nullptr : &*it;
}

const Tether* ShootState::tetherOf(int take) const {
    const auto it = std::find_if(tethers.begin(), tethers.end(),
                                 [&](const Tether& t) { return t.take == take && !t.beside; });
    return it == tethers.end() ? nullptr : &*it;
}

std::vector<const Tether*> ShootState::tethersOf(int take) const {
    std::vector<const Tether*> out;
    for (const bool beside : {false, true}) {
        for (const Tether& t : tethers) {
            if (t.take == take && t.beside == beside) out.push_back(&t);
        }
    }
    return out;
}

std::string Shoot::remembered(const std::string& what) const {
    const auto it = remembered_.find(what);
    return it == remembered_.end() ? std::string() : it->second;
}

void Shoot::remember(const std::string& what, const std::string& value) {
    remembered_[what] = value;
}

std::vector<std::pair<int, Seconds>> ShootState::oneWith(int take) const {
    int first = take;
    // However damaged a file is, this ends.
    for (std::size_t i = 0; i < media.size(); ++i) {
        const MediaItem* m = item(first);
        if (!m || m->goesOnFrom == 0 || !item(m->goesOnFrom)) break;
        first = m->goesOnFrom;
    }
    std::vector<std::pair<int, Seconds>> out{{first, Seconds{0}}};
    for (std::size_t i = 0; i < out.size() && out.size() <= media.size(); ++i) {
        const auto [id, at] = out[i];
        for (const MediaItem& m : media) {
            if (m.goesOnFrom == id) out.emplace_back(m.id, at + m.goesOnAfter);
        }
    }
    return out;
}

const Mark* ShootState::mark(int id) const {
    const auto it =
        std::find_if(marks.begin(), marks.end(), [&](const Mark& m) { return m.id == id; });
    return it == marks.end() ? nullptr : &*it;
}

std::vector<Mark> ShootState::marksOf(int id) const {
    std::vector<Mark> out;
    for (const auto& m : marks) {
        if (m.media == id) out.push_back(m);
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const Mark& a, const Mark& b) { return a.time < b.time; });
    return out;
}

std::vector<int> ShootState::ids(MediaKind role) const {
    std::vector<int> out;
    for (const auto& m : media) {
        if (m.role == role) out.push_back(m.id);
    }
    return out;
}

TetherState ShootState::stateOf(int take) const {
    const Tether* t = tetherOf(take);
    if (t && t->locked) return TetherState::Tethered;
    if (isSlipped(*this, take)) return TetherState::Slipped;
    return t ? t->state() : TetherState::Loose;
}

const TakeEdit* ShootState::editOf(int take) const {
    const auto it =
        std::find_if(edits.begin(), edits.end(), [&](const TakeEdit& e) { return e.take == take; });
    return it == edits.end() ? nullptr : &*it;
}

const SoundChoice& ShootState::soundOf(int take) const {
    const TakeEdit* e = editOf(take);
    return e && e->sound ? *e->sound : sound;
}

std::optional<Seconds> ShootState::slippedBy(int take) const {
    if (!isSlipped(*this, take)) return std::nullopt;
    const Tether& was = editOf(take)->tethered.front();
    for (const Tether* t : tethersOf(take)) {
        if (t->beside || t->recording != was.recording) continue;
        const Seconds middle = (was.found.overlap.start + was.found.overlap.end) / 2;
        return t->heardLine().toTake(was.heardLine().toRecording(middle)) - middle;
    }
    return std::nullopt;
}

Shoot::Shoot() : Shoot(ShootState{}) {}

Shoot::Shoot(ShootState loaded) {
    steps_.push_back({{}, std::make_shared<const ShootState>(std::move(loaded))});
    savedState_ = steps_.front().state;
    noteIds(*savedState_);
}

Shoot::Shoot(std::vector<HistoryStep> steps, std::size_t at)
    : steps_(std::move(steps)), at_(std::min(at, steps_.size() - 1)) {
    savedState_ = steps_[at_].state;
    for (const HistoryStep& s : steps_) noteIds(*s.state);
}

std::shared_ptr<const ShootState> Shoot::after(const Command& command) {
    auto state = std::make_shared<ShootState>(this->state());
    state->nextId = std::max(state->nextId, idsGiven_);
    command.change(*state);
    // What was begun before a step was undone may speak of files that it took away.
    dropDangling(*state);
    noteIds(*state);
    return state;
}

void Shoot::apply(const Command& command) {
    auto changed = after(command);
    steps_.resize(at_ + 1);
    steps_.push_back({command.label, std::move(changed)});
    ++at_;
}

void Shoot::amend(const Command& command) {
    if (!canUndo()) return apply(command);
    auto changed = after(command);
    steps_.resize(at_ + 1);
    steps_[at_] = {command.label, std::move(changed)};
}

void Shoot::keepSnapshot(const std::string& name) {
    addSnapshot({name, steps_[at_].state});
    savedState_.reset();  // what is saved does not hold it
}

void Shoot::addSnapshot(Snapshot snapshot) {
    noteIds(*snapshot.state);
    const auto same = std::find_if(snapshots_.begin(), snapshots_.end(),
                                   [&](const Snapshot& s) { return s.name == snapshot.name; });
    if (same == snapshots_.end()) {
        snapshots_.push_back(std::move(snapshot));
    } else {
        *same = std::move(snapshot);
    }
}

void Shoot::undo() {
    if (canUndo()) --at_;
}

void Shoot::redo() {
    if (canRedo()) ++at_;
}

Fact Shoot::undoLabel() const {
    return canUndo() ? steps_[at_].label : Fact{};
}

Fact Shoot::redoLabel() const {
    return canRedo() ? steps_[at_ + 1].label : Fact{};
}

}  // namespace brisk

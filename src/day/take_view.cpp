// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/take_view.h"

#include <algorithm>

#include "render/headroom.h"

namespace brisk {
namespace {

std::optional<PlacedPair> placedPair(const ShootState& state, const Tether& t, const ScanOf& scan) {
    const auto take = scan(t.take), recording = scan(t.recording);
    if (!take || !recording) return std::nullopt;
    PlacedPair pair{t, take, recording, takePieces(state, t.take, PieceLines::Acoustic, scan)};
    if (pair.more.size() < 2) pair.more.clear();
    return pair;
}

EntryUnits unitsOf(const MediaInfo* take, const MediaInfo* recording) {
    EntryUnits u;
    if (take && take->video) u.frameRate = take->video->rate;
    if (recording && !recording->sounds.empty()) u.sampleRate = recording->sounds.front().rate;
    return u;
}

}  // namespace

std::optional<TimeRange> TakeView::trimmedTo() const {
    if (kept.empty()) return std::nullopt;
    const TimeRange r{kept.front().start, kept.back().end};
    return r == whole ? std::nullopt : std::optional(r);
}

TakeView viewOf(const ShootState& state, int take, const KnownMedia& known) {
    TakeView v;
    const MediaItem* item = state.item(take);
    if (!item) return v;
    v.take = take;
    v.isRecording = item->role == MediaKind::Recording;
    v.state = state.stateOf(take);
    v.slippedBy = state.slippedBy(take);
    v.anyRecording = !state.ids(MediaKind::Recording).empty();
    const auto scan = known.scan(take);
    v.read = scan != nullptr;
    const MediaInfo* info = known.info(take);
    v.whole = scan ? scan->wholeTake() : TimeRange{{0}, info ? info->duration : Seconds{0}};
    const TakeEdit* e = state.editOf(take);
    v.kept = e && !e->kept.empty() ? e->kept : TimeRanges{v.whole};
    const MediaInfo* recording = nullptr;
    if (const Tether* t = state.tetherOf(take)) {
        v.tether = *t;
        v.placed = t->state() != TetherState::Loose;
        v.marksOnBoth = !state.marksOf(take).empty() && !state.marksOf(t->recording).empty();
        if (v.placed) v.pair = placedPair(state, *t, known.scan);
        recording = known.info(t->recording);
    }
    v.units = unitsOf(info, v.isRecording ? info : recording);
    v.choice = state.soundOf(take);
    if (v.pair) {
        v.sound = takeSoundPlan(state, take, known.scan);
        const bool wanted = v.sound && (v.sound->choice.toLoudness || !surelyFits(*v.sound));
        if (const LevelPlan* level = wanted ? known.level(*v.sound) : nullptr) {
            v.sound->level = *level;
        }
    }
    const CleanPieces heard = v.heard();
    for (const Mark& m : state.marks) {
        const auto isOf = [scan = known.scan(m.media)](const CleanPiece& p) {
            return scan == p.recording;
        };
        const bool onLaid = v.tether && m.media == v.tether->recording;
        if (m.media == take || onLaid || std::any_of(heard.begin(), heard.end(), isOf)) {
            v.marks.push_back(m);
        }
    }
    for (const ContinuedTake& c : known.continued) {
        if (c.before == take || c.after == take) v.continues.push_back(c);
    }
    return v;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// One take searched for once more, as a person narrowed it down.
#include "align/assemble/match_within.h"
#include "app/spine/searched_sound.h"
#include "app/spine/session.h"
#include "app/spine/words.h"
#include "shoot/commands.h"

namespace brisk::app {
namespace {

Result<TetherEstimate> search(const PlacedPair& pair, const SearchWish& wish,
                              const JobControl& job) {
    auto take = heardBy(pair.take, wish.takeChannel, job);
    if (!take) return tl::unexpected(take.error());
    auto recording = heardBy(pair.recording, wish.recordingChannel, job);
    if (!recording) return tl::unexpected(recording.error());
    return matchWithin(**take, **recording, wish.within, {wish.method}, job);
}

}  // namespace

void Session::searchAgain(int take, const SearchWish& asked) {
    const auto pair = view(take).pair;
    if (!pair || pair->tether.locked) return;
    SearchWish wish = asked;
    // What was trimmed away is no evidence; a stretch that a person chose goes before.
    if (!wish.within.take && !wish.tried) wish.within.take = view(take).trimmedTo();
    work_.start(tr("Searching again"), [this, pair, wish](const JobControl& job) {
        auto found = std::make_shared<Result<TetherEstimate>>(search(*pair, wish, job));
        return [this, pair, wish, found] { takeSearched(*pair, wish, *found); };
    });
}

void Session::takeSearched(const PlacedPair& pair, const SearchWish& wish,
                           const Result<TetherEstimate>& found) {
    const int take = pair.tether.take;
    const Tether* now = state().tetherOf(take);
    // Meanwhile a person may have locked it, or laid it elsewhere.
    if (!now || now->locked || now->recording != pair.tether.recording) return;
    if (!found) {
        if (found.error().code != ErrorCode::Cancelled) {
            emit said(inWords(found.error().fact));
        }
        return;
    }
    const QString reason = inWords(found->reason);
    if (wish.tried) {
        const bool settled = found->status != MatchStatus::Unmatched;
        const ClockLine line = settled ? found->line : ClockLine{*wish.tried, now->line.drift};
        apply(commands::place(state(), take, line, {"at-moment", {{"at", line.offset}}}));
        emit said(settled ? reason : tr("placed to within 10 ms: %1").arg(reason));
        return;
    }
    if (found->status == MatchStatus::Unmatched) {
        emit said(tr("Found nothing %1; it stays where it is. %2").arg(wish.where, reason));
        return;
    }
    // What continues the recording goes with it; other microphones stay.
    std::vector<Tether> all;
    for (const Tether* t : state().tethersOf(take)) {
        Tether kept = *t;
        if (t == now) {
            kept.found = *found;
            kept.line = found->line;
            kept.polarity = found->polarity;
            kept.placedByHand = false;
        } else if (!t->beside) {
            kept.line = kept.found.line = movedAlong(t->line, now->line, found->line);
            for (TetherSegment& s : kept.found.segments) s.line = kept.line;
        }
        all.push_back(std::move(kept));
    }
    apply(commands::takeMatches(std::move(all)));
    emit said(tr("Found %1: %2").arg(wish.where, reason));
}

}  // namespace brisk::app

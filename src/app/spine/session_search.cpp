// SPDX-License-Identifier: GPL-3.0-or-later
// What the session searches for: every take on every recording, or one take once more.
#include <QFileInfo>
#include <algorithm>

#include "align/assemble/match_all.h"
#include "align/assemble/match_within.h"
#include "app/spine/session.h"
#include "app/spine/words.h"
#include "core/time_text.h"
#include "day/whole_shoot.h"
#include "features/scan_cache.h"
#include "shoot/commands.h"

namespace brisk::app {

bool Session::canFindMatches() const {
    const auto allRead = [&](MediaKind role) {
        const auto ids = state().ids(role);
        return !ids.empty() && std::any_of(ids.begin(), ids.end(), [&](int id) {
            const MediaFacts* f = library_.facts(id);
            return f && f->scan;
        });
    };
    return !work_.busy() && allRead(MediaKind::Take) && allRead(MediaKind::Recording);
}

namespace {

/// A scan that was made, or one of the same file by another channel.
Result<std::shared_ptr<const SoundScan>> heardBy(const std::shared_ptr<const SoundScan>& scan,
                                                 std::optional<int> channel,
                                                 const JobControl& job) {
    if (!channel || *channel == scan->channel) return scan;
    ScanOptions options;
    options.channel = *channel;
    options.loudness = false;
    auto again = scanKept(scan->info.path, options, job);
    if (!again) return tl::unexpected(again.error());
    return std::make_shared<const SoundScan>(std::move(*again));
}

/// What is searched with: a file's sound, and how a person wants it to be listened to.
struct Searched {
    int id = 0;
    std::shared_ptr<const SoundScan> scan;
    std::optional<int> channel;  ///< Another than the one that was found best.
    std::optional<TimeRange> kept;

    Searched(const MediaItem& m, const std::shared_ptr<const SoundScan>& s) : id(m.id), scan(s) {
        if (m.searchedBy != kBestChannel) channel = m.searchedBy;
    }
};

/// By its channel; where a take's ends were trimmed away, what is left alone. What cannot be
/// listened to so is a problem, and is searched as it is.
std::shared_ptr<const SoundScan> soundOf(const Searched& s, std::vector<Error>& problems,
                                         const JobControl& job) {
    auto by = heardBy(s.scan, s.channel, job);
    if (!by && by.error().code != ErrorCode::Cancelled) problems.push_back(by.error());
    std::shared_ptr<const SoundScan> scan = by ? *by : s.scan;
    const auto& kept = s.kept;
    if (!kept) return scan;
    const Seconds start = scan->onTake().start;
    return std::make_shared<const SoundScan>(
        excerptOf(*scan, {kept->start - start, kept->end - start}));
}

/// What is searched for: what nobody has decided. Offered ones too, where nothing else is left.
bool undecided(const Tether* t, bool offeredToo) {
    if (!t || t->state() == TetherState::Loose) return true;
    if (t->locked || t->placedByHand || t->movedByHand()) return false;
    return offeredToo || t->state() == TetherState::NeedsAnEar;
}

}  // namespace

void Session::findMatches() {
    std::vector<Searched> takes, recordings;
    for (const bool offeredToo : {false, true}) {
        if (!takes.empty()) break;
        recordings.clear();
        for (const MediaItem& m : state().media) {
            const MediaFacts* f = library_.facts(m.id);
            if (!f || !f->scan) continue;
            if (m.role == MediaKind::Recording) {
                recordings.emplace_back(m, f->scan);
            } else if (f->scan->silent()) {
                continue;  // its card says why, and what to do
            } else if (undecided(state().tetherOf(m.id), offeredToo)) {
                takes.emplace_back(m, f->scan).kept = view(m.id).trimmedTo();
            }
        }
    }
    if (takes.empty() || recordings.empty()) return;
    matching_.reset();
    work_.start(
        takes.size() == 1 ? tr("Matching 1 take") : tr("Matching %1 takes").arg(takes.size()),
        [this, takes, recordings,
         threads = work_.atOnce()](const JobControl& job) -> WorkQueue::Finish {
            std::vector<Error> deaf;
            std::vector<std::shared_ptr<const SoundScan>> sounds;
            std::vector<const SoundScan*> scratch, clean;
            for (const Searched& t : takes) sounds.push_back(soundOf(t, deaf, job));
            for (const Searched& r : recordings) sounds.push_back(soundOf(r, deaf, job));
            for (std::size_t i = 0; i < sounds.size(); ++i) {
                (i < takes.size() ? scratch : clean).push_back(sounds[i].get());
            }
            const auto tethersOf = [&](std::size_t t, const std::vector<TakePlace>& places) {
                std::vector<Tether> out;
                for (const TakePlace& p : places) {
                    out.push_back({takes[t].id, recordings[p.recording].id, p.estimate,
                                   p.estimate.line, p.estimate.polarity, false});
                    out.back().beside = p.beside;
                    const auto& only = takes[t].kept;
                    if (!only) continue;
                    out.back().found.reason.push_back(
                        {"by-kept-stretch", {{"from", only->start}, {"to", only->end}}});
                }
                return out;
            };
            const auto told = [&](std::size_t t, const std::vector<TakePlace>& places) {
                work_.bringBack([this, found = tethersOf(t, places)] { takeMatched(found); });
            };
            AllMatches all = matchAll(scratch, clean, {}, threads, job, told);
            auto found = std::make_shared<std::vector<Tether>>();
            for (std::size_t t = 0; t < takes.size(); ++t) {
                for (Tether& own : tethersOf(t, all.places[t])) found->push_back(std::move(own));
            }
            QString problem;
            all.problems.insert(all.problems.end(), deaf.begin(), deaf.end());
            for (const Error& e : all.problems) {
                if (!problem.isEmpty()) problem += QLatin1Char('\n');
                problem += inWords(e.fact);
            }
            return [this, found, problem] {
                if (!problem.isEmpty()) addNote(problem);
                if (found->empty()) return;
                considerWholeShoot(*found, state(),
                                   [this](int id) { return library_.dayFacts(id); });
                takeMatched(*found);
                matching_.reset();
            };
        });
}

void Session::takeMatched(std::vector<Tether> found) {
    // Meanwhile a person may have decided; what they did is not undone.
    std::erase_if(found, [&](const Tether& t) {
        const bool mine = matching_ && matching_->takes.contains(t.take);
        return !state().item(t.take) || !state().item(t.recording) ||
               (!mine && !undecided(state().tetherOf(t.take), true)) ||
               (mine && (state().tetherOf(t.take) == nullptr || state().tetherOf(t.take)->locked ||
                         state().tetherOf(t.take)->movedByHand()));
    });
    if (found.empty()) return;
    std::set<int> takes = matching_ ? matching_->takes : std::set<int>{};
    for (const Tether& t : found) takes.insert(t.take);
    // All that one search finds is one step, however it comes in.
    Command step = commands::takeMatches(std::move(found));
    step.label = commands::findMatchesLabel(takes.size());
    const bool more = matching_ && matching_->step == shoot().at() && !shoot().canRedo();
    more ? document_.amend(step) : document_.apply(step);
    matching_ = {shoot().at(), std::move(takes)};
}

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

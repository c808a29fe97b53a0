// SPDX-License-Identifier: GPL-3.0-or-later
// Every take on every recording: of what is read, while the rest is still being read, and then of
// all.
#include <algorithm>
#include <cmath>
#include <filesystem>

#include "align/assemble/match_all.h"
#include "app/spine/session.h"
#include "app/spine/words.h"
#include "core/guarded.h"
#include "day/whole_shoot.h"
#include "shoot/commands.h"

namespace brisk::app {
namespace {

constexpr double kSamePlace = 0.01;  // seconds: nearer is the same place, measured once more

/// Whether a person has left it to the search.
bool left(const Tether& t) {
    return !t.locked && !t.placedByHand && !t.movedByHand();
}

/// What is searched for: what nobody has decided. Offered ones too, where nothing else is left.
bool undecided(const Tether* t, bool offeredToo) {
    if (!t || t->state() == TetherState::Loose) return true;
    return left(*t) && offeredToo && t->state() == TetherState::NeedsAnEar;
}

std::vector<Tether> tethersOf(const SearchedSound& take,
                              const std::vector<SearchedSound>& recordings,
                              const std::vector<TakePlace>& places) {
    std::vector<Tether> out;
    for (const TakePlace& p : places) {
        out.push_back({take.id, recordings[p.recording].id, p.estimate, p.estimate.line,
                       p.estimate.polarity, false});
        out.back().beside = p.beside;
        if (!take.kept) continue;
        out.back().found.reason.push_back(
            {"by-kept-stretch", {{"from", take.kept->start}, {"to", take.kept->end}}});
    }
    return out;
}

QString linesOf(const std::vector<Error>& problems) {
    QStringList lines;
    for (const Error& e : problems) lines << inWords(e.fact);
    return lines.join(QLatin1Char('\n'));
}

}  // namespace

bool withdrawn(const Tether& ahead, const std::vector<Tether>& found) {
    const TimeRange& shared = ahead.found.overlap;
    const Seconds middle{(shared.start.value + shared.end.value) / 2};
    return std::none_of(found.begin(), found.end(), [&](const Tether& t) {
        if (t.take != ahead.take || t.recording != ahead.recording) return false;
        if (t.found.status != MatchStatus::Matched) return false;
        const Seconds apart = t.line.toRecording(middle) - ahead.line.toRecording(middle);
        return std::fabs(apart.value) < kSamePlace;
    });
}

Fact Session::whyNotMatch() const {
    if (matching_) return {"matching-already"};
    if (work_.busyForShoot()) return {"work-goes-on"};
    const auto some = [&](MediaKind role) {
        const auto ids = state().ids(role);
        return std::any_of(ids.begin(), ids.end(), [&](int id) {
            const MediaFacts* f = library_.facts(id);
            return f && f->problem.isEmpty();
        });
    };
    if (!some(MediaKind::Take) || !some(MediaKind::Recording)) return {"nothing-to-search"};
    return {};
}

void Session::endMatching() {
    matching_.reset();
    emit factsChanged(0);
}

void Session::findMatches() {
    if (!whyNotMatch().empty()) return;
    matching_ = std::make_shared<Matching>();
    emit factsChanged(0);
    matchRead();
    if (matching_ && !matching_->running) {
        emit said(tr("Matching begins with the first take and the first recording that are read."));
    }
}

MatchRound Session::nextRound() const {
    MatchRound round;
    round.last = !library_.reading();
    for (const bool offeredToo : {false, true}) {
        if (!round.takes.empty() || (offeredToo && !round.last)) break;
        round.recordings.clear();
        for (const MediaItem& m : state().media) {
            auto scan = library_.scanOf(m.id);
            // Another channel than its own would have to be read first.
            const bool byItsOwn = m.searchedBy == kBestChannel;
            if (!scan && m.role == MediaKind::Recording && byItsOwn) scan = library_.partOf(m.id);
            if (!scan) continue;
            if (m.role == MediaKind::Recording) {
                round.recordings.emplace_back(m, scan);
                continue;
            }
            if (scan->silent()) continue;  // its card says why, and what to do
            const Tether* t = state().tetherOf(m.id);
            const bool mine = matching_->takes.contains(m.id) && t && left(*t);
            if (!(mine ? round.last : undecided(t, offeredToo))) continue;
            round.takes.emplace_back(m, scan);
        }
    }
    return round;
}

void Session::matchRead() {
    if (!matching_ || matching_->running) return;
    MatchRound round = nextRound();
    if (round.empty()) {
        if (round.last) endMatching();
        return;
    }
    bool more = round.last;
    for (const auto* files : {&round.takes, &round.recordings}) {
        for (const SearchedSound& s : *files)
            more = matching_->seen.insert(s.scan.get()).second || more;
    }
    if (!more) return;
    for (SearchedSound& take : round.takes) take.kept = view(take.id).trimmedTo();
    runRound(std::move(round));
}

void Session::runRound(MatchRound round) {
    matching_->running = true;
    const auto many = round.takes.size();
    work_.start(many == 1 ? tr("Matching 1 take") : tr("Matching %1 takes").arg(many),
                [this, round = std::move(round), matching = matching_,
                 threads = work_.atOnce()](const JobControl& job) -> WorkQueue::Finish {
                    try {
                        return searchRound(round, matching, threads, job);
                    } catch (...) {
                        return [this, matching, why = caughtError().fact] {
                            addNote(inWords(why));
                            if (matching == matching_) endMatching();
                        };
                    }
                });
}

WorkQueue::Finish Session::searchRound(const MatchRound& round,
                                       const std::shared_ptr<Matching>& matching, int threads,
                                       const JobControl& job) {
    const auto soundsOf = [&](const std::vector<SearchedSound>& files) {
        std::vector<const SoundScan*> out;  // which `matching` keeps
        for (const SearchedSound& s : files) {
            out.push_back(matching->sounds.of(s, matching->deaf, job).get());
        }
        return out;
    };
    const auto scratch = soundsOf(round.takes), clean = soundsOf(round.recordings);
    const auto told = [&](std::size_t t, const std::vector<TakePlace>& places) {
        auto found = tethersOf(round.takes[t], round.recordings, places);
        if (found.empty()) return;
        if (!round.last) found.front().found.reason.push_back({"files-to-come"});
        work_.bringBack([this, found = std::move(found), matching, last = round.last] {
            if (matching != matching_) return;
            if (!last) matching->ahead.insert_or_assign(found.front().take, found.front());
            takeMatched(found);
        });
    };
    if (!round.last) {
        matchAhead(scratch, clean, threads, job, told, matching->known);
        return [this, matching] {
            if (matching != matching_) return;
            matching->running = false;
            if (matching->stopped) endMatching();
            matchRead();
        };
    }
    AllMatches all = matchAll(scratch, clean, {}, threads, job, told, &matching->known);
    auto found = std::make_shared<std::vector<Tether>>();
    for (std::size_t t = 0; t < round.takes.size(); ++t) {
        auto own = tethersOf(round.takes[t], round.recordings, all.places[t]);
        std::move(own.begin(), own.end(), std::back_inserter(*found));
    }
    all.problems.insert(all.problems.end(), matching->deaf.begin(), matching->deaf.end());
    return [this, matching, found, problems = std::move(all.problems), stopped = all.stopped] {
        if (!problems.empty()) addNote(linesOf(problems));
        if (matching == matching_) takeAllMatched(*found, stopped);
    };
}

void Session::takeAllMatched(std::vector<Tether>& found, bool stopped) {
    if (!found.empty()) {
        considerWholeShoot(found, state(), [this](int id) { return library_.dayFacts(id); });
        if (!stopped) tellWithdrawn(found);
        takeMatched(found);
    }
    endMatching();
}

void Session::tellWithdrawn(const std::vector<Tether>& found) {
    const auto nameOf = [this](int id) {
        const MediaItem* m = state().item(id);
        return m ? q(std::filesystem::path(m->path).filename().string()) : QString();
    };
    for (const auto& [take, ahead] : matching_->ahead) {
        const Tether* now = state().tetherOf(take);
        if (!now || !left(*now) || !withdrawn(ahead, found)) continue;
        const auto other = std::find_if(found.begin(), found.end(),
                                        [take = take](const Tether& t) { return t.take == take; });
        const QString name = nameOf(take), before = nameOf(ahead.recording);
        addNote(other == found.end()
                    ? tr("%1 had seemed to lie on %2 while files were still being read. With all "
                         "of them it has no place.")
                          .arg(name, before)
                    : tr("%1 had seemed to lie on %2 while files were still being read. With all "
                         "of them: %3")
                          .arg(name, before, inWords(other->found.reason)));
    }
}

void Session::takeMatched(std::vector<Tether> found) {
    // Meanwhile a person may have decided; what they did is not undone.
    std::erase_if(found, [&](const Tether& t) {
        const Tether* now = state().tetherOf(t.take);
        if (!state().item(t.take) || !state().item(t.recording)) return true;
        if (matching_->takes.contains(t.take)) return !now || now->locked || now->movedByHand();
        return !undecided(now, true);
    });
    if (found.empty()) return;
    std::set<int> takes = matching_->takes;
    for (const Tether& t : found) takes.insert(t.take);
    // All that one wish finds is one step, however it comes in.
    Command step = commands::takeMatches(std::move(found));
    step.label = commands::findMatchesLabel(takes.size());
    const bool more = matching_->step && *matching_->step == shoot().at() && !shoot().canRedo();
    // The document tells of the change at once.
    matching_->takes = std::move(takes);
    more ? document_.amend(step) : document_.apply(step);
    matching_->step = shoot().at();
}

}  // namespace brisk::app

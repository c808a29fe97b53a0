// SPDX-License-Identifier: GPL-3.0-or-later
// What the recordings answer for one take is put in order, and read together: a take may lie on
// several files of one recorder, and on several recorders.
#include "align/assemble/match_all.h"

#include <algorithm>
#include <mutex>
#include <tuple>

#include "align/assemble/pair_search.h"
#include "core/guarded.h"

namespace brisk {
namespace {

/// Notes what went wrong, each once.
void note(std::vector<Error>& problems, const Error& e) {
    const bool known = std::any_of(problems.begin(), problems.end(), [&](const Error& p) {
        return p.path == e.path && p.fact == e.fact;
    });
    if (!known && e.code != ErrorCode::Cancelled) problems.push_back(e);
}

/// What the recordings answered for one take, the surest first; those that could not are left out.
/// Where confidence is at its end, what it rests on decides; where that is equal, too, the files'
/// names: never the order in which they were given.
std::vector<RankedMatch> ranked(std::vector<PairAnswer> answers,
                                const std::vector<const SoundScan*>& recordings) {
    std::vector<RankedMatch> out;
    for (std::size_t r = 0; r < recordings.size(); ++r) {
        auto& a = answers[r];
        if (a && *a) out.push_back({r, std::move(**a)});
    }
    const auto rank = [&](const RankedMatch& m) {
        const TetherEstimate& e = m.estimate;
        return std::tuple(e.status, -e.confidence, -e.evidence.stack * e.evidence.share,
                          e.evidence.log10PValue, recordings[m.recording]->info.path);
    };
    std::stable_sort(out.begin(), out.end(),
                     [&](const RankedMatch& a, const RankedMatch& b) { return rank(a) < rank(b); });
    return out;
}

}  // namespace

AllMatches matchAll(const std::vector<const SoundScan*>& takes,
                    const std::vector<const SoundScan*>& recordings, const MatchOptions& options,
                    int threads, const JobControl& job, const TakeMatched& told,
                    KnownPairs* known) {
    if (recordings.empty()) {
        AllMatches none;
        none.byTake.resize(takes.size());
        none.places.resize(takes.size());
        return none;
    }
    AllMatches out;
    out.byTake.resize(takes.size());
    out.places.resize(takes.size());
    std::vector<std::vector<Error>> failed(takes.size());  // in order of takes and recordings
    std::mutex telling;

    const auto answered = [&](std::size_t t, std::vector<PairAnswer> answers) {
        std::vector<Error> problems;
        for (const auto& a : answers) {
            if (a && !*a) problems.push_back(a->error());
        }
        auto all = ranked(std::move(answers), recordings);
        std::vector<TakePlace> places;
        if (!all.empty()) {
            auto found = guarded(takes[t]->info.path, [&] {
                return takePlaces(*takes[t], recordings, all, problems, job.withReport({}));
            });
            if (!found && found.error().code == ErrorCode::Cancelled) return;
            if (found) {
                places = std::move(*found);
            } else {
                problems.push_back(found.error());
                // What was measured holds; only how files go on from each other is not known.
                if (all.front().estimate.status != MatchStatus::Unmatched) {
                    places.push_back({all.front().recording, all.front().estimate});
                }
            }
        }
        const std::scoped_lock one(telling);
        failed[t] = std::move(problems);
        out.byTake[t] = std::move(all);
        out.places[t] = std::move(places);
        if (told && !out.byTake[t].empty()) told(t, out.places[t]);
    };
    searchPairs(takes, recordings, options, threads, job, answered, known);
    for (const auto& ofTake : failed) {
        for (const Error& e : ofTake) note(out.problems, e);
    }
    out.stopped = job.stopRequested();
    return out;
}

void matchAhead(const std::vector<const SoundScan*>& takes,
                const std::vector<const SoundScan*>& recordings, int threads, const JobControl& job,
                const TakeMatched& told, KnownPairs& known) {
    std::mutex telling;
    const auto sure = [&](std::size_t t, std::size_t r, const TetherEstimate& e) {
        const std::scoped_lock one(telling);
        told(t, {{r, e}});
    };
    searchAhead(takes, recordings, threads, job, sure, known);
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/assemble/pair_nominations.h"

#include <algorithm>
#include <numeric>

#include "align/assemble/best_of_places.h"
#include "align/assemble/recorder_files.h"
#include "core/guarded.h"
#include "core/parallel_for.h"
#include "core/shared_progress.h"

namespace brisk {
namespace {

constexpr int kHeldSegments = 64;  // of takes in the search: a megabyte each
// Deviations of one minute. Chance reaches 4.7 for the best of an hour's places.
constexpr double kSurelyThere = 12;
constexpr double kMoreThanChance = kChanceReaches + 1;
constexpr double kOfMinutes = 0.4;  // of the work, as it is told

}  // namespace

std::shared_ptr<CoarseRecording> SharedSearch::use(const SoundScan& recording) {
    const std::scoped_lock hold(lock_);
    if (!ready_) {
        ready_ = std::make_shared<CoarseRecording>(
            recording.bands,
            takesLeft_ > 1 ? CoarseRecording::Use::Often : CoarseRecording::Use::Once);
    }
    return ready_;
}

void SharedSearch::done() {
    const std::scoped_lock hold(lock_);
    if (--takesLeft_ == 0) ready_.reset();
}

PairNominations::PairNominations(const std::vector<const SoundScan*>& takes,
                                 const std::vector<const SoundScan*>& recordings, int threads,
                                 KnownPairs* known)
    : takes_(takes),
      recordings_(recordings),
      threads_(threads),
      known_(known),
      searches_(recordings.size()),
      whole_(takes.size() * recordings.size()),
      minute_(whole_.size()) {}

void PairNominations::nominateAll(const JobControl& job) {
    recallMinutes();
    askAll(Look::TellingMinute, job.part(0, kOfMinutes));
    askAll(Look::Whole, job.part(kOfMinutes, 1));
}

void PairNominations::recallMinutes() {
    if (!known_) return;
    for (std::size_t t = 0; t < takes_.size(); ++t) {
        for (std::size_t r = 0; r < recordings_.size(); ++r) {
            minute_[at(t, r)] = known_->minute(*takes_[t], *recordings_[r]);
        }
    }
}

bool PairNominations::wanted(std::size_t t, std::size_t r, Look look) const {
    // A minute tells nothing that saves more than it costs where it is all, or nothing to choose.
    const bool byMinutes =
        recordings_.size() > 1 && CoarseTake::segmentsOf(takes_[t]->bands.size()) > 1;
    if (look == Look::TellingMinute) return byMinutes && !minute_[at(t, r)];
    if (!byMinutes) return true;
    double best = 0;
    for (std::size_t o = 0; o < recordings_.size(); ++o) {
        best = std::max(best, minute_[at(t, o)].value_or(0));
    }
    const auto& own = minute_[at(t, r)];
    return best < kSurelyThere || !own || *own >= kMoreThanChance ||
           ranTogether(*takes_[t], *recordings_[r]);
}

std::vector<std::size_t> PairNominations::allTakes() const {
    std::vector<std::size_t> out(takes_.size());
    std::iota(out.begin(), out.end(), std::size_t{0});
    return out;
}

std::vector<std::size_t> PairNominations::byLikeliest() const {
    std::vector<std::size_t> likeliest;
    for (std::size_t t = 0; t < takes_.size(); ++t) {
        std::size_t best = 0;
        for (std::size_t r = 1; r < recordings_.size(); ++r) {
            if (minute_[at(t, r)].value_or(0) > minute_[at(t, best)].value_or(0)) best = r;
        }
        likeliest.push_back(best);
    }
    auto out = allTakes();
    std::stable_sort(out.begin(), out.end(),
                     [&](std::size_t a, std::size_t b) { return likeliest[a] < likeliest[b]; });
    return out;
}

void PairNominations::askAll(Look look, const JobControl& job) {
    std::vector<std::size_t> some;
    int held = 0;
    double done = 0;
    const bool minutes = look == Look::TellingMinute;
    const auto order = minutes ? allTakes() : byLikeliest();
    for (std::size_t i = 0; i < order.size(); ++i) {
        some.push_back(order[i]);
        held += minutes ? 1 : CoarseTake::segmentsOf(takes_[order[i]]->bands.size());
        if (held < kHeldSegments && i + 1 < order.size()) continue;
        if (job.stopRequested()) return;
        const double until = static_cast<double>(i + 1) / static_cast<double>(order.size());
        askSome(some, look, job.part(done, until));
        done = until;
        some.clear();
        held = 0;
    }
}

bool PairNominations::askedBefore(std::size_t t, std::size_t r) {
    auto whole = known_ ? known_->nominated(*takes_[t], *recordings_[r]) : std::nullopt;
    if (whole) whole_[at(t, r)] = std::move(*whole);
    return asked(t, r);
}

std::vector<PairNominations::Pair> PairNominations::pairsOf(const std::vector<std::size_t>& takes,
                                                            Look look) {
    std::vector<Pair> pairs;
    for (std::size_t r = 0; r < recordings_.size(); ++r) {
        std::size_t count = 0;
        for (std::size_t i = 0; i < takes.size(); ++i) {
            const std::size_t t = takes[i];
            if (!wanted(t, r, look) || (look == Look::Whole && askedBefore(t, r))) continue;
            pairs.push_back({i, r});
            ++count;
        }
        searches_[r].expect(count);
    }
    return pairs;
}

void PairNominations::askSome(const std::vector<std::size_t>& takes, Look look,
                              const JobControl& job) {
    const auto pairs = pairsOf(takes, look);
    std::vector<bool> looked(takes.size(), false);
    for (const Pair& p : pairs) looked[p.take] = true;
    std::vector<std::optional<CoarseTake>> looks(takes.size());
    parallelFor(takes.size(), threads_, [&](std::size_t i) {
        if (!looked[i] || job.stopRequested()) return;
        looks[i].emplace(takes_[takes[i]]->bands, look);
    });
    SharedProgress progress(pairs.size(), job);
    parallelFor(pairs.size(), threads_, [&](std::size_t k) {
        if (job.stopRequested()) return;
        const auto [i, r] = pairs[k];
        const JobControl piece = progress.piece();
        askOne(takes[i], r, *looks[i], *searches_[r].use(*recordings_[r]), look, piece);
        searches_[r].done();
        piece.report(1);
    });
}

void PairNominations::askOne(std::size_t t, std::size_t r, const CoarseTake& seen,
                             CoarseRecording& searched, Look look, const JobControl& job) {
    const SoundScan &take = *takes_[t], &recording = *recordings_[r];
    auto found = guarded(take.info.path, [&] { return nominate(seen, searched, job); });
    if (look == Look::TellingMinute) {
        if (!found || !found->refused.empty()) return;  // the whole take says why
        minute_[at(t, r)] = found->best();
        if (known_) known_->keepMinute(take, recording, found->best());
        return;
    }
    if (known_ && found) known_->keep(take, recording, *found);
    whole_[at(t, r)] = std::move(found);
}

bool PairNominations::askTheRest(std::size_t t, const JobControl& job) {
    std::optional<CoarseTake> whole;
    bool any = false;
    for (std::size_t r = 0; r < recordings_.size(); ++r) {
        if (asked(t, r)) continue;
        any = true;
        if (askedBefore(t, r) || job.stopRequested()) continue;
        if (!whole) whole.emplace(takes_[t]->bands);
        CoarseRecording searched(recordings_[r]->bands);
        askOne(t, r, *whole, searched, Look::Whole, job.withReport({}));
    }
    return any;
}

std::vector<std::size_t> PairNominations::likeliestFirst(std::size_t t) const {
    std::vector<std::size_t> order(recordings_.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    const auto score = [&](std::size_t r) {
        const auto& n = whole_[at(t, r)];
        return n && *n ? (*n)->best() : 0.0;
    };
    std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
        if (score(a) != score(b)) return score(a) > score(b);
        return recordings_[a]->info.path < recordings_[b]->info.path;
    });
    return order;
}

}  // namespace brisk

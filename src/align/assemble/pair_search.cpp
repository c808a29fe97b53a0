// SPDX-License-Identifier: GPL-3.0-or-later
// Measuring a pair costs ten times what nominating places in it does, and most pairs of a day do
// not belong together. So all places of a take are nominated first, on every recording, and
// measured where they stand out most; what is rarer is looked for last, and only where nothing else
// was found.
#include "align/assemble/pair_search.h"

#include <algorithm>
#include <atomic>

#include "align/assemble/match_methods.h"
#include "align/assemble/pair_measure.h"
#include "align/assemble/pair_nominations.h"
#include "align/assemble/recorder_files.h"
#include "align/follow/estimate_from.h"
#include "core/guarded.h"
#include "core/parallel_for.h"
#include "core/shared_progress.h"

namespace brisk {
namespace {

// Of the whole work, as it is told.
constexpr double kNominated = 0.3, kMeasured = 0.8;

/// Where a take surely lies, and how strongly it stood out there.
struct Settled {
    std::size_t recording = 0;
    double coarse = 0;
};

/// True where a take that lies wholly on one of the files cannot lie on the other.
bool oneAtATime(const SoundScan& a, const SoundScan& b) {
    return neverTogether(a, b) || continuesExactly(a, b) || continuesExactly(b, a);
}

class PairSearch {
  public:
    PairSearch(const std::vector<const SoundScan*>& takes,
               const std::vector<const SoundScan*>& recordings, const MatchOptions& options,
               int threads, const JobControl& job, KnownPairs* known)
        : takes_(takes),
          recordings_(recordings),
          options_(options),
          threads_(threads),
          job_(job),
          nominations_(takes, recordings, threads, known),
          measure_(takes, recordings, known),
          searches_(recordings.size()),
          asked_(takes.size()),
          further_(recordings.size()) {}

    void run(const TakeAnswered& told) {
        nominations_.nominateAll(job_.part(0, kNominated));
        measureAll(told);
        lookFurtherAll(told);
    }

  private:
    /// A take while it is asked about.
    struct Asked {
        std::vector<PairAnswer> byRecording;
        bool found = false;                 // a part of it surely lies somewhere
        std::atomic<std::size_t> left = 0;  // recordings that are still looked at further
    };

    void measureAll(const TakeAnswered& told) {
        SharedProgress progress(takes_.size(), job_.part(kNominated, kMeasured));
        parallelFor(takes_.size(), threads_, [&](std::size_t t) {
            const JobControl piece = progress.piece();
            measureTake(t, told, piece);
            piece.report(1);
        });
    }

    void measureTake(std::size_t t, const TakeAnswered& told, const JobControl& job) {
        auto& answers = asked_[t].byRecording;
        answers.resize(recordings_.size());
        std::shared_ptr<HeldSound> held;
        std::optional<Settled> settled;
        measureOnAsked(t, held, settled, job);
        if (!settled && nominations_.askTheRest(t, job)) measureOnAsked(t, held, settled, job);
        if (job.stopRequested()) return;
        for (PairAnswer& a : answers) {
            if (!a) a = refusal({"matched-elsewhere"});
        }
        // What surely lies somewhere from end to end is not looked for in rarer ways elsewhere.
        if (settled) return finish(t, told);
        std::vector<std::size_t> open;
        for (std::size_t r = 0; r < recordings_.size(); ++r) {
            const auto& a = *answers[r];
            const bool matched = a && a->status == MatchStatus::Matched;
            if (a && !matched) open.push_back(r);
            asked_[t].found = asked_[t].found || matched;
        }
        if (open.empty()) return finish(t, told);
        asked_[t].left = open.size();
        const std::scoped_lock hold(lock_);
        for (const std::size_t r : open) further_[r].push_back(t);
    }

    /// On the recordings that were asked about the whole take and have not answered yet.
    void measureOnAsked(std::size_t t, std::shared_ptr<HeldSound>& held,
                        std::optional<Settled>& settled, const JobControl& job) {
        auto& answers = asked_[t].byRecording;
        const double each = 1.0 / static_cast<double>(recordings_.size());
        double done = 0;
        for (const std::size_t r : nominations_.likeliestFirst(t)) {
            if (job.stopRequested()) return;
            const JobControl part = job.part(done, done + each);
            done += each;
            if (answers[r] || !nominations_.asked(t, r)) continue;
            const auto& n = nominations_.of(t, r);
            if (!n) {
                answers[r] = tl::unexpected(n.error());
            } else if (!n->refused.empty()) {
                answers[r] = refusal(n->refused.front());
            } else if (settled && sparedBy(*settled, t, r, *n)) {
                answers[r] = refusal({"matched-elsewhere"});
            } else {
                answers[r] = measure_.once(held, t, r, *n, part);
                if (!settled && *answers[r] && settles(**answers[r], *takes_[t], *recordings_[r])) {
                    settled = Settled{r, (*answers[r])->evidence.coarse};
                }
            }
        }
    }

    /// Whether a take that surely lies elsewhere need not be measured here: on another file of the
    /// same recorder unless that would contradict, on another recorder unless more than chance or
    /// its clock says that it heard the take, too.
    [[nodiscard]] bool sparedBy(const Settled& settled, std::size_t t, std::size_t r,
                                const Nominated& n) const {
        const SoundScan &there = *recordings_[settled.recording], &here = *recordings_[r];
        if (oneAtATime(there, here)) return n.best() < kWorthALook * settled.coarse;
        return !n.beyondChance() && !ranTogether(*takes_[t], here);
    }

    void lookFurtherAll(const TakeAnswered& told) {
        std::vector<std::pair<std::size_t, std::size_t>> pairs;
        for (std::size_t r = 0; r < recordings_.size(); ++r) {
            searches_[r].expect(further_[r].size());
            for (const std::size_t t : further_[r]) pairs.emplace_back(t, r);
        }
        SharedProgress progress(pairs.size(), job_.part(kMeasured, 1));
        parallelFor(pairs.size(), threads_, [&](std::size_t k) {
            const auto [t, r] = pairs[k];
            if (job_.stopRequested()) return;
            const JobControl piece = progress.piece();
            auto& answer = asked_[t].byRecording[r];
            answer = guarded(takes_[t]->info.path, [&, t = t, r = r] {
                return further(t, r, std::move(**answer), piece);
            });
            searches_[r].done();
            piece.report(1);
            if (--asked_[t].left == 0) finish(t, told);
        });
        if (!job_.stopRequested()) job_.report(1);
    }

    Result<TetherEstimate> further(std::size_t t, std::size_t r, TetherEstimate found,
                                   const JobControl& job) {
        std::shared_ptr<HeldSound> held;
        return measure_.with(held, t, r, [&](WindowReader& reader) {
            return further(reader, t, r, std::move(found), job);
        });
    }

    /// What is left of a take that is found may touch another file; nothing of it is buried.
    Result<TetherEstimate> further(WindowReader& reader, std::size_t t, std::size_t r,
                                   TetherEstimate found, const JobControl& job) {
        if (found.status == MatchStatus::Unmatched && nominations_.of(t, r)->refused.empty()) {
            auto more = asked_[t].found ? lookAtEdges(reader, std::move(found), job)
                                        : lookFurther(reader, *searches_[r].use(*recordings_[r]),
                                                      std::move(found), job);
            if (!more) return more;
            found = std::move(*more);
        }
        if (options_.method == MatchMethod::Waveform) return found;
        return orByOnsets(reader, std::move(found), job.withReport({}));
    }

    /// Not where an answer is missing because all was stopped.
    void finish(std::size_t t, const TakeAnswered& told) {
        auto answers = std::move(asked_[t].byRecording);
        const bool cut = std::any_of(answers.begin(), answers.end(), [](const PairAnswer& a) {
            return !a || (!*a && a->error().code == ErrorCode::Cancelled);
        });
        if (!cut) told(t, std::move(answers));
    }

    const std::vector<const SoundScan*>& takes_;
    const std::vector<const SoundScan*>& recordings_;
    const MatchOptions& options_;
    int threads_;
    const JobControl& job_;
    PairNominations nominations_;
    PairMeasure measure_;
    std::vector<SharedSearch> searches_;  // for what is rarer
    std::vector<Asked> asked_;
    std::mutex lock_;
    std::vector<std::vector<std::size_t>> further_;  // takes, of each recording; guarded by lock_
};

/// By methods that search nothing: each pair for itself.
void askEach(const std::vector<const SoundScan*>& takes,
             const std::vector<const SoundScan*>& recordings, const MatchOptions& options,
             int threads, const JobControl& job, const TakeAnswered& told) {
    SharedProgress progress(takes.size(), job);
    parallelFor(takes.size(), threads, [&](std::size_t t) {
        const JobControl piece = progress.piece();
        std::vector<PairAnswer> answers;
        for (const SoundScan* r : recordings) {
            if (job.stopRequested()) return;
            const double each = 1.0 / static_cast<double>(recordings.size());
            const double done = each * static_cast<double>(answers.size());
            answers.emplace_back(guarded(takes[t]->info.path, [&] {
                return matchPair(*takes[t], *r, options, piece.part(done, done + each));
            }));
        }
        piece.report(1);
        told(t, std::move(answers));
    });
}

}  // namespace

void searchPairs(const std::vector<const SoundScan*>& takes,
                 const std::vector<const SoundScan*>& recordings, const MatchOptions& options,
                 int threads, const JobControl& job, const TakeAnswered& told, KnownPairs* known) {
    const bool searches =
        options.method == MatchMethod::Auto || options.method == MatchMethod::Waveform;
    if (!searches) return askEach(takes, recordings, options, threads, job, told);
    PairSearch(takes, recordings, options, threads, job, known).run(told);
}

}  // namespace brisk

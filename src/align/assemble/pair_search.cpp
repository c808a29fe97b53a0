// SPDX-License-Identifier: GPL-3.0-or-later
// Measuring a pair costs ten times what nominating places in it does, and most pairs of a day do
// not belong together. So all places of a take are nominated first, on every recording, and
// measured where they stand out most; what is rarer is looked for last, and only where nothing else
// was found.
#include "align/assemble/pair_search.h"

#include <algorithm>
#include <atomic>

#include "align/assemble/match_methods.h"
#include "align/assemble/pair_nominations.h"
#include "align/assemble/recorder_files.h"
#include "align/measure/estimate_from.h"
#include "core/guarded.h"
#include "core/parallel_for.h"
#include "core/shared_progress.h"

namespace brisk {
namespace {

/// A second place that scores half of a sure one could be another playing of the same music.
constexpr double kWorthALook = 0.5;
constexpr std::size_t kKeptOpen = 200;  // files; a program may open a thousand
// Of the whole work, as it is told.
constexpr double kNominated = 0.3, kMeasured = 0.8;

/// Open files of one recording, which the takes use one after the other.
class OpenedRecording {
  public:
    Result<std::shared_ptr<HeldSound>> take(const SoundScan& recording) {
        {
            const std::scoped_lock hold(lock_);
            if (idle_) return std::exchange(idle_, nullptr);
        }
        return HeldSound::open(recording);
    }
    void giveBack(std::shared_ptr<HeldSound> sound) {
        sound->forget();
        const std::scoped_lock hold(lock_);
        idle_ = std::move(sound);
    }

  private:
    std::mutex lock_;
    std::shared_ptr<HeldSound> idle_;
};

/// Where a take surely lies, and how strongly it stood out there.
struct Settled {
    std::size_t recording = 0;
    double coarse = 0;
};

/// True where a take that lies wholly on one of the files cannot lie on the other.
bool oneAtATime(const SoundScan& a, const SoundScan& b) {
    return neverTogether(a, b) || continuesExactly(a, b) || continuesExactly(b, a);
}

/// True where nothing of the take is left for other files of the same recorder.
bool settles(const TetherEstimate& e, const SoundScan& take, const SoundScan& recording) {
    if (e.status != MatchStatus::Matched || !e.oneLineHolds()) return false;
    const TimeRange heard = take.onTake();
    return e.line.toRecording(heard.start) > -kWorthCovering &&
           e.line.toRecording(heard.end) < recording.length() + kWorthCovering;
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
          known_(known),
          nominations_(takes, recordings, threads, known),
          searches_(recordings.size()),
          opened_(recordings.size()),
          asked_(takes.size()),
          further_(recordings.size()) {}

    void run(const TakeAnswered& told) {
        nominations_.nominateAll(job_.part(0, kNominated));
        measureAll(told);
        lookFurtherAll(told);
    }

    void lookAhead(const TakeSure& told) {
        nominations_.nominateAll(job_.part(0, kNominated));
        SharedProgress progress(takes_.size(), job_.part(kNominated, 1));
        parallelFor(takes_.size(), threads_, [&](std::size_t t) {
            const JobControl piece = progress.piece();
            measureWhatStandsAlone(t, told, piece);
            piece.report(1);
        });
    }

  private:
    /// A take while it is asked about.
    struct Asked {
        std::vector<PairAnswer> byRecording;
        bool found = false;                 // a part of it surely lies somewhere
        std::atomic<std::size_t> left = 0;  // recordings that are still looked at further
    };

    void measureWhatStandsAlone(std::size_t t, const TakeSure& told, const JobControl& job) {
        std::shared_ptr<HeldSound> held;
        for (const std::size_t r : nominations_.likeliestFirst(t)) {
            if (job.stopRequested() || !nominations_.asked(t, r)) continue;
            const auto& n = nominations_.of(t, r);
            if (!n || !n->standsAlone(kWorthALook)) continue;
            const auto answer = measureOnce(held, t, r, *n, job);
            if (!answer || !settles(*answer, *takes_[t], *recordings_[r])) continue;
            told(t, r, *answer);
            return;
        }
    }

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
                answers[r] = measureOnce(held, t, r, *n, part);
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

    /// As it was measured before, if it was.
    Result<TetherEstimate> measureOnce(std::shared_ptr<HeldSound>& held, std::size_t t,
                                       std::size_t r, const Nominated& n, const JobControl& job) {
        const SoundScan& take = *takes_[t];
        if (known_) {
            if (auto before = known_->measured(take, *recordings_[r])) return std::move(*before);
        }
        auto answer = guarded(take.info.path, [&] { return measure(held, take, r, n, job); });
        if (known_ && answer) known_->keep(take, *recordings_[r], *answer);
        return answer;
    }

    Result<TetherEstimate> measure(std::shared_ptr<HeldSound>& held, const SoundScan& take,
                                   std::size_t r, const Nominated& n, const JobControl& job) {
        if (!held) {
            auto opened = HeldSound::open(take);
            if (!opened) return tl::unexpected(opened.error());
            held = std::move(*opened);
        }
        auto recording = opened_[r].take(*recordings_[r]);
        if (!recording) return tl::unexpected(recording.error());
        WindowReader reader(held, *recording);
        auto answer = measureNominated(reader, n, stampPlace(take.info, recordings_[r]->info), job);
        giveBack(r, std::move(*recording));
        return answer;
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
        auto held = HeldSound::open(*takes_[t]);
        if (!held) return tl::unexpected(held.error());
        auto recording = opened_[r].take(*recordings_[r]);
        if (!recording) return tl::unexpected(recording.error());
        WindowReader reader(std::move(*held), *recording);
        auto answer = further(reader, t, r, std::move(found), job);
        giveBack(r, std::move(*recording));
        return answer;
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

    void giveBack(std::size_t r, std::shared_ptr<HeldSound> recording) {
        if (r < kKeptOpen) opened_[r].giveBack(std::move(recording));
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
    KnownPairs* known_;
    PairNominations nominations_;
    std::vector<SharedSearch> searches_;  // for what is rarer
    std::vector<OpenedRecording> opened_;
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

void searchAhead(const std::vector<const SoundScan*>& takes,
                 const std::vector<const SoundScan*>& recordings, int threads,
                 const JobControl& job, const TakeSure& told, KnownPairs& known) {
    PairSearch(takes, recordings, {}, threads, job, &known).lookAhead(told);
}

}  // namespace brisk

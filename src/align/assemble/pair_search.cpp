// SPDX-License-Identifier: GPL-3.0-or-later
// Measuring a pair costs ten times what nominating places in it does, and most pairs of a day do
// not belong together. So all places of a take are nominated first, on every recording, and
// measured where they stand out most; what is rarer is looked for last, and only where nothing else
// was found.
#include "align/assemble/pair_search.h"

#include <algorithm>
#include <atomic>
#include <numeric>

#include "align/assemble/match_methods.h"
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
constexpr int kHeldSegments = 64;       // of takes in the search: a megabyte each
// Of the whole work, as it is told.
constexpr double kNominated = 0.3, kMeasured = 0.8;

/// One recording made ready for searching: by the first take that needs it, until the last is done.
class SharedSearch {
  public:
    std::shared_ptr<CoarseRecording> use(const SoundScan& recording) {
        const std::scoped_lock hold(lock_);
        if (!ready_) {
            ready_ = std::make_shared<CoarseRecording>(
                recording.bands,
                takesLeft_ > 1 ? CoarseRecording::Use::Often : CoarseRecording::Use::Once);
        }
        return ready_;
    }
    void expect(std::size_t takes) { takesLeft_ = takes; }
    void done() {
        const std::scoped_lock hold(lock_);
        if (--takesLeft_ == 0) ready_.reset();
    }

  private:
    std::mutex lock_;
    std::shared_ptr<CoarseRecording> ready_;
    std::size_t takesLeft_ = 0;
};

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

/// Whether by their time stamps both ran at the same time.
bool runTogether(const SoundScan& take, const SoundScan& recording) {
    const auto stamps = stampPlace(take.info, recording.info);
    const TimeRange heard = take.onTake();
    return stamps && stamps->line.toRecording(heard.end) > -stamps->doubt &&
           stamps->line.toRecording(heard.start) < recording.length() + stamps->doubt;
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
          searches_(recordings.size()),
          opened_(recordings.size()),
          nominated_(takes.size() * recordings.size()),
          asked_(takes.size()),
          further_(recordings.size()) {}

    void run(const TakeAnswered& told) {
        nominateAll();
        measureAll(told);
        lookFurtherAll(told);
    }

    void lookAhead(const TakeSure& told) {
        nominateAll();
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

    [[nodiscard]] Result<Nominated>& nominated(std::size_t t, std::size_t r) {
        return nominated_[r * takes_.size() + t];
    }

    /// Some takes at a time, whose transforms are held, and for these one recording after the
    /// other.
    void nominateAll() {
        SharedProgress progress(nominated_.size(), job_.part(0, kNominated));
        for (std::size_t from = 0; from < takes_.size();) {
            std::size_t to = from;
            int held = 0;
            do {
                held += CoarseTake::segmentsOf(takes_[to++]->bands.size());
            } while (to < takes_.size() && held < kHeldSegments);
            nominateSome(from, to, progress);
            from = to;
        }
    }

    void nominateSome(std::size_t from, std::size_t to, SharedProgress& progress) {
        const std::size_t count = to - from;
        std::vector<std::optional<CoarseTake>> looks(count);
        parallelFor(count, threads_, [&](std::size_t i) {
            if (job_.stopRequested() || nominatedBefore(from + i)) return;
            looks[i].emplace(takes_[from + i]->bands);
        });
        for (SharedSearch& s : searches_) s.expect(count);
        parallelFor(count * recordings_.size(), threads_, [&](std::size_t k) {
            if (job_.stopRequested()) return;
            const JobControl piece = progress.piece();
            const std::size_t r = k / count, t = from + k % count;
            nominateOne(t, r, looks[t - from], piece);
            searches_[r].done();
            piece.report(1);
        });
    }

    /// Whether all recordings were asked before where the take could lie.
    [[nodiscard]] bool nominatedBefore(std::size_t t) const {
        return known_ && std::all_of(recordings_.begin(), recordings_.end(), [&](const auto* r) {
                   return known_->nominated(*takes_[t], *r).has_value();
               });
    }

    void nominateOne(std::size_t t, std::size_t r, const std::optional<CoarseTake>& look,
                     const JobControl& job) {
        const SoundScan &take = *takes_[t], &recording = *recordings_[r];
        if (known_) {
            if (auto before = known_->nominated(take, recording)) {
                nominated(t, r) = std::move(*before);
                return;
            }
        }
        const auto searched = searches_[r].use(recording);
        nominated(t, r) = guarded(take.info.path, [&] { return nominate(*look, *searched, job); });
        if (known_ && nominated(t, r)) known_->keep(take, recording, *nominated(t, r));
    }

    void measureWhatStandsAlone(std::size_t t, const TakeSure& told, const JobControl& job) {
        std::shared_ptr<HeldSound> held;
        for (const std::size_t r : likeliestFirst(t)) {
            const auto& n = nominated(t, r);
            if (job.stopRequested() || !n || !n->standsAlone(kWorthALook)) continue;
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

    /// The recordings in the order in which the take is likely to lie on them; where that is equal,
    /// by name: never in the order in which they were given.
    [[nodiscard]] std::vector<std::size_t> likeliestFirst(std::size_t t) {
        std::vector<std::size_t> order(recordings_.size());
        std::iota(order.begin(), order.end(), std::size_t{0});
        const auto score = [&](std::size_t r) {
            const auto& n = nominated(t, r);
            return n ? n->best() : 0.0;
        };
        std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
            if (score(a) != score(b)) return score(a) > score(b);
            return recordings_[a]->info.path < recordings_[b]->info.path;
        });
        return order;
    }

    void measureTake(std::size_t t, const TakeAnswered& told, const JobControl& job) {
        const SoundScan& take = *takes_[t];
        auto& answers = asked_[t].byRecording;
        answers.resize(recordings_.size());
        std::shared_ptr<HeldSound> held;
        std::optional<Settled> settled;
        const double each = 1.0 / static_cast<double>(recordings_.size());
        double done = 0;
        for (const std::size_t r : likeliestFirst(t)) {
            if (job.stopRequested()) return;
            const auto& n = nominated(t, r);
            const JobControl part = job.part(done, done + each);
            done += each;
            if (!n) {
                answers[r] = tl::unexpected(n.error());
            } else if (!n->refused.empty()) {
                answers[r] = refusal(n->refused.front());
            } else if (settled && sparedBy(*settled, t, r, *n)) {
                answers[r] = refusal({"matched-elsewhere"});
            } else {
                answers[r] = measureOnce(held, t, r, *n, part);
                if (!settled && *answers[r] && settles(**answers[r], take, *recordings_[r])) {
                    settled = Settled{r, (*answers[r])->evidence.coarse};
                }
            }
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

    /// Whether a take that surely lies elsewhere need not be measured here: on another file of the
    /// same recorder unless that would contradict, on another recorder unless more than chance or
    /// its clock says that it heard the take, too.
    [[nodiscard]] bool sparedBy(const Settled& settled, std::size_t t, std::size_t r,
                                const Nominated& n) const {
        const SoundScan &there = *recordings_[settled.recording], &here = *recordings_[r];
        if (oneAtATime(there, here)) return n.best() < kWorthALook * settled.coarse;
        return !n.beyondChance() && !runTogether(*takes_[t], here);
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
        if (found.status == MatchStatus::Unmatched && nominated(t, r)->refused.empty()) {
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
    std::vector<SharedSearch> searches_;
    std::vector<OpenedRecording> opened_;
    std::vector<Result<Nominated>> nominated_;
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

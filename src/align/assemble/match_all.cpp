// SPDX-License-Identifier: GPL-3.0-or-later
// Pairs are independent, so they are spread over the cores; what all takes ask of one recording is
// worked out once and dropped after its last take. Why not one recording after the other with all
// its takes' sounds held: a day of 500 takes would have to fit into memory.
#include "align/assemble/match_all.h"

#include <algorithm>
#include <mutex>
#include <tuple>

#include "align/assemble/recorder_files.h"
#include "core/guarded.h"
#include "core/parallel_for.h"

namespace brisk {
namespace {

constexpr std::size_t kManyTakes = 16;  // from here on what is settled saves time
constexpr double kSure = 0.95;
/// A second place that scores half of a sure one could be another playing of the same music.
constexpr double kWorthALook = 0.5;

/// Progress of many pieces of work as one: each counts by its weight.
class SharedProgress {
  public:
    SharedProgress(std::vector<double> weights, const JobControl& job)
        : weights_(std::move(weights)), done_(weights_.size()), job_(job) {
        for (const double w : weights_) total_ += w;
    }
    JobControl piece(std::size_t i) {
        return job_.withReport([this, i](double f) {
            const std::scoped_lock hold(lock_);
            f = std::max(f, done_[i]);
            sum_ += weights_[i] * (f - done_[i]);
            done_[i] = f;
            job_.report(sum_ / total_);
        });
    }

  private:
    std::mutex lock_;
    std::vector<double> weights_;
    std::vector<double> done_;
    double total_ = 1e-9;
    double sum_ = 0;
    const JobControl& job_;
};

/// One recording made ready for searching: by the first take that needs it, until the last is done.
struct SharedSearch {
    std::mutex lock;
    std::shared_ptr<CoarseRecording> ready;
    std::size_t takesLeft = 0;

    std::shared_ptr<CoarseRecording> use(const SoundScan& recording) {
        const std::scoped_lock hold(lock);
        if (!ready) {
            ready = std::make_shared<CoarseRecording>(
                recording.bands,
                takesLeft > 1 ? CoarseRecording::Use::Often : CoarseRecording::Use::Once);
        }
        return ready;
    }
    void done() {
        const std::scoped_lock hold(lock);
        if (--takesLeft == 0) ready.reset();
    }
};

using Answers = std::vector<std::optional<Result<TetherEstimate>>>;

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
std::vector<RankedMatch> ranked(const Answers& answers, std::size_t take, std::size_t takes,
                                const std::vector<const SoundScan*>& recordings) {
    std::vector<RankedMatch> out;
    for (std::size_t r = 0; r < recordings.size(); ++r) {
        const auto& a = answers[r * takes + take];
        if (a && *a) out.push_back({r, **a});
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

/// Where a take surely lies, and how strongly it stood out there.
struct Settled {
    std::size_t recording = 0;
    double coarse = 0;
};

/// True where nothing of the take is left for other files of the same recorder.
bool settles(const TetherEstimate& e, const SoundScan& take, const SoundScan& recording) {
    if (e.status != MatchStatus::Matched || e.confidence < kSure || !e.oneLineHolds()) return false;
    const TimeRange heard = take.onTake();
    return e.line.toRecording(heard.start) >= Seconds{0} &&
           e.line.toRecording(heard.end) <= recording.length();
}

/// One search of all takes on all recordings. Piece k is take k % takes on recording k / takes: one
/// recording after the other, so that few of them are held ready for searching.
class WholeSearch {
  public:
    WholeSearch(const std::vector<const SoundScan*>& takes,
                const std::vector<const SoundScan*>& recordings, const MatchOptions& options,
                const JobControl& job, const TakeMatched& told)
        : takes_(takes),
          recordings_(recordings),
          options_(options),
          job_(job),
          told_(told),
          progress_(weights(), job),
          searches_(recordings.size()),
          answers_(takes.size() * recordings.size()),
          asked_(takes.size(), 0),
          settled_(takes.size()) {
        for (SharedSearch& s : searches_) s.takesLeft = takes.size();
        out_.byTake.resize(takes.size());
        out_.places.resize(takes.size());
    }

    AllMatches run(int threads) {
        if (takes_.size() < kManyTakes) {
            parallelFor(answers_.size(), threads, [this](std::size_t k) { ask(k); });
        } else {
            oneAfterTheOther(threads);
        }
        for (std::size_t t = 0; t < takes_.size(); ++t) {
            for (std::size_t r = 0; r < recordings_.size(); ++r) {
                const auto& a = answers_[r * takes_.size() + t];
                if (a && !*a) note(out_.problems, a->error());
            }
        }
        out_.stopped = job_.stopRequested();
        return std::move(out_);
    }

  private:
    /// The search grows with the recording; the measuring costs like some ten minutes of it.
    [[nodiscard]] std::vector<double> weights() const {
        std::vector<double> w;
        for (const SoundScan* r : recordings_) {
            w.insert(w.end(), takes_.size(), 600 + r->length().value);
        }
        return w;
    }

    /// What was found on one recording is known on the next; the answer then depends on the order
    /// of files, not on that of threads.
    void oneAfterTheOther(int threads) {
        for (std::size_t r = 0; r < recordings_.size(); ++r) {
            parallelFor(takes_.size(), threads, [&](std::size_t t) { ask(r * takes_.size() + t); });
            for (std::size_t t = 0; t < takes_.size(); ++t) {
                const auto& a = answers_[r * takes_.size() + t];
                if (!a || !*a || !settles(**a, *takes_[t], *recordings_[r])) continue;
                // Shown at once; what the other recordings add comes when they have been asked.
                if (told_ && !settled_[t] && r + 1 < recordings_.size()) told_(t, {{r, **a}});
                settled_[t] = Settled{r, (*a)->evidence.coarse};
            }
        }
    }

    /// One take on one recording; the last of a take's answers brings its places.   Threads: any.
    void ask(std::size_t k) {
        if (job_.stopRequested()) return;
        const JobControl piece = progress_.piece(k);
        const std::size_t r = k / takes_.size(), t = k % takes_.size();
        MatchOptions own = options_;
        const auto& s = settled_[t];
        if (s && neverTogether(*recordings_[s->recording], *recordings_[r])) {
            own.leastCoarse = kWorthALook * s->coarse;
        }
        if (own.method != MatchMethod::Claps) own.searched = searches_[r].use(*recordings_[r]);
        auto answer = guarded(takes_[t]->info.path,
                              [&] { return matchPair(*takes_[t], *recordings_[r], own, piece); });
        searches_[r].done();
        piece.report(1);
        std::vector<RankedMatch> all;
        {
            const std::scoped_lock one(telling_);
            answers_[k] = std::move(answer);
            if (++asked_[t] < recordings_.size()) return;
            all = ranked(answers_, t, takes_.size(), recordings_);
        }
        if (!all.empty()) place(t, std::move(all));
    }

    /// Puts a take's answers together.   Threads: any.
    void place(std::size_t t, std::vector<RankedMatch> all) {
        std::vector<Error> unreadable;
        auto places = guarded(takes_[t]->info.path, [&] {
            return takePlaces(*takes_[t], recordings_, all, unreadable, job_.withReport({}));
        });
        const std::scoped_lock one(telling_);
        for (const Error& e : unreadable) note(out_.problems, e);
        if (!places) {
            if (places.error().code == ErrorCode::Cancelled) return;
            note(out_.problems, places.error());
            // What was measured holds; only how files go on from each other is not known.
            places = std::vector<TakePlace>{};
            if (all.front().estimate.status != MatchStatus::Unmatched) {
                places->push_back({all.front().recording, all.front().estimate});
            }
        }
        out_.byTake[t] = std::move(all);
        out_.places[t] = std::move(*places);
        if (told_) told_(t, out_.places[t]);
    }

    const std::vector<const SoundScan*>& takes_;
    const std::vector<const SoundScan*>& recordings_;
    const MatchOptions& options_;
    const JobControl& job_;
    const TakeMatched& told_;
    SharedProgress progress_;
    std::vector<SharedSearch> searches_;
    std::mutex telling_;
    Answers answers_;                 // guarded by telling_ while pieces run
    std::vector<std::size_t> asked_;  // so is this
    std::vector<std::optional<Settled>> settled_;
    AllMatches out_;
};

}  // namespace

AllMatches matchAll(const std::vector<const SoundScan*>& takes,
                    const std::vector<const SoundScan*>& recordings, const MatchOptions& options,
                    int threads, const JobControl& job, const TakeMatched& told) {
    if (recordings.empty()) {
        AllMatches none;
        none.byTake.resize(takes.size());
        none.places.resize(takes.size());
        return none;
    }
    return WholeSearch(takes, recordings, options, job, told).run(threads);
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/assemble/match_all.h"

#include <algorithm>
#include <mutex>

#include "align/assemble/recorder_files.h"
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
        return p.path == e.path && p.sentence == e.sentence;
    });
    if (!known && e.code != ErrorCode::Cancelled) problems.push_back(e);
}

/// What the recordings answered for one take, the surest first; those that could not are left out.
std::vector<RankedMatch> ranked(const Answers& answers, std::size_t take, std::size_t takes,
                                std::size_t recordings) {
    std::vector<RankedMatch> out;
    for (std::size_t r = 0; r < recordings; ++r) {
        const auto& a = answers[r * takes + take];
        if (a && *a) out.push_back({r, **a});
    }
    std::stable_sort(out.begin(), out.end(), [](const RankedMatch& a, const RankedMatch& b) {
        return std::pair(a.estimate.status, -a.estimate.confidence) <
               std::pair(b.estimate.status, -b.estimate.confidence);
    });
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

}  // namespace

AllMatches matchAll(const std::vector<const SoundScan*>& takes,
                    const std::vector<const SoundScan*>& recordings, const MatchOptions& options,
                    int threads, const JobControl& job, const TakeMatched& told) {
    AllMatches out;
    out.byTake.resize(takes.size());
    out.places.resize(takes.size());
    if (recordings.empty()) return out;
    // One recording after the other, so that few of them are held ready for searching.
    std::vector<double> weights;
    std::vector<SharedSearch> searches(recordings.size());
    for (std::size_t r = 0; r < recordings.size(); ++r) {
        searches[r].takesLeft = takes.size();
        // The search grows with the recording; the measuring costs like some ten minutes of it.
        weights.insert(weights.end(), takes.size(), 600 + recordings[r]->length().value);
    }
    SharedProgress progress(weights, job);
    Answers answers(weights.size());
    std::mutex telling;
    std::vector<std::size_t> asked(takes.size(), 0);
    std::vector<std::optional<Settled>> settled(takes.size());
    const auto ask = [&](std::size_t k) {
        if (job.stopRequested()) return;
        const JobControl piece = progress.piece(k);
        const std::size_t r = k / takes.size();
        MatchOptions own = options;
        if (const auto& s = settled[k % takes.size()];
            s && neverTogether(*recordings[s->recording], *recordings[r])) {
            own.leastCoarse = kWorthALook * s->coarse;
        }
        if (own.method != MatchMethod::Claps) own.searched = searches[r].use(*recordings[r]);
        const std::size_t t = k % takes.size();
        auto answer = matchPair(*takes[t], *recordings[r], own, piece);
        searches[r].done();
        piece.report(1);
        std::vector<RankedMatch> all;
        {
            const std::scoped_lock one(telling);
            answers[k] = std::move(answer);
            if (++asked[t] < recordings.size()) return;
            all = ranked(answers, t, takes.size(), recordings.size());
        }
        if (all.empty()) return;
        auto places = takePlaces(*takes[t], recordings, all, job.withReport({}));
        const std::scoped_lock one(telling);
        if (!places) {
            if (places.error().code == ErrorCode::Cancelled) return;
            note(out.problems, places.error());
            // What was measured holds; only how files go on from each other is not known.
            places = std::vector<TakePlace>{};
            if (all.front().estimate.status != MatchStatus::Unmatched) {
                places->push_back({all.front().recording, all.front().estimate});
            }
        }
        out.byTake[t] = std::move(all);
        out.places[t] = std::move(*places);
        if (told) told(t, out.places[t]);
    };
    if (takes.size() < kManyTakes) {
        parallelFor(answers.size(), threads, ask);
    } else {
        // One recording after the other, so that what was found on one is known on the next; the
        // answer then depends on the order of files, not on that of threads.
        for (std::size_t r = 0; r < recordings.size(); ++r) {
            parallelFor(takes.size(), threads, [&](std::size_t t) { ask(r * takes.size() + t); });
            for (std::size_t t = 0; t < takes.size(); ++t) {
                const auto& a = answers[r * takes.size() + t];
                if (!a || !*a || !settles(**a, *takes[t], *recordings[r])) continue;
                // Shown at once; what the other recordings add comes when they have been asked.
                if (told && !settled[t] && r + 1 < recordings.size()) told(t, {{r, **a}});
                settled[t] = Settled{r, (*a)->evidence.coarse};
            }
        }
    }
    for (std::size_t t = 0; t < takes.size(); ++t) {
        for (std::size_t r = 0; r < recordings.size(); ++r) {
            const auto& a = answers[r * takes.size() + t];
            if (a && !*a) note(out.problems, a->error());
        }
    }
    out.stopped = job.stopRequested();
    return out;
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/match_all.h"

#include <algorithm>
#include <mutex>

#include "core/parallel_for.h"

namespace brisk {
namespace {

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

}  // namespace

AllMatches matchAll(const std::vector<const SoundScan*>& takes,
                    const std::vector<const SoundScan*>& recordings, const MatchOptions& options,
                    int threads, const JobControl& job) {
    AllMatches out;
    out.byTake.resize(takes.size());
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
    std::vector<std::optional<Result<TetherEstimate>>> answers(weights.size());
    parallelFor(answers.size(), threads, [&](std::size_t k) {
        if (job.stopRequested()) return;
        const JobControl piece = progress.piece(k);
        const std::size_t r = k / takes.size();
        MatchOptions own = options;
        if (own.method != MatchMethod::Claps) own.searched = searches[r].use(*recordings[r]);
        answers[k] = matchPair(*takes[k % takes.size()], *recordings[r], own, piece);
        searches[r].done();
        piece.report(1);
    });
    for (std::size_t t = 0; t < takes.size(); ++t) {
        std::vector<RankedMatch> ranked;
        for (std::size_t r = 0; r < recordings.size(); ++r) {
            auto& a = answers[r * takes.size() + t];
            if (a && *a) {
                ranked.push_back({r, std::move(**a)});
            } else if (a && !out.problem) {
                out.problem = a->error();
            }
        }
        if (ranked.size() < recordings.size()) continue;
        std::stable_sort(ranked.begin(), ranked.end(),
                         [](const RankedMatch& a, const RankedMatch& b) {
                             return std::pair(a.estimate.status, -a.estimate.confidence) <
                                    std::pair(b.estimate.status, -b.estimate.confidence);
                         });
        out.byTake[t] = std::move(ranked);
    }
    if (job.stopRequested()) out.problem = cancelled().value();
    return out;
}

}  // namespace brisk

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

}  // namespace

AllMatches matchAll(const std::vector<const SoundScan*>& takes,
                    const std::vector<const SoundScan*>& recordings, const MatchOptions& options,
                    int threads, const JobControl& job) {
    AllMatches out;
    out.byTake.resize(takes.size());
    if (recordings.empty()) return out;
    std::vector<double> weights;
    for (std::size_t t = 0; t < takes.size(); ++t) {
        // The search grows with the recording; the measuring costs like some ten minutes of it.
        for (const SoundScan* r : recordings) weights.push_back(600 + r->length().value);
    }
    SharedProgress progress(weights, job);
    std::vector<std::optional<Result<TetherEstimate>>> answers(weights.size());
    parallelFor(answers.size(), threads, [&](std::size_t k) {
        if (job.stopRequested()) return;
        const JobControl piece = progress.piece(k);
        answers[k] = matchPair(*takes[k / recordings.size()], *recordings[k % recordings.size()],
                               options, piece);
        piece.report(1);
    });
    for (std::size_t t = 0; t < takes.size(); ++t) {
        std::vector<RankedMatch> ranked;
        for (std::size_t r = 0; r < recordings.size(); ++r) {
            auto& a = answers[t * recordings.size() + r];
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

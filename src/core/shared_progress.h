// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Progress of many pieces of work as one, each alike; it never goes back.
///
///     SharedProgress progress(pairs, job.part(0, 0.3));
///     search(pair, progress.piece());
#pragma once

#include <algorithm>
#include <memory>
#include <mutex>

#include "core/job_control.h"

namespace brisk {

/// Must outlive what its pieces are given to. Threads: safe; reports one at a time.
class SharedProgress {
  public:
    SharedProgress(std::size_t pieces, JobControl job)
        : pieces_(static_cast<double>(std::max<std::size_t>(1, pieces))), job_(std::move(job)) {}

    /// For one of them.
    JobControl piece() {
        return job_.withReport([this, done = std::make_shared<double>(0)](double fraction) {
            const std::scoped_lock hold(lock_);
            fraction = std::clamp(fraction, *done, 1.0);
            sum_ += fraction - *done;
            *done = fraction;
            job_.report(std::min(1.0, sum_ / pieces_));
        });
    }

  private:
    std::mutex lock_;
    double pieces_;
    double sum_ = 0;
    JobControl job_;
};

}  // namespace brisk

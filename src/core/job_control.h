// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How long work is stopped and how it reports. Copies share one flag.
///
///     JobControl job;                       // kept by whoever may press stop
///     worker([job] { ... if (job.stopRequested()) return cancelled(); ... });
///     job.requestStop();                    // from any thread
#pragma once

#include <atomic>
#include <functional>
#include <memory>
#include <utility>

namespace brisk {

class JobControl {
  public:
    using Report = std::function<void(double fraction)>;

    JobControl() : stop_(std::make_shared<std::atomic<bool>>(false)) {}
    explicit JobControl(Report report) : JobControl() { report_ = std::move(report); }

    void requestStop() const { stop_->store(true, std::memory_order_relaxed); }
    [[nodiscard]] bool stopRequested() const {
        return stop_->load(std::memory_order_relaxed) || (outer_ && outer_->stopRequested());
    }

    /// Says how far the work is, 0 to 1. Called on the working thread.
    void report(double fraction) const {
        if (report_) report_(fraction);
    }

    /// Stopped by its own flag and by that of the work that it is a part of.
    [[nodiscard]] JobControl within(const JobControl& whole) const {
        JobControl p = *this;
        p.outer_ = std::make_shared<const JobControl>(whole);
        return p;
    }

    /// The same stop flag, with progress told to somebody else.
    [[nodiscard]] JobControl withReport(Report report) const {
        JobControl p = *this;
        p.report_ = std::move(report);
        return p;
    }

    /// The same stop flag, with progress mapped into [from, to) of this one.
    [[nodiscard]] JobControl part(double from, double to) const {
        JobControl p = *this;
        if (report_) {
            p.report_ = [r = report_, from, to](double f) { r(from + f * (to - from)); };
        }
        return p;
    }

  private:
    std::shared_ptr<std::atomic<bool>> stop_;
    std::shared_ptr<const JobControl> outer_;
    Report report_;
};

}  // namespace brisk

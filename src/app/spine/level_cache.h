// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What gain a take needs for the loudness that was chosen: measured on a thread of its own, and
/// remembered for as long as nothing of the plan changes.
#pragma once

#include <QObject>
#include <deque>
#include <memory>
#include <optional>

#include "app/spine/latest_worker.h"
#include "core/job_control.h"
#include "render/take_sound.h"

namespace brisk::app {

class LevelCache : public QObject {
    Q_OBJECT
  public:
    explicit LevelCache(QObject* parent = nullptr);
    ~LevelCache() override;

    /// Null while it is not known; then it is measured, and `known` is emitted. A newer wish takes
    /// the place of one that is being measured.
    const LevelPlan* of(const TakeSoundPlan& plan);
    /// The same, without measuring it where it is not known.
    [[nodiscard]] const LevelPlan* ifKnown(const TakeSoundPlan& plan) const;

    /// What somebody else has measured. Emits `known`.
    void take(const TakeSoundPlan& plan, const LevelPlan& level);

  signals:
    void known();

  private:
    struct Request {
        TakeSoundPlan plan;
        JobControl job;
    };
    void work(const Request& r);

    std::deque<std::pair<TakeSoundPlan, LevelPlan>> known_;  // plans without a level
    std::optional<TakeSoundPlan> wanted_;
    JobControl job_;
    std::unique_ptr<LatestWorker<Request>> worker_;  // last: it ends first
};

}  // namespace brisk::app

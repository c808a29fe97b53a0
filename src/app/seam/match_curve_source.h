// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How strongly a take belongs at each place of its recording, worked out on a thread of its own
/// and remembered for each pair.
#pragma once

#include <QObject>
#include <map>
#include <memory>
#include <vector>

#include "align/show/match_curve.h"
#include "app/spine/latest_worker.h"
#include "app/spine/session.h"

namespace brisk::app {

class MatchCurveSource : public QObject {
    Q_OBJECT
  public:
    explicit MatchCurveSource(QObject* parent = nullptr);
    ~MatchCurveSource() override;

    /// Works it out unless it is known.
    void want(const PlacedPair& pair);
    /// Null until it is known; empty where there is nothing to search by.
    [[nodiscard]] const std::vector<MatchPoint>* of(const PlacedPair& pair) const;

  signals:
    void ready();

  private:
    using Scans = std::pair<std::shared_ptr<const SoundScan>, std::shared_ptr<const SoundScan>>;
    struct Request {
        Scans scans;
        JobControl job;
    };
    void work(const Request& r);

    std::map<Scans, std::vector<MatchPoint>> known_;
    Scans wanted_;
    JobControl job_;
    std::unique_ptr<LatestWorker<Request>> worker_;  // last: it ends first
};

}  // namespace brisk::app

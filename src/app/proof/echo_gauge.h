// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The slip around the playhead, measured again as it moves, on a thread of its own.
#pragma once

#include <QObject>
#include <memory>
#include <optional>

#include "align/show/lag_probe.h"
#include "app/spine/latest_worker.h"
#include "app/spine/session.h"

namespace brisk::app {

class EchoGauge : public QObject {
    Q_OBJECT
  public:
    explicit EchoGauge(QObject* parent = nullptr);
    ~EchoGauge() override;

    void ask(const PlacedPair& pair, Seconds moment);

  signals:
    /// `common` is false where the two have no sound in common; `slip` in seconds.
    void measured(bool common, double slip, double moment);

  private:
    struct Request {
        PlacedPair pair;
        Seconds moment;
    };
    void work(const Request& r);
    std::shared_ptr<const SoundScan> openTake_, openRecording_;
    std::optional<LagProbe> probe_;
    JobControl ending_;
    std::unique_ptr<LatestWorker<Request>> worker_;  // last: it ends first
};

}  // namespace brisk::app

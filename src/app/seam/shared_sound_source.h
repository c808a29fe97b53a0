// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What take and recording have in common, worked out on a thread of its own, ready to be drawn.
#pragma once

#include <QObject>
#include <memory>
#include <optional>

#include "align/show/shared_sound.h"
#include "app/spine/latest_worker.h"
#include "app/spine/session.h"

namespace brisk::app {

class SharedSoundSource : public QObject {
    Q_OBJECT
  public:
    /// A curve as a sound with 125 samples a second, a fifth of its onset strength high.
    struct Side {
        PeakPyramid outline;
        OnsetCurve curve;
    };
    struct Curves {
        std::shared_ptr<const SoundScan> take, recording;
        Side camera, clean;
    };

    explicit SharedSoundSource(QObject* parent = nullptr);
    ~SharedSoundSource() override;

    /// Works it out unless it is known for this pair in this place.
    void want(const PlacedPair& pair);
    /// Null until it is known, or where it was worked out for another pair.
    [[nodiscard]] std::shared_ptr<const Curves> of(const PlacedPair& pair) const;

  signals:
    void ready();

  private:
    struct Request {
        PlacedPair pair;
        JobControl job;
    };
    void work(const Request& r);

    std::optional<PlacedPair> wanted_;
    std::shared_ptr<const Curves> known_;
    JobControl job_;
    std::unique_ptr<LatestWorker<Request>> worker_;  // last: it ends first
};

}  // namespace brisk::app

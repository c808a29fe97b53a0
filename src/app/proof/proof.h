// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Looks along a whole take, on a thread of its own, at how far the two sounds are apart: five spot
/// checks first, then the slip line. Wherever the clean sound is moved, it looks again.
///
///     proof.examine(*session.view(take).pair); // any number of times; only the newest counts
#pragma once

#include <QObject>
#include <array>
#include <memory>
#include <optional>
#include <vector>

#include "align/decide/fit_verdict.h"
#include "align/show/lag_probe.h"
#include "app/seam/sample_source.h"
#include "app/spine/latest_worker.h"
#include "app/spine/session.h"

namespace brisk::app {

/// One close look.
struct SpotCheck {
    std::optional<Seconds> moment;  ///< Take time; none where nothing is in common.
    std::optional<Seconds> slip;
    Seconds way{0};  ///< Part of the slip: the speaker stood so much farther away.
    std::shared_ptr<const SampleStretch> camera, clean;
};

struct ProofState {
    std::array<SpotCheck, 5> spots;
    std::vector<SlipPoint> slips;  ///< In order of time.
    /// Of the sound to the camera, where the speaker walked: part of the slips, not of the verdict.
    std::vector<PathDelay> path;
    /// The slips without following jumps and bends; empty where there are none.
    std::vector<LeftSlip> unfollowed;
    bool jumps = false;
    FitVerdict verdict;
    TimeRange overlap;  ///< Take time.
    bool done = false;
};

class Proof : public QObject {
    Q_OBJECT
  public:
    explicit Proof(QObject* parent = nullptr);
    ~Proof() override;

    /// By the acoustic match.
    void examine(const PlacedPair& pair);
    void clear();
    [[nodiscard]] const ProofState& state() const { return state_; }
    /// The worst of the spot checks, or none.
    [[nodiscard]] std::optional<std::size_t> worstSpot() const;

  signals:
    void changed();

  private:
    struct Request {
        PlacedPair pair;
        JobControl job;
    };
    struct Open;
    /// False where a file cannot be opened.
    bool openFor(const PlacedPair& pair);
    void work(const Request& r);
    void tell(const Request& r, ProofState state);

    ProofState state_;
    std::optional<PlacedPair> pair_;
    JobControl job_;
    std::unique_ptr<Open> open_;                     // the worker's
    std::unique_ptr<LatestWorker<Request>> worker_;  // last: it ends first
};

}  // namespace brisk::app

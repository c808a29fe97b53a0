// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// One clock, straight or with bends, laid through all that is heard of a take, and a level for
/// each stretch between steps. Why one: losing samples does not change a clock, and what one
/// stretch says about its slope holds for the others.
///
///     StretchedClock clock(whole, *hearSpots(reader, whole, job));
///     clock.fit();
///     clock.lineOf(0, 12.5)     // on the first stretch, as it is around second 12.5
#pragma once

#include <optional>
#include <vector>

#include "align/follow/clock_fit.h"
#include "align/follow/heard_spots.h"

namespace brisk {

constexpr int kNearSamples = static_cast<int>(kNearSeconds * kCurveRate);
/// What stands out of a stack, in its deviations.
constexpr double kStandsOutOfStack = 2.5;

class StretchedClock {
  public:
    /// The windows of one stretch, and a lag for each.
    struct Stretch {
        std::vector<Curve> curves;
        std::vector<double> lags;
    };

    /// \param whole  must outlive this.
    /// \param heard  with at least one run.
    StretchedClock(const FineMatch& whole, HeardSpots heard)
        : whole_(whole), heard_(std::move(heard)) {}

    /// On the first arrival, stretches that have nothing lost between them joined.
    void fit();

    [[nodiscard]] const std::vector<Spot>& spots() const { return heard_.spots; }
    [[nodiscard]] int stretches() const { return heard_.runs; }
    [[nodiscard]] const ClockFit& clock() const { return clock_; }

    [[nodiscard]] std::vector<Curve> curves() const;
    /// Of each window. One that is not heard belongs to the stretch before it.
    [[nodiscard]] std::vector<int> runs() const;
    /// Where the clock has each window, along the window's own line; seconds.
    [[nodiscard]] std::vector<double> modelLags() const;
    /// \param lags  a lag for each window of all.
    [[nodiscard]] Stretch stretch(int run, const std::vector<double>& lags) const;
    /// Which windows lie between the stretches, or beside them all.
    [[nodiscard]] std::vector<bool> beside() const;
    /// Scratch seconds to clean seconds on a stretch, straight around a moment.
    [[nodiscard]] ClockLine lineOf(int run, double about) const;

    // Where somebody walks, bends are the way of the sound and no clock's.

    /// Slowly from place to place looks like one stretch with a clock that bends: parted anew with
    /// one that may not.
    /// \return of each step between two stretches the step between the old ones that it was, -1
    ///         where there was none. Nothing: the old stretches stay.
    std::optional<std::vector<int>> partWhereSomebodyStood();
    /// Each place where somebody stands has its own echoes, one of which may be louder there than
    /// the direct sound. What all windows hear together cannot tell: each stretch is asked itself.
    void moveToFirstArrivals();
    /// Fits once more, without bends: the slope is the one that windows share where he stands.
    void straighten();

  private:
    /// What windows say close to lags, and which windows those are.
    struct Points {
        std::vector<ClockPoint> points;
        std::vector<std::size_t> spots;
    };

    [[nodiscard]] Points points(const std::vector<double>& lags) const;
    [[nodiscard]] Points loudest() const { return points(followedLags()); }
    /// Of a stretch that is not heard where the model has it, what is loudest there.
    [[nodiscard]] Points nearModel() const;
    /// The lags that were followed.
    [[nodiscard]] std::vector<double> followedLags() const;
    /// What is loudest in a room with strong echoes is one arrival here and another there.
    void followTheSameArrival();
    /// Samples from the model to the first arrival that all windows together show.
    [[nodiscard]] double firstOfAll(double share) const;
    /// To the arrival, in samples, that all windows together found first; but one stretch may have
    /// followed an echo where another followed the direct sound.
    void comeEarlier(double samples);
    void fitPoints(const Points& p) { take(p, findClock(p.points, heard_.runs, clockOptions())); }
    void take(const Points& p, const ClockFound& found);
    /// Stretches with a pause between them, and nothing lost in it.
    bool joinWhatIsLevel();
    [[nodiscard]] ClockFitOptions clockOptions() const;

    const FineMatch& whole_;
    HeardSpots heard_;
    ClockFit clock_;
};

}  // namespace brisk

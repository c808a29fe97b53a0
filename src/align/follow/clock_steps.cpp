// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/follow/clock_steps.h"

#include <algorithm>
#include <cmath>

#include "align/follow/moved_pattern.h"
#include "align/measure/window_agreement.h"

namespace brisk {
namespace {

constexpr double kBeyond = 4.0;           // seconds around a step; a window is 2.7 long
constexpr double kFarthestWalk = 0.030;   // seconds: ten metres between two windows
constexpr double kEchoesGoAlong = 0.5;    // likeness
constexpr double kEchoesToSpeakOf = 0.1;  // part of the pattern

class StepTeller {
  public:
    StepTeller(WindowReader& reader, const FineMatch& whole, const StretchedClock& clock)
        : reader_(reader), whole_(whole), clock_(clock) {}

    Result<std::vector<ClockStep>> steps(const JobControl& job) {
        std::vector<ClockStep> out;
        if (clock_.stretches() < 2) return out;
        const ArrivalPattern arrivals = pattern();
        const std::vector<bool> sure =
            whichAgree(clock_.curves(), clock_.modelLags(), whole_.polarity);
        for (int r = 0; r + 1 < clock_.stretches(); ++r) {
            if (job.stopRequested()) return cancelled();
            auto s = settle(r, sure, arrivals, job);
            if (!s) return tl::unexpected(s.error());
            out.push_back(*s);
        }
        return out;
    }

  private:
    Result<ClockStep> settle(int r, const std::vector<bool>& sure, const ArrivalPattern& arrivals,
                             const JobControl& job) {
        const double end = reachOf(r, clock_.spots(), sure).end.value;
        const double begin = reachOf(r + 1, clock_.spots(), sure).start.value;
        const double middle = (end + begin) / 2;
        ClockStep out;
        out.by = clock_.clock().at(middle, r + 1) - clock_.clock().at(middle, r);
        const TimeRange within =
            TimeRange{{end - kBeyond}, {begin + kBeyond}}.intersect(whole_.overlap);
        auto moment = stepMoment(reader_, clock_.lineOf(r, middle), clock_.lineOf(r + 1, middle),
                                 whole_.polarity, arrivals, within, job);
        if (!moment) return tl::unexpected(moment.error());
        out.moment = *moment;
        if (std::fabs(out.by) > kFarthestWalk) return out;
        lookAtEchoes(r, out);
        return out;
    }

    /// What arrives on this place, all windows together.
    [[nodiscard]] ArrivalPattern pattern() const {
        const auto sum = stackCurves(clock_.curves(), clock_.modelLags());
        const double least = kStandsOutOfStack * stackNoise(sum);
        ArrivalPattern out;
        for (int k = -kPatternBefore; k <= kPatternAfter; ++k) {
            const double v = whole_.polarity * sum[static_cast<std::size_t>(k + kReach)];
            out.push_back(static_cast<float>(std::max(0.0, v - least)));
        }
        return out;
    }

    void lookAtEchoes(int r, ClockStep& step) const {
        const auto lags = clock_.modelLags();
        const auto before = clock_.stretch(r, lags), after = clock_.stretch(r + 1, lags);
        const PatternStep p = patternStep(before.curves, before.lags, after.curves, after.lags,
                                          step.by, whole_.polarity);
        step.echoesTold = p.echoesHeard >= kEchoesToSpeakOf && p.echoesMoved >= kEchoesGoAlong;
        step.walked = step.moment.heardBetween > 0 ||
                      (p.echoesHeard >= kEchoesToSpeakOf && p.echoesMoved < kEchoesGoAlong);
    }

    WindowReader& reader_;
    const FineMatch& whole_;
    const StretchedClock& clock_;
};

/// Somebody who walks walks more than once; what could be either is then walked, too.
void tellWalksFromLosses(std::vector<ClockStep>& steps) {
    const bool anyWalk = anyWalked(steps);
    for (ClockStep& s : steps) {
        s.walked = anyWalk && !s.echoesTold && std::fabs(s.by) <= kFarthestWalk;
    }
}

}  // namespace

bool anyWalked(const std::vector<ClockStep>& steps) {
    return std::any_of(steps.begin(), steps.end(), [](const ClockStep& s) { return s.walked; });
}

Result<std::vector<ClockStep>> settleSteps(WindowReader& reader, const FineMatch& whole,
                                           StretchedClock& clock, const JobControl& job) {
    auto steps = StepTeller(reader, whole, clock).steps(job);
    if (!steps) return steps;
    tellWalksFromLosses(*steps);
    if (!anyWalked(*steps)) return steps;
    if (const auto before = clock.partWhereSomebodyStood()) {
        std::vector<ClockStep> parted;
        for (const int r : *before) {
            parted.push_back(r < 0 ? ClockStep{} : (*steps)[static_cast<std::size_t>(r)]);
            if (r < 0) parted.back().walked = true;
        }
        *steps = std::move(parted);
    }
    clock.moveToFirstArrivals();
    clock.straighten();
    return steps;
}

}  // namespace brisk

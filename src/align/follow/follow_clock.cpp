// SPDX-License-Identifier: GPL-3.0-or-later
// What is heard, a clock through it, what its steps were; and what follows from that for the take.
#include "align/follow/follow_clock.h"

#include <algorithm>
#include <limits>

#include "align/follow/clock_steps.h"
#include "align/measure/first_arrival.h"
#include "align/measure/window_agreement.h"

namespace brisk {
namespace {

// Somebody who is heard from beside where he stood: of some two thousand lags none is so high by
// chance.
constexpr int kBesideAPlace = 20 * WindowReader::kRate / 1000;  // samples, seven metres
constexpr double kHeardBeside = 5.5;                            // deviations

/// A clock and its steps as an answer.
class FollowedTake {
  public:
    FollowedTake(const FineMatch& whole, const StretchedClock& clock,
                 const std::vector<ClockStep>& steps)
        : whole_(whole), clock_(clock), steps_(steps) {}
    [[nodiscard]] FollowedClock result() const;

  private:
    /// Whether each window agrees with all the others. Where somebody walked, with those of its own
    /// stretch only: elsewhere in the room the echoes are others.
    [[nodiscard]] std::vector<bool> agreeing(const std::vector<Curve>& all,
                                             const std::vector<double>& lags, double& chance,
                                             std::vector<StretchEvidence>& stood) const {
        if (!anyWalked(steps_)) return whichAgree(all, lags, whole_.polarity, &chance);
        std::vector<bool> out(all.size());
        const auto run = clock_.runs();
        double sum = 0;
        for (int r = 0; r < clock_.stretches(); ++r) {
            std::vector<double> own = lags;
            for (std::size_t i = 0; i < all.size(); ++i) {
                if (run[i] != r) own[i] = std::numeric_limits<double>::quiet_NaN();
            }
            WindowAgreement agreement(all, own, whole_.polarity);
            StretchEvidence here;
            for (std::size_t i = 0; i < all.size(); ++i) {
                if (run[i] != r) continue;
                out[i] = agreement.agrees(all[i], lags[i]);
                here.agreeing += out[i] ? 1 : 0;
                ++here.used;
            }
            here.chance = agreement.chance();
            stood.push_back(here);
            sum += here.chance * here.used;
        }
        chance = sum / static_cast<double>(std::max<std::size_t>(1, all.size()));
        return out;
    }

    /// Whether a window that does not agree with where he stood hears him all the same.
    [[nodiscard]] bool heardBeside(const Curve& window, double lag) const {
        return topOf(window, whole_.polarity, lag, kBesideAPlace).height >= kHeardBeside;
    }

    /// Runs between losses share a level: of the shortest way.
    [[nodiscard]] std::vector<double> sharedLevels() const;
    /// What holds on all stretches.
    [[nodiscard]] FineMatch aboutAll(const std::vector<Curve>& all, const std::vector<double>& lags,
                                     const std::vector<double>& levels,
                                     const std::vector<bool>& agrees) const;
    /// What is heard around the arrival that the line follows: of somebody who walks, where he is
    /// nearest, by the windows that hear him there: he may have come nearer still for a moment. An
    /// echo that was followed elsewhere makes his way longer, and no line wrong.
    [[nodiscard]] AroundArrival aroundNearest(const std::vector<Curve>& all,
                                              const std::vector<double>& lags,
                                              const std::vector<double>& levels,
                                              const std::vector<bool>& agrees) const;
    /// How much longer the way is than the shortest, along the take.
    [[nodiscard]] std::vector<WayPoint> wayAbove(const std::vector<double>& levels) const;
    /// Cut at losses and at bends, without their windows.
    [[nodiscard]] std::vector<MatchedRange> rangesAlong(const std::vector<double>& levels,
                                                        const FineMatch& about) const;

    const FineMatch& whole_;
    const StretchedClock& clock_;
    const std::vector<ClockStep>& steps_;
};

FollowedClock FollowedTake::result() const {
    FollowedClock out;
    out.steps = static_cast<int>(steps_.size());
    const std::vector<double> levels = sharedLevels();
    const std::vector<double> lags = clock_.modelLags();
    const std::vector<Curve> all = clock_.curves();
    double chance = 0;
    const std::vector<bool> agrees = agreeing(all, lags, chance, out.stood);
    FineMatch about = aboutAll(all, lags, levels, agrees);
    about.chanceOfAgreement = chance;
    if (anyWalked(steps_)) out.way = wayAbove(levels);
    out.ranges = rangesAlong(levels, about);
    const auto between = clock_.beside();
    for (std::size_t i = 0; i < all.size(); ++i) {
        const Top own = topOf(all[i], whole_.polarity, lags[i], kNearSamples);
        const SlipWindow w{
            {all[i].time},
            {own.lag - lags[i]},
            own.height,
            agrees[i],
            anyWalked(steps_) && (between[i] || (!agrees[i] && heardBeside(all[i], lags[i])))};
        auto it = std::find_if(out.ranges.begin(), out.ranges.end(),
                               [&](const MatchedRange& m) { return w.scratchTime < m.range.end; });
        if (it == out.ranges.end()) --it;
        it->match.windows.push_back(w);
    }
    return out;
}

std::vector<double> FollowedTake::sharedLevels() const {
    std::vector<double> out = clock_.clock().levels;
    std::vector<int> group(out.size(), 0);
    for (std::size_t r = 1; r < out.size(); ++r) {
        group[r] = group[r - 1] + (steps_[r - 1].walked ? 0 : 1);
    }
    for (std::size_t r = 0; r < out.size(); ++r) {
        for (std::size_t o = 0; o < out.size(); ++o) {
            if (group[o] == group[r]) out[r] = std::min(out[r], clock_.clock().levels[o]);
        }
    }
    return out;
}

AroundArrival FollowedTake::aroundNearest(const std::vector<Curve>& all,
                                          const std::vector<double>& lags,
                                          const std::vector<double>& levels,
                                          const std::vector<bool>& agrees) const {
    std::vector<double> own(all.size(), std::numeric_limits<double>::quiet_NaN());
    const auto run = clock_.runs();
    bool any = false;
    for (std::size_t i = 0; i < all.size(); ++i) {
        const auto r = static_cast<std::size_t>(run[i]);
        if (clock_.clock().levels[r] > levels[r] || !agrees[i]) continue;
        own[i] = lags[i];
        any = true;
    }
    return aroundArrival(stackCurves(all, any ? own : lags), whole_.polarity);
}

FineMatch FollowedTake::aboutAll(const std::vector<Curve>& all, const std::vector<double>& lags,
                                 const std::vector<double>& levels,
                                 const std::vector<bool>& agrees) const {
    const auto sum = stackCurves(all, lags);
    const double noise = stackNoise(sum);
    const auto highest = [&](double seconds) {
        return heightNear(sum, whole_.polarity, static_cast<int>(seconds * kCurveRate)) / noise;
    };
    FineMatch about = whole_;
    about.windows.clear();
    about.stackStrength = highest(kDirectSeconds);
    about.strongestArrival = highest(kEchoSeconds);
    about.around = anyWalked(steps_) ? aroundNearest(all, lags, levels, agrees)
                                     : aroundArrival(sum, whole_.polarity);
    about.spreadMs = clock_.clock().spread * 1e3;
    return about;
}

std::vector<WayPoint> FollowedTake::wayAbove(const std::vector<double>& levels) const {
    std::vector<WayPoint> way;
    const auto run = clock_.runs();
    for (std::size_t i = 0; i < clock_.spots().size(); ++i) {
        const Spot& spot = clock_.spots()[i];
        if (!spot.heard()) continue;
        const auto r = static_cast<std::size_t>(run[i]);
        const WayPoint here{{spot.time()}, {clock_.clock().levels[r] - levels[r]}};
        const std::size_t n = way.size();
        // Of a stretch on which nobody moves the first and the last.
        if (n >= 2 && way[n - 2].later == here.later && way[n - 1].later == here.later) {
            way.pop_back();
        }
        way.push_back(here);
    }
    return way;
}

std::vector<MatchedRange> FollowedTake::rangesAlong(const std::vector<double>& levels,
                                                    const FineMatch& about) const {
    std::vector<MatchedRange> ranges;
    const auto add = [&](TimeRange range, std::size_t r, Seconds doubt) {
        MatchedRange m{range, about, doubt};
        const double middle = ((range.start + range.end) / 2).value;
        const ClockLine line = clock_.lineOf(static_cast<int>(r), middle);
        m.match.line = line.shifted(Seconds{clock_.clock().levels[r] - levels[r]});
        m.match.overlap = range;
        ranges.push_back(std::move(m));
    };
    Seconds from = whole_.overlap.start;
    Seconds doubt{0};
    for (std::size_t r = 0; r < levels.size(); ++r) {
        Seconds until = whole_.overlap.end, next = until;
        Seconds nextDoubt{0};
        if (r < steps_.size()) {
            const ClockStep& s = steps_[r];
            if (s.walked) continue;
            // By is how much later the clean sound must be moved: so much was lost of it.
            const double by = levels[r + 1] - levels[r];
            const Seconds at = (s.moment.at.start + s.moment.at.end) / 2;
            nextDoubt = s.moment.at.length() / 2;
            until = at + Seconds{by > 0 ? 0.0 : -by / 2};
            next = at + Seconds{by > 0 ? by : -by / 2};
        }
        for (const double at : clock_.clock().knots) {
            const Seconds knot{at};
            if (knot <= from || knot >= until) continue;
            add({from, knot}, r, doubt);
            from = knot;
            doubt = Seconds{0};
        }
        add({from, until}, r, doubt);
        from = next;
        doubt = nextDoubt;
    }
    return ranges;
}

/// \param each  of the overlap for each window.
Result<FollowedClock> followListening(WindowReader& reader, const FineMatch& whole, Seconds each,
                                      const JobControl& job) {
    auto heard = hearSpots(reader, whole, job, each);
    if (!heard) return tl::unexpected(heard.error());
    if (heard->runs == 0) return FollowedClock{{{whole.overlap, whole, {}}}, {}, {}, 0};
    StretchedClock clock(whole, std::move(*heard));
    clock.fit();
    auto steps = settleSteps(reader, whole, clock, job);
    if (!steps) return tl::unexpected(steps.error());
    const Seconds overlap = whole.overlap.length();
    if (anyWalked(*steps) && spotsWanted(overlap, each) < spotsWanted(overlap, kOfAWalkersSpot)) {
        return followListening(reader, whole, kOfAWalkersSpot, job);
    }
    return FollowedTake(whole, clock, *steps).result();
}

}  // namespace

Result<FollowedClock> followClock(WindowReader& reader, const FineMatch& whole,
                                  const JobControl& job) {
    return followListening(reader, whole, kOfOneSpot, job);
}

}  // namespace brisk

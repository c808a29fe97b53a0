// SPDX-License-Identifier: GPL-3.0-or-later
// One model for all that is heard: a clock, straight or with bends, the same on every stretch, and
// a level for each stretch. Why one: losing samples does not change a clock, and what one stretch
// says about its slope holds for the others. A step between two levels is a loss if it happens at
// once and takes the echoes along; it is the speaker's way if it is walked.
#include "align/measure/follow_clock.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "align/clock_limits.h"
#include "align/measure/clock_fit.h"
#include "align/measure/first_arrival.h"
#include "align/measure/heard_spots.h"
#include "align/measure/moved_pattern.h"
#include "align/measure/step_moment.h"
#include "align/measure/window_agreement.h"
#include "align/nominate/pulled_rate.h"

namespace brisk {
namespace {

constexpr double kHeardHeight = 3.5;
constexpr double kStrong = 20;            // of one window's weight
constexpr double kBeyond = 4.0;           // seconds around a step; a window is 2.7 long
constexpr double kFarthestWalk = 0.030;   // seconds: ten metres between two windows
constexpr double kEchoesGoAlong = 0.5;    // likeness
constexpr double kEchoesToSpeakOf = 0.1;  // part of the pattern
constexpr int kBesideArrival = 3;         // samples
constexpr double kNoises = 2.5;           // what stands out of a stack
constexpr double kNearSamples = kNearSeconds * kCurveRate;

class Follower {
  public:
    Follower(WindowReader& reader, const FineMatch& whole, HeardSpots heard)
        : reader_(reader), whole_(whole), heard_(std::move(heard)) {}

    void fit() {
        followTheSameArrival();
        fitPoints(loudest());
        layOnFirstArrival([this](double share) { return firstOfAll(share); },
                          [this](double samples) {
                              comeEarlier(samples);
                              fitPoints(nearModel());
                          });
        if (joinWhatIsLevel()) fitPoints(nearModel());
    }

    Result<void> settleSteps(const JobControl& job) {
        if (heard_.runs < 2) return {};
        const ArrivalPattern arrivals = pattern();
        const std::vector<bool> sure = agreeWithAll(curves(), modelLags());
        for (int r = 0; r + 1 < heard_.runs; ++r) {
            if (job.stopRequested()) return cancelled();
            auto s = settle(r, sure, arrivals, job);
            if (!s) return tl::unexpected(s.error());
            steps_.push_back(*s);
        }
        tellWalksFromLosses();
        if (walked()) {
            partWhereSomebodyStood();
            moveToFirstArrivals();
            straighten();
        }
        return {};
    }

    [[nodiscard]] FollowedClock result() const;

  private:
    struct Step {
        StepMoment moment;
        double by = 0;  // seconds of lag
        bool walked = false;
        bool echoesTold = false;  // and they went along
    };

    [[nodiscard]] std::vector<Curve> curves() const {
        std::vector<Curve> out;
        for (const Spot& s : heard_.spots) out.push_back(s.curve);
        return out;
    }

    /// A window that is not heard belongs to the stretch before it.
    [[nodiscard]] std::vector<int> runs() const {
        std::vector<int> out;
        int run = 0;
        for (const Spot& s : heard_.spots) {
            if (s.heard()) run = s.run;
            out.push_back(run);
        }
        return out;
    }

    /// Where the model has each window, along the window's own line.
    [[nodiscard]] std::vector<double> modelLags() const {
        const auto run = runs();
        std::vector<double> out;
        for (std::size_t i = 0; i < heard_.spots.size(); ++i) {
            const Spot& s = heard_.spots[i];
            out.push_back(clock_.at(s.time(), run[i]) - s.base);
        }
        return out;
    }

    /// What the windows say close to `lags`, and which windows those are.
    struct Points {
        std::vector<ClockPoint> points;
        std::vector<std::size_t> spots;
    };
    [[nodiscard]] Points points(const std::vector<double>& lags) const {
        Points out;
        for (std::size_t i = 0; i < heard_.spots.size(); ++i) {
            const Spot& s = heard_.spots[i];
            if (!s.heard()) continue;
            const Top top =
                topOf(s.curve, whole_.polarity, lags[i], static_cast<int>(kNearSamples));
            if (top.height <= kHeardHeight) continue;
            out.points.push_back(
                {s.time(), top.lag + s.base, std::min(top.height, kStrong), s.run});
            out.spots.push_back(i);
        }
        return out;
    }
    [[nodiscard]] Points loudest() const { return points(followedLags()); }
    /// Of a stretch that is not heard where the model has it, what is loudest there.
    [[nodiscard]] Points nearModel() const {
        std::vector<double> lags = modelLags();
        Points near = points(lags);
        std::vector<bool> heard(clock_.levels.size(), false);
        for (const ClockPoint& p : near.points) heard[static_cast<std::size_t>(p.run)] = true;
        if (std::all_of(heard.begin(), heard.end(), [](bool h) { return h; })) return near;
        for (std::size_t i = 0; i < heard_.spots.size(); ++i) {
            const Spot& s = heard_.spots[i];
            if (s.heard() && !heard[static_cast<std::size_t>(s.run)]) lags[i] = s.lag;
        }
        return points(lags);
    }

    /// The windows of one stretch, and a lag for each.
    struct Stretch {
        std::vector<Curve> curves;
        std::vector<double> lags;
    };
    [[nodiscard]] Stretch stretch(int run, const std::vector<double>& lags) const {
        Stretch out;
        for (std::size_t i = 0; i < heard_.spots.size(); ++i) {
            if (heard_.spots[i].run != run) continue;
            out.curves.push_back(heard_.spots[i].curve);
            out.lags.push_back(lags[i]);
        }
        return out;
    }
    /// The lags that were followed.
    [[nodiscard]] std::vector<double> followedLags() const {
        std::vector<double> out;
        for (const Spot& s : heard_.spots) out.push_back(s.lag);
        return out;
    }
    /// What is loudest in a room with strong echoes is one arrival here and another there.
    void followTheSameArrival() {
        for (int r = 0; r + 1 < heard_.runs; ++r) {
            const auto lags = followedLags();
            const Stretch before = stretch(r, lags), after = stretch(r + 1, lags);
            const auto later = toTheSameArrival(before.curves, before.lags, after.curves,
                                                after.lags, whole_.polarity);
            if (!later) continue;
            for (Spot& s : heard_.spots) {
                if (s.run == r + 1) s.lag += *later;
            }
        }
    }
    /// Samples from the model to the first arrival that all windows together show.
    [[nodiscard]] double firstOfAll(double share) const {
        return firstArrival(stackCurves(curves(), modelLags()), heard_.pulse, whole_.polarity, {},
                            share);
    }
    /// To the arrival, in samples, that all windows together found first; but one stretch may have
    /// followed an echo where another followed the direct sound.
    void comeEarlier(double samples) {
        std::vector<double> levels = clock_.levels;
        const auto lags = modelLags();
        for (std::size_t r = 0; r < levels.size(); ++r) {
            const Stretch own = stretch(static_cast<int>(r), lags);
            const auto sum = stackCurves(own.curves, own.lags);
            const double there = heightNear(sum, whole_.polarity, kBesideArrival,
                                            static_cast<int>(std::lround(samples)));
            if (there >= kNoises * stackNoise(sum)) levels[r] += samples / kCurveRate;
        }
        clock_.levels = levels;
    }

    void fitPoints(const Points& p) { take(p, findClock(p.points, heard_.runs, clockOptions())); }

    void take(const Points& p, const ClockFound& found) {
        clock_ = found.fit;
        heard_.runs = found.runs;
        // A window without a point belongs to the stretch of the one before it.
        std::size_t next = 0;
        int added = 0;
        for (std::size_t i = 0; i < heard_.spots.size(); ++i) {
            if (next < p.spots.size() && p.spots[next] == i) {
                added = found.runOf[next] - p.points[next].run;
                ++next;
            }
            if (heard_.spots[i].heard()) heard_.spots[i].run += added;
        }
    }

    /// Stretches with a pause between them, and nothing lost in it.
    bool joinWhatIsLevel() {
        std::vector<int> now{0};
        for (std::size_t r = 1; r < clock_.levels.size(); ++r) {
            const bool same = std::fabs(clock_.levels[r] - clock_.levels[r - 1]) < kSmallestStep;
            now.push_back(now.back() + (same ? 0 : 1));
        }
        if (now.back() + 1 == heard_.runs) return false;
        for (Spot& s : heard_.spots) {
            if (s.heard()) s.run = now[static_cast<std::size_t>(s.run)];
        }
        std::vector<double> levels;
        for (std::size_t r = 0; r < now.size(); ++r) {
            if (static_cast<int>(levels.size()) == now[r]) levels.push_back(clock_.levels[r]);
        }
        clock_.levels = levels;
        heard_.runs = now.back() + 1;
        return true;
    }

    /// Which windows lie between the stretches, or beside them all.
    [[nodiscard]] std::vector<bool> beside() const {
        const auto& spots = heard_.spots;
        std::vector<bool> out(spots.size(), true);
        for (int r = 0; r < heard_.runs; ++r) {
            const auto own = [&](const Spot& s) { return s.run == r; };
            const auto first = std::find_if(spots.begin(), spots.end(), own);
            const auto last = std::find_if(spots.rbegin(), spots.rend(), own).base();
            for (auto it = first; it < last; ++it) {
                out[static_cast<std::size_t>(it - spots.begin())] = false;
            }
        }
        return out;
    }

    /// Scratch seconds to clean seconds on a stretch, straight around a moment.
    [[nodiscard]] ClockLine lineOf(int run, double about) const {
        const double slope = clock_.slopeAt(about);
        const double at = whole_.line.toRecording({about}).value - clock_.at(about, run);
        return ClockLine{{at}, {whole_.line.drift.value - slope * 1e6}}.from(Seconds{-about});
    }

    Result<Step> settle(int r, const std::vector<bool>& sure, const ArrivalPattern& arrivals,
                        const JobControl& job) {
        const double end = reachOf(r, heard_.spots, sure).end.value;
        const double begin = reachOf(r + 1, heard_.spots, sure).start.value;
        const double middle = (end + begin) / 2;
        Step out;
        out.by = clock_.at(middle, r + 1) - clock_.at(middle, r);
        const TimeRange within =
            TimeRange{{end - kBeyond}, {begin + kBeyond}}.intersect(whole_.overlap);
        auto moment = stepMoment(reader_, lineOf(r, middle), lineOf(r + 1, middle), whole_.polarity,
                                 arrivals, within, job);
        if (!moment) return tl::unexpected(moment.error());
        out.moment = *moment;
        if (std::fabs(out.by) > kFarthestWalk) return out;
        lookAtEchoes(r, out);
        return out;
    }

    /// What arrives on this place, all windows together.
    [[nodiscard]] ArrivalPattern pattern() const {
        const auto sum = stackCurves(curves(), modelLags());
        const double least = kNoises * stackNoise(sum);
        ArrivalPattern out;
        for (int k = -kPatternBefore; k <= kPatternAfter; ++k) {
            const double v = whole_.polarity * sum[static_cast<std::size_t>(k + kReach)];
            out.push_back(static_cast<float>(std::max(0.0, v - least)));
        }
        return out;
    }

    void lookAtEchoes(int r, Step& step) const {
        std::vector<Curve> before, after;
        std::vector<double> lagsBefore, lagsAfter;
        const auto lags = modelLags();
        for (std::size_t i = 0; i < heard_.spots.size(); ++i) {
            const Spot& s = heard_.spots[i];
            if (s.run == r) {
                before.push_back(s.curve);
                lagsBefore.push_back(lags[i]);
            } else if (s.run == r + 1) {
                after.push_back(s.curve);
                lagsAfter.push_back(lags[i]);
            }
        }
        const PatternStep p =
            patternStep(before, lagsBefore, after, lagsAfter, step.by, whole_.polarity);
        step.echoesTold = p.echoesHeard >= kEchoesToSpeakOf && p.echoesMoved >= kEchoesGoAlong;
        step.walked = step.moment.heardBetween > 0 ||
                      (p.echoesHeard >= kEchoesToSpeakOf && p.echoesMoved < kEchoesGoAlong);
    }

    /// Somebody who walks walks more than once; what could be either is then walked, too.
    void tellWalksFromLosses() {
        const bool anyWalk =
            std::any_of(steps_.begin(), steps_.end(), [](const Step& s) { return s.walked; });
        for (Step& s : steps_) {
            s.walked = anyWalk && !s.echoesTold && std::fabs(s.by) <= kFarthestWalk;
        }
    }

    [[nodiscard]] bool walked() const {
        return std::any_of(steps_.begin(), steps_.end(), [](const Step& s) { return s.walked; });
    }

    /// Each place where somebody stands has its own echoes, one of which may be louder there than
    /// the direct sound. What all windows hear together cannot tell: each stretch is asked itself.
    void moveToFirstArrivals() {
        const auto lags = modelLags();
        for (std::size_t r = 0; r < clock_.levels.size(); ++r) {
            const Stretch own = stretch(static_cast<int>(r), lags);
            if (own.curves.empty()) continue;
            // Of few windows one may make up an arrival, out of a vowel's own period.
            const auto inMost = [&](int k) {
                std::size_t hear = 0;
                for (std::size_t i = 0; i < own.curves.size(); ++i) {
                    const Top there = topOf(own.curves[i], whole_.polarity,
                                            own.lags[i] + k / kCurveRate, kBesideArrival);
                    if (there.height > kHeardHeight) ++hear;
                }
                return 2 * hear > own.curves.size();
            };
            clock_.levels[r] += firstArrival(stackCurves(own.curves, own.lags), heard_.pulse,
                                             whole_.polarity, inMost) /
                                kCurveRate;
        }
    }

    /// Slowly from place to place looks like one stretch with a clock that bends.
    void partWhereSomebodyStood() {
        const Points p = loudest();
        ClockFitOptions options = clockOptions();
        options.mayBend = false;
        const ClockFound found = findClock(p.points, heard_.runs, options);
        std::vector<Step> steps;
        for (std::size_t i = 1; i < p.points.size(); ++i) {
            if (found.runOf[i] == found.runOf[i - 1]) continue;
            const int before = p.points[i - 1].run, after = p.points[i].run;
            for (int r = before; r < after; ++r)
                steps.push_back(steps_[static_cast<std::size_t>(r)]);
            if (before == after) {
                steps.push_back({});
                steps.back().walked = true;
            }
        }
        if (static_cast<int>(steps.size()) + 1 != found.runs) return;
        steps_ = steps;
        take(p, found);
    }

    /// Where somebody walks, bends are the way of the sound and no clock's.
    void straighten() {
        const Points p = nearModel();
        clock_ = fitClock(p.points, heard_.runs, {}, clockOptions());
    }

    [[nodiscard]] ClockFitOptions clockOptions() const {
        // The first line's drift is part of every lag.
        const double drift = whole_.line.drift.value;
        return {.likelySlope = (drift - expectedDrift(whole_.line.drift).value) * 1e-6,
                .maxSlope = kMaxClockDrift};
    }

    /// Whether each window agrees with all the others.
    [[nodiscard]] std::vector<bool> agreeWithAll(const std::vector<Curve>& all,
                                                 const std::vector<double>& lags,
                                                 double* chance = nullptr) const {
        WindowAgreement agreement(all, lags, whole_.polarity);
        std::vector<bool> out(all.size());
        for (std::size_t i = 0; i < all.size(); ++i) out[i] = agreement.agrees(all[i], lags[i]);
        if (chance) *chance = agreement.chance();
        return out;
    }
    /// The same. Where somebody walked, with those of its own stretch only: elsewhere in the room
    /// the echoes are others.
    [[nodiscard]] std::vector<bool> agreeing(const std::vector<Curve>& all,
                                             const std::vector<double>& lags, double& chance,
                                             std::vector<StretchEvidence>& stood) const {
        if (!walked()) return agreeWithAll(all, lags, &chance);
        std::vector<bool> out(all.size());
        const auto run = runs();
        double sum = 0;
        for (int r = 0; r < heard_.runs; ++r) {
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

    WindowReader& reader_;
    const FineMatch& whole_;
    HeardSpots heard_;
    ClockFit clock_;
    std::vector<Step> steps_;  // from each run to the next
};

FollowedClock Follower::result() const {
    FollowedClock out;
    out.steps = static_cast<int>(steps_.size());
    const std::vector<double> levels = sharedLevels();
    const std::vector<double> lags = modelLags();
    const std::vector<Curve> all = curves();
    double chance = 0;
    const std::vector<bool> agrees = agreeing(all, lags, chance, out.stood);
    FineMatch about = aboutAll(all, lags, levels, agrees);
    about.chanceOfAgreement = chance;
    if (walked()) out.way = wayAbove(levels);
    out.ranges = rangesAlong(levels, about);
    const auto between = beside();
    for (std::size_t i = 0; i < all.size(); ++i) {
        const Top own = topOf(all[i], whole_.polarity, lags[i], static_cast<int>(kNearSamples));
        const SlipWindow w{
            {all[i].time}, {own.lag - lags[i]}, own.height, agrees[i], walked() && between[i]};
        auto it = std::find_if(out.ranges.begin(), out.ranges.end(),
                               [&](const MatchedRange& m) { return w.scratchTime < m.range.end; });
        if (it == out.ranges.end()) --it;
        it->match.windows.push_back(w);
    }
    return out;
}

std::vector<double> Follower::sharedLevels() const {
    std::vector<double> out = clock_.levels;
    std::vector<int> group(out.size(), 0);
    for (std::size_t r = 1; r < out.size(); ++r) {
        group[r] = group[r - 1] + (steps_[r - 1].walked ? 0 : 1);
    }
    for (std::size_t r = 0; r < out.size(); ++r) {
        for (std::size_t o = 0; o < out.size(); ++o) {
            if (group[o] == group[r]) out[r] = std::min(out[r], clock_.levels[o]);
        }
    }
    return out;
}

AroundArrival Follower::aroundNearest(const std::vector<Curve>& all,
                                      const std::vector<double>& lags,
                                      const std::vector<double>& levels,
                                      const std::vector<bool>& agrees) const {
    std::vector<double> own(all.size(), std::numeric_limits<double>::quiet_NaN());
    const auto run = runs();
    bool any = false;
    for (std::size_t i = 0; i < all.size(); ++i) {
        const auto r = static_cast<std::size_t>(run[i]);
        if (clock_.levels[r] > levels[r] || !agrees[i]) continue;
        own[i] = lags[i];
        any = true;
    }
    return aroundArrival(stackCurves(all, any ? own : lags), whole_.polarity);
}

FineMatch Follower::aboutAll(const std::vector<Curve>& all, const std::vector<double>& lags,
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
    about.around =
        walked() ? aroundNearest(all, lags, levels, agrees) : aroundArrival(sum, whole_.polarity);
    about.spreadMs = clock_.spread * 1e3;
    return about;
}

std::vector<WayPoint> Follower::wayAbove(const std::vector<double>& levels) const {
    std::vector<WayPoint> way;
    const auto run = runs();
    for (std::size_t i = 0; i < heard_.spots.size(); ++i) {
        const Spot& spot = heard_.spots[i];
        if (!spot.heard()) continue;
        const auto r = static_cast<std::size_t>(run[i]);
        const WayPoint here{{spot.time()}, {clock_.levels[r] - levels[r]}};
        const std::size_t n = way.size();
        // Of a stretch on which nobody moves the first and the last.
        if (n >= 2 && way[n - 2].later == here.later && way[n - 1].later == here.later) {
            way.pop_back();
        }
        way.push_back(here);
    }
    return way;
}

std::vector<MatchedRange> Follower::rangesAlong(const std::vector<double>& levels,
                                                const FineMatch& about) const {
    std::vector<MatchedRange> ranges;
    const auto add = [&](TimeRange range, std::size_t r, Seconds doubt) {
        MatchedRange m{range, about, doubt};
        const double middle = ((range.start + range.end) / 2).value;
        const ClockLine line = lineOf(static_cast<int>(r), middle);
        m.match.line = line.shifted(Seconds{clock_.levels[r] - levels[r]});
        m.match.overlap = range;
        ranges.push_back(std::move(m));
    };
    Seconds from = whole_.overlap.start;
    Seconds doubt{0};
    for (std::size_t r = 0; r < levels.size(); ++r) {
        Seconds until = whole_.overlap.end, next = until;
        Seconds nextDoubt{0};
        if (r < steps_.size()) {
            const Step& s = steps_[r];
            if (s.walked) continue;
            // By is how much later the clean sound must be moved: so much was lost of it.
            const double by = levels[r + 1] - levels[r];
            const Seconds at = (s.moment.at.start + s.moment.at.end) / 2;
            nextDoubt = s.moment.at.length() / 2;
            until = at + Seconds{by > 0 ? 0.0 : -by / 2};
            next = at + Seconds{by > 0 ? by : -by / 2};
        }
        for (const double at : clock_.knots) {
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

}  // namespace

Result<FollowedClock> followClock(WindowReader& reader, const FineMatch& whole,
                                  const JobControl& job) {
    auto heard = hearSpots(reader, whole, job);
    if (!heard) return tl::unexpected(heard.error());
    if (heard->runs == 0) return FollowedClock{{{whole.overlap, whole, {}}}, {}, {}, 0};
    Follower follower(reader, whole, std::move(*heard));
    follower.fit();
    auto settled = follower.settleSteps(job);
    if (!settled) return tl::unexpected(settled.error());
    return follower.result();
}

}  // namespace brisk

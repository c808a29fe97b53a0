// SPDX-License-Identifier: GPL-3.0-or-later
// Points near the lags that were followed, one clock through them, then on to the first arrival:
// what was followed may be an echo, and along a better line more is seen.
#include "align/follow/stretched_clock.h"

#include <algorithm>
#include <cmath>

#include "align/clock_limits.h"
#include "align/follow/moved_pattern.h"
#include "align/follow/standing_clock.h"
#include "align/measure/first_arrival.h"
#include "align/nominate/pulled_rate.h"

namespace brisk {
namespace {

constexpr double kHeardHeight = 3.5;
constexpr double kStrong = 20;          // of one window's weight
constexpr int kStraightened = 2;        // along the better line other windows are near
constexpr double kBesideAWay = 100e-6;  // a slope
constexpr int kBesideArrival = 3;  // samples that an arrival may lie beside where it is looked for

}  // namespace

void StretchedClock::fit() {
    followTheSameArrival();
    fitPoints(loudest());
    layOnFirstArrival([this](double share) { return firstOfAll(share); },
                      [this](double samples) {
                          comeEarlier(samples);
                          fitPoints(nearModel());
                      });
    if (joinWhatIsLevel()) fitPoints(nearModel());
}

std::vector<Curve> StretchedClock::curves() const {
    std::vector<Curve> out;
    for (const Spot& s : heard_.spots) out.push_back(s.curve);
    return out;
}

std::vector<int> StretchedClock::runs() const {
    std::vector<int> out;
    int run = 0;
    for (const Spot& s : heard_.spots) {
        if (s.heard()) run = s.run;
        out.push_back(run);
    }
    return out;
}

std::vector<double> StretchedClock::modelLags() const {
    const auto run = runs();
    std::vector<double> out;
    for (std::size_t i = 0; i < heard_.spots.size(); ++i) {
        const Spot& s = heard_.spots[i];
        out.push_back(clock_.at(s.time(), run[i]) - s.base);
    }
    return out;
}

StretchedClock::Points StretchedClock::points(const std::vector<double>& lags) const {
    Points out;
    for (std::size_t i = 0; i < heard_.spots.size(); ++i) {
        const Spot& s = heard_.spots[i];
        if (!s.heard()) continue;
        const Top top = topOf(s.curve, whole_.polarity, lags[i], kNearSamples);
        if (top.height <= kHeardHeight) continue;
        out.points.push_back({s.time(), top.lag + s.base, std::min(top.height, kStrong), s.run});
        out.spots.push_back(i);
    }
    return out;
}

StretchedClock::Points StretchedClock::nearModel() const {
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

StretchedClock::Stretch StretchedClock::stretch(int run, const std::vector<double>& lags) const {
    Stretch out;
    for (std::size_t i = 0; i < heard_.spots.size(); ++i) {
        if (heard_.spots[i].run != run) continue;
        out.curves.push_back(heard_.spots[i].curve);
        out.lags.push_back(lags[i]);
    }
    return out;
}

std::vector<double> StretchedClock::followedLags() const {
    std::vector<double> out;
    for (const Spot& s : heard_.spots) out.push_back(s.lag);
    return out;
}

void StretchedClock::followTheSameArrival() {
    for (int r = 0; r + 1 < heard_.runs; ++r) {
        const auto lags = followedLags();
        const Stretch before = stretch(r, lags), after = stretch(r + 1, lags);
        const auto later =
            toTheSameArrival(before.curves, before.lags, after.curves, after.lags, whole_.polarity);
        if (!later) continue;
        for (Spot& s : heard_.spots) {
            if (s.run == r + 1) s.lag += *later;
        }
    }
}

double StretchedClock::firstOfAll(double share) const {
    return firstArrival(stackCurves(curves(), modelLags()), heard_.pulse, whole_.polarity, {},
                        share);
}

void StretchedClock::comeEarlier(double samples) {
    std::vector<double> levels = clock_.levels;
    const auto lags = modelLags();
    for (std::size_t r = 0; r < levels.size(); ++r) {
        const Stretch own = stretch(static_cast<int>(r), lags);
        const auto sum = stackCurves(own.curves, own.lags);
        const double there = heightNear(sum, whole_.polarity, kBesideArrival,
                                        static_cast<int>(std::lround(samples)));
        if (there >= kStandsOutOfStack * stackNoise(sum)) levels[r] += samples / kCurveRate;
    }
    clock_.levels = levels;
}

void StretchedClock::take(const Points& p, const ClockFound& found) {
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

bool StretchedClock::joinWhatIsLevel() {
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

std::vector<bool> StretchedClock::beside() const {
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

ClockLine StretchedClock::lineOf(int run, double about) const {
    const double slope = clock_.slopeAt(about);
    const double at = whole_.line.toRecording({about}).value - clock_.at(about, run);
    return ClockLine{{at}, {whole_.line.drift.value - slope * 1e6}}.from(Seconds{-about});
}

void StretchedClock::moveToFirstArrivals() {
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
        clock_.levels[r] +=
            firstArrival(stackCurves(own.curves, own.lags), heard_.pulse, whole_.polarity, inMost) /
            kCurveRate;
    }
}

std::optional<std::vector<int>> StretchedClock::partWhereSomebodyStood() {
    const Points p = loudest();
    ClockFitOptions options = clockOptions();
    options.mayBend = false;
    const ClockFound found = findClock(p.points, heard_.runs, options);
    std::vector<int> before;
    for (std::size_t i = 1; i < p.points.size(); ++i) {
        if (found.runOf[i] == found.runOf[i - 1]) continue;
        const int from = p.points[i - 1].run, to = p.points[i].run;
        for (int r = from; r < to; ++r) before.push_back(r);
        if (from == to) before.push_back(-1);
    }
    if (static_cast<int>(before.size()) + 1 != found.runs) return std::nullopt;
    take(p, found);
    return before;
}

void StretchedClock::straighten() {
    for (int again = 0; again < kStraightened; ++again) {
        clock_ = standingClock(nearModel().points, heard_.runs, clockOptions());
    }
}

ClockFitOptions StretchedClock::clockOptions() const {
    // The first line's drift is part of every lag.
    const double likely = beyondExpected(whole_.line.drift).value * 1e-6;
    // A camera that is carried away is followed along a slope that no clock has.
    return {.likelySlope = likely,
            .maxSlope = std::max(kMaxClockDrift, std::fabs(likely) + kBesideAWay)};
}

}  // namespace brisk

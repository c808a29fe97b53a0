// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/follow/clock_fit.h"

#include <gtest/gtest.h>

#include <cmath>

#include "sim/noise.h"

namespace brisk {
namespace {

/// A point each `every` seconds, twenty microseconds of noise on `lag`.
template <class Lag>
std::vector<ClockPoint> measured(double seconds, double every, std::uint64_t seed, Lag lag) {
    sim::NoiseSource random(seed);
    std::vector<ClockPoint> out;
    for (double t = 0; t < seconds; t += every) {
        out.push_back({t, lag(t) + 20e-6 * static_cast<double>(random.normal()), 10, 0});
    }
    return out;
}

double worstOff(const ClockFound& found, const std::vector<ClockPoint>& points,
                const std::function<double(double)>& lag) {
    double worst = 0;
    for (std::size_t i = 0; i < points.size(); ++i) {
        const double t = points[i].time;
        worst = std::max(worst, std::fabs(found.fit.at(t, found.runOf[i]) - lag(t)));
    }
    return worst;
}

TEST(ClockFit, AStraightClockStaysStraight) {
    const auto lag = [](double t) { return 0.003 - 41e-6 * t; };
    const auto points = measured(1800, 15, 4, lag);
    const ClockFound found = findClock(points, 1, {});
    EXPECT_TRUE(found.fit.knots.empty());
    EXPECT_EQ(found.runs, 1);
    EXPECT_LT(worstOff(found, points, lag), 1e-5);
}

TEST(ClockFit, FollowsAClockThatWarmsToATenthOfAMillisecond) {
    // From -14 to +12 ppm within half an hour.
    const auto lag = [](double t) { return -14e-6 * t + 0.5 * 26e-6 / 1800 * t * t; };
    const auto points = measured(1800, 15, 5, lag);
    const ClockFound found = findClock(points, 1, {});
    EXPECT_EQ(found.runs, 1);
    EXPECT_GE(found.fit.knots.size(), 3u);
    EXPECT_LT(worstOff(found, points, lag), 1e-4);
    EXPECT_NEAR(found.fit.slopeAt(900), -1e-6, 3e-6);
}

// As bodies warm: quickly first. 30 ppm in half an hour.
TEST(ClockFit, AClockThatIsSeenToBendIsFollowedAsCloselyAsItsPointsLie) {
    const auto lag = [](double t) { return 30e-6 * (t - 600 * (1 - std::exp(-t / 600))); };
    for (std::uint64_t seed = 20; seed < 26; ++seed) {
        const auto points = measured(1800, 15, seed, lag);
        const ClockFound found = findClock(points, 1, {});
        EXPECT_EQ(found.runs, 1);
        EXPECT_LT(worstOff(found, points, lag), 8e-5) << seed;
        EXPECT_LT(found.fit.knots.size(), 12u) << seed;
    }
}

TEST(ClockFit, WhereNothingMayBendAWayIsASeriesOfPlaces) {
    const auto lag = [](double t) { return -14e-6 * t + 0.5 * 26e-6 / 1800 * t * t; };
    const auto points = measured(1800, 15, 5, lag);
    ClockFitOptions options;
    options.mayBend = false;
    const ClockFound found = findClock(points, 1, options);
    EXPECT_TRUE(found.fit.knots.empty());
    EXPECT_GT(found.runs, 1);
}

TEST(ClockFit, TellsAStepFromABend) {
    const auto lag = [](double t) { return 12e-6 * t + (t > 200 ? 0.0011 : 0.0); };
    const auto points = measured(500, 8, 6, lag);
    const ClockFound found = findClock(points, 1, {});
    EXPECT_TRUE(found.fit.knots.empty());
    ASSERT_EQ(found.runs, 2);
    EXPECT_NEAR(found.fit.levels[1] - found.fit.levels[0], 0.0011, 3e-5);
    EXPECT_LT(worstOff(found, points, lag), 5e-5);
}

// Each loss alone explains little of what looks like a steeper clock.
TEST(ClockFit, FindsThreeSmallStepsThatLookLikeASlope) {
    const auto lag = [](double t) { return -23e-6 * t + 0.001 * std::floor(t / 20); };
    const auto points = measured(80, 2.5, 12, lag);
    const ClockFound found = findClock(points, 1, {.likelySlope = -23e-6});
    EXPECT_EQ(found.runs, 4);
    EXPECT_LT(worstOff(found, points, lag), 5e-5);
}

TEST(ClockFit, TakesAHeadThatSwaysForNoClock) {
    const auto lag = [](double t) { return 2e-4 * std::sin(t / 3); };
    const ClockFound found = findClock(measured(300, 5, 7, lag), 1, {});
    EXPECT_TRUE(found.fit.knots.empty());
    EXPECT_EQ(found.runs, 1);
}

TEST(ClockFit, StretchesShareTheirSlope) {
    auto points = measured(90, 2, 8, [](double t) { return 30e-6 * t; });
    for (auto& p : points) {
        p.run = p.time < 40 ? 0 : p.time < 50 ? 1 : 2;
        p.value += 0.02 * p.run;
    }
    const ClockFit fit = fitClock(points, 3, {}, {});
    EXPECT_NEAR(fit.slope, 30e-6, 1e-6);
    EXPECT_NEAR(fit.levels[1], 0.02, 3e-5);
    EXPECT_NEAR(fit.levels[2], 0.04, 6e-5);
}

TEST(ClockFit, AThirdOfOutliersDoesNotBendIt) {
    sim::NoiseSource random(9);
    auto points = measured(600, 5, 9, [](double t) { return -8e-6 * t; });
    for (std::size_t i = 0; i < points.size(); i += 3) {
        points[i].value += 0.001 * (static_cast<double>(random.uniform()) - 0.5);
    }
    const ClockFound found = findClock(points, 1, {});
    EXPECT_TRUE(found.fit.knots.empty());
    EXPECT_NEAR(found.fit.slope, -8e-6, 2e-7);
}

TEST(ClockFit, WithoutPointsIsWhatIsBelieved) {
    const ClockFit fit = fitClock({}, 2, {}, {.likelySlope = 5e-6});
    EXPECT_EQ(fit.levels.size(), 2u);
    EXPECT_DOUBLE_EQ(fit.slopeAt(3), 5e-6);
}

}  // namespace
}  // namespace brisk

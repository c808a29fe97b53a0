// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/follow/standing_clock.h"

#include <gtest/gtest.h>

#include <random>

namespace brisk {
namespace {

constexpr double kSlope = 31e-6;

/// A window every 3 s, heard to some microseconds; somebody moves by a hand every half minute.
std::vector<ClockPoint> standing(const std::vector<double>& places, int run = 0) {
    std::mt19937 random(5);
    std::normal_distribution<double> noise(0, 4e-6);
    std::vector<ClockPoint> out;
    for (int i = 0; i < 10 * static_cast<int>(places.size()); ++i) {
        const double time = 3.0 * i;
        const double place = places[static_cast<std::size_t>(i / 10)];
        out.push_back({time, place + kSlope * time + noise(random), 10, run});
    }
    return out;
}

TEST(StandingClock, StepsOfAHandBendNoClock) {
    const auto points = standing({0, -0.00035, -0.0005, -0.0003});
    const ClockFit through = fitClock(points, 1, {}, {});
    EXPECT_GT(std::abs(through.slope - kSlope), 2e-6) << "one line through all is bent by them";
    const ClockFit clock = standingClock(points, 1, {});
    EXPECT_NEAR(clock.slope, kSlope, 3e-7);
    EXPECT_TRUE(clock.knots.empty());
}

TEST(StandingClock, ALevelIsWhereMostWindowsAreAndNotBetween) {
    const ClockFit clock = standingClock(standing({0.0004, 0, 0}), 1, {});
    EXPECT_NEAR(clock.levels.front(), 0, 2e-5);
}

TEST(StandingClock, EachRunHasItsOwn) {
    auto points = standing({0, 0.0003});
    for (ClockPoint later : standing({0.004, 0.0043}, 1)) {
        later.time += 60;
        later.value += kSlope * 60;
        points.push_back(later);
    }
    const ClockFit clock = standingClock(points, 2, {});
    EXPECT_NEAR(clock.slope, kSlope, 3e-7);
    EXPECT_NEAR(clock.levels[1] - clock.levels[0], 0.004, 4e-4);
}

TEST(StandingClock, WithoutNeighboursTheClockIsWhatWasBelieved) {
    ClockFitOptions options;
    options.likelySlope = 12e-6;
    const std::vector<ClockPoint> one{{30, 0.001, 10, 0}};
    EXPECT_NEAR(standingClock(one, 1, options).slope, 12e-6, 1e-7);
    EXPECT_NEAR(standingClock({}, 2, options).slope, 12e-6, 1e-12);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/follow/moved_pattern.h"

#include <gtest/gtest.h>

#include "support/made_curves.h"

namespace brisk {
namespace {

using test::Arrivals;

std::vector<Curve> heard(const Arrivals& arrivals, int count, std::uint64_t seed) {
    std::vector<Curve> out;
    for (int i = 0; i < count; ++i) {
        out.push_back(test::madeCurve(2.0 * i, arrivals, seed + static_cast<std::uint64_t>(i)));
    }
    return out;
}

PatternStep step(const Arrivals& before, const Arrivals& after, double from, double to) {
    const auto a = heard(before, 8, 1), b = heard(after, 8, 100);
    const std::vector<double> la(8, from / 1000), lb(8, to / 1000);
    return patternStep(a, la, b, lb, (to - from) / 1000, 1);
}

TEST(MovedPattern, LostSamplesTakeTheEchoesAlong) {
    const PatternStep p = step({{1, 10}, {4, 6}, {9, 5}}, {{6, 10}, {9, 6}, {14, 5}}, 1, 6);
    EXPECT_GT(p.moved, 0.9);
    EXPECT_LT(p.stayed, 0.6);
    EXPECT_GT(p.echoesMoved, 0.8);
    EXPECT_GT(p.echoesHeard, 0.2);
}

TEST(MovedPattern, ATurnedHeadLeavesThemWhereTheyAre) {
    const PatternStep p = step({{1, 10}, {6, 7}, {9, 5}}, {{1, 7}, {6, 10}, {9, 6}}, 1, 6);
    EXPECT_GT(p.stayed, p.moved);
    EXPECT_GT(p.earlierHeard, 0.5);
}

TEST(MovedPattern, WhatIsHeardNoMoreWhereItWasDidMove) {
    EXPECT_LT(step({{0, 30}}, {{36.5, 40}}, 0, 36.5).earlierHeard, 0.15);
    EXPECT_LT(step({{36.5, 40}}, {{0, 30}}, 36.5, 0).earlierHeard, 0.15);
    EXPECT_GT(step({{36.5, 40}, {0, 20}}, {{0, 30}}, 36.5, 0).earlierHeard, 0.4);
}

TEST(MovedPattern, WhoWalksTakesOnlyTheDirectSoundAlong) {
    const PatternStep p = step({{1, 10}, {4, 6}, {9, 5}}, {{6, 10}, {8, 6}, {17, 5}}, 1, 6);
    EXPECT_LT(p.echoesMoved, 0.3);
}

std::optional<double> later(const Arrivals& before, const Arrivals& after, double from, double to) {
    return toTheSameArrival(heard(before, 8, 1), std::vector<double>(8, from / 1000),
                            heard(after, 8, 100), std::vector<double>(8, to / 1000), 1);
}

TEST(MovedPattern, TwoRunsAreLaidOnTheSameArrival) {
    const Arrivals before{{1, 6}, {4, 10}, {11, 9}}, moved{{-3, 6}, {0, 9}, {7, 10}};
    // The one follows the first echo, the other the second.
    const auto echoes = later(before, moved, 4, 7);
    ASSERT_TRUE(echoes);
    EXPECT_NEAR(*echoes, -0.007, 1e-4);
    EXPECT_NEAR(later(before, moved, 11, -3).value_or(0), 0.010, 1e-4);
    EXPECT_FALSE(later(before, moved, 4, 0));
}

TEST(MovedPattern, WhoWalkedIsLaidOnNoOthersArrival) {
    EXPECT_FALSE(later({{1, 10}, {4, 6}, {9, 5}}, {{6, 10}, {8, 6}, {17, 5}}, 1, 6));
    EXPECT_FALSE(later({}, {}, 1, 6));
}

TEST(MovedPattern, IsFoundWhereAnEchoTakesTheDirectSoundsPlace) {
    auto curves = heard({{0, 7}, {5, 10}, {9, 6}}, 10, 1);
    const auto after = heard({{5, 7}, {10, 10}, {14, 6}}, 10, 50);
    curves.insert(curves.end(), after.begin(), after.end());
    const std::vector<double> lags(20, 0.005);
    const auto move = findPatternMove(curves, lags, 1);
    ASSERT_TRUE(move);
    EXPECT_NEAR(static_cast<double>(move->at), 10, 1);
    EXPECT_NEAR(move->step, 0.005, 1e-4);
}

TEST(MovedPattern, IsNotFoundWhereNothingMoved) {
    const auto curves = heard({{0, 9}, {5, 10}, {9, 6}}, 20, 1);
    EXPECT_FALSE(findPatternMove(curves, std::vector<double>(20, 0.0), 1));
    EXPECT_FALSE(findPatternMove(heard({}, 20, 5), std::vector<double>(20, 0.0), 1));
}

}  // namespace
}  // namespace brisk

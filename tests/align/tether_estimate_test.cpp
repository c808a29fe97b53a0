// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/tether_estimate.h"

#include <gtest/gtest.h>

namespace brisk {
namespace {

TetherEstimate twoLines(double stepAt60) {
    TetherEstimate e;
    const ClockLine first{{100}, {-10}};
    const ClockLine second = ClockLine{{0}, {12}}.through({60}, first.toRecording({60}));
    e.segments = {{{{0}, {60}}, first}, {{{60}, {120}}, second.shifted({stepAt60})}};
    return e;
}

TEST(TetherEstimate, LinesThatMeetAreABendAndNoJump) {
    EXPECT_FALSE(twoLines(0).jumps());
    EXPECT_FALSE(twoLines(0.0002).jumps());
    EXPECT_TRUE(twoLines(0.001).jumps());
    EXPECT_TRUE(twoLines(-0.001).jumps());
    EXPECT_FALSE(twoLines(0).oneLineHolds());
    EXPECT_FALSE(TetherEstimate{}.jumps());
}

TEST(TetherEstimate, TheWayIsStraightBetweenWhatWasMeasured) {
    const std::vector<PathDelay> path{{{10}, {0}}, {{20}, {0.010}}, {{30}, {0.004}}};
    EXPECT_DOUBLE_EQ(pathAt(path, {5}).value, 0);
    EXPECT_DOUBLE_EQ(pathAt(path, {15}).value, 0.005);
    EXPECT_DOUBLE_EQ(pathAt(path, {20}).value, 0.010);
    EXPECT_DOUBLE_EQ(pathAt(path, {25}).value, 0.007);
    EXPECT_DOUBLE_EQ(pathAt(path, {99}).value, 0.004);
    EXPECT_DOUBLE_EQ(pathAt({}, {15}).value, 0);
    // On the way from the one to the other anything in between is right.
    EXPECT_DOUBLE_EQ(pathNear(path, {15}, {0.002}).value, 0.002);
    EXPECT_DOUBLE_EQ(pathNear(path, {15}, {0.02}).value, 0.010);
    EXPECT_DOUBLE_EQ(pathNear(path, {5}, {0.002}).value, 0);
    EXPECT_DOUBLE_EQ(pathNear({}, {15}, {0.002}).value, 0);
}

TEST(TetherEstimate, TellsWhatOneStraightLineWouldLeave) {
    TetherEstimate e;
    e.segments = {{{{0}, {100}}, {{5}, {0}}}};
    EXPECT_TRUE(leftByOneLine(e).empty());
    // A clock that goes over by 20 ppm in the middle: straight, it is half a millisecond off.
    e.segments.push_back({{{100}, {200}}, ClockLine{{105}, {20}}.from({-100})});
    ASSERT_FALSE(e.jumps());
    const auto left = leftByOneLine(e);
    ASSERT_EQ(left.size(), 4u);
    EXPECT_NEAR(left[0].slip.milliseconds(), -0.5, 1e-6);
    EXPECT_NEAR(left[1].slip.milliseconds(), 0.5, 1e-6);
    EXPECT_NEAR(left[3].slip.milliseconds(), -0.5, 1e-6);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "core/clock_line.h"
#include "core/rational.h"
#include "core/time_text.h"
#include "core/units.h"

namespace brisk {
namespace {

TEST(ClockLine, FollowsTheContract) {
    const ClockLine line{{100.0}, {20.0}};
    EXPECT_DOUBLE_EQ(line.toRecording({0}).value, 100.0);
    // 20 ppm is 72 ms an hour: the recorder counts more seconds than the camera.
    EXPECT_NEAR(line.toRecording({3600}).value, 3700.072, 1e-9);
}

TEST(ClockLine, ThereAndBackIsExactOverADay) {
    const ClockLine line{{-12.345678}, {-213.7}};
    for (const double t : {0.0, 1.0, 3600.0, 86400.0}) {
        EXPECT_NEAR(line.toTake(line.toRecording({t})).value, t, 1e-9);
    }
}

TEST(Rational, TicksKeepPrecisionOverHours) {
    // Ten hours at 90 kHz: six printed digits would be 0.5 ms off.
    EXPECT_DOUBLE_EQ(ticksToSeconds(3240000001, {1, 90000}), 36000.0 + 1.0 / 90000);
    EXPECT_DOUBLE_EQ(ticksToSeconds(-1024, {1, 48000}), -1024.0 / 48000);
    EXPECT_EQ((Rational{60000, 2002}.reduced()), (Rational{30000, 1001}));
}

TEST(Units, RangesAreHalfOpen) {
    const TimeRange r{{1}, {2}};
    EXPECT_TRUE(r.contains({1}));
    EXPECT_FALSE(r.contains({2}));
    EXPECT_TRUE((r.intersect({{2}, {3}}).empty()));
    EXPECT_DOUBLE_EQ((r.intersect({{1.5}, {9}}).length().value), 0.5);
}

TEST(ClockText, RoundsOnce) {
    EXPECT_EQ(clockText({59.9996}, 3), "0:01:00.000");
    EXPECT_EQ(clockText({1167.483217}, 3), "0:19:27.483");
    EXPECT_EQ(clockText({3600.5}, 0), "1:00:01");
    EXPECT_EQ(clockText({-0.25}, 2), "\u22120:00:00.25");
    EXPECT_EQ(clockText({-0.0001}, 1), "0:00:00.0");
}

TEST(SlipText, HasNoMinusZero) {
    EXPECT_EQ(slipText({-0.0002}), "\u22120.2 ms");
    EXPECT_EQ(slipText({-0.000001}), "0.00 ms");
    EXPECT_EQ(slipText({0.0123}), "12.3 ms");
    EXPECT_EQ(spanText({0.0123}), "12.3 ms");
    EXPECT_EQ(spanText({2.36}), "2.4 s");
}

TEST(FramesText, GivesWholeFramesAndTheRest) {
    EXPECT_EQ(framesText({10.02}, {25, 1}), "250 frames + 0.50");
    EXPECT_EQ(framesText({0.99999}, {25, 1}), "25 frames + 0.00");
    // Before the recording began, the rest still counts upwards.
    EXPECT_EQ(framesText({-0.01}, {25, 1}), "\u22121 frames + 0.75");
}

TEST(GroupedText, GroupsByThousands) {
    EXPECT_EQ(groupedText(56040123), "56\u2009040\u2009123");
    EXPECT_EQ(groupedText(-1234), "\u22121\u2009234");
    EXPECT_EQ(groupedText(999), "999");
}

TEST(RateText, ShowsBroadcastRatesWithDecimals) {
    EXPECT_EQ(rateText({25, 1}), "25 fps");
    EXPECT_EQ(rateText({30000, 1001}), "29.97 fps");
}

}  // namespace
}  // namespace brisk

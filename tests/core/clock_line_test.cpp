// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/clock_line.h"

#include <gtest/gtest.h>

namespace brisk {
namespace {

const ClockLine kLine{{12}, {-40}};

TEST(ClockLine, GoesThereAndBack) {
    EXPECT_NEAR(kLine.toRecording({1000}).value, 1012 - 0.04, 1e-9);
    EXPECT_NEAR(kLine.toTake(kLine.toRecording({1000})).value, 1000, 1e-9);
}

TEST(ClockLine, ShiftedIsLaterInTheRecordingEverywhere) {
    const ClockLine later = kLine.shifted({0.5});
    for (const double t : {0.0, 1000.0}) {
        EXPECT_NEAR((later.toRecording({t}) - kLine.toRecording({t})).value, 0.5, 1e-12);
    }
    EXPECT_EQ(later.drift, kLine.drift);
}

TEST(ClockLine, FromAnotherMomentIsTheSameLine) {
    const ClockLine from = kLine.from({200});
    EXPECT_NEAR(from.toRecording({0}).value, kLine.toRecording({200}).value, 1e-12);
    EXPECT_NEAR(from.toRecording({50}).value, kLine.toRecording({250}).value, 1e-9);
}

TEST(ClockLine, ThroughAPointKeepsTheClock) {
    const ClockLine through = kLine.through({1000}, {2000});
    EXPECT_NEAR(through.toRecording({1000}).value, 2000, 1e-9);
    EXPECT_EQ(through.drift, kLine.drift);
}

}  // namespace
}  // namespace brisk

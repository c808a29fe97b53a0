// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/time_axis.h"

#include <gtest/gtest.h>

namespace brisk::app {
namespace {

class TimeAxisTest : public ::testing::Test {
  protected:
    void SetUp() override {
        axis.setWidth(1000);
        axis.fit(all);
    }
    TimeRange all{{0}, {100}};
    TimeAxis axis;
};

TEST_F(TimeAxisTest, FitsExactly) {
    EXPECT_DOUBLE_EQ(axis.xOf({0}), 0);
    EXPECT_DOUBLE_EQ(axis.xOf({100}), 1000);
    EXPECT_DOUBLE_EQ(axis.timeAt(250).value, 25);
}

TEST_F(TimeAxisTest, ZoomKeepsTheTimeUnderThePointer) {
    for (int i = 0; i < 60; ++i) axis.zoomAbout(300, 1.2, all);
    EXPECT_NEAR(axis.timeAt(300).value, 30, 1e-9);
    EXPECT_LT(axis.secondsPerPixel(), 1e-5);
}

TEST_F(TimeAxisTest, NeverLeavesTheTake) {
    axis.zoomAbout(0, 0.1, all);
    EXPECT_DOUBLE_EQ(axis.end().value, 100) << "no wider than the take";
    axis.zoomAbout(500, 10, all);
    axis.scrollBy(-1e9, all);
    EXPECT_DOUBLE_EQ(axis.start().value, 0);
    axis.scrollBy(1e9, all);
    EXPECT_DOUBLE_EQ(axis.end().value, 100);
}

TEST_F(TimeAxisTest, ZoomsDownToSingleSamplesAndNoFurther) {
    for (int i = 0; i < 300; ++i) axis.zoomAbout(500, 1.5, all);
    EXPECT_NEAR(axis.secondsPerPixel() * 48000, 1.0 / 24, 1e-9);
}

TEST_F(TimeAxisTest, RevealsOnlyWhatIsHidden) {
    axis.zoomAbout(0, 10, all);
    axis.reveal({5}, all);
    EXPECT_DOUBLE_EQ(axis.start().value, 0) << "already visible";
    axis.reveal({50}, all);
    EXPECT_NEAR(axis.xOf({50}), 333, 1);
}

TEST_F(TimeAxisTest, RulerStepsAreRound) {
    EXPECT_DOUBLE_EQ(axis.niceStep(96), 10);
    axis.zoomAbout(0, 100, all);
    EXPECT_NEAR(axis.niceStep(96), 0.1, 1e-12);
    axis.zoomAbout(0, 1000, all);
    EXPECT_NEAR(axis.niceStep(96), 1e-4, 1e-15);
}

}  // namespace
}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/time_left.h"

#include <gtest/gtest.h>

namespace brisk {
namespace {

TEST(TimeLeft, IsToldByWhatWasDoneOnceThatSaysSomething) {
    EXPECT_FALSE(timeLeft({60}, 0.01));
    EXPECT_FALSE(timeLeft({0.3}, 0.5));
    EXPECT_NEAR(timeLeft({10}, 0.25)->value, 30, 1e-9);
    EXPECT_NEAR(timeLeft({10}, 1)->value, 0, 1e-9);
}

TEST(TimeLeft, IsSaidInTheUnitThatFits) {
    EXPECT_EQ(timeLeftText({0.2}), "1 s left");
    EXPECT_EQ(timeLeftText({90}), "90 s left");
    EXPECT_EQ(timeLeftText({91}), "2 min left");
    EXPECT_EQ(timeLeftText({3601}), "61 min left");
    EXPECT_EQ(timeLeftText({7810}), "2 h 11 min left");
}

}  // namespace
}  // namespace brisk

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

}  // namespace
}  // namespace brisk

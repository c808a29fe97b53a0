// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/sound_distance.h"
#include "support/facts_text.h"

#include <gtest/gtest.h>

namespace brisk {
namespace {

TEST(SoundDistance, TellsTheWayFromTheFrameAndTheClap) {
    // Twelve metres: 35 ms after the middle of the frame.
    const auto d = distanceFromClap({2.0}, {2.04}, {2.02 + 12 / 343.0});
    EXPECT_TRUE(d.believable);
    EXPECT_NEAR(d.metres, 12, 1e-9);
    EXPECT_NEAR(d.delay.milliseconds(), 35, 0.1);
    EXPECT_NEAR(d.doubtMetres, 6.86, 0.01);
    EXPECT_NE(sentence(d.said).find("about 12.0 m away"), std::string::npos) << d.said;
}

TEST(SoundDistance, WithinTheFrameItIsAtTheCamera) {
    const auto d = distanceFromClap({2.0}, {2.04}, {2.005});
    EXPECT_TRUE(d.believable);
    EXPECT_EQ(d.delay, Seconds{0});
}

TEST(SoundDistance, SaysWhenItIsAbsurd) {
    const auto before = distanceFromClap({2.0}, {2.04}, {1.9});
    EXPECT_FALSE(before.believable);
    EXPECT_NE(sentence(before.said).find("before that picture"), std::string::npos);
    const auto far = distanceFromClap({2.0}, {2.04}, {2.5});
    EXPECT_FALSE(far.believable);
    EXPECT_NE(sentence(far.said).find("hard to believe"), std::string::npos);
    EXPECT_FALSE(distanceFromMetres(-1).believable);
    EXPECT_FALSE(distanceFromMetres(400).believable);
    EXPECT_NEAR(distanceFromMetres(4.2).delay.milliseconds(), 12.2, 0.05);
}

}  // namespace
}  // namespace brisk

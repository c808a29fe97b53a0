// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/onset_settle.h"

#include <gtest/gtest.h>

#include <cmath>

#include "support/signals.h"

namespace brisk {
namespace {

/// Hush with claps that ring for 20 ms, at these samples.
std::vector<float> claps(std::initializer_list<std::size_t> at, double hush) {
    auto v = test::whiteNoise(0.6, 48000, hush, 5);
    const auto crack = test::whiteNoise(0.02, 48000, 0.3, 6);
    for (const std::size_t n : at) {
        for (std::size_t i = 0; i < crack.size(); ++i) {
            v[n + i] += crack[i] * static_cast<float>(std::exp(-static_cast<double>(i) / 200));
        }
    }
    return v;
}

TEST(OnsetSettle, FindsTheClapToWithinATenthOfAMillisecond) {
    for (const double hush : {0.0, 0.001, 0.01}) {
        const auto found = settleOnOnset(claps({14000}, hush), {48000}, 12800);
        ASSERT_TRUE(found);
        EXPECT_NEAR(static_cast<double>(*found), 14000, 5) << hush;
    }
}

TEST(OnsetSettle, TakesTheNearerOfTwoAlike) {
    const auto v = claps({8000, 20000}, 0.001);
    EXPECT_NEAR(static_cast<double>(settleOnOnset(v, {48000}, 9000).value_or(0)), 8000, 5);
    EXPECT_NEAR(static_cast<double>(settleOnOnset(v, {48000}, 18000).value_or(0)), 20000, 5);
}

TEST(OnsetSettle, SaysSoWhereNothingBegins) {
    EXPECT_FALSE(settleOnOnset(test::whiteNoise(0.6, 48000, 0.1, 2), {48000}, 14000));
    EXPECT_FALSE(settleOnOnset(std::vector<float>(20000, 0.0f), {48000}, 9000));
    EXPECT_FALSE(settleOnOnset(std::vector<float>(10, 0.5f), {48000}, 5));
}

}  // namespace
}  // namespace brisk

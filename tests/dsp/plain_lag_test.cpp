// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/plain_lag.h"

#include <gtest/gtest.h>

#include "dsp/fractional_delay.h"
#include "support/signals.h"

namespace brisk {
namespace {

TEST(PlainLag, FindsWholeShiftsBothWays) {
    const auto v = test::babble(2, 48000, 3);
    const std::span<const float> all(v);
    for (const int shift : {0, 1, 37, 900}) {
        const auto n = all.size() - 1000;
        const auto a = all.subspan(1000 - static_cast<std::size_t>(shift), n);
        const auto b = all.subspan(1000, n);
        // `a` holds the same sound `shift` samples later than `b` does.
        EXPECT_NEAR(measureLag(b, a, 1000).samples, shift, 0.05);
        EXPECT_NEAR(measureLag(a, b, 1000).samples, -shift, 0.05);
        EXPECT_GT(measureLag(a, b, 1000).correlation, 0.85);
    }
}

TEST(PlainLag, FindsPartsOfASample) {
    const auto v = test::babble(1, 48000, 8);
    FractionalAdvance f(0.4, 1);
    std::vector<float> moved;
    f.process(v, moved);
    EXPECT_NEAR(measureLag(v, moved, 200).samples, FractionalAdvance::kLatency - 0.4, 0.05);
}

TEST(PlainLag, SaysNothingAboutSilence) {
    const std::vector<float> quiet(1000, 0.0f);
    const auto v = test::babble(0.1, 48000, 8);
    EXPECT_EQ(measureLag(quiet, v, 10).correlation, 0);
}

TEST(PlainLag, DifferentSoundsDoNotCorrelate) {
    const auto a = test::whiteNoise(1, 48000, 0.1, 1);
    const auto b = test::whiteNoise(1, 48000, 0.1, 2);
    EXPECT_LT(measureLag(a, b, 2000).correlation, 0.1);
}

}  // namespace
}  // namespace brisk

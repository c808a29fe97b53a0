// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/measure/mark_fit.h"

#include <gtest/gtest.h>

namespace brisk {
namespace {

TEST(MarkFit, OnePairGivesTheOffsetAndKeepsTheDrift) {
    const std::vector<Seconds> take{{4.0}}, recording{{104.0001}};
    const auto fits = fitMarks(take, recording, {25});
    ASSERT_EQ(fits.size(), 1u);
    EXPECT_NEAR(fits[0].line.toRecording({4}).value, 104.0001, 1e-9);
    EXPECT_EQ(fits[0].line.drift.value, 25);
    EXPECT_FALSE(fits[0].driftMeasured);
}

TEST(MarkFit, TwoPairsFarApartGiveDriftTooAndCloseOnesDoNot) {
    const ClockLine truth{{50}, {80}};
    const std::vector<Seconds> far{{2}, {600}}, close{{2}, {3}};
    for (const auto& take : {far, close}) {
        std::vector<Seconds> recording;
        for (const Seconds t : take) recording.push_back(truth.toRecording(t));
        const auto fits = fitMarks(take, recording, {0});
        ASSERT_FALSE(fits.empty());
        ASSERT_EQ(fits[0].pairs.size(), 2u);
        EXPECT_EQ(fits[0].driftMeasured, take == far);
        EXPECT_NEAR(fits[0].line.drift.value, take == far ? 80 : 0, 1e-6);
        EXPECT_LT(std::fabs(fits[0].worst().value), 1e-4);
    }
}

TEST(MarkFit, UnevenSpacingFindsTheRightPairsAmongOthers) {
    const std::vector<Seconds> take{{1.0}, {1.8}, {3.1}};
    const std::vector<Seconds> recording{{60.2}, {61.0}, {61.8}, {63.1}, {65}};
    const auto fits = fitMarks(take, recording, {0});
    EXPECT_NEAR(fits[0].line.offset.value, 60, 1e-9);
    ASSERT_EQ(fits[0].pairs.size(), 3u);
    EXPECT_EQ(fits[0].pairs[0].recording, 1u);
    EXPECT_LT(fits[1].pairs.size(), 3u) << "a rival, but a weaker one";
}

TEST(MarkFit, EqualSpacingNamesItsRivals) {
    const std::vector<Seconds> take{{1}, {2}, {3}};
    const std::vector<Seconds> recording{{11}, {12}, {13}, {14}};
    const auto fits = fitMarks(take, recording, {0});
    ASSERT_GE(fits.size(), 2u);
    EXPECT_EQ(fits[0].pairs.size(), 3u);
    EXPECT_EQ(fits[1].pairs.size(), 3u) << "as good as the first";
    EXPECT_NEAR(std::fabs((fits[1].line.offset - fits[0].line.offset).value), 1, 1e-9);
}

TEST(MarkFit, TellsWhatEachPairLeaves) {
    const std::vector<Seconds> take{{1}, {5}};
    const std::vector<Seconds> recording{{11}, {15.004}};
    const auto fits = fitMarks(take, recording, {0});
    ASSERT_EQ(fits[0].pairs.size(), 2u);
    EXPECT_NEAR(fits[0].pairs[0].left.value, 0.002, 1e-9) << "the clean sound comes too early";
    EXPECT_NEAR(fits[0].pairs[1].left.value, -0.002, 1e-9);
    EXPECT_TRUE(fitMarks({}, recording, {0}).empty());
}

}  // namespace
}  // namespace brisk

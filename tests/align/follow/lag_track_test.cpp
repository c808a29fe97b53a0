// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/follow/lag_track.h"

#include <gtest/gtest.h>

#include "support/made_curves.h"

namespace brisk {
namespace {

using test::Arrivals;
using test::madeCurve;

TEST(LagTrack, StaysOnOneLagThroughWindowsThatPointAtAnEcho) {
    std::vector<Curve> curves;
    for (int i = 0; i < 30; ++i) {
        const bool echoLouder = i % 4 == 1;
        curves.push_back(madeCurve(2.0 * i, {{3, echoLouder ? 7 : 12}, {8, echoLouder ? 11 : 6}},
                                   static_cast<std::uint64_t>(i)));
    }
    const LagTrack track = followLags(curves, 1);
    ASSERT_EQ(track.runs.size(), 1u);
    for (const double lag : track.lag) EXPECT_NEAR(lag, 0.003, 0.0003);
}

TEST(LagTrack, IsConvincedInARoomWhereFourEchoesAreLoudestByTurns) {
    std::vector<Curve> curves;
    for (int i = 0; i < 24; ++i) {
        Arrivals arrivals{{3, 9}, {5, 9}, {8, 9}, {12, 9}, {16, 9}};
        arrivals[static_cast<std::size_t>(1 + i % 4)].second = 12;
        curves.push_back(madeCurve(2.0 * i, arrivals, static_cast<std::uint64_t>(i)));
    }
    EXPECT_EQ(followLags(curves, 1).runs.size(), 1u);
}

TEST(LagTrack, StepsWhereAllThatFollowsSaysSo) {
    std::vector<Curve> curves;
    for (int i = 0; i < 30; ++i) {
        const double lag = i < 12 ? -4 : i < 20 ? 1.3 : 2.4;
        curves.push_back(madeCurve(2.0 * i, {{lag, 10}}, static_cast<std::uint64_t>(i)));
    }
    const LagTrack track = followLags(curves, 1);
    ASSERT_EQ(track.runs.size(), 3u);
    EXPECT_EQ(track.runs[0].last, 11u);
    EXPECT_EQ(track.runs[2].first, 20u);
    EXPECT_NEAR(track.lag[15], 0.0013, 0.0003);
}

TEST(LagTrack, HearsNothingInNoise) {
    std::vector<Curve> curves;
    for (int i = 0; i < 40; ++i)
        curves.push_back(madeCurve(2.0 * i, {}, static_cast<std::uint64_t>(i)));
    const LagTrack track = followLags(curves, 1);
    EXPECT_TRUE(track.runs.empty());
    for (const double lag : track.lag) EXPECT_TRUE(std::isnan(lag));
}

TEST(LagTrack, EndsWhereItIsNotHeardAnyMore) {
    std::vector<Curve> curves;
    for (int i = 0; i < 30; ++i) {
        const bool heard = i >= 3 && i < 26;
        const Arrivals arrivals = heard ? Arrivals{{-4, 12}} : Arrivals{};
        curves.push_back(madeCurve(2.0 * i, arrivals, static_cast<std::uint64_t>(i)));
    }
    const LagTrack track = followLags(curves, 1);
    ASSERT_EQ(track.runs.size(), 1u);
    EXPECT_EQ(track.runs[0].first, 3u);
    EXPECT_EQ(track.runs[0].last, 25u);
    EXPECT_TRUE(std::isnan(track.lag[0]) && std::isnan(track.lag[29]));
}

TEST(LagTrack, FollowsWhatIsUpsideDown) {
    std::vector<Curve> curves;
    for (int i = 0; i < 12; ++i)
        curves.push_back(madeCurve(2.0 * i, {{5, -10}}, static_cast<std::uint64_t>(i)));
    EXPECT_EQ(followLags(curves, -1).runs.size(), 1u);
    EXPECT_TRUE(followLags(curves, 1).runs.empty());
}

TEST(LagTrack, MovesAlongWithAClock) {
    std::vector<Curve> curves;
    for (int i = 0; i < 40; ++i) {
        curves.push_back(
            madeCurve(10.0 * i, {{-3 + 0.015 * 10 * i, 12}}, static_cast<std::uint64_t>(i)));
    }
    const LagTrack track = followLags(curves, 1);
    ASSERT_EQ(track.runs.size(), 1u);
    EXPECT_NEAR(track.lag.back(), 0.0029, 0.0004);
}

}  // namespace
}  // namespace brisk

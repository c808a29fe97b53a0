// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/nominate/place_sums.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "support/signals.h"

namespace brisk {
namespace {

/// What a window has in common with ten seconds, by chance everywhere and loudly in one second.
std::vector<float> lagsThatStandOutAt(std::int64_t cell, std::uint64_t seed) {
    auto lags = test::whiteNoise(10, kWhitenedRate, 1, seed);
    for (std::int64_t i = 0; i < kPlaceCell; ++i) {
        lags[static_cast<std::size_t>(cell * kPlaceCell + i)] *= 2;
    }
    return lags;
}

std::int64_t highestOf(const PlaceSums& sums) {
    std::int64_t best = sums.first();
    for (auto n = sums.first(); n < sums.end(); ++n) {
        if (sums.at(n) > sums.at(best)) best = n;
    }
    return best;
}

constexpr std::int64_t kTake = std::int64_t{8} * kWhitenedRate,
                       kRecording = std::int64_t{10} * kWhitenedRate;

// Each hears it as late as it lies in the take: they mean one place, and their sum stands out more.
TEST(PlaceSums, WindowsOfOneTakeMeanTheSamePlace) {
    PlaceSums sums(kTake, kRecording);
    float one = 0;
    for (std::int64_t i = 0; i < 4; ++i) {
        PlaceSums::Heard w;
        w.start = i * 100 * kPlaceCell;
        w.chance = 1;
        sums.add(w, 0, lagsThatStandOutAt(300 + i * 100, 40 + static_cast<std::uint64_t>(i)));
        if (i == 0) one = sums.at(highestOf(sums));
    }
    const std::int64_t best = highestOf(sums);
    EXPECT_NEAR(static_cast<double>(best), 300, 2);
    EXPECT_GT(sums.at(best), 2 * one);
    EXPECT_EQ(sums.windowsAt(best), 4);
    EXPECT_EQ(sums.windowsAt(best + 690), 1) << "the others do not reach so far";
}

TEST(PlaceSums, TheBlocksDoNotMatter) {
    const auto lags = lagsThatStandOutAt(500, 7);
    PlaceSums whole(kTake, kRecording), parts(kTake, kRecording);
    PlaceSums::Heard a, b;
    a.chance = b.chance = 2;  // stronger than what a part of them is: they are scaled alike
    whole.add(a, 0, lags);
    for (std::int64_t at = 0; at < 40000; at += 8000) {
        parts.add(b, at, std::span(lags).subspan(static_cast<std::size_t>(at), 8000));
    }
    for (auto n = whole.first(); n < whole.end(); ++n) {
        ASSERT_EQ(whole.at(n), parts.at(n)) << n;
        ASSERT_EQ(whole.windowsAt(n), parts.windowsAt(n)) << n;
    }
}

// What was not asked in between does not count as heard.
TEST(PlaceSums, ABlockThatDoesNotFollowBeginsAnew) {
    const auto lags = test::whiteNoise(2, kWhitenedRate, 1, 3);
    PlaceSums leapt(kTake, kRecording), alone(kTake, kRecording);
    PlaceSums::Heard a, b;
    a.chance = b.chance = 1;
    leapt.add(a, 0, lags);
    leapt.add(a, 24000, lags);
    alone.add(b, 24000, lags);
    for (std::int64_t n = 601; n < 700; ++n) ASSERT_EQ(leapt.at(n), alone.at(n)) << n;
    EXPECT_EQ(leapt.windowsAt(400), 0);
}

TEST(PlaceSums, SilenceStandsForNothing) {
    PlaceSums sums(kTake, kRecording);
    PlaceSums::Heard w;
    w.chance = 1;
    sums.add(w, 0, std::vector<float>(20000, 0.0f));
    for (auto n = sums.first(); n < sums.end(); ++n) ASSERT_EQ(sums.at(n), 0);
}

}  // namespace
}  // namespace brisk

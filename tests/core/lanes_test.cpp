// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/parallel_lanes.h"

#include <gtest/gtest.h>

#include <atomic>
#include <stdexcept>

namespace brisk {
namespace {

using Waiting = std::vector<std::string>;

TEST(Lanes, TheOneInWhichLeastRunsIsNext) {
    Lanes lanes(2);
    EXPECT_EQ(lanes.next(Waiting{"camera", "camera", "recorder"}), 0u);
    lanes.begun("camera");
    EXPECT_EQ(lanes.next(Waiting{"camera", "recorder"}), 1u);
    EXPECT_EQ(lanes.next(Waiting{"camera", "camera"}), 0u) << "nothing else waits";
    lanes.begun("camera");
    EXPECT_FALSE(lanes.next(Waiting{"camera"}));
    EXPECT_EQ(lanes.next(Waiting{"camera", "recorder"}), 1u) << "a lane of its own has room";
    lanes.begun("recorder");
    EXPECT_FALSE(lanes.next(Waiting{"recorder"}));
    lanes.ended("camera");
    lanes.ended("camera");
    EXPECT_EQ(lanes.next(Waiting{"recorder", "camera"}), 1u);
    EXPECT_FALSE(lanes.next(Waiting{}));
}

TEST(Lanes, ManyCardsDoNotMeanManyAtOnce) {
    Lanes lanes(1);
    int begun = 0;
    for (int card = 0; card < 20; ++card) {
        const std::string name = std::to_string(card);
        if (!lanes.next(Waiting{name})) continue;
        lanes.begun(name);
        ++begun;
    }
    EXPECT_EQ(begun, lanes.most());
}

TEST(ParallelLanes, DoesEveryPieceOnce) {
    for (const int threads : {0, 1, 3}) {
        std::vector<std::string> lanes;
        for (int i = 0; i < 60; ++i) lanes.push_back(std::to_string(i % 5));
        std::vector<std::atomic<int>> done(lanes.size());
        parallelLanes(lanes, threads, [&](std::size_t i) { ++done[i]; });
        for (const auto& d : done) EXPECT_EQ(d, 1) << threads;
    }
    parallelLanes({}, 2, [](std::size_t) { FAIL() << "there is nothing to do"; });
}

// The slow card ends only when all of the other is read: with one thread for each piece at once
// this would wait for ever.
TEST(ParallelLanes, ASlowCardHoldsUpNoOther) {
    const std::vector<std::string> lanes{"slow", "slow", "slow", "quick", "quick", "quick"};
    std::atomic<int> quick{0};
    parallelLanes(lanes, 2, [&](std::size_t i) {
        if (lanes[i] == "quick") {
            ++quick;
        } else {
            while (quick < 3) std::this_thread::yield();
        }
    });
    EXPECT_EQ(quick, 3);
}

TEST(ParallelLanes, WhatIsThrownEndsIt) {
    std::atomic<int> begun{0};
    const std::vector<std::string> lanes(50, "card");
    EXPECT_THROW(parallelLanes(lanes, 1,
                               [&](std::size_t i) {
                                   ++begun;
                                   if (i == 2) throw std::runtime_error("the card is out");
                               }),
                 std::runtime_error);
    EXPECT_EQ(begun, 3);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/made_ahead.h"

#include <gtest/gtest.h>

#include <atomic>
#include <chrono>

namespace brisk {
namespace {

TEST(MadeAhead, GivesEverythingInOrderAndThenNothing) {
    int made = 0;
    MadeAhead<int> ahead(
        [&]() -> Result<std::optional<int>> {
            return made < 1000 ? std::optional(made++) : std::nullopt;
        },
        7);
    for (int i = 0; i < 1000; ++i) {
        const auto thing = ahead.next();
        ASSERT_TRUE(thing && *thing);
        ASSERT_EQ(**thing, i);
    }
    EXPECT_FALSE(ahead.next()->has_value());
    EXPECT_FALSE(ahead.next()->has_value()) << "and nothing again";
}

TEST(MadeAhead, IsOnlySoFarAheadAndStopsWhenItIsNotWanted) {
    std::atomic<int> made = 0;
    {
        MadeAhead<int> ahead([&]() -> Result<std::optional<int>> { return made++; }, 5);
        ASSERT_TRUE(ahead.next());
        while (made < 6) std::this_thread::yield();
        std::this_thread::sleep_for(std::chrono::milliseconds(30));
        EXPECT_EQ(made, 6) << "five ready, and the one that was taken";
    }
    const int then = made;
    EXPECT_LE(then, 6);
}

TEST(MadeAhead, WhatCannotBeMadeIsSaidAfterWhatCould) {
    int made = 0;
    MadeAhead<int> ahead(
        [&]() -> Result<std::optional<int>> {
            if (++made == 3) return fail(ErrorCode::CannotRead, {"gone"}, "rec.wav");
            return made;
        },
        30);
    EXPECT_EQ(**ahead.next(), 1);
    EXPECT_EQ(**ahead.next(), 2);
    const auto third = ahead.next();
    ASSERT_FALSE(third);
    EXPECT_EQ(third.error().fact.id, "gone");
}

TEST(MadeAhead, WhatIsThrownIsAnErrorAndNoEnd) {
    MadeAhead<int> ahead([]() -> Result<std::optional<int>> { throw std::bad_alloc(); }, 3);
    const auto first = ahead.next();
    ASSERT_FALSE(first);
    EXPECT_EQ(first.error().code, ErrorCode::WentWrong);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/sound_ahead.h"

#include <gtest/gtest.h>

#include <atomic>
#include <chrono>

namespace brisk {
namespace {

/// Counts up, interleaved.
SoundPull counting(std::atomic<std::int64_t>& pulled) {
    return [&pulled](std::span<float> out) -> Result<void> {
        for (float& v : out) v = static_cast<float>(pulled++);
        return {};
    };
}

TEST(SoundAhead, GivesEverythingInOrderAndThenNothing) {
    std::atomic<std::int64_t> pulled = 0;
    SoundAhead ahead(counting(pulled), 2, 100001);
    std::int64_t at = 0;
    for (;;) {
        const auto block = ahead.next();
        ASSERT_TRUE(block);
        if (block->empty()) break;
        for (const float v : *block) ASSERT_EQ(v, static_cast<float>(at++));
    }
    EXPECT_EQ(at, 200002);
    EXPECT_TRUE(ahead.next()->empty()) << "and nothing again";
}

TEST(SoundAhead, IsOnlyAFewSecondsAheadAndStopsWhenItIsNotWanted) {
    std::atomic<std::int64_t> pulled = 0;
    {
        SoundAhead ahead(counting(pulled), 1, std::int64_t{48000} * 3600);
        ASSERT_TRUE(ahead.next());
        std::int64_t before = -1;
        while (before != pulled) {
            before = pulled;
            std::this_thread::sleep_for(std::chrono::milliseconds(50));
        }
        EXPECT_LT(pulled, 48000 * 5);
    }
    const std::int64_t then = pulled;
    std::this_thread::sleep_for(std::chrono::milliseconds(50));
    EXPECT_EQ(pulled, then);
}

TEST(SoundAhead, WhatCannotBeReadIsSaidAfterWhatCould) {
    int blocks = 0;
    SoundAhead ahead(
        [&](std::span<float>) -> Result<void> {
            if (++blocks == 3) return fail(ErrorCode::CannotRead, "gone", "rec.wav");
            return {};
        },
        1, 48000);
    EXPECT_EQ(ahead.next()->size(), 4800u);
    EXPECT_EQ(ahead.next()->size(), 4800u);
    const auto third = ahead.next();
    ASSERT_FALSE(third);
    EXPECT_EQ(third.error().sentence, "gone");
}

}  // namespace
}  // namespace brisk

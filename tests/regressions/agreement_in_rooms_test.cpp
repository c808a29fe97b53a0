// SPDX-License-Identifier: GPL-3.0-or-later
// In a room most windows point at a strong reflection, some milliseconds behind the direct sound.
// They were once counted as not agreeing, and a perfect match was refused.
#include <gtest/gtest.h>

#include "align/assemble/match.h"
#include "sim/room.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

TEST(Regression, AStrongReflectionIsNoDisagreement) {
    const test::TempFolder folder;
    const auto day = test::babble(60, 48000, 31);
    // Direct sound, and 6 ms later a reflection louder than it.
    std::vector<float> echo(400, 0.0f);
    echo[0] = 0.8f;
    echo[288] = 1.0f;
    sim::Convolver room(echo);
    std::vector<float> scratch;
    room.process(std::span(day).subspan(48000 * 10, 48000 * 40), scratch);
    test::writeTake(folder.file("take.mp4"), scratch, {});
    test::writeSound(folder.file("rec.wav"), day, {});
    const auto e = matchPair(test::scanned(folder.file("take.mp4")),
                             test::scanned(folder.file("rec.wav")), {}, JobControl{});
    ASSERT_TRUE(e);
    EXPECT_EQ(e->status, MatchStatus::Matched) << e->reason;
    EXPECT_NEAR(e->line.offset.value, 10, 2e-4) << "the direct sound, not its echo";
}

}  // namespace
}  // namespace brisk

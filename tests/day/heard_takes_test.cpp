// SPDX-License-Identifier: GPL-3.0-or-later
// That somebody listened to a take holds where it lay then, and nowhere else.
#include "day/heard_takes.h"

#include <gtest/gtest.h>

#include "shoot/commands.h"
#include "shoot/shoot.h"

namespace brisk {
namespace {

struct HeardTakesTest : ::testing::Test {
    HeardTakesTest() {
        shoot.apply(commands::addMedia({{0, "/card/glue-01.mp4", MediaKind::Take, {}},
                                        {0, "/rec/lavalier.wav", MediaKind::Recording, {}}}));
    }
    Shoot shoot;
    HeardTakes heard;
};

TEST_F(HeardTakesTest, WithoutAPlaceThereIsNothingToHear) {
    EXPECT_FALSE(heard.note(shoot.state(), 1));
    EXPECT_FALSE(heard.heard(shoot.state(), 1));
}

TEST_F(HeardTakesTest, HoldsUntilTheCleanSoundIsMoved) {
    shoot.apply(commands::layOn(shoot.state(), 1, 2, Seconds{12.25}));
    EXPECT_TRUE(heard.note(shoot.state(), 1));
    EXPECT_FALSE(heard.note(shoot.state(), 1)) << "that was known";
    EXPECT_TRUE(heard.heard(shoot.state(), 1));
    shoot.apply(commands::moveClean(shoot.state(), 1, milliseconds(5)));
    EXPECT_FALSE(heard.heard(shoot.state(), 1));
    shoot.undo();
    EXPECT_TRUE(heard.heard(shoot.state(), 1));
}

TEST_F(HeardTakesTest, IsReadBackAsItWasAndPassesOverNonsense) {
    shoot.apply(commands::layOn(shoot.state(), 1, 2, Seconds{12.25}));
    heard.note(shoot.state(), 1);
    EXPECT_TRUE(HeardTakes(heard.text()).heard(shoot.state(), 1));
    for (const char* bad : {"", "1", "1 2", "1 2 x", "1 2 nan", "1 2 1e999", "\xff\xfe 3 4"}) {
        EXPECT_FALSE(HeardTakes(bad).heard(shoot.state(), 1)) << bad;
    }
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// What is said of many takes at once is what is said of each, and only what changed is told.
#include "shoot/what_changed.h"

#include <gtest/gtest.h>

#include "shoot/commands.h"
#include "shoot/edit_commands.h"
#include "shoot/mark_commands.h"
#include "shoot/shoot.h"
#include "shoot/tethers_by_take.h"

namespace brisk {
namespace {

Tether on(int take, int recording, double at) {
    Tether t;
    t.take = take;
    t.recording = recording;
    t.line.offset = t.found.line.offset = Seconds{at};
    t.found.status = MatchStatus::Matched;
    t.found.overlap = {{0}, {60}};
    return t;
}

/// Takes 1 to 4, recordings 5 and 6; take 2 lies on both.
Shoot shootOfFour() {
    Shoot shoot;
    std::vector<MediaItem> items;
    for (int id = 1; id <= 6; ++id) {
        MediaItem m;
        m.path = "/card/sewing-" + std::to_string(id) + (id < 5 ? ".mp4" : ".wav");
        m.role = id < 5 ? MediaKind::Take : MediaKind::Recording;
        items.push_back(m);
    }
    shoot.apply(commands::addMedia(items));
    Tether beside = on(2, 6, 70);
    beside.beside = true;
    shoot.apply(commands::takeMatches({beside, on(2, 5, 10), on(1, 5, 3), on(3, 6, 8)}));
    return shoot;
}

TEST(TethersByTake, SaysOfAllWhatTheStateSaysOfEach) {
    Shoot shoot = shootOfFour();
    shoot.apply(commands::lock(shoot.state(), 1));
    shoot.apply(commands::unlock(shoot.state(), 1));
    shoot.apply(commands::moveClean(shoot.state(), 1, Seconds{0.5}));  // slipped
    shoot.apply(commands::lock(shoot.state(), 3));
    const ShootState& s = shoot.state();
    const TethersByTake by(s);
    const auto states = statesOf(s);
    ASSERT_EQ(states.size(), 4u);
    for (int take = 1; take <= 4; ++take) {
        EXPECT_EQ(by.of(take), s.tethersOf(take)) << take;
        EXPECT_EQ(by.first(take), s.tetherOf(take)) << take;
        EXPECT_EQ(states.at(take), s.stateOf(take)) << take;
    }
    EXPECT_EQ(states.at(1), TetherState::Slipped);
}

TEST(TethersByTake, HasNoFirstWhereAllAreBesideTheOneThatIsHeard) {
    ShootState s;
    s.tethers.push_back(on(1, 5, 0));
    s.tethers.front().beside = true;
    EXPECT_EQ(TethersByTake(s).first(1), nullptr);
    EXPECT_EQ(TethersByTake(s).of(1).size(), 1u);
}

TEST(WhatChanged, IsWhatACommandWasAbout) {
    Shoot shoot = shootOfFour();
    const auto before = shoot.inForce();
    const auto differs = [&] { return changedMedia(*before, shoot.state()); };
    EXPECT_EQ(differs(), std::set<int>{});
    shoot.apply(commands::moveClean(shoot.state(), 3, milliseconds(1)));
    EXPECT_EQ(differs(), (std::set<int>{3, 6}));
    shoot.undo();
    shoot.apply(commands::addMark(shoot.state(), 4, Seconds{2}));
    EXPECT_EQ(differs(), std::set<int>{4});
    shoot.undo();
    shoot.apply(commands::setTakeSound(shoot.state(), {1}, SoundChoice{.gainDb = -3}));
    EXPECT_EQ(differs(), std::set<int>{1});
}

TEST(WhatChanged, CannotBeToldOneByOneWhereFilesCameOrAllSoundOtherwise) {
    Shoot shoot = shootOfFour();
    const auto before = shoot.inForce();
    shoot.apply(commands::setShootSound(shoot.state(), SoundChoice{.gainDb = -3}, {}));
    EXPECT_FALSE(changedMedia(*before, shoot.state()));
    shoot.undo();
    shoot.apply(commands::addMedia({MediaItem{}}));
    EXPECT_FALSE(changedMedia(*before, shoot.state()));
}

}  // namespace
}  // namespace brisk

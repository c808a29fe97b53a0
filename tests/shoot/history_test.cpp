// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "shoot/commands.h"
#include "shoot/mark_commands.h"
#include "shoot/shoot.h"
#include "support/facts_text.h"

namespace brisk {
namespace {

MediaItem item(const std::string& path, MediaKind role) {
    return {0, path, role, {1, "x"}};
}

Tether foundTether(int take, int recording, MatchStatus status = MatchStatus::Matched) {
    Tether t;
    t.take = take;
    t.recording = recording;
    t.found.status = status;
    t.found.line = {{12.5}, {3.0}};
    t.line = t.found.line;
    return t;
}

class History : public ::testing::Test {
  protected:
    void SetUp() override {
        shoot.apply(commands::addMedia({item("/card/press-02.mov", MediaKind::Take),
                                        item("/card/lavalier-01.wav", MediaKind::Recording)}));
        take = shoot.state().ids(MediaKind::Take).at(0);
        recording = shoot.state().ids(MediaKind::Recording).at(0);
    }
    Shoot shoot;
    int take = 0;
    int recording = 0;
};

TEST_F(History, GoesThroughTheStatesInWords) {
    EXPECT_STREQ(stateText(shoot.state().stateOf(take)), "no place");
    shoot.apply(commands::takeMatches({foundTether(take, recording)}));
    EXPECT_STREQ(stateText(shoot.state().stateOf(take)), "found");
    shoot.apply(commands::lock(shoot.state(), take));
    EXPECT_STREQ(stateText(shoot.state().stateOf(take)), "tethered");
    EXPECT_EQ(sentence(shoot.undoLabel()), "Tether press-02.mov");
    shoot.apply(commands::unlock(shoot.state(), take));
    shoot.apply(commands::moveClean(shoot.state(), take, milliseconds(2)));
    EXPECT_STREQ(stateText(shoot.state().stateOf(take)), "moved");
    EXPECT_EQ(sentence(shoot.undoLabel()), "Move the clean sound of press-02.mov by 2.0 ms");
}

TEST_F(History, UndoesToTheStartAndRedoesToTheEnd) {
    shoot.apply(commands::takeMatches({foundTether(take, recording)}));
    shoot.apply(commands::lock(shoot.state(), take));
    while (shoot.canUndo()) shoot.undo();
    EXPECT_TRUE(shoot.state().media.empty());
    EXPECT_TRUE(shoot.undoLabel().empty());
    while (shoot.canRedo()) shoot.redo();
    EXPECT_EQ(shoot.state().stateOf(take), TetherState::Tethered);
    shoot.undo();
    EXPECT_EQ(sentence(shoot.redoLabel()), "Tether press-02.mov");
    shoot.apply(commands::removeMedia(shoot.state(), take));
    EXPECT_FALSE(shoot.canRedo()) << "a new step drops what was undone";
    EXPECT_TRUE(shoot.state().tethers.empty()) << "a removed take leaves no tether behind";
}

TEST_F(History, MovingMovesTheSoundTheWayItSays) {
    shoot.apply(commands::takeMatches({foundTether(take, recording)}));
    shoot.apply(commands::moveClean(shoot.state(), take, Seconds{0.25}));
    // Heard later in the take: at a given moment of the take an earlier part of the recording.
    EXPECT_DOUBLE_EQ(shoot.state().tetherOf(take)->line.offset.value, 12.25);
    shoot.apply(commands::backToFound(shoot.state(), take));
    EXPECT_DOUBLE_EQ(shoot.state().tetherOf(take)->line.offset.value, 12.5);
    EXPECT_EQ(shoot.state().stateOf(take), TetherState::Offered);
}

TEST_F(History, ALockedTetherIsNotMovedOrReplaced) {
    shoot.apply(commands::takeMatches({foundTether(take, recording)}));
    shoot.apply(commands::lock(shoot.state(), take));
    shoot.apply(commands::moveClean(shoot.state(), take, Seconds{1}));
    Tether other = foundTether(take, recording);
    other.line.offset = {99};
    shoot.apply(commands::takeMatches({other}));
    EXPECT_DOUBLE_EQ(shoot.state().tetherOf(take)->line.offset.value, 12.5);
}

TEST_F(History, UnsureAndUnmatchedHaveTheirOwnStates) {
    shoot.apply(commands::takeMatches({foundTether(take, recording, MatchStatus::Unsure)}));
    EXPECT_EQ(shoot.state().stateOf(take), TetherState::NeedsAnEar);
    shoot.apply(commands::takeMatches({foundTether(take, recording, MatchStatus::Unmatched)}));
    EXPECT_EQ(shoot.state().stateOf(take), TetherState::Loose);
}

TEST_F(History, KnowsWhetherItIsSaved) {
    EXPECT_TRUE(shoot.changedSinceSaved());
    shoot.markSaved();
    EXPECT_FALSE(shoot.changedSinceSaved());
    shoot.undo();
    EXPECT_TRUE(shoot.changedSinceSaved());
    shoot.redo();
    EXPECT_FALSE(shoot.changedSinceSaved());
}

TEST_F(History, TheSameFileIsNotAddedTwice) {
    shoot.apply(commands::addMedia({item("/card/press-02.mov", MediaKind::Take)}));
    EXPECT_EQ(shoot.state().media.size(), 2u);
}

// A mark that was settling, a search that was running, while its file was taken away again.
TEST_F(History, NoStepSpeaksOfFilesThatAreGone) {
    Shoot shoot;
    shoot.apply(commands::addMedia({item("/card/press-01.mp4", MediaKind::Take),
                                    item("/card/lavalier.wav", MediaKind::Recording)}));
    const int take = shoot.state().media[0].id, recording = shoot.state().media[1].id;
    shoot.undo();
    shoot.apply(commands::addMark(shoot.state(), take, Seconds{1}));
    EXPECT_TRUE(shoot.state().marks.empty());
    shoot.apply(commands::takeMatches({foundTether(take, recording)}));
    EXPECT_TRUE(shoot.state().tethers.empty());
}

}  // namespace
}  // namespace brisk

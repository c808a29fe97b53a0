// SPDX-License-Identifier: GPL-3.0-or-later
// What was removed, undone, locked or edited by hand stays so.
#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "shoot/commands.h"
#include "shoot/edit_commands.h"
#include "shoot/mark_commands.h"
#include "shoot/project_file.h"
#include "support/facts_text.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

class NothingComesBack : public ::testing::Test {
  protected:
    int add(const std::string& path, MediaKind role) {
        MediaItem m;
        m.path = path;
        m.role = role;
        shoot.apply(commands::addMedia({m}));
        return shoot.state().media.back().id;
    }
    double offset(int take) { return shoot.state().tetherOf(take)->line.offset.value; }
    Shoot shoot;
};

TEST_F(NothingComesBack, AnIdIsGivenOnceEvenAfterUndo) {
    const int a = add("/card/a.mp4", MediaKind::Take);
    const int rec = add("/card/rec.wav", MediaKind::Recording);
    const int gone = add("/card/b.mp4", MediaKind::Take);
    shoot.apply(commands::layOn(shoot.state(), gone, rec, {33}));
    shoot.keepSnapshot("with b");
    while (shoot.state().item(gone)) shoot.undo();
    const int c = add("/card/c.mp4", MediaKind::Take);
    EXPECT_NE(c, gone);
    shoot.apply(commands::takeAsInSnapshot(shoot.state(), c, shoot.snapshots()[0]));
    EXPECT_FALSE(shoot.state().tetherOf(c)) << "b's place is not c's";
    shoot.apply(commands::backToSnapshot(shoot.snapshots()[0]));
    EXPECT_EQ(shoot.state().item(gone)->path, "/card/b.mp4");
    EXPECT_EQ(shoot.state().item(c)->path, "/card/c.mp4") << "both are there";
    // Marks have ids of the same kind; and so it is after saving.
    const test::TempFolder folder;
    ASSERT_TRUE(saveProject(shoot, folder.file("day.brisk"), {}));
    auto loaded = loadShoot(folder.file("day.brisk"));
    ASSERT_TRUE(loaded);
    loaded->shoot.apply(commands::addMark(loaded->shoot.state(), a, {1}));
    EXPECT_GT(loaded->shoot.state().marks.back().id, std::max(gone, c));
}

TEST_F(NothingComesBack, ATetherOnARecordingThatWasRemoved) {
    const int a = add("/card/a.mp4", MediaKind::Take);
    const int rec = add("/card/rec.wav", MediaKind::Recording);
    const int other = add("/card/other.wav", MediaKind::Recording);
    shoot.apply(commands::layOn(shoot.state(), a, rec, {10}));
    shoot.apply(commands::lock(shoot.state(), a));
    shoot.apply(commands::unlock(shoot.state(), a));
    shoot.apply(commands::layOn(shoot.state(), a, other, {20}));
    ASSERT_EQ(shoot.state().stateOf(a), TetherState::Slipped);
    shoot.apply(commands::removeMedia(shoot.state(), rec));
    EXPECT_NE(shoot.state().stateOf(a), TetherState::Slipped) << "from what is not there";
    shoot.apply(commands::backToTether(shoot.state(), a));
    for (const Tether& t : shoot.state().tethers) EXPECT_TRUE(shoot.state().item(t.recording));
    EXPECT_EQ(offset(a), 20);
}

TEST_F(NothingComesBack, AProjectThatSpeaksOfFilesItDoesNotHoldIsMended) {
    const int a = add("/card/a.mp4", MediaKind::Take);
    const int rec = add("/card/rec.wav", MediaKind::Recording);
    shoot.apply(commands::layOn(shoot.state(), a, rec, {10}));
    const test::TempFolder folder;
    const std::string path = folder.file("day.brisk");
    ASSERT_TRUE(saveProject(shoot.state(), path));
    auto j = nlohmann::ordered_json::parse(test::bytesOf(path));
    j["media"].erase(1);
    j.erase("history");
    test::writeBytes(path, j.dump());
    const auto loaded = loadProject(path);
    ASSERT_TRUE(loaded);
    EXPECT_TRUE(loaded->state.tethers.empty());
    ASSERT_FALSE(loaded->warnings.empty());
    EXPECT_NE(sentence(loaded->warnings.back()).find("files that it does not hold"),
              std::string::npos);
}

TEST_F(NothingComesBack, ALockedTakeStaysWhenTheOneItGoesOnFromIsMoved) {
    const int a = add("/card/a.mp4", MediaKind::Take);
    const int b = add("/card/b.mp4", MediaKind::Take);
    const int rec = add("/card/rec.wav", MediaKind::Recording);
    shoot.apply(commands::layOn(shoot.state(), a, rec, {10}));
    shoot.apply(commands::layOn(shoot.state(), b, rec, {70}));
    shoot.apply(commands::lock(shoot.state(), b));
    shoot.apply(commands::joinTakes(shoot.state(), {{a, b, {60}}}));
    ASSERT_EQ(shoot.state().stateOf(a) == TetherState::Tethered, false);
    shoot.apply(commands::moveClean(shoot.state(), a, {0.5}));
    EXPECT_EQ(offset(a), 9.5);
    EXPECT_EQ(offset(b), 70);
    shoot.apply(commands::place(shoot.state(), a, {{12}, {5}}, {"best-place"}));
    EXPECT_EQ(offset(b), 70);
    shoot.apply(commands::layOn(shoot.state(), a, rec, {40}));
    EXPECT_EQ(offset(b), 70);
    EXPECT_EQ(shoot.state().stateOf(b), TetherState::Tethered);
}

TEST_F(NothingComesBack, WhatAPersonWroteIntoTheFileCounts) {
    const int a = add("/card/a.mp4", MediaKind::Take);
    const int rec = add("/card/rec.wav", MediaKind::Recording);
    shoot.apply(commands::layOn(shoot.state(), a, rec, {10}));
    shoot.apply(commands::keep(shoot.state(), a, {{{1}, {5}}}, {{0}, {60}}, "trim-end"));
    const test::TempFolder folder;
    const std::string path = folder.file("day.brisk");
    for (const char* what : {"sound", "edits"}) {
        ASSERT_TRUE(saveProject(shoot, path, {}));
        auto j = nlohmann::ordered_json::parse(test::bytesOf(path));
        if (std::string(what) == "sound") {
            j["sound"]["gain_db"] = -7.5;
        } else {
            j["edits"] = nlohmann::ordered_json::array();
        }
        test::writeBytes(path, j.dump());
        const auto loaded = loadShoot(path);
        ASSERT_TRUE(loaded);
        if (std::string(what) == "sound") {
            EXPECT_EQ(loaded->shoot.state().sound.gainDb, -7.5);
        } else {
            EXPECT_FALSE(loaded->shoot.state().editOf(a));
        }
        const std::string said = sentence(loaded->warnings.back());
        EXPECT_NE(said.find("changed elsewhere"), std::string::npos) << said;
    }
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "shoot/commands.h"
#include "shoot/journal.h"
#include "shoot/mark_commands.h"
#include "shoot/project_file.h"
#include "support/facts_text.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

class SnapshotTest : public ::testing::Test {
  protected:
    void SetUp() override {
        for (const char* name : {"/card/a.mp4", "/card/b.mp4"}) add(name, MediaKind::Take);
        rec = add("/card/lavalier.wav", MediaKind::Recording);
        for (const int take : {1, 2}) {
            shoot.apply(commands::layOn(shoot.state(), take, rec, {10.0 * take}));
        }
        shoot.markSaved();
        shoot.keepSnapshot("before the cut");
        for (const int take : {1, 2}) {
            shoot.apply(commands::moveClean(shoot.state(), take, {0.5}));
        }
        shoot.apply(commands::addMark(shoot.state(), 1, {3}));
    }
    int add(const std::string& path, MediaKind role) {
        MediaItem m;
        m.path = path;
        m.role = role;
        shoot.apply(commands::addMedia({m}));
        return shoot.state().media.back().id;
    }
    double offset(int take) { return shoot.state().tetherOf(take)->line.offset.value; }
    Shoot shoot;
    int rec = 0;
};

TEST_F(SnapshotTest, OneGoesBackToItWholeAndThatIsAStepLikeAnyOther) {
    EXPECT_TRUE(shoot.changedSinceSaved()) << "what is saved does not hold the snapshot";
    const int later = add("/card/c.mp4", MediaKind::Take);
    shoot.apply(commands::backToSnapshot(shoot.snapshots()[0]));
    EXPECT_EQ(offset(1), 10);
    EXPECT_EQ(offset(2), 20);
    EXPECT_TRUE(shoot.state().marks.empty());
    EXPECT_TRUE(shoot.state().item(later)) << "a file that was added since stays";
    EXPECT_EQ(sentence(shoot.undoLabel()), "Back to \"before the cut\"");
    shoot.undo();
    EXPECT_EQ(offset(1), 9.5);
    EXPECT_EQ(shoot.state().marks.size(), 1u);
}

TEST_F(SnapshotTest, OrForOneTakeAlone) {
    shoot.apply(commands::takeAsInSnapshot(shoot.state(), 1, shoot.snapshots()[0]));
    EXPECT_EQ(offset(1), 10);
    EXPECT_EQ(offset(2), 19.5);
    EXPECT_TRUE(shoot.state().marksOf(1).empty());
    EXPECT_EQ(sentence(shoot.undoLabel()), "a.mp4 as in \"before the cut\"");
}

TEST_F(SnapshotTest, SurvivesSavingAndACrash) {
    const test::TempFolder folder;
    ASSERT_TRUE(saveProject(shoot, folder.file("day.brisk"), {}));
    auto loaded = loadShoot(folder.file("day.brisk"));
    ASSERT_TRUE(loaded);
    ASSERT_EQ(loaded->shoot.snapshots().size(), 1u);
    EXPECT_EQ(loaded->shoot.snapshots()[0].name, "before the cut");
    EXPECT_EQ(loaded->shoot.snapshots()[0].state->tetherOf(2)->line.offset.value, 20);
    auto journal = Journal::begin(folder.file("j"), loaded->shoot, folder.file("day.brisk"));
    ASSERT_TRUE(journal);
    loaded->shoot.keepSnapshot("as sent");
    ASSERT_TRUE(journal->snapshotKept("as sent"));
    const auto found = readJournal(folder.file("j"));
    ASSERT_TRUE(found && *found);
    ASSERT_EQ((*found)->shoot.snapshots().size(), 2u);
    EXPECT_EQ((*found)->shoot.snapshots()[1].state->tetherOf(2)->line.offset.value, 19.5);
}

}  // namespace
}  // namespace brisk

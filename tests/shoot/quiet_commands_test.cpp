// SPDX-License-Identifier: GPL-3.0-or-later
// Quiet stretches: made, covered, taken back, saved, and refused where a file makes no sense.
#include <gtest/gtest.h>

#include "shoot/commands.h"
#include "shoot/edit_commands.h"
#include "shoot/project_file.h"
#include "shoot/shoot.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

struct QuietCommands : ::testing::Test {
    QuietCommands() {
        shoot.apply(commands::addMedia({{0, "/card/glue-01.mp4", MediaKind::Take, {}}}));
    }
    void quiet(double from, double to, QuietSide side = QuietSide::Clean, double db = -120) {
        shoot.apply(commands::quiet(shoot.state(), 1, {{{from}, {to}}, db, side}));
    }
    [[nodiscard]] std::vector<QuietStretch> all() const {
        const TakeEdit* e = shoot.state().editOf(1);
        return e ? e->quiet : std::vector<QuietStretch>{};
    }
    Shoot shoot;
};

TEST_F(QuietCommands, AreInOrderAndALongerOneTakesInWhatItCovers) {
    quiet(5, 6);
    quiet(2, 3);
    ASSERT_EQ(all().size(), 2u);
    EXPECT_EQ(all()[0].range.start, Seconds{2});
    quiet(1, 4, QuietSide::Camera);
    EXPECT_EQ(all().size(), 3u) << "of another sound";
    quiet(1, 4);
    ASSERT_EQ(all().size(), 3u);
    shoot.apply(commands::notQuiet(shoot.state(), 1, {{5.5}, {5.5}}));
    EXPECT_EQ(all().size(), 2u);
    shoot.undo();
    EXPECT_EQ(all().size(), 3u);
}

TEST_F(QuietCommands, AreSavedAndReadBack) {
    quiet(2, 3, QuietSide::Both, -20);
    quiet(5, 6, QuietSide::Clean, 0);
    const test::TempFolder folder;
    ASSERT_TRUE(saveProject(shoot.state(), folder.file("day.brisk")));
    const auto back = loadProject(folder.file("day.brisk"));
    ASSERT_TRUE(back);
    ASSERT_TRUE(back->state.editOf(1));
    EXPECT_EQ(back->state.editOf(1)->quiet, all());
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/slate_commands.h"

#include <gtest/gtest.h>

#include "shoot/commands.h"
#include "shoot/project_file.h"
#include "shoot/shoot_json.h"
#include "support/facts_text.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

class Slates : public ::testing::Test {
  protected:
    Slates() {
        MediaItem a, b;
        a.path = "/card/press-01.mp4";
        b.path = "/card/press-02.mp4";
        a.role = b.role = MediaKind::Take;
        shoot_.apply(commands::addMedia({a, b}));
        ids_ = shoot_.state().ids(MediaKind::Take);
    }
    const Slate& slate(std::size_t i) { return shoot_.state().item(ids_[i])->slate; }
    Shoot shoot_;
    std::vector<int> ids_;
};

TEST_F(Slates, OnlyWhatIsWrittenChangesAndItIsOneStep) {
    SlateChange own;
    own.name = "the first pull";
    own.note = "lamp flickers";
    shoot_.apply(commands::describe(shoot_.state(), {ids_[0]}, own));
    SlateChange both;
    both.scene = "12A";
    both.verdict = Verdict::Good;
    shoot_.apply(commands::describe(shoot_.state(), ids_, both));
    EXPECT_EQ(slate(0), (Slate{"the first pull", "12A", "", Verdict::Good, "lamp flickers"}));
    EXPECT_EQ(slate(1), (Slate{"", "12A", "", Verdict::Good, ""}));
    EXPECT_EQ(shoot_.state().item(ids_[0])->name(), "the first pull");
    EXPECT_EQ(shoot_.state().item(ids_[1])->name(), "press-02.mp4");
    EXPECT_EQ(slateText(slate(1)), "scene 12A, good");
    shoot_.undo();
    EXPECT_EQ(slate(1), Slate{});
    EXPECT_EQ(slate(0).note, "lamp flickers");
}

TEST_F(Slates, AreSavedAndAProjectWithoutThemHasNone) {
    shoot_.apply(
        commands::describe(shoot_.state(), {ids_[1]}, {{}, "3", "2", "říz", Verdict::NotGood}));
    shoot_.apply(commands::searchBy(shoot_.state(), {ids_[0]}, 1));
    const auto j = shootJson(shoot_.state(), "/card");
    EXPECT_EQ(shootFromJson(j).media, shoot_.state().media);
    EXPECT_FALSE(j["media"][0].contains("slate"));
    EXPECT_EQ(j["media"][1]["slate"]["verdict"], "not good");
    auto hostile = j;
    hostile["media"][1]["slate"]["verdict"] = "splendid";
    EXPECT_ANY_THROW(shootFromJson(hostile));
    hostile = j;
    hostile["media"][0]["searched_by"] = 1 << 20;
    EXPECT_ANY_THROW(shootFromJson(hostile));
    hostile["media"][0]["searched_by"] = "mean";
    hostile["media"][1]["slate"]["note"] = std::string(100000, 'x');
    EXPECT_ANY_THROW(shootFromJson(hostile));
}

}  // namespace
}  // namespace brisk

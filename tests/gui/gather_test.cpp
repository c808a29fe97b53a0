// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/gather.h"

#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>

#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "text/sentence.h"

namespace brisk::app {
namespace {

namespace fs = std::filesystem;

class GatherTest : public ::testing::Test {
  protected:
    void SetUp() override {
        fs::create_directories(folder_.file("camera/DCIM"));
        fs::create_directories(folder_.file("recorder"));
        test::writeTake(folder_.file("camera/DCIM/glue-02.mp4"), test::babble(1, 48000, 1), {});
        test::writeTake(folder_.file("camera/DCIM/glue-01.mp4"), test::babble(1, 48000, 2), {});
        test::writeSound(folder_.file("recorder/lavalier.wav"), test::babble(2, 48000, 3), {});
        for (const char* name : {"camera/DCIM/GLUE.XML", "camera/INDEX.BIN", "recorder/set.txt",
                                 "recorder/notes.pdf", "camera/.hidden"}) {
            std::ofstream(folder_.file(name)) << "no sound at all";
        }
    }
    Gathered of(const std::vector<std::string>& names, const std::vector<MediaItem>& known = {}) {
        std::vector<std::string> paths;
        for (const auto& n : names) paths.push_back(folder_.file(n));
        return gather(paths, known, JobControl{});
    }
    test::TempFolder folder_;
};

TEST_F(GatherTest, BothCardsAreLookedThroughAndToldApart) {
    const Gathered g = of({"recorder", "camera"});
    ASSERT_EQ(g.items.size(), 3u);
    ASSERT_EQ(g.infos.size(), 3u);
    EXPECT_EQ(g.items[0].role, MediaKind::Recording);
    EXPECT_EQ(g.items[1].role, MediaKind::Take);
    EXPECT_NE(g.items[1].path.find("glue-01"), std::string::npos) << "by name";
    EXPECT_EQ(g.infos[2].path, g.items[2].path);
    ASSERT_EQ(g.problems.size(), 1u) << "what is no media is one sentence";
    EXPECT_NE(sentence(g.problems[0]).find("4 files"), std::string::npos);
}

TEST_F(GatherTest, WhatCallsItselfMediaAndIsNoneIsNamed) {
    std::ofstream(folder_.file("camera/DCIM/broken.mp4")) << "nothing";
    const Gathered g = of({"camera", "recorder/set.txt"});
    EXPECT_EQ(g.items.size(), 2u);
    ASSERT_EQ(g.problems.size(), 3u);
    EXPECT_NE(sentence(g.problems[0]).find("broken.mp4"), std::string::npos);
    EXPECT_NE(sentence(g.problems[1]).find("set.txt"), std::string::npos) << "a person dropped it";
}

TEST_F(GatherTest, AFileIsKnownByItsContentWhateverItIsCalled) {
    const auto known = of({"camera"}).items;
    fs::copy_file(folder_.file("camera/DCIM/glue-01.mp4"), folder_.file("copy.mp4"));
    const Gathered g = of({"camera", "copy.mp4", "recorder"}, known);
    ASSERT_EQ(g.items.size(), 1u);
    EXPECT_EQ(g.items[0].role, MediaKind::Recording);
    const auto said = std::count_if(g.problems.begin(), g.problems.end(), [](const Fact& p) {
        return sentence(p).find("copy.mp4 is in the shoot already, as glue-01.mp4") !=
               std::string::npos;
    });
    EXPECT_EQ(said, 1);
}

TEST_F(GatherTest, AFileThatIsMissingWhereItWasIsFoundAgain) {
    auto known = of({"camera"}).items;
    for (std::size_t i = 0; i < known.size(); ++i) known[i].id = static_cast<int>(i) + 1;
    fs::create_directories(folder_.file("archive"));
    fs::rename(folder_.file("camera/DCIM/glue-02.mp4"), folder_.file("archive/renamed.mp4"));
    const Gathered g = of({"archive", "camera"}, known);
    EXPECT_TRUE(g.items.empty());
    ASSERT_EQ(g.moved.size(), 1u);
    EXPECT_EQ(g.moved[0].media, 2);
    EXPECT_EQ(g.moved[0].path, folder_.file("archive/renamed.mp4"));
    EXPECT_EQ(sentence(g.problems).find("renamed"), std::string::npos) << sentence(g.problems);
    ShootState s;
    s.media = known;
    commands::findMoved(g.moved).change(s);
    EXPECT_EQ(s.item(2)->path, folder_.file("archive/renamed.mp4"));
}

TEST_F(GatherTest, StopsWhenAsked) {
    JobControl job;
    job.requestStop();
    EXPECT_TRUE(gather({folder_.file("camera")}, {}, job).items.empty());
}

}  // namespace
}  // namespace brisk::app

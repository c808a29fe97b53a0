// SPDX-License-Identifier: GPL-3.0-or-later
// Folders and lists instead of names, and names that no shoot can keep.
#include <gtest/gtest.h>

#include "support/media_files.h"
#include "support/run_program.h"
#include "support/shoot_folder.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::runCli;

class GivenFiles : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(30, 48000, 5);
        take = folder.file("fold\n01.mp4");  // a name may hold anything
        clean = folder.file("lavalier.wav");
        test::writeTake(take, test::cut(day, 5, 20), {});
        test::writeSound(clean, day, {});
    }
    test::TempFolder folder;
    std::string take, clean;
};

TEST_F(GivenFiles, AListNamesThemByLinesOrByNul) {
    const std::string list = folder.file("list");
    test::writeBytes(list, take + '\0' + clean + '\0');
    const auto r = runCli({"align", "--files-from", list, "--quiet"});
    EXPECT_EQ(r.exitCode, 0) << r.err;
    EXPECT_EQ(r.json().at("tethers")[0].at("camera"), take);
    EXPECT_EQ(r.json().at("tethers")[0].at("clean"), clean);

    test::writeBytes(list, clean + "\r\n\n" + clean + "\n");
    const auto one = runCli({"probe", "--files-from", list, "--quiet"});
    EXPECT_EQ(one.json().at("files").size(), 1u) << "named twice is one file";
    const auto no = runCli({"align", "--files-from", list, "--quiet"});
    EXPECT_EQ(no.exitCode, 3);
    EXPECT_NE(no.err.find("no takes"), std::string::npos) << no.err;
    EXPECT_EQ(runCli({"probe", "--files-from", folder.file("no list")}).exitCode, 3);
    EXPECT_EQ(runCli({"probe"}).exitCode, 2);
}

TEST_F(GivenFiles, AFolderIsWhatIsInIt) {
    const auto r =
        runCli({"align", "--camera", folder.file(""), "--clean", folder.file(""), "--quiet"});
    EXPECT_EQ(r.exitCode, 0) << r.err;
    ASSERT_EQ(r.json().at("tethers").size(), 1u);
    EXPECT_EQ(r.json().at("tethers")[0].at("status"), "matched");
    const auto probed = runCli({"probe", folder.file(""), "--quiet"});
    EXPECT_EQ(probed.json().at("files").size(), 2u);
}

TEST_F(GivenFiles, ANameThatIsNoTextIsMatchedButNotSaved) {
    const std::string odd = folder.file("fold\xff.mp4");
    std::filesystem::copy(take, odd);
    const std::string saved = folder.file("day.brisk");
    const auto r = runCli({"align", "--camera", odd, "--clean", clean, "--save", saved});
    EXPECT_EQ(r.exitCode, 4);
    EXPECT_NE(r.err.find("is no text"), std::string::npos) << r.err;
    EXPECT_FALSE(std::filesystem::exists(saved));
    EXPECT_EQ(runCli({"align", "--camera", odd, "--clean", clean}).exitCode, 0);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// Whether picture and sound of a written file still belong together.
#include <gtest/gtest.h>

#include "support/media_files.h"
#include "support/run_program.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::runCli;

class Verify : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(50, 48000, 5);
        test::TakeRecipe recipe;
        recipe.picture.bFrames = 2;
        // Pictures that differ, so that each has one place.
        recipe.picture.keyInterval = 10;
        test::writeTake(file("press.mp4"), {day.begin() + 48000 * 10, day.begin() + 48000 * 40},
                        recipe);
        test::writeSound(file("rec.wav"), day, {});
        const auto r = runCli({"export", "--quiet", "--camera", file("press.mp4"), "--clean",
                               file("rec.wav"), "--out", folder_.path(), "--report", "json"});
        EXPECT_EQ(r.exitCode, 0) << r.err;
    }
    std::string file(const std::string& name) { return folder_.file(name); }
    test::Ran verify(const std::string& name, const std::vector<std::string>& with) {
        std::vector<std::string> c{"verify", "--quiet", file(name), "--clean", file("rec.wav")};
        c.insert(c.end(), with.begin(), with.end());
        return runCli(c);
    }
    std::vector<std::string> take() { return {"--take", file("press.mp4")}; }
    std::vector<std::string> report() { return {"--report", file("shoot report.json")}; }
    test::TempFolder folder_;
};

TEST_F(Verify, WithoutTheTakeItSaysWhatItCannotSee) {
    const auto r = verify("press clean.mov", {});
    EXPECT_EQ(r.exitCode, 0);
    const auto j = r.json();
    EXPECT_TRUE(j.at("together").is_null());
    EXPECT_NE(j.at("picture_reason").get<std::string>().find("cannot be seen from that"),
              std::string::npos);
}

TEST_F(Verify, WhatWasWrittenBelongsTogetherByTheTakeAndByTheReport) {
    for (const auto& with : {take(), report()}) {
        const auto r = verify("press clean.mov", with);
        EXPECT_EQ(r.exitCode, 0) << r.err;
        const auto j = r.json();
        EXPECT_EQ(j.at("together"), true) << j.dump(1);
        for (const char* where : {"start", "middle", "end"}) {
            EXPECT_NEAR(j["picture_apart_ms"][where].get<double>(), 0, 0.5);
        }
    }
    EXPECT_EQ(verify("press clean.mov", take()).json()["picture"]["identical"], 750);
    EXPECT_EQ(verify("press clean.mov", report()).json()["picture"]["unchanged"], true);
}

TEST_F(Verify, AnOffsetBetweenThemIsFound) {
    // Another program has put the sound 40 ms late, and left the picture as it was.
    test::ffmpeg("-i '" + file("press clean.mov") + "' -itsoffset 0.04 -i '" +
                 file("press clean.mov") + "' -map 0:v -map 1:a -c copy '" + file("late.mov") +
                 "'");
    EXPECT_EQ(verify("late.mov", {}).exitCode, 0) << "its own recording fits it anywhere";
    const auto r = verify("late.mov", take());
    EXPECT_EQ(r.exitCode, 1);
    const auto j = r.json();
    EXPECT_EQ(j.at("together"), false);
    EXPECT_NEAR(j["picture_apart_ms"]["start"].get<double>(), 40, 0.5);
    EXPECT_NEAR(j["picture_apart_ms"]["end"].get<double>(), 40, 0.5);
    EXPECT_NE(j["picture_reason"].get<std::string>().find("do NOT belong together"),
              std::string::npos);
}

TEST_F(Verify, APieceIsFoundInItsTake) {
    test::ffmpeg("-ss 8 -i '" + file("press clean.mov") + "' -c copy '" + file("piece.mkv") + "'");
    const auto j = verify("piece.mkv", take()).json();
    EXPECT_EQ(j.at("together"), true) << j.dump(1);
    EXPECT_GT(j["picture"]["starts_at_take_seconds"].get<double>(), 7);
}

TEST_F(Verify, PicturesCodedAnewAndChangedFilesAreSaid) {
    test::ffmpeg("-i '" + file("press clean.mov") + "' -c:v libx264 -crf 40 -c:a copy '" +
                 file("anew.mov") + "'");
    const auto anew = verify("anew.mov", take());
    EXPECT_EQ(anew.exitCode, 1);
    EXPECT_TRUE(anew.json().at("together").is_null());
    EXPECT_NE(anew.json()["picture_reason"].get<std::string>().find("re-encoded"),
              std::string::npos);
    std::filesystem::copy_file(file("anew.mov"), file("press clean.mov"),
                               std::filesystem::copy_options::overwrite_existing);
    const auto changed = verify("press clean.mov", report());
    EXPECT_EQ(changed.exitCode, 1);
    EXPECT_EQ(changed.json()["picture"]["unchanged"], false);
}

}  // namespace
}  // namespace brisk

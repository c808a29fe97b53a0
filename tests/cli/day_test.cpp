// SPDX-License-Identifier: GPL-3.0-or-later
// Two cards to files in one call: what is sure is written, what is not waits in the saved shoot.
#include <gtest/gtest.h>

#include "shoot/project_file.h"
#include "support/media_files.h"
#include "support/run_program.h"
#include "support/shoot_folder.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

namespace fs = std::filesystem;
using test::runCli;

class WholeDay : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(60, 48000, 3);
        fs::create_directories(folder.file("card/private"));
        fs::create_directories(folder.file("recorder"));
        test::writeTake(folder.file("card/fold 01.mp4"), test::cut(day, 15, 30), {});
        test::writeTake(folder.file("card/private/fold 02.MP4"), test::cut(day, 35, 50), {});
        test::writeTake(folder.file("card/elsewhere.mp4"), test::babble(15, 48000, 99), {});
        test::writeBytes(folder.file("card/index.xml"), "<index/>");
        test::writeBytes(folder.file("card/.hidden.mp4"), "no video");
        test::writeSound(folder.file("recorder/lavalier.wav"), day, {});
        out = folder.file("out");
    }
    test::Ran day(const std::vector<std::string>& more = {}) {
        std::vector<std::string> words{
            "day", folder.file("card"), folder.file("recorder"), "--out", out, "--quiet"};
        words.insert(words.end(), more.begin(), more.end());
        return runCli(words);
    }
    [[nodiscard]] std::vector<std::string> names() const {
        std::vector<std::string> all;
        for (const auto& f : fs::directory_iterator(out)) {
            all.push_back(f.path().filename().string());
        }
        std::sort(all.begin(), all.end());
        return all;
    }
    test::TempFolder folder;
    std::string out;
};

TEST_F(WholeDay, FromTwoCardsToFilesAndAShootToOpen) {
    const auto r = day({"--audio", "wav", "--video", "same"});
    EXPECT_EQ(r.exitCode, 1) << "a take has no place: " << r.err;
    EXPECT_EQ(names(),
              (std::vector<std::string>{"card.brisk", "fold 01 clean.mp4", "fold 01 clean.wav",
                                        "fold 02 clean.MP4", "fold 02 clean.wav"}));
    ASSERT_EQ(r.json().at("tethers").size(), 3u);
    EXPECT_EQ(r.json().at("written").size(), 4u);

    // The shoot has all of it, confirmed by nobody.
    const auto saved = loadProject(r.json().at("shoot").get<std::string>());
    ASSERT_TRUE(saved);
    EXPECT_TRUE(saved->warnings.empty());
    std::map<std::string, TetherState> states;
    for (const int take : saved->state.ids(MediaKind::Take)) {
        states[fs::path(saved->state.item(take)->path).stem().string()] =
            saved->state.stateOf(take);
    }
    EXPECT_EQ(states, (std::map<std::string, TetherState>{{"elsewhere", TetherState::Loose},
                                                          {"fold 01", TetherState::Offered},
                                                          {"fold 02", TetherState::Offered}}));
    EXPECT_EQ(saved->state.tethers.size(), 3u) << "of the one elsewhere it is known that it was "
                                                  "searched for";

    // Once more, for a card that has grown: only what is new is written.
    test::writeTake(folder.file("card/fold 03.mp4"), test::cut(test::babble(60, 48000, 3), 2, 14),
                    {});
    const auto again = day({"--audio", "wav", "--video", "same", "--skip-existing"});
    EXPECT_EQ(again.json().at("written").size(), 2u);
    EXPECT_EQ(again.json().at("kept").size(), 4u);
    EXPECT_EQ(names().size(), 8u) << "and a second shoot beside the first";
}

TEST_F(WholeDay, ADryRunWritesNothingAndSaysWhatItWould) {
    const auto r = day({"--dry-run"});
    EXPECT_FALSE(fs::exists(out));
    const auto j = r.json();
    ASSERT_EQ(j.at("plan").size(), 2u);
    EXPECT_EQ(j.at("plan")[0].at("file"), out + "/fold 01 clean.mov");
    EXPECT_GT(j.at("bytes_about").get<std::uintmax_t>(), 10000u);
    EXPECT_TRUE(j.at("problem").is_null());
    EXPECT_TRUE(j.at("shoot").is_null());
}

TEST_F(WholeDay, TwoTakesOfOneCameraAtOneMomentAreNotBothWritten) {
    // The same moment under another name of the same camera: it cannot have shot both.
    fs::copy(folder.file("card/fold 01.mp4"), folder.file("card/fold 09.mp4"));
    const auto r = day({"--dry-run"});
    ASSERT_EQ(r.json().at("plan").size(), 1u);
    EXPECT_EQ(r.json().at("plan")[0].at("file"), out + "/fold 02 clean.mov");
}

TEST_F(WholeDay, WhatWasWrittenOntoTheCardIsNoTake) {
    out = folder.file("card/finished");
    ASSERT_EQ(day({"--loudness", "-23"}).json().at("written").size(), 2u);
    test::writeSound(folder.file("card/memo.wav"), test::babble(3, 48000, 7), {});
    const auto again = runCli({"day", folder.file("card"), folder.file("recorder"), "--out", out,
                               "--skip-existing", "--loudness", "-23"});
    EXPECT_EQ(again.json().at("tethers").size(), 3u);
    EXPECT_EQ(again.json().at("written").size(), 0u);
    EXPECT_NE(again.err.find("holds sound, too (1 file)"), std::string::npos) << again.err;
    // What was chosen goes on in the saved shoot.
    const auto saved = loadProject(again.json().at("shoot").get<std::string>());
    ASSERT_TRUE(saved);
    EXPECT_TRUE(saved->state.sound.toLoudness);
    EXPECT_EQ(saved->state.sound.targetLufs, -23);
}

TEST_F(WholeDay, NothingIsWrittenOver) {
    test::writeBytes(folder.file("mine.brisk"), "mine");
    const auto r = day({"--save", folder.file("mine.brisk")});
    EXPECT_EQ(r.exitCode, 4);
    EXPECT_EQ(test::bytesOf(folder.file("mine.brisk")), "mine");
    EXPECT_FALSE(fs::exists(out));
    EXPECT_TRUE(r.out.empty());
}

TEST_F(WholeDay, ACardWithoutVideosSaysSo) {
    const auto r = runCli({"day", folder.file("recorder"), "--out", out});
    EXPECT_EQ(r.exitCode, 3);
    EXPECT_NE(r.err.find("no takes"), std::string::npos) << r.err;
}

TEST_F(WholeDay, WhatIsChosenForPlainFilesIsHeard) {
    const auto r = runCli({"export", "--camera", folder.file("card/fold 01.mp4"), "--clean",
                           folder.file("recorder"), "--out", out, "--audio", "wav", "--loudness",
                           "-23", "--heard", "left", "--method", "waveform", "--save",
                           folder.file("kept.brisk"), "--quiet"});
    ASSERT_EQ(r.exitCode, 0) << r.err;
    const std::string holds = r.json().at("written")[0].at("holds");
    EXPECT_NE(holds.find("left channel"), std::string::npos) << holds;
    auto scan = scanSound(out + "/fold 01 clean.wav", {}, JobControl{});
    ASSERT_TRUE(scan);
    // Heard in both ears, as it is meant: 3 dB above what one channel alone measures.
    EXPECT_NEAR(scan->level.integratedLufs + 3.01, -23, 0.3);
    EXPECT_TRUE(loadProject(folder.file("kept.brisk")));
    const auto refused = [&](std::vector<std::string> more) {
        std::vector<std::string> words{
            "export", "--camera", folder.file("card"), "--clean", "x.wav", "--out", out};
        words.insert(words.end(), more.begin(), more.end());
        return runCli(words).exitCode;
    };
    EXPECT_EQ(refused({"--heard", "both"}), 2);
    EXPECT_EQ(refused({"--heard", "0"}), 2);
    EXPECT_EQ(refused({"--loudness", "3"}), 2);
    EXPECT_EQ(refused({"--skip-existing", "--timeline", "otio"}), 2);
    EXPECT_EQ(refused({"--skip-existing", "--package"}), 2);
}

}  // namespace
}  // namespace brisk

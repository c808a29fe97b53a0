// SPDX-License-Identifier: GPL-3.0-or-later
// What a script hands on, and whoever gets it compares.
#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>

#include "shoot/commands.h"
#include "shoot/project_file.h"
#include "support/linear_timecode.h"
#include "support/media_files.h"
#include "support/run_program.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

namespace fs = std::filesystem;

TEST(Package, IsWrittenAndComparedAndDamageIsFound) {
    const test::TempFolder folder;
    const auto day = test::babble(60, 48000, 5);
    test::writeTake(folder.file("fold-01.mp4"), test::cut(day, 10, 30));
    test::writeSound(folder.file("lavalier.wav"), day);
    const auto ran = test::runCli({"export", "--camera", folder.file("fold-01.mp4"), "--clean",
                                   folder.file("lavalier.wav"), "--out", folder.file("out"),
                                   "--video", "mov", "--whole-recordings", "--package",
                                   "--timeline", "otio", "--camera-channel", "mix"});
    ASSERT_EQ(ran.exitCode, 0) << ran.err;
    const fs::path package = fs::path(folder.file("out")) / "shoot";
    EXPECT_TRUE(fs::exists(package / "fold-01 clean.mov"));
    const auto j = ran.json();
    const auto& whole = j["written"][1];
    EXPECT_EQ(whole["kind"], "whole recording") << j.dump(1);
    EXPECT_NEAR(whole["takes"][0]["starts_at_seconds"].get<double>(), 10, 0.001);
    const std::string checked = package.string();
    const auto same = test::runCli({"check", checked});
    EXPECT_EQ(same.exitCode, 0) << same.err;
    EXPECT_EQ(same.json()["files"].size(), 3u);
    std::ofstream(package / "shoot.otio", std::ios::app) << " ";
    const auto differs = test::runCli({"check", checked});
    EXPECT_EQ(differs.exitCode, 1);
    EXPECT_NE(differs.err.find("shoot.otio: differs"), std::string::npos) << differs.err;
    EXPECT_EQ(test::runCli({"check", folder.path()}).exitCode, 3);
    EXPECT_EQ(test::runCli({"check"}).exitCode, 2);
}

TEST(TimecodeAsSound, IsSaidByProbeAndPlacesATakeThatHasNoOtherSound) {
    const test::TempFolder folder;
    const auto code = test::linearTimecode("09:12:00:00", {25, 1}, false, 60, 48000);
    const auto talk = test::babble(60, 48000, 6);
    std::vector<float> both;
    for (std::size_t n = 0; n < talk.size(); ++n) {
        both.push_back(talk[n]);
        both.push_back(code[n]);
    }
    test::writeInterleaved(folder.file("recorder.wav"), both, {"pcm_s24le", 48000, 2, {}, {}});
    test::TakeRecipe recipe;
    recipe.soundCodec = "pcm_s16le";
    test::writeTake(folder.file("sewing-01.mov"), test::cut(code, 20, 40), recipe);
    const auto probed = test::runCli({"probe", folder.file("recorder.wav"), "--json"}).json();
    EXPECT_TRUE(probed.dump().find("09:12:00") != std::string::npos) << probed.dump(1);
    const auto aligned = test::runCli({"align", "--camera", folder.file("sewing-01.mov"), "--clean",
                                       folder.file("recorder.wav"), "--method", "timecode"})
                             .json();
    const auto& tether = aligned["tethers"][0];
    EXPECT_NE(tether["status"], "unmatched") << tether.dump(1);
    EXPECT_NEAR(tether["offset_seconds"].get<double>(), 20, 0.001) << tether.dump(1);
}

TEST(SavedShoot, AFilmWithoutSoundIsExportedFromIt) {
    const test::TempFolder folder;
    test::writeSilentFilm(folder.file("door.mp4"), 4);
    test::writeSound(folder.file("lavalier.wav"), test::babble(20, 48000, 5));
    Shoot shoot;
    MediaItem take, recording;
    take.path = folder.file("door.mp4");
    take.role = MediaKind::Take;
    recording.path = folder.file("lavalier.wav");
    shoot.apply(commands::addMedia({take, recording}));
    shoot.apply(commands::layOn(shoot.state(), 1, 2, Seconds{6}));
    shoot.apply(commands::lock(shoot.state(), 1));
    ASSERT_TRUE(saveProject(shoot.state(), folder.file("day.brisk")));
    const auto ran = test::runCli(
        {"export", "--project", folder.file("day.brisk"), "--out", folder.file("out")});
    EXPECT_EQ(ran.exitCode, 0) << ran.err;
    const auto sound = test::decodeAll(folder.file("out/door clean.mov"));
    const auto own = test::decodeAll(folder.file("lavalier.wav"));
    ASSERT_GT(sound.size(), 48000u * 3);
    for (std::size_t n = 4800; n < 48000 * 3; n += 37)
        EXPECT_NEAR(sound[n], own[n + 48000 * 6], 1e-4);
}

}  // namespace
}  // namespace brisk

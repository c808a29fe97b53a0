// SPDX-License-Identifier: GPL-3.0-or-later
// The real program, as scripts call it: JSON alone on standard output, documented exit codes.
#include <gtest/gtest.h>

#include <cmath>

#include "shoot/commands.h"
#include "shoot/project_file.h"
#include "support/media_files.h"
#include "support/run_program.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::runCli;

class CommandLine : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(60, 48000, 3);
        const std::vector<float> part(day.begin() + 48000 * 15, day.begin() + 48000 * 45);
        take = folder.file("press 02.mp4");  // people put spaces into names
        clean = folder.file("lavalier.wav");
        test::writeTake(take, part, {});
        test::writeSound(clean, day, {});
    }
    test::TempFolder folder;
    std::string take;
    std::string clean;
};

TEST_F(CommandLine, ProbeTellsWhatFilesAre) {
    const auto r = runCli({"probe", take, clean, "--json", "--quiet"});
    EXPECT_EQ(r.exitCode, 0) << r.err;
    EXPECT_TRUE(r.err.empty()) << r.err;
    const auto files = r.json().at("files");
    EXPECT_EQ(files[0].at("kind"), "take");
    EXPECT_EQ(files[0].at("video").at("rate"), "25/1");
    EXPECT_EQ(files[0].at("video").at("rate_kind"), "constant");
    EXPECT_EQ(files[1].at("kind"), "recording");
    EXPECT_EQ(files[1].at("audio")[0].at("rate"), 48000);
    EXPECT_TRUE(files[1].at("video").is_null());
}

TEST_F(CommandLine, AlignAnswersWithTheContractsFields) {
    const auto r = runCli({"align", "--camera", take, "--clean", clean, "--json"});
    EXPECT_EQ(r.exitCode, 0) << r.err;
    const auto t = r.json().at("tethers").at(0);
    EXPECT_EQ(t.at("camera"), take);
    EXPECT_EQ(t.at("clean"), clean);
    EXPECT_EQ(t.at("status"), "matched");
    EXPECT_NEAR(t.at("offset_seconds").get<double>(), 15, 5e-5);
    EXPECT_EQ(t.at("polarity"), 1);
    EXPECT_GT(t.at("confidence").get<double>(), 0.9);
    EXPECT_GE(t.at("windows").at("used").get<int>(), t.at("windows").at("agreeing").get<int>());
    EXPECT_LT(std::fabs(t.at("residual_ms").at("end").get<double>()), 0.2);
    EXPECT_EQ(t.at("segments").size(), 1u);
    for (const char* key : {"drift_ppm", "method", "overlap", "rivals", "reason"}) {
        EXPECT_TRUE(t.contains(key)) << key;
    }
    EXPECT_NE(r.err.find("matched"), std::string::npos) << "messages go to standard error";
}

TEST_F(CommandLine, AnUnmatchedTakeNeedsAttention) {
    test::writeSound(folder.file("other.wav"), test::babble(60, 48000, 77), {});
    const auto r =
        runCli({"--quiet", "align", "--camera", take, "--clean", folder.file("other.wav")});
    EXPECT_EQ(r.exitCode, 1);
    const auto t = r.json().at("tethers").at(0);
    EXPECT_TRUE(t.at("clean").is_null());
    EXPECT_EQ(t.at("status"), "unmatched");
}

TEST_F(CommandLine, FindsTheRightRecordingAmongSeveral) {
    test::writeSound(folder.file("other.wav"), test::babble(60, 48000, 77), {});
    const auto r =
        runCli({"align", "--quiet", "--camera", take, "--clean", folder.file("other.wav"), clean});
    EXPECT_EQ(r.exitCode, 0);
    ASSERT_EQ(r.json().at("tethers").size(), 1u);
    EXPECT_EQ(r.json().at("tethers")[0].at("clean"), clean);
}

TEST_F(CommandLine, ExportListsWhatItWroteAndVerifyMeasuresIt) {
    const std::string out = folder.file("out");
    const auto r = runCli(
        {"export", "--camera", take, "--clean", clean, "--out", out, "--video", "mov", "--quiet"});
    ASSERT_EQ(r.exitCode, 0) << r.err;
    const auto w = r.json().at("written").at(0);
    const std::string file = w.at("file");
    EXPECT_TRUE(std::filesystem::exists(file));
    EXPECT_EQ(file, out + "/press 02 clean.mov");
    EXPECT_TRUE(w.at("read_back").at("ok").get<bool>());
    EXPECT_NE(w.at("holds").get<std::string>().find("Picture untouched"), std::string::npos);

    const auto v = runCli({"verify", file, "--clean", clean, "--quiet"});
    EXPECT_EQ(v.exitCode, 0) << v.err;
    EXPECT_NEAR(v.json().at("offset_seconds").get<double>(), 15, 1e-4);
    EXPECT_LT(std::fabs(v.json().at("slip_ms").at("end").get<double>()), 0.1);
}

TEST_F(CommandLine, ExportWritesWhateverIsAskedForAndOnlyThat) {
    const std::string out = folder.file("out");
    const auto r = runCli({"export", "--camera", take, "--clean", clean, "--out", out, "--audio",
                           "flac", "--timeline", "otio", "edl", "--report", "html", "json",
                           "--name", "{number} {camera}", "--quiet"});
    ASSERT_EQ(r.exitCode, 0) << r.err;
    std::vector<std::string> names;
    const auto said = r.json();
    for (const auto& w : said.at("written")) {
        const std::string file = w.at("file");
        names.push_back(std::filesystem::path(file).filename().string());
        EXPECT_EQ(std::filesystem::file_size(file), w.at("bytes").get<std::uintmax_t>());
    }
    EXPECT_EQ(names, (std::vector<std::string>{"001 press.flac", "shoot.otio", "shoot.edl",
                                               "shoot report.html", "shoot report.json"}));
    EXPECT_TRUE(r.json().at("written")[0].at("read_back").at("ok").get<bool>());
    EXPECT_EQ(r.json().at("written")[0].at("xxh3_128").get<std::string>().size(), 32u);
    const auto wrong = [&](std::vector<std::string> more) {
        std::vector<std::string> all{"export", "--camera", take, "--clean", clean, "--out", out};
        all.insert(all.end(), more.begin(), more.end());
        return runCli(all).exitCode;
    };
    EXPECT_EQ(wrong({"--name", "{day}"}), 2);
    EXPECT_EQ(wrong({"--audio", "mp3"}), 2);
    EXPECT_EQ(wrong({"--video", "mov", "--codec", "opus"}), 4) << "and says what would go";
}

TEST_F(CommandLine, PiecesBeginAsItIsAsked) {
    // The recorder was started late: what it does not cover is trimmed away.
    const std::string late = folder.file("late.wav");
    test::ffmpeg("-ss 19.3 -i '" + clean + "' -c:a pcm_s24le '" + late + "'");
    const auto exported = [&](const std::string& how) {
        const auto r = runCli({"export", "--camera", take, "--clean", late, "--out",
                               folder.file(how), "--video", "mkv", "--uncovered", "trim",
                               "--pieces", how, "--report", "json", "--quiet"});
        EXPECT_EQ(r.exitCode, 0) << r.err;
        return r.json().at("written").at(0);
    };
    const auto copied = exported("key-frame"), coded = exported("exact");
    EXPECT_TRUE(copied.at("read_back").at("picture_identical").get<bool>());
    EXPECT_FALSE(copied.at("read_back").contains("pictures_alike_db"));
    EXPECT_FALSE(coded.at("read_back").at("picture_identical").get<bool>());
    EXPECT_GT(coded.at("read_back").at("pictures_alike_db").get<double>(), 35);
    EXPECT_GT(copied.at("read_back").at("pictures"), coded.at("read_back").at("pictures"));
}

TEST_F(CommandLine, ExportsTheTetheredTakesOfASavedShoot) {
    Shoot shoot;
    shoot.apply(commands::addMedia({{0, take, MediaKind::Take, *identityOf(take)},
                                    {0, clean, MediaKind::Recording, *identityOf(clean)}}));
    Tether t;
    t.take = 1;
    t.recording = 2;
    t.found.status = MatchStatus::Matched;
    t.line = t.found.line = {{15}, {0}};
    shoot.apply(commands::takeMatches({t}));
    ASSERT_TRUE(saveProject(shoot.state(), folder.file("day.brisk")));
    const auto loose =
        runCli({"export", "--project", folder.file("day.brisk"), "--out", folder.file("out")});
    EXPECT_EQ(loose.exitCode, 1) << "found is not tethered";
    EXPECT_TRUE(loose.json().at("written").empty());
    EXPECT_NE(loose.err.find("found"), std::string::npos);
    shoot.apply(commands::lock(shoot.state(), 1));
    ASSERT_TRUE(saveProject(shoot.state(), folder.file("day.brisk")));
    const auto r = runCli(
        {"export", "--project", folder.file("day.brisk"), "--out", folder.file("out"), "--quiet"});
    EXPECT_EQ(r.exitCode, 0) << r.err;
    EXPECT_TRUE(r.json().at("written")[0].at("read_back").at("ok").get<bool>());
}

TEST_F(CommandLine, WrongUsageIsTwo) {
    EXPECT_EQ(runCli({}).exitCode, 2);
    EXPECT_EQ(runCli({"align", "--camera", take}).exitCode, 2);
    EXPECT_EQ(runCli({"align", "--camera", take, "--clean", clean, "--method", "magic"}).exitCode,
              2);
    EXPECT_EQ(runCli({"export", "--out", folder.path()}).exitCode, 2);
    EXPECT_EQ(runCli({"dance"}).exitCode, 2);
    const auto r = runCli({"align"});
    EXPECT_TRUE(r.out.empty()) << "nothing but JSON on standard output";
    EXPECT_FALSE(r.err.empty());
}

TEST_F(CommandLine, HelpAndVersionWorkBeforeAndAfterTheSubcommand) {
    for (const auto& words : std::vector<std::vector<std::string>>{
             {"--help"}, {"align", "--help"}, {"--help", "align"}, {"--version"}}) {
        const auto r = runCli(words);
        EXPECT_EQ(r.exitCode, 0);
        EXPECT_FALSE(r.out.empty());
    }
    EXPECT_NE(runCli({"--help"}).out.find("Exit codes"), std::string::npos);
}

TEST_F(CommandLine, ProgressIsJsonLinesWhenAsked) {
    // However short the work: a minute is read in a blink.
    const auto r = runCli({"align", "--camera", take, "--clean", clean, "--progress", "json"});
    EXPECT_EQ(r.exitCode, 0) << r.err;
    const auto line = r.err.substr(0, r.err.find('\n'));
    const auto j = nlohmann::json::parse(line, nullptr, false);
    ASSERT_FALSE(j.is_discarded()) << line;
    EXPECT_TRUE(j.contains("progress"));
}

TEST_F(CommandLine, StopsOnSigintAndLeavesNothing) {
    const auto r = runCli(
        {"simulate", "--scene", "demo", "--seed", "1", "--out", folder.file("sim"), "--quiet"},
        700);
    EXPECT_EQ(r.exitCode, 5) << r.err;
    EXPECT_FALSE(std::filesystem::exists(folder.file("sim/truth.json")))
        << "without it the shoot counts as not made";
}

}  // namespace
}  // namespace brisk

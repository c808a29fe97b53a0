// SPDX-License-Identifier: GPL-3.0-or-later
// One file that cannot be used does not spoil the others; what is asked for is done or refused; an
// answer that cannot be given is not lost silently.
#include <gtest/gtest.h>

#include <filesystem>

#include "shoot/commands.h"
#include "shoot/journal.h"
#include "shoot/project_file.h"
#include "support/media_files.h"
#include "support/run_program.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::runCli;
namespace fs = std::filesystem;

class OneSpoilsNone : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(40, 48000, 3);
        for (const int n : {1, 2}) {
            const auto from = day.begin() + 48000 * (n * 15 - 10);
            test::writeTake(file("press-0" + std::to_string(n) + ".mp4"),
                            {from, from + 48000 * 12});
        }
        test::writeSound(file("rec.wav"), day, {});
        test::writeBytes(file("notes.mp4"), "Shot list: press, sewing, gold leaf.\n");
        test::writeSilentFilm(file("mute.mp4"), 2);
        // A card that broke off: the header is there, most of the sound is not.
        const std::string whole = test::bytesOf(file("rec.wav"));
        test::writeBytes(file("broken.wav"), whole.substr(0, 30));
    }
    std::string file(const std::string& name) { return folder_.file(name); }
    /// code of each problem, by file name.
    static std::map<std::string, std::string> problemsOf(const nlohmann::json& j) {
        std::map<std::string, std::string> out;
        for (const auto& p : j.at("problems")) {
            EXPECT_FALSE(p.at("reason").get<std::string>().empty());
            out[fs::path(p.at("file").get<std::string>()).filename()] = p.at("code");
        }
        return out;
    }
    std::vector<std::string> all(std::vector<std::string> more) {
        std::vector<std::string> c{"--quiet", "--camera"};
        for (const char* n :
             {"press-01.mp4", "notes.mp4", "mute.mp4", "gone.mp4", "press-02.mp4"}) {
            c.push_back(file(n));
        }
        c.insert(c.end(), {"--clean", file("broken.wav"), file("rec.wav")});
        more.insert(more.end(), c.begin(), c.end());
        return more;
    }
    const std::map<std::string, std::string> bad_{
        {"notes.mp4", "not_media"}, {"mute.mp4", "no_sound"}, {"gone.mp4", "cannot_read"}};
    test::TempFolder folder_;
};

TEST_F(OneSpoilsNone, WhileMatching) {
    const auto r = runCli(all({"align"}));
    EXPECT_EQ(r.exitCode, 1) << r.err;
    const auto j = r.json();
    ASSERT_EQ(j.at("tethers").size(), 2u);
    for (const auto& t : j["tethers"]) {
        EXPECT_EQ(t.at("status"), "matched");
        EXPECT_EQ(t.at("clean"), file("rec.wav"));
    }
    EXPECT_EQ(j["tethers"][1]["camera"], file("press-02.mp4")) << "paths exactly as given";
    auto problems = problemsOf(j);
    for (const auto& [name, code] : bad_) EXPECT_EQ(problems[name], code) << name;
    EXPECT_TRUE(problems.contains("broken.wav"));
    EXPECT_EQ(problems.size(), 4u);
}

TEST_F(OneSpoilsNone, WhileExporting) {
    const auto r = runCli(all({"export", "--out", file("out")}));
    EXPECT_EQ(r.exitCode, 1) << r.err;
    const auto j = r.json();
    EXPECT_EQ(j.at("written").size(), 2u);
    for (const auto& w : j["written"]) EXPECT_TRUE(w["read_back"]["ok"]) << w.dump();
    EXPECT_EQ(problemsOf(j).size(), 4u);
}

TEST_F(OneSpoilsNone, WhileProbing) {
    const auto r = runCli({"probe", "--quiet", file("notes.mp4"), file("rec.wav")});
    EXPECT_EQ(r.exitCode, 1);
    EXPECT_EQ(problemsOf(r.json()),
              (std::map<std::string, std::string>{{"notes.mp4", "not_media"}}));
    EXPECT_EQ(runCli({"probe", "--quiet", file("notes.mp4")}).exitCode, 3);
}

TEST_F(OneSpoilsNone, InASavedShoot) {
    Shoot shoot;
    std::vector<MediaItem> items;
    for (const char* n : {"press-01.mp4", "press-02.mp4", "rec.wav", "gone.wav"}) {
        MediaItem m;
        m.path = file(n);
        m.role = std::string(n).ends_with("wav") ? MediaKind::Recording : MediaKind::Take;
        items.push_back(m);
    }
    shoot.apply(commands::addMedia(items));
    shoot.apply(commands::layOn(shoot.state(), 1, 3, {5}));
    shoot.apply(commands::layOn(shoot.state(), 2, 4, {20}));
    shoot.apply(commands::lockAll({1, 2}));
    const std::string project = file("day.brisk");
    ASSERT_TRUE(saveProject(shoot, project, {}));
    const auto r = runCli({"export", "--quiet", "--project", project, "--out", file("out")});
    EXPECT_EQ(r.exitCode, 1) << r.err;
    EXPECT_EQ(r.json().at("written").size(), 1u);
    const auto problems = problemsOf(r.json());
    EXPECT_EQ(problems.at("gone.wav"), "cannot_read");
    EXPECT_EQ(problems.at("press-02.mp4"), "cannot_read");
    EXPECT_FALSE(problems.contains("day.brisk"));
    // Somebody went on working and did not save.
    auto journal = Journal::begin(journalPlace(project), shoot, project);
    ASSERT_TRUE(journal);
    ASSERT_TRUE(saveProject(shoot, project, journal->mark()));
    shoot.apply(commands::unlock(shoot.state(), 1));
    ASSERT_TRUE(journal->applied(shoot));
    const auto later = runCli({"export", "--quiet", "--project", project, "--out", file("out")});
    EXPECT_EQ(later.exitCode, 1);
    EXPECT_EQ(problemsOf(later.json()).at("day.brisk"), "bad_project");
    EXPECT_NE(later.err.find("1 step is not in it"), std::string::npos) << later.err;
}

TEST_F(OneSpoilsNone, WhatWouldBePassedOverIsRefused) {
    const std::vector<std::vector<std::string>> commands{
        {"--project", "x.brisk", "--camera-sound", "keep"},
        {"--project", "x.brisk", "--uncovered", "trim"},
        {"--project", "x.brisk", "--camera", file("press-01.mp4"), "--clean", file("rec.wav")},
        {"--camera", file("press-01.mp4"), "--clean", file("rec.wav"), "--audio", "wav", "--codec",
         "alac"},
        {"--camera", file("press-01.mp4"), "--clean", file("rec.wav"), "--originals"},
        {"--camera", file("press-01.mp4"), "--clean", file("rec.wav"), "--timeline", "otio",
         "--sha256"},
        {"--camera", file("press-01.mp4"), "--clean", file("rec.wav"), "--camera-sound",
         "blend=1e999"}};
    for (auto c : commands) {
        c.insert(c.begin(), {"export", "--out", file("out")});
        const auto r = runCli(c);
        EXPECT_EQ(r.exitCode, 2) << c[3] << " ... " << c.back() << ": " << r.err;
        EXPECT_FALSE(r.err.empty());
    }
    EXPECT_FALSE(fs::exists(file("out")));
}

TEST_F(OneSpoilsNone, AnAnswerThatCannotBeWrittenIsNotLostSilently) {
    const std::string command = std::string("'") + BRISK_CLI + "' probe --quiet '" +
                                file("rec.wav") + "' >/dev/full 2>'" + file("said") + "'";
    const int status = std::system(command.c_str());
    EXPECT_EQ(WEXITSTATUS(status), 4);
    EXPECT_NE(test::bytesOf(file("said")).find("standard output"), std::string::npos);
}

}  // namespace
}  // namespace brisk

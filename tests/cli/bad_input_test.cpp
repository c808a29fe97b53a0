// SPDX-License-Identifier: GPL-3.0-or-later
// Bad input on the command line: each its own sentence and the right exit code. Never a crash.
#include <gtest/gtest.h>

#include "support/media_files.h"
#include "support/run_program.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::runCli;

class BadInput : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(40, 48000, 3);
        test::writeTake(good("take.mp4"), {day.begin() + 48000 * 5, day.begin() + 48000 * 25}, {});
        test::writeSound(good("rec.wav"), day, {});
    }
    std::string good(const std::string& name) { return folder.file(name); }
    void expectRefused(const std::string& take, const std::string& says) {
        const auto r = runCli({"align", "--quiet", "--camera", take, "--clean", good("rec.wav")});
        EXPECT_EQ(r.exitCode, 3);
        EXPECT_TRUE(r.out.empty()) << r.out;
        EXPECT_NE(r.err.find(says), std::string::npos) << r.err;
        EXPECT_NE(r.err.find(take), std::string::npos) << "it says which file: " << r.err;
    }
    test::TempFolder folder;
};

TEST_F(BadInput, AnEmptyFile) {
    test::writeBytes(good("empty.mp4"), "");
    expectRefused(good("empty.mp4"), "is empty");
}

TEST_F(BadInput, ATextFileNamedMp4) {
    test::writeBytes(good("notes.mp4"), "Shot list: press, sewing, gold leaf.\n");
    expectRefused(good("notes.mp4"), "is text");
}

TEST_F(BadInput, AVideoWithoutSound) {
    test::writeSilentFilm(good("mute.mp4"), 2);
    expectRefused(good("mute.mp4"), "no sound");
}

TEST_F(BadInput, AMissingFile) {
    expectRefused(good("gone.mp4"), "not there any more");
}

TEST_F(BadInput, AWavCutInTheMiddleIsUsedAndSaid) {
    const std::string whole = test::bytesOf(good("rec.wav"));
    test::writeBytes(good("cut.wav"), whole.substr(0, whole.size() * 6 / 10));
    const auto r = runCli({"align", "--camera", good("take.mp4"), "--clean", good("cut.wav")});
    EXPECT_EQ(r.exitCode, 0) << r.err;
    EXPECT_NE(r.err.find("Cut short"), std::string::npos) << r.err;
    const auto t = r.json().at("tethers")[0];
    EXPECT_EQ(t.at("status"), "matched");
    EXPECT_NEAR(t.at("overlap").at("end").get<double>(), 40 * 0.6 - 5, 0.1);
    const auto p = runCli({"probe", "--quiet", good("cut.wav")});
    EXPECT_EQ(p.json().at("files")[0].at("warnings").size(), 1u);
}

TEST_F(BadInput, AFolderWithoutWritePermission) {
    // A file stands where the folder should be: refused for every user, root too.
    test::writeBytes(good("locked"), "");
    const auto r = runCli({"export", "--quiet", "--camera", good("take.mp4"), "--clean",
                           good("rec.wav"), "--out", good("locked/out")});
    EXPECT_EQ(r.exitCode, 4);
    EXPECT_NE(r.err.find("Nothing was written"), std::string::npos) << r.err;
}

TEST_F(BadInput, ARealReadOnlyFolderForOrdinaryUsers) {
    if (::geteuid() == 0) GTEST_SKIP() << "root may write everywhere";
    std::filesystem::create_directory(good("ro"));
    std::filesystem::permissions(good("ro"), std::filesystem::perms::owner_read);
    const auto r = runCli({"export", "--quiet", "--camera", good("take.mp4"), "--clean",
                           good("rec.wav"), "--out", good("ro")});
    EXPECT_EQ(r.exitCode, 4);
}

TEST_F(BadInput, ProbeGoesOnAfterABadFile) {
    test::writeBytes(good("empty.mp4"), "");
    const auto r = runCli({"probe", "--quiet", good("empty.mp4"), good("rec.wav")});
    EXPECT_EQ(r.exitCode, 1);
    const auto files = r.json().at("files");
    ASSERT_EQ(files.size(), 2u);
    EXPECT_TRUE(files[0].contains("error"));
    EXPECT_EQ(files[1].at("kind"), "recording");
}

TEST_F(BadInput, NoiseOfEveryLengthNeverCrashes) {
    // The head of a real file, then garbage: cut at many places, flipped at many places.
    const std::string whole = test::bytesOf(good("take.mp4"));
    for (int i = 1; i < 12; ++i) {
        std::string b = whole;
        for (std::size_t n = static_cast<std::size_t>(i) * 37; n < b.size(); n += 997) {
            b[n] = static_cast<char>(b[n] ^ (i * 31));
        }
        test::writeBytes(good("noise.mp4"), b.substr(0, b.size() * i / 11));
        const auto r =
            runCli({"align", "--quiet", "--camera", good("noise.mp4"), "--clean", good("rec.wav")});
        EXPECT_TRUE(r.exitCode == 0 || r.exitCode == 1 || r.exitCode == 3)
            << "variant " << i << ": " << r.exitCode << r.err;
    }
}

}  // namespace
}  // namespace brisk

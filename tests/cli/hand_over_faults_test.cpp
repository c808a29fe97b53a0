// SPDX-License-Identifier: GPL-3.0-or-later
// A disk that fills up, a program that is killed: nothing half-written under a final name, the
// originals as they were.
#include <gtest/gtest.h>
#include <sys/mount.h>

#include <chrono>
#include <filesystem>
#include <random>
#include <set>
#include <thread>

#include "media/check/packet_digest.h"
#include "media/read/probe.h"
#include "store/file_hash.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/run_program.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::runCli;
namespace fs = std::filesystem;

class HandOverFaults : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(50, 48000, 3);
        test::writeSound(file("rec.wav"), day, {});
        for (const int n : {1, 2}) {
            const auto from = day.begin() + 48000 * (n * 20 - 15);
            test::writeTake(take(n), {from, from + 48000 * 15}, {});
        }
        for (const auto& original : originals()) before_.push_back(*sha256Of(original, {}));
    }
    void TearDown() override {
        for (std::size_t i = 0; i < before_.size(); ++i) {
            EXPECT_EQ(*sha256Of(originals()[i], {}), before_[i]) << originals()[i];
        }
    }
    std::string file(const std::string& name) { return folder_.file(name); }
    std::string take(int n) { return file("press-0" + std::to_string(n) + ".mp4"); }
    std::vector<std::string> originals() { return {file("rec.wav"), take(1), take(2)}; }
    std::vector<std::string> command(const std::string& out) {
        return {"export",  "--quiet",       "--camera", take(1),    take(2),
                "--clean", file("rec.wav"), "--out",    out,        "--video",
                "mov",     "--audio",       "wav",      "--report", "html"};
    }
    /// Whatever bears a final name is whole; \return how many files do.
    int wholeFilesIn(const std::string& out) {
        int n = 0;
        std::error_code ec;
        for (const auto& entry : fs::directory_iterator(out, ec)) {
            const std::string name = entry.path().filename().string();
            if (name.starts_with(".")) continue;  // what a killed program had begun
            ++n;
            if (name.ends_with(".html")) {
                EXPECT_TRUE(test::bytesOf(entry.path().string()).ends_with("</html>\n")) << name;
                continue;
            }
            const auto info = probe(entry.path().string());
            EXPECT_TRUE(info) << name;
            if (!info) continue;
            EXPECT_NEAR(info->sounds.at(0).duration.value, 15, 0.001) << name;
            EXPECT_TRUE(info->warnings.empty()) << name << ": " << info->warnings.front();
            if (name.ends_with(".mov")) {
                EXPECT_EQ(pictureDigest(entry.path().string())->packets.size(), 375u) << name;
            }
        }
        return n;
    }
    test::TempFolder folder_;
    std::vector<std::string> before_;
};

TEST_F(HandOverFaults, ADiskWithoutRoomIsSaidBeforeAnythingIsWritten) {
    const std::string disk = file("disk");
    fs::create_directory(disk);
    if (::mount("tmpfs", disk.c_str(), "tmpfs", 0, "size=2500k") != 0) {
        GTEST_SKIP() << "no small disk can be made here";
    }
    const auto r = runCli(command(disk));
    EXPECT_EQ(r.exitCode, 4);
    EXPECT_NE(r.err.find("not enough room: about "), std::string::npos) << r.err;
    EXPECT_TRUE(fs::is_empty(disk));
    ::umount(disk.c_str());
}

TEST_F(HandOverFaults, KilledAtAnyMomentNothingHalfIsThere) {
    std::mt19937 random(5);
    // As long as it takes here and now, whatever else the machine does.
    const auto begun = std::chrono::steady_clock::now();
    ASSERT_EQ(runCli(command(file("whole"))).exitCode, 0);
    const auto took = std::chrono::duration_cast<std::chrono::milliseconds>(
        std::chrono::steady_clock::now() - begun);
    int killed = 0, whole = 0;
    for (int i = 0; i < 12 || (killed <= 3 && i < 60); ++i) {
        const std::string out = file("out" + std::to_string(i));
        const int ms = 1 + static_cast<int>(random() % static_cast<unsigned>(took.count()));
        const auto r = runCli(command(out), ms, SIGKILL);
        killed += r.exitCode == 128 + SIGKILL;
        whole += wholeFilesIn(out);
    }
    EXPECT_GT(killed, 3);
    std::printf("killed %d times; %d whole files were there\n", killed, whole);
    // What a killed program left is cleared away by the next that writes there.
    const auto r = runCli(command(file("out0")));
    EXPECT_EQ(r.exitCode, 0) << r.err;
    EXPECT_GE(wholeFilesIn(file("out0")), 5);
}

TEST_F(HandOverFaults, SomebodyElsesFileIsNeverWrittenOver) {
    fs::create_directory(file("out"));
    test::writeBytes(file("out/press-01 clean.wav"), "somebody else's");
    const auto r = runCli(command(file("out")));
    EXPECT_EQ(r.exitCode, 0) << r.err;
    EXPECT_EQ(test::bytesOf(file("out/press-01 clean.wav")), "somebody else's");
    EXPECT_TRUE(fs::exists(file("out/press-01 clean 2.wav"))) << "numbered, never written over";
}

TEST_F(HandOverFaults, TwoProgramsAtTheSameMomentLoseNoFile) {
    const std::string out = file("out");
    fs::create_directory(out);
    for (int round = 0; round < 3; ++round) {
        test::Ran first, second;
        std::thread other([&] { second = runCli(command(out)); });
        first = runCli(command(out));
        other.join();
        std::set<std::string> said;
        for (const test::Ran* r : {&first, &second}) {
            EXPECT_EQ(r->exitCode, 0) << r->err;
            const nlohmann::json answer = r->json();
            for (const auto& w : answer["written"]) said.insert(w["file"].get<std::string>());
        }
        EXPECT_EQ(said.size(), 10u) << "no file was reported twice";
        for (const auto& path : said) EXPECT_TRUE(fs::exists(path)) << path;
        EXPECT_EQ(wholeFilesIn(out), 10 * (round + 1));
    }
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// When it goes wrong: a clear sentence, no half file, originals untouched.
#include <gtest/gtest.h>

#include "export/video_export.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

class ExportFailure : public ::testing::Test {
  protected:
    void SetUp() override {
        test::writeTake(folder.file("take.mp4"), test::babble(20, 48000, 1), {});
        test::writeSound(folder.file("rec.wav"), test::babble(30, 48000, 2), {});
        take = test::scanned(folder.file("take.mp4"));
        clean = test::scanned(folder.file("rec.wav"));
    }
    Result<WrittenVideo> write(const std::string& to, const JobControl& job = {}) {
        VideoExportPlan plan{take, test::soundOf(take, clean, {{1}, {0}}), VideoContainer::Mov, to,
                             "{take} clean"};
        return exportVideo(plan, job);
    }
    test::TempFolder folder;
    SoundScan take;
    SoundScan clean;
};

// What is written is damaged under it, as by a disk that lies.
TEST_F(ExportFailure, WhatCannotBeReadBackIsCalledByItsNameAndThrownAway) {
    const std::string out = folder.file("out");
    const auto w = write(out, JobControl([&](double) {
                             for (const auto& e : std::filesystem::directory_iterator(out)) {
                                 if (e.path().extension() == ".mov")
                                     std::filesystem::resize_file(e.path(), 64);
                             }
                         }));
    ASSERT_FALSE(w);
    const std::string said = sentence(w.error().fact);
    EXPECT_NE(said.find("take clean.mov was written, but cannot be read back"), std::string::npos)
        << said;
    EXPECT_TRUE(std::filesystem::is_empty(out));
}

TEST_F(ExportFailure, StoppingLeavesNothingBehind) {
    const JobControl job;
    const auto w = write(folder.file("out"), job.withReport([&](double f) {
        if (f > 0.2) job.requestStop();
    }));
    ASSERT_FALSE(w);
    EXPECT_EQ(w.error().code, ErrorCode::Cancelled);
    EXPECT_TRUE(std::filesystem::is_empty(folder.file("out")));
}

TEST_F(ExportFailure, AFolderThatCannotBeWritten) {
    test::writeBytes(folder.file("out"), "a file, not a folder");
    const auto w = write(folder.file("out"));
    ASSERT_FALSE(w);
    EXPECT_EQ(w.error().code, ErrorCode::CannotWrite);
    EXPECT_NE(sentence(w.error().fact).find("Nothing was written"), std::string::npos);
}

TEST_F(ExportFailure, AFullDisk) {
    // The device that is always full takes the place of the temporary file's disk.
    if (!std::filesystem::exists("/dev/full")) GTEST_SKIP() << "no /dev/full here";
    const auto mono = test::babble(2, 48000, 1);
    MovieSpec spec;
    spec.path = "/dev/full";
    spec.format = "wav";
    spec.sound = SoundTrackSpec{};
    auto writer = MovieWriter::create(spec);
    bool failed = !writer;
    if (writer) {
        failed = !writer->sound(test::babble(60, 48000, 1)) || !writer->finish();
    }
    EXPECT_TRUE(failed) << "a full disk is noticed";
}

TEST_F(ExportFailure, ARecordingThatVanishes) {
    std::filesystem::remove(folder.file("rec.wav"));
    const auto w = write(folder.file("out"));
    ASSERT_FALSE(w);
    EXPECT_EQ(w.error().code, ErrorCode::CannotRead);
    EXPECT_NE(sentence(w.error().fact).find("rec.wav is not there any more"), std::string::npos);
    EXPECT_TRUE(std::filesystem::is_empty(folder.file("out")));
}

TEST_F(ExportFailure, ATakeThatVanishes) {
    std::filesystem::remove(folder.file("take.mp4"));
    const auto w = write(folder.file("out"));
    ASSERT_FALSE(w);
    EXPECT_NE(sentence(w.error().fact).find("take.mp4"), std::string::npos);
    EXPECT_TRUE(std::filesystem::is_empty(folder.file("out")));
}

TEST_F(ExportFailure, ATakeWithoutPicture) {
    VideoExportPlan plan{clean, test::soundOf(clean, clean, {}), VideoContainer::Mov,
                         folder.file("out"), "x"};
    const auto w = exportVideo(plan, JobControl{});
    ASSERT_FALSE(w);
    EXPECT_NE(sentence(w.error().fact).find("has no picture"), std::string::npos);
}

TEST_F(ExportFailure, ReadBackNoticesAWrongPlace) {
    auto good = write(folder.file("out"));
    ASSERT_TRUE(good);
    // The same file held against a tether that is half a millisecond away.
    VideoExportPlan other{take, test::soundOf(take, clean, {{1.0005}, {0}}), VideoContainer::Mov,
                          folder.file("out"), "x"};
    const auto r = readBack(other, good->path, JobControl{});
    ASSERT_TRUE(r);
    EXPECT_TRUE(r->picture.identical);
    EXPECT_NEAR(r->sound.start.milliseconds(), 0.5, 0.02);
    EXPECT_NE(sentence(r->problem).find("from where the tether says"), std::string::npos);
}

}  // namespace
}  // namespace brisk

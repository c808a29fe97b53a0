// SPDX-License-Identifier: GPL-3.0-or-later
// What is read of a take whose pictures fill the card: its sound.
#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <string>

#include "align/assemble/match.h"
#include "features/scan_cache.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

using namespace brisk;

namespace {

/// Bytes that this program has asked the system to read so far.
std::int64_t bytesRead() {
    std::ifstream io("/proc/self/io");
    std::string name;
    std::int64_t bytes = 0;
    io >> name >> bytes;
    return bytes;
}

class BytesRead : public testing::Test {
  protected:
    /// What is noted elsewhere would count as read.
    BytesRead() { setScanCache("/dev/null/none", 0); }
    ~BytesRead() override { setScanCache({}, 2ull << 30); }
    /// A take of 61 Mbit/s: uncompressed pictures, so that nothing needs to be coded. The recording
    /// is small: what is read of it hardly counts.
    void make(int seconds, const std::string& interleaving,
              const std::string& name = "sewing.mov") {
        path_ = folder_.file(name);
        const auto day = test::babble(seconds + 8, 48000, 11);
        test::SoundRecipe recipe;
        recipe.codec = "aac";
        test::writeSound(folder_.file("lavalier.m4a"), day, recipe);
        test::ffmpeg("-f lavfi -i color=s=320x480:r=25:d=" + std::to_string(seconds) +
                     " -ss 4 -i " + folder_.file("lavalier.m4a") +
                     " -c:v rawvideo -pix_fmt uyvy422 -c:a aac -shortest " + interleaving + " " +
                     path_);
    }
    /// Part of the take that reading and matching it took.
    double part() {
        const SoundScan recording = test::scanned(folder_.file("lavalier.m4a"));
        const std::int64_t before = bytesRead();
        const SoundScan take = test::scanned(path_);
        EXPECT_GE(take.pictures.count(), 299);
        const auto e = matchPair(take, recording, {}, {});
        EXPECT_TRUE(e && e->status == MatchStatus::Matched);
        return static_cast<double>(bytesRead() - before) /
               static_cast<double>(std::filesystem::file_size(path_));
    }
    const test::TempFolder folder_;
    std::string path_;
};

}  // namespace

TEST_F(BytesRead, AreATenthOfATakeWhoseSoundLiesBetweenItsPictures) {
    make(12, "-max_interleave_delta 0");
    EXPECT_LT(part(), 0.10);
}

TEST_F(BytesRead, AreAFiftiethWhereHalfASecondOfSoundLiesTogether) {
    make(24, "-chunk_duration 500000");
    EXPECT_LT(part(), 0.02);
}

// No index says where the sound is; what reading it decoded is noted.
TEST_F(BytesRead, AreATakeThatHasNoIndexOnce) {
    setScanCache(folder_.file("cache"), 1ull << 30);
    make(40, "-allow_raw_vfw 1", "sewing.mkv");
    EXPECT_LT(part(), 1.2);
}

// Once for all that is kept of it, once for the windows.
TEST_F(BytesRead, AreThatTakeTwiceWhereNothingCanBeNoted) {
    make(40, "-allow_raw_vfw 1", "sewing.mkv");
    EXPECT_LT(part(), 2.2);
}

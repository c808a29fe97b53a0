// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/scan_cache.h"
#include "support/facts_text.h"

#include <gtest/gtest.h>

#include <cstdlib>

#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

namespace fs = std::filesystem;

class ScanCache : public ::testing::Test {
  protected:
    void SetUp() override {
        ::setenv("XDG_CACHE_HOME", folder.file("cache").c_str(), 1);
        // Matroska's clock is coarse, so that the index for exact seeks matters.
        test::writeTake(take, test::babble(12, 48000, 3), {});
    }
    void TearDown() override { ::setenv("XDG_CACHE_HOME", "/dev/null", 1); }

    SoundScan kept(const ScanOptions& options = {}) {
        auto scan = scanKept(take, options, {});
        EXPECT_TRUE(scan) << scan.error().fact;
        return std::move(*scan);
    }
    std::vector<fs::path> files() const {
        std::vector<fs::path> out;
        std::error_code ec;
        for (const auto& e : fs::directory_iterator(scanCacheFolder(), ec)) {
            out.push_back(e.path());
        }
        return out;
    }
    static std::vector<float> firstSecond(const SoundScan& scan) {
        auto reader = scan.open();
        std::vector<float> out(48000);
        EXPECT_TRUE(readMono(*reader, 5 * 48000, out));
        return out;
    }

    test::TempFolder folder;
    std::string take = folder.file("glue.mkv");
};

TEST_F(ScanCache, GivesBackAllThatWasFound) {
    const SoundScan first = kept();
    ASSERT_EQ(files().size(), 1u);
    const SoundScan second = kept();
    EXPECT_EQ(second.bands, first.bands);
    EXPECT_EQ(second.samples, first.samples);
    EXPECT_EQ(second.channel, first.channel);
    EXPECT_EQ(second.spikes.size(), first.spikes.size());
    EXPECT_EQ(second.info.warnings, first.info.warnings);
    EXPECT_DOUBLE_EQ(second.level.integratedLufs, first.level.integratedLufs);
    EXPECT_EQ(second.level.channelRmsDb, first.level.channelRmsDb);
    EXPECT_EQ(second.pictures.count(), first.pictures.count());
    EXPECT_DOUBLE_EQ(second.pictures.end().value, first.pictures.end().value);
    EXPECT_EQ(second.peaks->largest(), first.peaks->largest());
    for (const double zoom : {50.0, 3000.0, 90000.0}) {
        const auto a = first.peaks->columns(0, zoom, 20), b = second.peaks->columns(0, zoom, 20);
        for (std::size_t i = 0; i < a.size(); ++i) {
            EXPECT_EQ(a[i].low, b[i].low);
            EXPECT_EQ(a[i].rms, b[i].rms);
        }
    }
    EXPECT_EQ(firstSecond(second), firstSecond(first)) << "and seeks land where they did";
}

TEST_F(ScanCache, ReallyIsUsed) {
    kept();
    // What is kept is believed as long as it is whole: a changed one proves that it was read.
    const fs::path at = files().front();
    auto options = ScanOptions{};
    options.peaks = std::make_shared<PeakPyramid>();
    double told = 0;
    auto again = scanKept(take, options, JobControl([&](double f) { told = f; }));
    EXPECT_EQ(told, 1);
    EXPECT_EQ(again->peaks, options.peaks) << "drawn from the pyramid that was given";
    EXPECT_GT(options.peaks->samples(), 0);
    JobControl stopped;
    stopped.requestStop();
    EXPECT_TRUE(scanKept(take, {}, stopped)) << "nothing long happens that could be stopped";
    fs::remove(at);
    EXPECT_FALSE(scanKept(take, {}, stopped));
}

TEST_F(ScanCache, IsFoundAfterAMoveAndNotAfterAChange) {
    kept();
    const std::string moved = folder.file("press.mkv");
    fs::rename(take, moved);
    take = moved;
    kept();
    EXPECT_EQ(files().size(), 1u);
    // The same size, head and tail, but written later.
    fs::last_write_time(take, fs::file_time_type::clock::now() + std::chrono::seconds(9));
    kept();
    EXPECT_EQ(files().size(), 2u);
}

TEST_F(ScanCache, ADamagedOneIsMadeAnew) {
    const SoundScan first = kept();
    const std::string at = files().front().string();
    const std::string whole = test::bytesOf(at);
    for (const std::size_t keep : {whole.size() / 2, std::size_t{3}, std::size_t{0}}) {
        test::writeBytes(at, whole.substr(0, keep));
        EXPECT_EQ(kept().bands, first.bands) << keep << " bytes left";
        EXPECT_EQ(test::bytesOf(at), whole) << "and put right";
    }
    std::string flipped = whole;
    flipped[whole.size() / 3] = static_cast<char>(flipped[whole.size() / 3] ^ 1);
    test::writeBytes(at, flipped);
    EXPECT_EQ(kept().bands, first.bands);
}

TEST_F(ScanCache, OtherQuestionsGetTheirOwnAnswers) {
    ScanOptions quick;
    quick.loudness = false;
    EXPECT_EQ(kept(quick).level.integratedLufs, -70);
    EXPECT_GT(kept().level.integratedLufs, -60) << "measured when it is needed";
    EXPECT_GT(kept(quick).level.integratedLufs, -60) << "and then there for everybody";
    EXPECT_EQ(files().size(), 1u);
    ScanOptions mean;
    mean.channel = kMeanOfChannels;
    kept(mean);
    EXPECT_EQ(files().size(), 2u);
}

TEST_F(ScanCache, AFolderThatCannotBeWrittenIsNoError) {
    ::setenv("XDG_CACHE_HOME", "/dev/null/nowhere", 1);
    EXPECT_GT(kept().samples, 0);
    ::unsetenv("XDG_CACHE_HOME");
    const char* home = std::getenv("HOME");
    const std::string before = home ? home : "";
    ::unsetenv("HOME");
    EXPECT_TRUE(scanCacheFolder().empty());
    EXPECT_GT(kept().samples, 0);
    ::setenv("HOME", before.c_str(), 1);
}

TEST_F(ScanCache, TheLongestUnusedGoFirst) {
    kept();
    const auto size = fs::file_size(files().front());
    const fs::path old = scanCacheFolder() / "old.scan";
    fs::copy_file(files().front(), old);
    fs::last_write_time(old, fs::file_time_type::clock::now() - std::chrono::hours(50));
    trimScanCache(2 * size);
    EXPECT_EQ(files().size(), 2u);
    trimScanCache(2 * size - 1);
    EXPECT_EQ(files().size(), 1u);
    EXPECT_FALSE(fs::exists(old));
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/sound_scan.h"

#include <gtest/gtest.h>

#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;

TEST(SoundScan, LearnsEverythingInOneReading) {
    const TempFolder folder;
    test::TakeRecipe recipe;
    recipe.picture.bFrames = 2;
    test::writeTake(folder.file("a.mp4"), test::babble(10, 48000, 1), recipe);
    const SoundScan s = test::scanned(folder.file("a.mp4"));
    EXPECT_NEAR(s.length().value, 10, 0.05);
    EXPECT_NEAR(static_cast<double>(s.bands.size()), 1250, 8);
    EXPECT_EQ(s.peaks->samples(), s.samples);
    EXPECT_EQ(s.pictures.count(), 250);
    EXPECT_NEAR(s.pictures.end().value, 10, 1e-6);
    EXPECT_GT(s.level.integratedLufs, -60);
}

TEST(SoundScan, WarnsOfOneSidedAndHotSound) {
    const TempFolder folder;
    const auto mono = test::babble(5, 48000, 2);
    std::vector<float> stereo;
    for (const float v : mono) {
        stereo.push_back(0.0f);
        stereo.push_back(std::clamp(12.0f * v, -1.0f, 1.0f));
    }
    test::writeInterleaved(folder.file("a.wav"), stereo, {"pcm_s16le", 48000, 2, {}, {}});
    const SoundScan s = test::scanned(folder.file("a.wav"));
    ASSERT_EQ(s.info.warnings.size(), 2u);
    EXPECT_NE(sentence(s.info.warnings[0]).find("only channel 2 of 2"), std::string::npos);
    EXPECT_NE(sentence(s.info.warnings[1]).find("clipped"), std::string::npos);
}

TEST(SoundScan, TakesOneChannelWhenTold) {
    const TempFolder folder;
    std::vector<float> stereo;
    for (int n = 0; n < 48000 * 4; ++n) {
        stereo.push_back(0.5f);
        stereo.push_back(0.1f);
    }
    test::writeInterleaved(folder.file("a.wav"), stereo, {"pcm_f32le", 48000, 2, {}, {}});
    ScanOptions second;
    second.channel = 1;
    auto s = scanSound(folder.file("a.wav"), second, JobControl{});
    ASSERT_TRUE(s);
    EXPECT_NEAR(s->peaks->largest(), 0.1, 1e-3);
    ScanOptions ninth;
    ninth.channel = 8;
    const auto none = scanSound(folder.file("a.wav"), ninth, JobControl{});
    ASSERT_FALSE(none);
    EXPECT_NE(sentence(none.error().fact).find("no channel 9"), std::string::npos);
}

TEST(SoundScan, FillsGivenPeaksAndStops) {
    const TempFolder folder;
    test::writeSound(folder.file("a.wav"), test::babble(30, 48000, 1), {});
    const JobControl outer;
    ScanOptions options;
    options.peaks = std::make_shared<PeakPyramid>();
    const auto scan = scanSound(folder.file("a.wav"), options, outer.withReport([&](double f) {
        if (f > 0.5) outer.requestStop();
    }));
    ASSERT_FALSE(scan);
    EXPECT_EQ(scan.error().code, ErrorCode::Cancelled);
    EXPECT_GT(options.peaks->samples(), 48000 * 14) << "what was read is there to be drawn";
    EXPECT_LT(options.peaks->samples(), 48000 * 17);
}

}  // namespace
}  // namespace brisk

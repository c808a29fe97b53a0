// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/placed_sound.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;

constexpr double kHz = 440;

/// A file that holds a sine of recording time, so that every rendered sample has a known value.
SoundScan sineFile(const TempFolder& folder, int rate, double seconds = 20) {
    std::vector<float> v(static_cast<std::size_t>(seconds * rate));
    for (std::size_t n = 0; n < v.size(); ++n) {
        v[n] = static_cast<float>(
            0.5 * std::sin(2 * std::numbers::pi * kHz * static_cast<double>(n) / rate));
    }
    const std::string path = folder.file(std::to_string(rate) + ".wav");
    test::writeSound(path, v, {"pcm_f32le", rate, 1, {}, {}});
    return test::scanned(path);
}

struct Placement {
    int rate;
    double offset;
    double ppm;
};

class Placed : public ::testing::TestWithParam<Placement> {};

TEST_P(Placed, EverySampleIsTheRecordingAtItsTime) {
    const auto [rate, offset, ppm] = GetParam();
    const TempFolder folder;
    const ClockLine line{{offset}, {ppm}};
    auto sound = PlacedSound::open(sineFile(folder, rate), line, {48000});
    ASSERT_TRUE(sound);
    for (const std::int64_t start : {std::int64_t{0}, std::int64_t{48000 * 7 + 13}}) {
        ASSERT_TRUE(sound->seek(start));
        std::vector<float> out(48000);
        ASSERT_TRUE(sound->read(out));
        double worst = 0;
        for (std::size_t n = 0; n < out.size(); ++n) {
            const double t = static_cast<double>(start + static_cast<std::int64_t>(n)) / 48000;
            const double r = line.toRecording({t}).value;
            if (r < 0.02) continue;  // the file's very first edge rings
            worst =
                std::max(worst, std::fabs(out[n] - 0.5 * std::sin(2 * std::numbers::pi * kHz * r)));
        }
        // A hundredth of a sample would be 2.9e-4.
        EXPECT_LT(worst, 3e-4) << "from sample " << start;
    }
}

INSTANTIATE_TEST_SUITE_P(Lines, Placed,
                         ::testing::Values(Placement{48000, 2.0, 0},
                                           Placement{48000, 2.00000731, 0},
                                           Placement{44100, 1.23456789, 0},
                                           Placement{48000, 3.3333333, 87.5},
                                           Placement{96000, 0.7, -210}, Placement{44100, -2, 40}));

TEST(PlacedSound, PassesSamplesThroughWhenNothingIsToBeDone) {
    const TempFolder folder;
    const auto mono = test::babble(3, 48000, 1);
    test::writeSound(folder.file("a.wav"), mono, {"pcm_f32le", 48000, 1, {}, {}});
    auto sound = PlacedSound::open(test::scanned(folder.file("a.wav")), {{1.0}, {0}}, {48000});
    ASSERT_TRUE(sound);
    std::vector<float> out(48000);
    ASSERT_TRUE(sound->read(out));
    for (std::size_t n = 0; n < out.size(); ++n) ASSERT_EQ(out[n], mono[48000 + n]);
}

TEST(PlacedSound, IsSilentWhereThereIsNoRecording) {
    const TempFolder folder;
    test::writeSound(folder.file("a.wav"), std::vector<float>(48000 * 2, 0.25f), {});
    // The recorder starts one second into the take and runs for two.
    auto sound = PlacedSound::open(test::scanned(folder.file("a.wav")), {{-1.0}, {0}}, {48000});
    ASSERT_TRUE(sound);
    std::vector<float> out(48000 * 4);
    ASSERT_TRUE(sound->read(out));
    EXPECT_EQ(out[47900], 0.0f);
    EXPECT_NEAR(out[48100], 0.25f, 1e-4);
    EXPECT_NEAR(out[48000 * 3 - 100], 0.25f, 1e-4);
    EXPECT_EQ(out[48000 * 3 + 100], 0.0f);
}

TEST(PlacedSound, TurnsUpsideDownSoundBack) {
    const TempFolder folder;
    test::writeSound(folder.file("a.wav"), std::vector<float>(48000, 0.25f), {});
    auto sound = PlacedSound::open(test::scanned(folder.file("a.wav")), {}, {48000}, -1);
    std::vector<float> out(100);
    ASSERT_TRUE(sound->read(out));
    EXPECT_NEAR(out[50], -0.25f, 1e-4);
}

TEST(PlacedSound, OneSidedSoundBecomesMono) {
    const TempFolder folder;
    std::vector<float> stereo;
    for (const float v : test::babble(4, 48000, 1)) {
        stereo.push_back(v);
        stereo.push_back(0);
    }
    test::writeInterleaved(folder.file("a.wav"), stereo, {"pcm_f32le", 48000, 2, {}, {}});
    const SoundScan scan = test::scanned(folder.file("a.wav"));
    EXPECT_EQ(placedChannels(scan), 1);
    auto sound = PlacedSound::open(scan, {}, {48000});
    std::vector<float> out(48000);
    ASSERT_TRUE(sound->read(out));
    for (std::size_t n = 0; n < out.size(); ++n) ASSERT_EQ(out[n], stereo[n * 2]);
}

TEST(PlacedSound, ScratchLiesWhereItsFileSays) {
    const TempFolder folder;
    test::TakeRecipe recipe;
    recipe.soundCodec = "pcm_s16le";
    recipe.soundStart = 0.25;
    test::writeTake(folder.file("a.mov"), std::vector<float>(48000 * 2, 0.25f), recipe);
    const SoundScan scan = test::scanned(folder.file("a.mov"));
    auto sound = PlacedSound::open(scan, scratchLine(scan), {48000});
    std::vector<float> out(24000);
    ASSERT_TRUE(sound->read(out));
    EXPECT_EQ(out[11990], 0.0f);
    EXPECT_NEAR(out[12010], 0.25f, 1e-4);
}

}  // namespace
}  // namespace brisk

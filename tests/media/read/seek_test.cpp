// SPDX-License-Identifier: GPL-3.0-or-later
// Wherever a reader seeks, it reads the very samples that reading from the start gives there.
#include <gtest/gtest.h>

#include <cmath>

#include "dsp/plain_lag.h"
#include "sim/noise.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;

struct Kind {
    const char* name;
    const char* codec;
    int rate;
    bool film;
    bool lossless = false;
};

class Seek : public ::testing::TestWithParam<Kind> {};

TEST_P(Seek, LandsOnTheSample) {
    const Kind k = GetParam();
    const TempFolder folder;
    const std::string path = folder.file(k.name);
    const auto mono = test::babble(40, k.rate, 21);
    if (k.film) {
        test::TakeRecipe recipe;
        recipe.soundCodec = k.codec;
        recipe.soundRate = k.rate;
        recipe.picture.bFrames = 2;
        test::writeTake(path, mono, recipe);
    } else {
        test::writeSound(path, mono, {k.codec, k.rate, 1, {}, {}});
    }
    const SoundScan scan = test::scanned(path);
    const auto all = test::decodeAll(path);
    ASSERT_EQ(static_cast<std::int64_t>(all.size()), scan.samples);
    auto reader = scan.open();
    ASSERT_TRUE(reader);
    sim::NoiseSource random(4);
    std::vector<float> part(5000);
    for (int i = 0; i < 25; ++i) {
        const auto at =
            static_cast<std::int64_t>(random.uniform() * static_cast<float>(all.size() - 6000));
        ASSERT_TRUE(readMono(*reader, at, part));
        const auto want = std::span(all).subspan(static_cast<std::size_t>(at), part.size());
        if (k.lossless) {
            ASSERT_TRUE(std::equal(part.begin(), part.end(), want.begin())) << at;
            continue;
        }
        // Lossy decoders fill in noise of their own, another one each time; the place is the same.
        double power = 0;
        for (const float v : want) power += static_cast<double>(v) * v;
        if (power < 1e-3) continue;
        const PlainLag lag = measureLag(want, part, 100);
        ASSERT_NEAR(lag.samples, 0, 0.05) << "seek to sample " << at;
        ASSERT_GT(lag.correlation, 0.98) << "seek to sample " << at;
    }
}

INSTANTIATE_TEST_SUITE_P(
    Formats, Seek,
    ::testing::Values(Kind{"a.wav", "pcm_s24le", 48000, false, true},
                      Kind{"b.flac", "flac", 44100, false, true},
                      Kind{"c.mp3", "libmp3lame", 44100, false}, Kind{"d.m4a", "aac", 44100, false},
                      Kind{"e.ogg", "libopus", 48000, false}, Kind{"f.mp4", "aac", 48000, true},
                      Kind{"g.mov", "pcm_s16le", 48000, true, true},
                      Kind{"h.mkv", "aac", 44100, true}, Kind{"i.mts", "ac3", 48000, true},
                      Kind{"j.ts", "aac", 48000, true}, Kind{"k.mkv", "flac", 48000, true, true},
                      Kind{"l.aiff", "pcm_s16be", 44100, false, true},
                      Kind{"m.mkv", "pcm_s16le", 48000, true, true}),
    [](const auto& p) { return std::string(1, p.param.name[0]) + "_" + p.param.codec; });

TEST(SeekBounds, BeforeAndBehindTheSoundIsSilence) {
    const TempFolder folder;
    test::writeSound(folder.file("a.wav"), std::vector<float>(48000, 0.25f), {});
    auto reader = SoundReader::open(folder.file("a.wav"));
    ASSERT_TRUE(reader);
    std::vector<float> part(200, 9.0f);
    ASSERT_TRUE(readMono(*reader, -100, part));
    EXPECT_EQ(part[99], 0.0f);
    EXPECT_NEAR(part[100], 0.25f, 1e-4);
    ASSERT_TRUE(readMono(*reader, 47900, part));
    EXPECT_NEAR(part[99], 0.25f, 1e-4);
    EXPECT_EQ(part[100], 0.0f);
    std::fill(part.begin(), part.end(), 9.0f);
    ASSERT_TRUE(readMono(*reader, 900000, part));
    EXPECT_EQ(part[0], 0.0f);
    EXPECT_EQ(part[199], 0.0f);
    ASSERT_TRUE(readMono(*reader, 10, part)) << "and back again";
    EXPECT_NEAR(part[0], 0.25f, 1e-4);
}

TEST(SeekChannels, MeanOrOne) {
    const TempFolder folder;
    std::vector<float> stereo;
    for (int n = 0; n < 48000; ++n) {
        stereo.push_back(0.5f);
        stereo.push_back(-0.25f);
    }
    test::writeInterleaved(folder.file("a.wav"), stereo, {"pcm_f32le", 48000, 2, {}, {}});
    auto reader = SoundReader::open(folder.file("a.wav"));
    ASSERT_TRUE(reader);
    std::vector<float> part(10);
    ASSERT_TRUE(readMono(*reader, 5, part));
    EXPECT_FLOAT_EQ(part[0], 0.125f);
    ASSERT_TRUE(readMono(*reader, 5, part, 1));
    EXPECT_FLOAT_EQ(part[0], -0.25f);
}

}  // namespace
}  // namespace brisk

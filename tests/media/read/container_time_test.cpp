// SPDX-License-Identifier: GPL-3.0-or-later
// Take time 0 is the first picture. Each container hides the scratch sound's place in another way.
#include <gtest/gtest.h>

#include <cmath>

#include "dsp/plain_lag.h"
#include "media/read/probe.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;

/// Take time at which the written sound really begins, measured on the decoded samples.
double soundBeginsAt(const std::string& path, const std::vector<float>& written) {
    const auto info = probe(path);
    EXPECT_TRUE(info);
    const auto back = test::decodeAll(path);
    const std::size_t n = 96000;
    EXPECT_GE(back.size(), n);
    const auto lag = measureLag(std::span(written).first(n), std::span(back).first(n), 20000);
    EXPECT_GT(lag.correlation, 0.8);
    return info->soundStartInTake().value + lag.samples / info->sounds[0].rate.hertz;
}

struct Place {
    const char* name;
    const char* codec;
    double soundStart;
    int bFrames;
    double tolerance;
};

class SoundPlace : public ::testing::TestWithParam<Place> {};

TEST_P(SoundPlace, IsFoundOnTakeTime) {
    const Place p = GetParam();
    const TempFolder folder;
    const auto mono = test::babble(4, 48000, 5);
    test::TakeRecipe recipe;
    recipe.soundCodec = p.codec;
    recipe.soundStart = p.soundStart;
    recipe.picture.bFrames = p.bFrames;
    test::writeTake(folder.file(p.name), mono, recipe);
    EXPECT_NEAR(soundBeginsAt(folder.file(p.name), mono), p.soundStart, p.tolerance);
}

INSTANTIATE_TEST_SUITE_P(
    Containers, SoundPlace,
    ::testing::Values(Place{"a.mp4", "aac", 0, 0, 1e-5},      // priming trimmed by the edit list
                      Place{"b.mp4", "aac", 0.060, 0, 1e-5},  // an empty edit; priming presented
                      Place{"c.mp4", "aac", 0.060, 2, 1e-5},  // and reordered pictures
                      Place{"d.mov", "pcm_s16le", 0, 2, 1e-5},
                      Place{"e.mov", "pcm_s24le", 0.1, 0, 1e-5},
                      Place{"f.mp4", "aac", -0.020, 0, 1e-5},  // sound before the picture
                      Place{"g.mts", "ac3", 0, 0, 2e-5},       // 90 kHz clock, starts at 1.4 s
                      Place{"h.ts", "aac", 0, 0, 2e-5},        // priming not trimmed
                      Place{"i.ts", "aac", 0.08, 2, 2e-5},
                      Place{"j.mkv", "aac", 1024.0 / 48000, 0, 1e-5},
                      Place{"k.mkv", "flac", 0.05, 0, 1e-5}),  // millisecond stamps
    [](const auto& p) { return std::string(1, p.param.name[0]) + "_" + p.param.codec; });

TEST(ContainerTime, FollowsAnEditListRoundedToMilliseconds) {
    // The empty edit of 38.67 ms is kept as 38 or 39: the file is followed, not the intention.
    const TempFolder folder;
    const auto mono = test::babble(4, 48000, 5);
    test::TakeRecipe recipe;
    recipe.soundStart = 0.060;
    recipe.muxerOptions = {{"movie_timescale", "1000"}};
    test::writeTake(folder.file("phone.mp4"), mono, recipe);
    const auto info = probe(folder.file("phone.mp4"));
    ASSERT_TRUE(info);
    const double ms = info->soundStartInTake().milliseconds();
    EXPECT_NEAR(ms, std::round(ms), 1e-6) << "a whole millisecond, as the file says";
    EXPECT_NEAR(soundBeginsAt(folder.file("phone.mp4"), mono), 0.060, 0.001);
}

TEST(ContainerTime, TransportStreamsMayStartAnHourIn) {
    const TempFolder folder;
    const auto mono = test::babble(4, 48000, 6);
    test::TakeRecipe recipe;
    recipe.soundStart = 0.04;
    test::writeTake(folder.file("a.ts"), mono, recipe);
    test::ffmpeg("-copyts -i " + folder.file("a.ts") + " -c copy -output_ts_offset 3600 " +
                 folder.file("b.ts"));
    const auto info = probe(folder.file("b.ts"));
    ASSERT_TRUE(info);
    EXPECT_GT(info->video->firstPicture.value, 3600);
    EXPECT_NEAR(soundBeginsAt(folder.file("b.ts"), mono), 0.04, 2e-5);
}

TEST(ContainerTime, HolesInTimeStampsAreSilence) {
    const TempFolder folder;
    const auto mono = test::babble(10, 48000, 7);
    test::writeSound(folder.file("in.wav"), mono, {});
    // Samples of 3..5 s are dropped, the stamps of the rest stay.
    test::ffmpeg("-i " + folder.file("in.wav") +
                 " -af \"aselect='not(between(t,3,5))'\" -c:a pcm_s16le " +
                 folder.file("hole.mkv"));
    const SoundScan scan = test::scanned(folder.file("hole.mkv"));
    const auto back = test::decodeAll(folder.file("hole.mkv"));
    EXPECT_NEAR(static_cast<double>(back.size()), 480000, 2000);
    EXPECT_EQ(back[48000 * 4], 0.0f);
    const auto lag = measureLag(std::span(mono).subspan(48000 * 6, 96000),
                                std::span(back).subspan(48000 * 6, 96000), 4000);
    EXPECT_NEAR(lag.samples, 0, 48) << "what follows keeps its place to the container's clock";
    ASSERT_FALSE(scan.info.warnings.empty());
    EXPECT_NE(sentence(scan.info.warnings.front()).find("silence"), std::string::npos);
}

// A dropped buffer or two: as long as what is missing, and what follows in its place.
TEST(ContainerTime, AHoleOfAFewBuffersIsAsLongAsItIs) {
    for (const int ms : {20, 45, 90}) {
        const TempFolder folder;
        const auto mono = test::whiteNoise(8, 48000, 0.1, 7);  // never silent itself
        test::writeSound(folder.file("in.wav"), mono, {});
        // Packets of 512 samples, so that the hole is cut where it is asked for.
        const std::string end = std::to_string(3 + ms / 1000.0);
        test::ffmpeg("-i " + folder.file("in.wav") +
                     " -af \"asetnsamples=n=48:p=0,aselect='not(between(t,3," + end +
                     "-0.0005))'\" -c:a pcm_s16le " + folder.file("hole.mkv"));
        const auto back = test::decodeAll(folder.file("hole.mkv"));
        const auto silent = std::count(back.begin() + 48000 * 2, back.begin() + 48000 * 5, 0.0f);
        EXPECT_NEAR(static_cast<double>(silent), ms * 48.0, 96) << ms;
        const auto lag = measureLag(std::span(mono).subspan(48000 * 5, 96000),
                                    std::span(back).subspan(48000 * 5, 96000), 8000);
        EXPECT_NEAR(lag.samples, 0, 48) << ms << " ms: what follows keeps its place";
    }
}

TEST(ContainerTime, TrimmedFilesStartAtTheirEdit) {
    // Cut without re-encoding: the file still holds earlier pictures that are never shown.
    const TempFolder folder;
    const auto mono = test::babble(10, 48000, 8);
    test::TakeRecipe recipe;
    recipe.picture.bFrames = 2;
    recipe.picture.keyInterval = 50;
    test::writeTake(folder.file("a.mp4"), mono, recipe);
    test::ffmpeg("-ss 3.1 -i " + folder.file("a.mp4") + " -c copy " + folder.file("b.mp4"));
    const SoundScan scan = test::scanned(folder.file("b.mp4"));
    const auto back = test::decodeAll(folder.file("b.mp4"));
    const auto lag = measureLag(std::span(mono).subspan(48000 * 3 + 4800, 96000),
                                std::span(back).subspan(0, 96000), 24000);
    const double startsAt = scan.info.soundStartInTake().value;
    // Take time 0 is the picture shown first, which lies at 3.1 s or the frame before it.
    const double originalOfFirstPicture = 3.1 - lag.samples / 48000 - startsAt;
    EXPECT_NEAR(originalOfFirstPicture, 3.1, 0.041);
    EXPECT_EQ(scan.pictures.timeOf(0).value, 0.0);
}

}  // namespace
}  // namespace brisk

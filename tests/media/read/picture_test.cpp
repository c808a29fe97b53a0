// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <cmath>
#include <random>

#include "media/check/packet_digest.h"
#include "media/read/picture_reader.h"
#include "media/read/picture_times.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;

TEST(PictureTimes, MapsFramesAndTimesBothWays) {
    const PictureTimes p({{1000, true}, {1040}, {1120}, {1080, true}, {960, true}}, {1, 1000},
                         1000);
    ASSERT_EQ(p.count(), 4) << "what lies before the first shown picture is not counted";
    for (std::int64_t n = 0; n < 4; ++n) {
        EXPECT_NEAR(p.timeOf(n).value, 0.04 * static_cast<double>(n), 1e-12);
        EXPECT_EQ(p.frameAt(p.timeOf(n)), n);
    }
    EXPECT_EQ(p.frameAt({0.0395}), 0);
    EXPECT_EQ(p.frameAt({99}), 3);
    EXPECT_EQ(p.frameAt({-5}), 0);
    EXPECT_NEAR(p.end().value, 0.16, 1e-12);
    const std::int64_t keys[] = {0, 0, 2, 2};
    for (std::int64_t n = 0; n < 4; ++n) EXPECT_EQ(p.keyFrameBefore(n), keys[n]);
}

TEST(PictureTimes, EmptyIsHarmless) {
    const PictureTimes p;
    EXPECT_EQ(p.frameAt({3}), 0);
    EXPECT_EQ(p.end().value, 0);
}

/// Grey level of a flat test frame.
int greyOf(const Picture& p) {
    return static_cast<int>(p.pixels[p.pixels.size() / 2] & 255);
}

int greyWritten(std::int64_t n) {
    return static_cast<int>(40 + (n * 7) % 170);
}

class PictureAt : public ::testing::TestWithParam<std::pair<const char*, int>> {};

TEST_P(PictureAt, IsTheFrameOnScreen) {
    const auto [name, bFrames] = GetParam();
    const TempFolder folder;
    test::TakeRecipe recipe;
    recipe.picture.bFrames = bFrames;
    recipe.picture.rate = {30000, 1001};
    test::writeTake(folder.file(name), test::babble(5, 48000, 1), recipe);
    auto reader = PictureReader::open(folder.file(name));
    ASSERT_TRUE(reader);
    // Forwards, backwards, far and near, in the middle of a frame.
    for (const int n : {0, 1, 2, 50, 49, 140, 3, 4, 100, 101}) {
        const Seconds t{(n + 0.5) * 1001 / 30000};
        auto picture = reader->at(t, 64);
        ASSERT_TRUE(picture);
        EXPECT_NEAR(greyOf(*picture), greyWritten(n), 4) << "frame " << n;
        EXPECT_NEAR(picture->time.value, n * 1001.0 / 30000, 0.0011);
    }
    EXPECT_TRUE(reader->at({1000}, 64)) << "behind the end the last one stays";
    EXPECT_NEAR(greyOf(*reader->at({-1}, 64)), greyWritten(0), 4);
}

INSTANTIATE_TEST_SUITE_P(Containers, PictureAt,
                         ::testing::Values(std::pair{"a.mp4", 0}, std::pair{"b.mov", 2},
                                           std::pair{"c.mkv", 2}, std::pair{"d.ts", 0}));

// Long groups with pictures that no other needs, which a jump passes by: what it lands on is what
// reading on shows, and a way that was given up leaves nothing wrong behind.
TEST(PictureReader, AJumpShowsWhatReadingOnShows) {
    const TempFolder folder;
    const std::string path = folder.file("press.mp4");
    test::ffmpeg(
        "-f lavfi -i testsrc2=size=320x180:rate=25:duration=8 -c:v libx264 -g 100 -bf 3 "
        "-pix_fmt yuv420p " +
        path);
    auto on = PictureReader::open(path);
    auto jumping = PictureReader::open(path);
    ASSERT_TRUE(on && jumping);
    std::vector<Picture> all;
    for (int n = 0; n < 200; ++n) all.push_back(on->at(Seconds{(n + 0.4) / 25}, 160).value());
    std::mt19937 random(5);
    for (int i = 0; i < 60; ++i) {
        const int n = static_cast<int>(random() % 200);
        PictureWay way;
        int until = static_cast<int>(random() % 12);
        way.stop = [&] { return i % 3 == 0 && until-- == 0; };
        way.tellKeyFrame = true;
        way.passed = [&](const Picture& p) {
            const auto k = static_cast<std::size_t>(std::lround(p.time.value * 25));
            EXPECT_EQ(p.pixels, all[k].pixels) << "told on the way to " << n;
            EXPECT_LE(p.end.value, (static_cast<double>(k) + 1.01) / 25);
        };
        const auto p = jumping->at(Seconds{(n + 0.4) / 25}, 160, way);
        if (!p) continue;  // given up
        EXPECT_NEAR(p->time.value, n / 25.0, 1e-3);
        EXPECT_EQ(p->pixels, all[static_cast<std::size_t>(n)].pixels) << n;
    }
}

TEST(VariableRate, FrameTimesComeFromTheFile) {
    const TempFolder folder;
    test::TakeRecipe recipe;
    recipe.picture.variableRate = true;
    recipe.picture.rate = {30, 1};
    double t = 0;
    for (int n = 0; n < 100; ++n) {
        recipe.pictureTimes.push_back(t);
        t += n % 7 == 3 ? 0.1 : 1.0 / 30;
    }
    test::writeTake(folder.file("phone.mp4"), test::babble(4, 48000, 1), recipe);
    const SoundScan scan = test::scanned(folder.file("phone.mp4"));
    EXPECT_TRUE(scan.info.video->variableRate);
    ASSERT_EQ(scan.pictures.count(), 100);
    for (std::int64_t n = 0; n < 100; ++n) {
        EXPECT_NEAR(scan.pictures.timeOf(n).value, recipe.pictureTimes[static_cast<std::size_t>(n)],
                    2e-5);
    }
}

TEST(PacketDigest, NoticesAnythingThatDiffers) {
    const TempFolder folder;
    const auto mono = test::babble(2, 48000, 1);
    test::TakeRecipe recipe;
    recipe.picture.bFrames = 2;
    test::writeTake(folder.file("a.mp4"), mono, recipe);
    auto a = pictureDigest(folder.file("a.mp4"));
    ASSERT_TRUE(a);
    EXPECT_EQ(sentence(differenceBetween(*a, *a)), "");
    PacketList b = *a;
    b.packets.pop_back();
    EXPECT_NE(sentence(differenceBetween(*a, b)), "");
    b = *a;
    *b.packets[7].pts += 1;
    EXPECT_NE(sentence(differenceBetween(*a, b)).find("packet 7"), std::string::npos);
    b = *a;
    b.packets[3].hash[0] ^= 1;
    EXPECT_NE(sentence(differenceBetween(*a, b)).find("another coded picture"), std::string::npos);
}

TEST(PacketDigest, WhereAContainerSaysNoTimesOnlyThePicturesAreCompared) {
    const TempFolder folder;
    test::TakeRecipe recipe;
    recipe.picture.bFrames = 2;
    test::writeTake(folder.file("a.mp4"), test::babble(2, 48000, 1), recipe);
    test::ffmpeg("-i " + folder.file("a.mp4") + " -c copy -an " + folder.file("b.avi"));
    const auto a = pictureDigest(folder.file("a.mp4"));
    const auto b = pictureDigest(folder.file("b.avi"));
    ASSERT_TRUE(a && b);
    EXPECT_TRUE(std::any_of(b->packets.begin(), b->packets.end(),
                            [](const PacketDigest& p) { return !p.pts; }));
    EXPECT_EQ(sentence(differenceBetween(*a, *b)), "");
}

TEST(PacketDigest, SeesTheSamePictureThroughOtherFraming) {
    const TempFolder folder;
    const auto mono = test::babble(2, 48000, 1);
    test::writeTake(folder.file("a.mp4"), mono, {});
    test::ffmpeg("-i " + folder.file("a.mp4") + " -c copy " + folder.file("b.ts"));
    auto a = pictureDigest(folder.file("a.mp4"));
    auto b = pictureDigest(folder.file("b.ts"));
    ASSERT_TRUE(a && b);
    EXPECT_EQ(sentence(differenceBetween(*a, *b)), "");
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/probe.h"

#include <gtest/gtest.h>

#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;

TEST(Probe, DescribesATake) {
    const TempFolder folder;
    test::TakeRecipe recipe;
    recipe.picture.rate = {24000, 1001};
    recipe.picture.rotation = 90;
    recipe.picture.bFrames = 2;
    recipe.metadata = {{"timecode", "09:12:40:05"},
                       {"creation_time", "2026-03-03T09:12:40.000000Z"}};
    test::writeTake(folder.file("press-01.mov"), test::babble(3, 48000, 1), recipe);
    const auto info = probe(folder.file("press-01.mov"));
    ASSERT_TRUE(info) << info.error().fact;
    EXPECT_EQ(info->kind, MediaKind::Take);
    ASSERT_TRUE(info->video);
    EXPECT_EQ(info->video->rate, (Rational{24000, 1001})) << info->video->rate.text();
    EXPECT_FALSE(info->video->variableRate);
    EXPECT_EQ(info->video->rotation, 90);
    EXPECT_EQ(info->video->codec, "h264");
    EXPECT_EQ(info->stamps.timecode, "09:12:40:05");
    EXPECT_EQ(info->stamps.creationTime, "2026-03-03T09:12:40.000000Z");
    ASSERT_EQ(info->sounds.size(), 1u);
    EXPECT_EQ(info->sounds[0].codec, "aac");
    EXPECT_NEAR(info->duration.value, 3, 0.1);
}

class ExactRate : public ::testing::TestWithParam<std::pair<const char*, Rational>> {};

TEST_P(ExactRate, IsRationalInEveryContainer) {
    const auto [name, rate] = GetParam();
    const TempFolder folder;
    test::TakeRecipe recipe;
    recipe.picture.rate = rate;
    test::writeTake(folder.file(name), test::babble(4, 48000, 1), recipe);
    const auto info = probe(folder.file(name));
    ASSERT_TRUE(info && info->video);
    EXPECT_EQ(info->video->rate, rate) << info->video->rate.text();
    EXPECT_FALSE(info->video->variableRate);
}

INSTANTIATE_TEST_SUITE_P(Rates, ExactRate,
                         ::testing::Values(std::pair{"a.mp4", Rational{25, 1}},
                                           std::pair{"b.mkv", Rational{30000, 1001}},
                                           std::pair{"c.ts", Rational{50, 1}},
                                           std::pair{"d.mov", Rational{60000, 1001}},
                                           std::pair{"e.mkv", Rational{24000, 1001}}));

TEST(Probe, ReadsBroadcastTimeReference) {
    const TempFolder folder;
    test::SoundRecipe recipe;
    recipe.metadata = {{"time_reference", std::to_string(48000LL * 3600 * 9)}};
    recipe.muxerOptions = {{"write_bext", "1"}};
    test::writeSound(folder.file("a.wav"), test::babble(1, 48000, 1), recipe);
    const auto info = probe(folder.file("a.wav"));
    ASSERT_TRUE(info);
    EXPECT_EQ(info->kind, MediaKind::Recording);
    ASSERT_TRUE(info->stamps.bextReference);
    EXPECT_DOUBLE_EQ(info->stamps.bextReference->value, 9 * 3600.0);
}

TEST(Probe, ACoverPictureDoesNotMakeATake) {
    const TempFolder folder;
    test::writeSound(folder.file("a.wav"), test::babble(2, 44100, 1),
                     {"pcm_s16le", 44100, 1, {}, {}});
    test::ffmpeg("-i " + folder.file("a.wav") +
                 " -f lavfi -i color=c=red:s=64x64:d=0.04 -map 0 -map 1 -c:a libmp3lame -c:v png "
                 "-frames:v 1 -disposition:v attached_pic " +
                 folder.file("a.mp3"));
    const auto info = probe(folder.file("a.mp3"));
    ASSERT_TRUE(info);
    EXPECT_EQ(info->kind, MediaKind::Recording);
    EXPECT_EQ(info->sounds.size(), 1u);
}

struct Bad {
    const char* name;
    const char* bytes;
    const char* says;
};

class BadFile : public ::testing::TestWithParam<Bad> {};

TEST_P(BadFile, IsRefusedWithItsOwnSentence) {
    const TempFolder folder;
    const std::string path = folder.file(GetParam().name);
    test::writeBytes(path, GetParam().bytes);
    const auto info = probe(path);
    ASSERT_FALSE(info);
    EXPECT_NE(sentence(info.error().fact).find(path), std::string::npos);
    EXPECT_NE(sentence(info.error().fact).find(GetParam().says), std::string::npos)
        << info.error().fact;
}

INSTANTIATE_TEST_SUITE_P(
    Kinds, BadFile,
    ::testing::Values(Bad{"empty.mp4", "", "is empty"},
                      Bad{"notes.mp4", "Buy linen thread, bone glue and two boards.\n", "is text"},
                      Bad{"junk.mov", "\x01\x02\x80\x90\xff\xfe\x01", "not a film or a sound"}));

TEST(Probe, SaysWhenACameraNeverFinished) {
    const TempFolder folder;
    test::writeTake(folder.file("a.mp4"), test::babble(3, 48000, 1), {});
    const std::string whole = test::bytesOf(folder.file("a.mp4"));
    test::writeBytes(folder.file("cut.mp4"), whole.substr(0, whole.size() / 2));
    const auto info = probe(folder.file("cut.mp4"));
    ASSERT_FALSE(info);
    EXPECT_NE(sentence(info.error().fact).find("never finished"), std::string::npos)
        << info.error().fact;
}

TEST(Probe, SaysWhenAFileIsGone) {
    const auto info = probe("/card/press-09.mp4");
    ASSERT_FALSE(info);
    EXPECT_NE(sentence(info.error().fact).find("not there any more"), std::string::npos);
    const auto folder = probe("/tmp");
    ASSERT_FALSE(folder);
    EXPECT_NE(sentence(folder.error().fact).find("is a folder"), std::string::npos);
}

TEST(Probe, SaysWhenAFileHoldsMoreThanOneSound) {
    const TempFolder folder;
    test::writeTake(folder.file("a.mov"), test::babble(3, 48000, 1), {});
    EXPECT_TRUE(probe(folder.file("a.mov"))->warnings.empty());
    test::ffmpeg("-i " + folder.file("a.mov") + " -map 0:v -map 0:a -map 0:a -c copy " +
                 folder.file("b.mov"));
    const auto info = probe(folder.file("b.mov"));
    ASSERT_EQ(info->sounds.size(), 2u);
    ASSERT_EQ(info->warnings.size(), 1u);
    EXPECT_EQ(sentence(info->warnings[0]),
              "It holds 2 sound tracks; they are read side by side, as 2 channels.");
}

TEST(ProbeWithSound, RefusesAMuteTake) {
    const TempFolder folder;
    test::writeSilentFilm(folder.file("mute.mp4"), 1);
    EXPECT_TRUE(probe(folder.file("mute.mp4")));
    const auto info = probeWithSound(folder.file("mute.mp4"));
    ASSERT_FALSE(info);
    EXPECT_EQ(info.error().code, ErrorCode::NoSound);
    EXPECT_NE(sentence(info.error().fact).find("no sound"), std::string::npos);
}

}  // namespace
}  // namespace brisk

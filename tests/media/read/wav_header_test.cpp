// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/wav_header.h"

#include <gtest/gtest.h>

#include <cstring>

#include "media/read/probe.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;

class WavHeaderTest : public ::testing::Test {
  protected:
    void SetUp() override {
        test::writeSound(folder_.file("a.wav"), test::babble(10, 48000, 1), {});
        bytes_ = test::bytesOf(folder_.file("a.wav"));
        data_ = bytes_.find("data");
        ASSERT_NE(data_, std::string::npos);
    }

    /// The file again, with the size field of its sound set.
    std::string withSize(std::uint32_t size) {
        std::string b = bytes_;
        std::memcpy(&b[data_ + 4], &size, 4);
        test::writeBytes(folder_.file("b.wav"), b);
        return folder_.file("b.wav");
    }

    TempFolder folder_;
    std::string bytes_;
    std::size_t data_ = 0;
};

TEST_F(WavHeaderTest, AnHonestHeaderHasNoWarning) {
    const auto h = readWavHeader(folder_.file("a.wav"));
    ASSERT_TRUE(h);
    EXPECT_EQ(h->promisedBytes, 960000u);
    EXPECT_EQ(h->presentBytes, 960000u);
    EXPECT_FALSE(wavWarning(*h));
}

TEST_F(WavHeaderTest, AHeaderNeverCompletedRunsToTheEndOfTheFile) {
    for (const std::uint32_t size : {0u, 0xFFFFFFFFu}) {
        const std::string path = withSize(size);
        EXPECT_EQ(test::decodeAll(path).size(), 480000u) << size;
        const auto info = probe(path);
        ASSERT_TRUE(info);
        ASSERT_EQ(info->warnings.size(), 1u);
        EXPECT_NE(sentence(info->warnings[0]).find("never completed"), std::string::npos);
        EXPECT_NE(sentence(info->warnings[0]).find("0:00:10"), std::string::npos);
    }
}

TEST_F(WavHeaderTest, ACutFileSaysHowMuchIsThere) {
    test::writeBytes(folder_.file("cut.wav"), bytes_.substr(0, data_ + 8 + 384000));
    EXPECT_EQ(test::decodeAll(folder_.file("cut.wav")).size(), 192000u);
    const auto info = probe(folder_.file("cut.wav"));
    ASSERT_TRUE(info);
    ASSERT_EQ(info->warnings.size(), 1u);
    EXPECT_NE(sentence(info->warnings[0]).find("Cut short"), std::string::npos);
    EXPECT_NE(sentence(info->warnings[0]).find("0:00:04"), std::string::npos);
}

TEST_F(WavHeaderTest, Rf64SizesAreRead) {
    test::SoundRecipe recipe;
    recipe.muxerOptions = {{"rf64", "always"}};
    test::writeSound(folder_.file("long.wav"), test::babble(10, 48000, 1), recipe);
    const auto h = readWavHeader(folder_.file("long.wav"));
    ASSERT_TRUE(h);
    EXPECT_TRUE(h->rf64);
    EXPECT_EQ(h->promisedBytes, 960000u);
    EXPECT_FALSE(wavWarning(*h));
    EXPECT_EQ(test::decodeAll(folder_.file("long.wav")).size(), 480000u);
}

TEST_F(WavHeaderTest, OtherFilesAreNoWav) {
    test::writeBytes(folder_.file("x"), "RIFFxxxxAVI LIST");
    EXPECT_FALSE(readWavHeader(folder_.file("x")));
    EXPECT_FALSE(readWavHeader("/nowhere"));
}

}  // namespace
}  // namespace brisk

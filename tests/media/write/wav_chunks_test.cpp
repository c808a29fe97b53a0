// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/write/wav_chunks.h"

#include <gtest/gtest.h>

#include <filesystem>

#include "media/read/probe.h"
#include "media/read/wav_header.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

std::uint32_t number(const std::string& bytes, std::size_t at) {
    std::uint32_t v = 0;
    for (int i = 3; i >= 0; --i) {
        v = v << 8 | static_cast<unsigned char>(bytes[at + static_cast<std::size_t>(i)]);
    }
    return v;
}

class WavChunks : public ::testing::TestWithParam<const char*> {
  protected:
    test::TempFolder folder_;
};

TEST_P(WavChunks, NamesAreAddedAndTheSoundIsAsItWas) {
    const std::string path = folder_.file("clean.wav");
    const auto sound = test::babble(2.00001, 48000, 3);
    test::writeSound(path, sound, {"pcm_s24le", 48000, 1, {}, {{"rf64", GetParam()}}});
    const auto before = test::decodeAll(path);
    const std::string text = "<BWFXML><SCENE>12</SCENE></BWFXML>";
    ASSERT_TRUE(
        appendChunks(path, cueChunks({{48000, "clap"}, {70001, "říz"}}) + chunk("iXML", text)));
    EXPECT_EQ(wavChunk(path, "iXML"), text);
    const std::string cues = wavChunk(path, "cue ");
    ASSERT_EQ(cues.size(), 4u + 2 * 24);
    EXPECT_EQ(number(cues, 0), 2u);
    EXPECT_EQ(number(cues, 4 + 24 + 20), 70001u);
    EXPECT_NE(wavChunk(path, "LIST").find("říz"), std::string::npos);
    EXPECT_EQ(test::decodeAll(path), before);
    // The size that the file says of itself is its own: what reads strictly reads all of it.
    test::ffmpeg("-xerror -err_detect explode -i '" + path + "' -f null -");
    if (std::string(GetParam()) == "never") {
        std::ifstream in(path, std::ios::binary);
        std::string head(8, '\0');
        in.read(head.data(), 8);
        EXPECT_EQ(number(head, 4) + 8, std::filesystem::file_size(path));
    }
}

INSTANTIATE_TEST_SUITE_P(Forms, WavChunks, ::testing::Values("never", "always"),
                         [](const auto& i) { return std::string(i.param); });

TEST(WavChunksTest, WhatIsNoWavIsLeftAlone) {
    test::TempFolder folder;
    const std::string path = folder.file("notes.txt");
    std::ofstream(path) << "not a sound at all";
    EXPECT_FALSE(appendChunks(path, chunk("iXML", "x")));
    EXPECT_EQ(std::filesystem::file_size(path), 18u);
    EXPECT_EQ(cueChunks({}), "");
}

}  // namespace
}  // namespace brisk

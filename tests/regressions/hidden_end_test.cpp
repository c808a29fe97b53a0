// SPDX-License-Identifier: GPL-3.0-or-later
// A take that was shortened in the camera or on the phone: its edit list ends before the last coded
// picture. What the take never showed came back in the written file.
#include <gtest/gtest.h>

#include <fstream>
#include <sstream>

#include "export/video_export.h"
#include "media/check/packet_digest.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

std::uint32_t numberAt(const std::string& bytes, std::size_t at) {
    std::uint32_t n = 0;
    for (std::size_t i = 0; i < 4; ++i) n = n << 8 | static_cast<unsigned char>(bytes[at + i]);
    return n;
}

/// Lets the edit list of the first track, the picture, end there.
void endAt(const std::string& path, double seconds) {
    std::ostringstream read;
    read << std::ifstream(path, std::ios::binary).rdbuf();
    std::string bytes = read.str();
    const std::uint32_t scale = numberAt(bytes, bytes.find("mvhd") + 16);
    const std::size_t list = bytes.find("elst");
    ASSERT_NE(list, std::string::npos);
    ASSERT_EQ(numberAt(bytes, list + 8), 1u) << "one edit";
    const auto length = static_cast<std::uint32_t>(seconds * scale);
    for (std::size_t i = 0; i < 4; ++i) {
        bytes[list + 12 + i] = static_cast<char>(length >> (24 - 8 * i));
    }
    std::ofstream(path, std::ios::binary) << bytes;
}

TEST(HiddenEnd, WhatATakeDoesNotShowIsNotHandedOver) {
    const test::TempFolder folder;
    test::TakeRecipe recipe;
    recipe.picture.bFrames = 2;
    const auto sound = test::babble(20, 48000, 3);
    test::writeTake(folder.file("a.mp4"), {sound.begin() + 48000 * 5, sound.begin() + 48000 * 13},
                    recipe);
    test::writeSound(folder.file("rec.wav"), sound, {});
    const std::size_t coded = pictureDigest(folder.file("a.mp4"), {})->packets.size();
    endAt(folder.file("a.mp4"), 6.0);
    const SoundScan take = test::scanned(folder.file("a.mp4"));
    const double rate = take.info.video->rate.value();
    const VideoExportPlan plan{
        take, test::soundOf(take, test::scanned(folder.file("rec.wav")), {{5}, {0}}),
        VideoContainer::Mov, folder.file("out"), "{take} clean"};
    const auto written = exportVideo(plan, {});
    ASSERT_TRUE(written) << written.error().fact;
    EXPECT_EQ(sentence(written->readBack.problem), "");
    EXPECT_TRUE(written->readBack.picture.identical);
    const auto kept = static_cast<double>(pictureDigest(written->path, {})->packets.size());
    EXPECT_LT(kept, static_cast<double>(coded) - rate);
    EXPECT_GE(kept, 6 * rate - 0.5);
    EXPECT_LE(kept, 6 * rate + 2.5) << "and at most what the last ones are decoded from";
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/channel_names.h"

#include <gtest/gtest.h>

#include "features/scan_cache.h"
#include "media/read/wav_header.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using Names = std::vector<std::string>;

std::string track(const std::string& index, const std::string& name) {
    return "<TRACK>" + (index.empty() ? "" : "<INTERLEAVE_INDEX>" + index + "</INTERLEAVE_INDEX>") +
           "<NAME>" + name + "</NAME></TRACK>";
}

std::string notes(const std::string& tracks) {
    return "<?xml version=\"1.0\"?><BWFXML><TRACK_LIST>" + tracks + "</TRACK_LIST></BWFXML>";
}

TEST(ChannelNames, AreReadInTheOrderOfTheFilesChannels) {
    EXPECT_EQ(channelNamesIn(notes(track("2", "Bench &amp; press") + track("1", "Ines")), 3),
              (Names{"Ines", "Bench & press", ""}));
    EXPECT_EQ(channelNamesIn(notes(track("", "Ines") + track("", "Bench")), 2),
              (Names{"Ines", "Bench"}))
        << "without an index the place in the list is one";
    EXPECT_EQ(channelNamesIn(notes(track("7", "Nobody") + track("1", "Ines")), 2),
              (Names{"Ines", ""}));
}

TEST(ChannelNames, NonsenseIsPassedOver) {
    for (const std::string& text : {std::string("not xml <"), notes(""), notes(track("1", "")),
                                    notes(track("-4", "x")), std::string(5000, '<')}) {
        EXPECT_TRUE(channelNamesIn(text, 2).empty()) << text.substr(0, 80);
    }
}

TEST(ChannelNames, AreFoundBehindTheSoundAndKeptInTheCache) {
    const test::TempFolder folder;
    const std::string path = folder.file("four.wav");
    test::writeSound(path, test::babble(2, 48000, 1), {"pcm_s16le", 48000, 4, {}, {}});
    std::string bytes = test::bytesOf(path);
    const std::string content = notes(track("3", "Hand recorder")) + " ";
    const auto size = static_cast<std::uint32_t>(content.size());
    bytes += "iXML" + std::string(reinterpret_cast<const char*>(&size), 4) + content;
    test::writeBytes(path, bytes);
    EXPECT_EQ(wavChunk(path, "iXML"), content);
    EXPECT_EQ(wavChunk(path, "none"), "");
    const Names want{"", "", "Hand recorder", ""};
    setenv("XDG_CACHE_HOME", folder.path().c_str(), 1);
    for (int i = 0; i < 2; ++i) {  // read, and from the cache
        const auto scan = scanKept(path, {}, {});
        ASSERT_TRUE(scan);
        EXPECT_EQ(scan->info.sounds[0].channelNames, want) << i;
    }
    setenv("XDG_CACHE_HOME", "/dev/null", 1);
}

}  // namespace
}  // namespace brisk

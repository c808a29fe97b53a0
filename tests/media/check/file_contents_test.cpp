// SPDX-License-Identifier: GPL-3.0-or-later
// A file that holds anything but what was put into it is found out, wherever that is.
#include "media/check/file_contents.h"

#include <gtest/gtest.h>

#include "media/read/probe.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

/// A stereo sound in a file of its own; what was put in is noted.
struct Made {
    test::TempFolder folder;
    std::string path;
    std::optional<SampleDigest> digest;

    Made(const std::string& name, const std::string& codec) : path(folder.file(name)) {
        MovieSpec spec;
        spec.path = path;
        spec.sound = SoundTrackSpec{codec, {48000}, 2};
        auto w = MovieWriter::create(spec);
        EXPECT_TRUE(w);
        const auto left = test::babble(5.5, 48000, 3), right = test::babble(5.5, 48000, 4);
        std::vector<float> both;
        for (std::size_t n = 0; n < left.size(); ++n) {
            both.push_back(left[n]);
            both.push_back(right[n]);
        }
        for (std::size_t at = 0; at < both.size(); at += 9998) {
            EXPECT_TRUE(w->sound(
                std::span(both).subspan(at, std::min<std::size_t>(9998, both.size() - at))));
        }
        EXPECT_TRUE(w->finish());
        digest = w->takeSoundDigest();
    }
    /// The first frame that is not what was put in.
    std::optional<std::int64_t> difference() {
        const auto info = probe(path);
        EXPECT_TRUE(info);
        auto held = readContents(*info, {false, {info->sounds[0].stream}}, {});
        EXPECT_TRUE(held);
        return digest->firstDifference(held->sounds.begin()->second);
    }
};

TEST(FileContents, WhatWasPutInComesBackToTheLastBit) {
    for (const auto& [name, codec] : {std::pair{"a.wav", "pcm_s24le"},
                                      {"b.wav", "pcm_f32le"},
                                      {"c.flac", "flac"},
                                      {"d.mov", "alac"},
                                      {"e.mov", "pcm_f32be"},
                                      {"f.mkv", "flac"},
                                      {"g.wav", "pcm_s16le"}}) {
        Made made(name, codec);
        ASSERT_TRUE(made.digest) << codec;
        EXPECT_EQ(made.digest->frames(), 264000) << codec;
        EXPECT_FALSE(made.difference()) << codec;
    }
    Made lossy("h.mov", "aac");
    EXPECT_FALSE(lossy.digest) << "nothing to compare";
}

TEST(FileContents, OneBitOfOneSampleOfOneChannelIsFound) {
    Made made("a.wav", "pcm_s24le");
    std::string bytes = test::bytesOf(made.path);
    const std::size_t begins = bytes.find("data") + 8;
    // The lowest bit of the right channel, three and a half seconds in.
    bytes[begins + (168000 * 2 + 1) * 3] ^= 1;
    test::writeBytes(made.path, bytes);
    EXPECT_EQ(made.difference(), 3 * 48000) << "the second in which it lies";
}

TEST(FileContents, SamplesThatAreMissingAreFound) {
    Made made("a.wav", "pcm_s24le");
    const std::string bytes = test::bytesOf(made.path);
    test::writeBytes(made.path, bytes.substr(0, bytes.size() - 6 * 100));
    EXPECT_EQ(made.difference(), 240000);
}

}  // namespace
}  // namespace brisk

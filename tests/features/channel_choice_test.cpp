// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/channel_choice.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using Channel = std::vector<float>;

class ChannelChoice : public ::testing::Test {
  protected:
    int chosen(const std::vector<Channel>& channels, const std::string& name = "rec.wav",
               const std::string& codec = "pcm_s16le") {
        std::vector<float> mixed(channels[0].size() * channels.size());
        for (std::size_t c = 0; c < channels.size(); ++c) {
            for (std::size_t n = 0; n < channels[c].size(); ++n) {
                mixed[n * channels.size() + c] = channels[c][n];
            }
        }
        test::SoundRecipe recipe;
        recipe.codec = codec;
        recipe.channels = static_cast<int>(channels.size());
        test::writeInterleaved(folder.file(name), mixed, recipe);
        return test::scanned(folder.file(name)).channel;
    }
    static Channel times(Channel v, float gain) {
        for (float& x : v) x = std::clamp(gain * x, -1.0f, 1.0f);
        return v;
    }
    test::TempFolder folder;
    Channel voice = test::babble(20, 48000, 3);
    Channel other = test::babble(20, 48000, 4);
};

TEST_F(ChannelChoice, TwoMicrophonesAreMixed) {
    EXPECT_EQ(chosen({voice, other}), kMeanOfChannels);
    EXPECT_EQ(chosen({voice, times(voice, 0.4f)}), kMeanOfChannels);
}

TEST_F(ChannelChoice, ADeadChannelIsLeftOut) {
    EXPECT_EQ(chosen({Channel(voice.size(), 0.0f), voice}), 1);
    EXPECT_EQ(chosen({voice, times(other, 0.0005f)}), 0);
}

TEST_F(ChannelChoice, TheSafetyTrackIsTakenWhereTheFirstClips) {
    EXPECT_EQ(chosen({times(voice, 6), times(voice, 0.5f)}), 1);
}

TEST_F(ChannelChoice, AnUpsideDownTwinDoesNotCancel) {
    EXPECT_EQ(chosen({times(voice, 0.7f), times(voice, -1)}), 1);
}

TEST_F(ChannelChoice, FindsTheLiveOneOfSixteen) {
    std::vector<Channel> all(16, Channel(voice.size(), 0.0f));
    all[11] = voice;
    EXPECT_EQ(chosen(all), 11);
}

TEST_F(ChannelChoice, WorksWhereTheContainersClockIsCoarse) {
    EXPECT_EQ(chosen({Channel(voice.size(), 0.0f), voice}, "rec.mka", "flac"), 1);
}

TEST_F(ChannelChoice, SilenceIsMixed) {
    EXPECT_EQ(chosen({Channel(48000, 0.0f), Channel(48000, 0.0f)}), kMeanOfChannels);
}

}  // namespace
}  // namespace brisk

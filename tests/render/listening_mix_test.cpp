// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/listening_mix.h"

#include <gtest/gtest.h>

#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

class ListeningMixTest : public ::testing::Test {
  protected:
    void SetUp() override {
        test::writeSound(folder_.file("a.wav"), std::vector<float>(96000, 0.1f), {});
        test::writeSound(folder_.file("b.wav"), std::vector<float>(96000, 0.4f), {});
    }
    PlacedSound open(const char* name) {
        return std::move(*PlacedSound::open(test::scanned(folder_.file(name)), {}, {48000}));
    }
    float heard(ListeningMix& mix, Listen listen) {
        std::vector<float> out(200);
        EXPECT_TRUE(mix.seek(1000));
        EXPECT_TRUE(mix.read(out, listen));
        EXPECT_EQ(out[100], out[101]) << "mono goes to both ears";
        return out[100];
    }
    test::TempFolder folder_;
};

TEST_F(ListeningMixTest, LetsOneHearEachAndBoth) {
    ListeningMix mix(open("a.wav"), open("b.wav"), 2.0f);
    EXPECT_NEAR(heard(mix, Listen::Camera), 0.2, 1e-3);
    EXPECT_NEAR(heard(mix, Listen::Clean), 0.4, 1e-3);
    EXPECT_NEAR(heard(mix, Listen::Both), 0.7 * (0.2 + 0.4), 1e-3);
}

TEST_F(ListeningMixTest, WorksWithoutACleanSound) {
    ListeningMix mix(open("a.wav"), std::nullopt, 1.0f);
    EXPECT_NEAR(heard(mix, Listen::Camera), 0.1, 1e-3);
    EXPECT_EQ(heard(mix, Listen::Clean), 0.0f);
}

TEST_F(ListeningMixTest, MatchesLoudness) {
    auto quiet = test::babble(20, 48000, 1);
    test::writeSound(folder_.file("loud.wav"), quiet, {});
    for (float& v : quiet) v *= 0.1f;
    test::writeSound(folder_.file("quiet.wav"), quiet, {"pcm_f32le", 48000, 1, {}, {}});
    const float gain = loudnessGain(test::scanned(folder_.file("quiet.wav")),
                                    test::scanned(folder_.file("loud.wav")));
    EXPECT_NEAR(gain, 10, 0.5);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/listening_mix.h"

#include <gtest/gtest.h>

#include "support/media_files.h"
#include "support/pieces.h"
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
    /// A take of two seconds without edges.
    static TakeSoundPlan whole(const SoundScan& scan, ClockLine line) {
        TakeSoundPlan plan = test::soundOf(scan, scan, line);
        plan.choice.softEdgeMs = 0;
        plan.kept = {{{-10}, {10}}};
        return plan;
    }
    TakeSound clean(const char* name) {
        const SoundScan scan = test::scanned(folder_.file(name));
        return std::move(*TakeSound::open(whole(scan, {}), {48000}));
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
    ListeningMix mix(open("a.wav"), clean("b.wav"), 2.0f);
    EXPECT_NEAR(heard(mix, Listen::Camera), 0.2, 1e-3);
    EXPECT_NEAR(heard(mix, Listen::Clean), 0.4, 1e-3);
    EXPECT_NEAR(heard(mix, Listen::Both), 0.7 * (0.2 + 0.4), 1e-3);
}

TEST_F(ListeningMixTest, VolumeIsOfAllAndBalanceLeansFromOneToTheOther) {
    ListeningMix mix(open("a.wav"), clean("b.wav"), 2.0f);
    const auto at = [&](float volume, float balance) {
        Hearing h(Listen::Both);
        h.volume = volume;
        h.balance = balance;
        std::vector<float> out(200);
        EXPECT_TRUE(mix.seek(1000));
        EXPECT_TRUE(mix.read(out, h));
        return out[100];
    };
    EXPECT_NEAR(at(0.5f, 0), 0.5 * 0.7 * (0.2 + 0.4), 1e-3);
    EXPECT_NEAR(at(0, 0), 0, 1e-6);
    EXPECT_NEAR(at(1, -1), 0.2, 1e-3) << "the camera, as loud as alone";
    EXPECT_NEAR(at(1, 1), 0.4, 1e-3);
    EXPECT_NEAR(at(1, 0.5f), 0.35 * 0.2 + 0.85 * 0.4, 1e-3);
}

TEST_F(ListeningMixTest, VolumeChangesWithoutAClick) {
    ListeningMix mix(open("a.wav"), clean("b.wav"), 2.0f);
    std::vector<float> before(200), after(2000);
    ASSERT_TRUE(mix.seek(1000));
    ASSERT_TRUE(mix.read(before, Listen::Clean));
    Hearing silent(Listen::Clean);
    silent.volume = 0;
    ASSERT_TRUE(mix.read(after, silent));
    for (std::size_t n = 2; n < after.size(); n += 2) {
        ASSERT_LT(std::abs(after[n] - after[n - 2]), 0.002f) << n;
    }
    EXPECT_EQ(after.back(), 0.0f);
}

TEST_F(ListeningMixTest, SplitPutsThemOnTheirSides) {
    ListeningMix mix(open("a.wav"), clean("b.wav"), 2.0f);
    std::vector<float> out(200);
    ASSERT_TRUE(mix.seek(1000));
    ASSERT_TRUE(mix.read(out, Listen::Split));
    EXPECT_NEAR(out[100], 0.2, 1e-3);
    EXPECT_NEAR(out[101], 0.4, 1e-3);
}

TEST_F(ListeningMixTest, FlipAlternatesEveryHalfSecond) {
    ListeningMix mix(open("a.wav"), clean("b.wav"), 1.0f);
    std::vector<float> out(2 * 72000);
    ASSERT_TRUE(mix.seek(0));
    ASSERT_TRUE(mix.read(out, Listen::Flip));
    for (const std::size_t n : {12000u, 36000u, 60000u}) {
        EXPECT_NEAR(out[2 * n], n == 36000 ? 0.4 : 0.1, 1e-3) << n;
    }
}

/// Largest step from one frame to the next in the left ear.
float largestStep(const std::vector<float>& stereo) {
    float most = 0;
    for (std::size_t n = 2; n < stereo.size(); n += 2) {
        most = std::max(most, std::fabs(stereo[n] - stereo[n - 2]));
    }
    return most;
}

TEST_F(ListeningMixTest, NothingClicksWhenWhatIsHeardChanges) {
    ListeningMix mix(open("a.wav"), clean("b.wav"), 1.0f);
    std::vector<float> all;
    ASSERT_TRUE(mix.seek(1000));
    for (const auto l : {Listen::Camera, Listen::Clean, Listen::Split, Listen::Both}) {
        std::vector<float> out(2 * 1024);
        ASSERT_TRUE(mix.read(out, l));
        all.insert(all.end(), out.begin(), out.end());
    }
    EXPECT_LT(largestStep(all), 0.002f);
}

TEST_F(ListeningMixTest, NothingClicksWhenTheCleanSoundMovesAndItIsHeardAtItsNewPlace) {
    // A slow tone, of which a jump of 3 ms would be a loud step.
    const auto tone = test::sine(4, 48000, 100);
    test::writeSound(folder_.file("tone.wav"), tone, {"pcm_f32le", 48000, 1, {}, {}});
    const SoundScan scan = test::scanned(folder_.file("tone.wav"));
    const auto at = [&](double offset) {
        return std::move(*TakeSound::open(whole(scan, {{offset}, {0}}), {48000}));
    };
    ListeningMix mix(open("a.wav"), at(1), 1.0f);
    std::vector<float> all;
    ASSERT_TRUE(mix.seek(4000));
    for (int i = 0; i < 8; ++i) {
        if (i == 2) {
            ASSERT_TRUE(mix.replaceClean(at(1.003)));
        }
        std::vector<float> out(2 * 1024);
        ASSERT_TRUE(mix.read(out, Listen::Clean));
        all.insert(all.end(), out.begin(), out.end());
    }
    const double steepest = 0.5 * 2 * 3.14159265 * 100 / 48000;
    EXPECT_LT(largestStep(all), 1.3 * steepest);
    for (std::size_t n = 4000; n < 8000; n += 37) {
        const auto there = static_cast<std::size_t>(4000 + n + 48000 + 144);
        EXPECT_NEAR(all[2 * n], tone[there], 2e-3) << n;
    }
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

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/assemble/copy_fit.h"

#include <cmath>

#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

using test::cut;

class CopyFitTest : public ::testing::Test {
  protected:
    CopyFit fit(const std::vector<float>& copy, const test::SoundRecipe& recipe = {}) {
        const SoundScan old = shoot_.recording(old_);
        auto f = fitCopy(shoot_.recording(copy, recipe), old, {});
        EXPECT_TRUE(f);
        return *f;
    }
    test::ShootFolder shoot_;
    std::vector<float> talk_ = test::babble(70, 48000, 71);
    std::vector<float> old_ = test::sum(talk_, test::whiteNoise(70, 48000, 0.01, 3));
};

TEST_F(CopyFitTest, TheSameFileLiesOnItself) {
    const CopyFit f = fit(old_);
    ASSERT_TRUE(f.same()) << f.refusal;
    EXPECT_EQ(f.line, (ClockLine{{0}, {0}}));
    EXPECT_GT(f.likeness, 0.99);
}

TEST_F(CopyFitTest, ACutHeadIsFoundToTheSample) {
    const std::vector<float> late(old_.begin() + 61237, old_.end());
    const CopyFit f = fit(late);
    ASSERT_TRUE(f.same()) << f.refusal;
    EXPECT_EQ(f.line.offset.value, 61237.0 / 48000);
    // What lay at second 30 of the old file lies a cut head earlier in the copy.
    EXPECT_NEAR(onCopy({{30}, {12}}, f.line).offset.value, 30 - 61237.0 / 48000, 1e-9);
    EXPECT_EQ(onCopy({{30}, {12}}, f.line).drift.value, 12);
}

TEST_F(CopyFitTest, ANoiseReducedLouderCopyUpsideDown) {
    auto clean = talk_;  // the noise taken out
    for (float& v : clean) v = std::tanh(-3 * v) * 0.6f;
    const CopyFit f = fit(clean, {"pcm_s24le", 48000, 1, {}, {}});
    ASSERT_TRUE(f.same()) << f.refusal;
    EXPECT_EQ(f.polarity, -1);
    EXPECT_EQ(f.line.offset.value, 0);
}

TEST_F(CopyFitTest, CodedAnewAndAtAnotherRate) {
    const CopyFit mp3 = fit(old_, {"libmp3lame", 48000, 1, {}, {}});
    ASSERT_TRUE(mp3.same()) << mp3.refusal;
    EXPECT_EQ(mp3.line.offset.value, -1105.0 / 48000)
        << "the coder's delay, that a WAV cannot tell";
    test::ffmpeg("-i " + shoot_.file("rec-1.wav") + " -ar 44100 " + shoot_.file("other.wav"));
    const auto other = fitCopy(test::scanned(shoot_.file("other.wav")),
                               test::scanned(shoot_.file("rec-1.wav")), {});
    ASSERT_TRUE(other && other->same());
    EXPECT_NEAR(other->line.offset.value, 0, 2.1e-5);
}

TEST_F(CopyFitTest, AnotherRecorderOfTheSameTalkIsNoCopy) {
    const CopyFit f = fit(test::onFastClock(old_, 8));
    ASSERT_FALSE(f.same());
    EXPECT_NE(sentence(f.refusal).find("another clock"), std::string::npos) << f.refusal;
}

TEST_F(CopyFitTest, AnotherMicrophoneOnTheSameRecorderIsNoCopy) {
    // Heard from across the room: the same events, but echo upon echo.
    std::vector<float> far(talk_.size());
    for (const auto& [late, loud] : {std::pair{0, 0.4f},
                                     {331, 0.5f},
                                     {787, -0.45f},
                                     {1411, 0.4f},
                                     {2203, -0.4f},
                                     {3301, 0.35f},
                                     {5003, -0.3f}}) {
        for (std::size_t n = static_cast<std::size_t>(late); n < far.size(); ++n) {
            far[n] += loud * talk_[n - static_cast<std::size_t>(late)];
        }
    }
    const CopyFit f = fit(far);
    ASSERT_FALSE(f.same()) << f.likeness;
    EXPECT_NE(sentence(f.refusal).find("another microphone"), std::string::npos) << f.refusal;
}

TEST_F(CopyFitTest, AnotherTalkAndACopyWithAHoleAreRefusedWithTheReason) {
    const CopyFit other = fit(test::babble(70, 48000, 72));
    EXPECT_NE(sentence(other.refusal).find("is not the same sound"), std::string::npos)
        << other.refusal;
    auto hole = old_;
    hole.erase(hole.begin() + 35 * 48000, hole.begin() + 36 * 48000);
    const CopyFit f = fit(hole);
    EXPECT_NE(sentence(f.refusal).find("cut out"), std::string::npos) << f.refusal;
}

}  // namespace
}  // namespace brisk

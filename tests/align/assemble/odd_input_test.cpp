// SPDX-License-Identifier: GPL-3.0-or-later
// What comes off real cards: the answer is a place or a reason, never a crash, never a wrong
// "matched".
#include <algorithm>
#include <cmath>

#include "align/assemble/match_all.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

using test::cut;

class OddInput : public ::testing::Test {
  protected:
    void expectRefused(const TetherEstimate& e) {
        EXPECT_NE(e.status, MatchStatus::Matched) << e.reason;
        EXPECT_FALSE(e.reason.empty());
        EXPECT_TRUE(std::isfinite(e.line.offset.value));
        EXPECT_TRUE(std::isfinite(e.confidence));
    }
    void expectAt(const TetherEstimate& e, double offset) {
        EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
        EXPECT_NEAR(e.line.offset.value, offset, 2e-4);
    }
    test::ShootFolder shoot;
    std::vector<float> day = test::babble(60, 48000, 41);
};

TEST_F(OddInput, Silence) {
    const std::vector<float> silence(20 * 48000, 0.0f);
    expectRefused(shoot.match(silence, day));
    expectRefused(shoot.match(cut(day, 0, 20), silence));
    expectRefused(shoot.match(silence, silence));
}

TEST_F(OddInput, HumInBoth) {
    const auto hum = test::sine(60, 48000, 50);
    expectRefused(shoot.match(cut(hum, 7, 30), hum));
    const auto noisyHum = test::sum(hum, test::whiteNoise(60, 48000, 0.01, 1));
    expectRefused(
        shoot.match(test::sum(cut(hum, 7, 30), test::whiteNoise(23, 48000, 0.01, 2)), noisyHum));
}

TEST_F(OddInput, ClippedToASquare) {
    auto square = cut(day, 10, 40);
    for (float& v : square) v = v > 0.001f ? 1.0f : v < -0.001f ? -1.0f : 0.0f;
    expectAt(shoot.match(square, day), 10);
}

TEST_F(OddInput, OneSecond) {
    expectRefused(shoot.match(cut(day, 10, 11), day));
    expectRefused(shoot.match(cut(day, 10, 40), cut(day, 20, 21)));
}

TEST_F(OddInput, ItsOwnScratchSound) {
    const auto scratch = cut(day, 10, 40);
    expectAt(shoot.match(scratch, scratch), 0);
}

TEST_F(OddInput, TheSameFileTwice) {
    const SoundScan take = shoot.take(cut(day, 10, 40));
    const SoundScan recording = shoot.recording(day);
    const auto m = matchAll({&take}, {&recording, &recording}, {}, 2, {});
    ASSERT_EQ(m.byTake[0].size(), 2u);
    expectAt(m.byTake[0][0].estimate, 10);
    expectAt(m.byTake[0][1].estimate, 10);
    const auto self = matchPair(take, take, {}, {});
    ASSERT_TRUE(self);
    // On its own clock the take begins with its first picture, not with its first sample.
    EXPECT_NEAR(self->line.offset.value, -take.info.soundStartInTake().value, 2e-4);
}

struct Format {
    int rate;
    int channels;
    const char* codec;
};

class OddFormat : public OddInput, public ::testing::WithParamInterface<Format> {};

TEST_P(OddFormat, IsMatchedAllTheSame) {
    const auto [rate, channels, codec] = GetParam();
    test::SoundRecipe recipe;
    recipe.rate = rate;
    recipe.channels = channels;
    recipe.codec = codec;
    const auto there = test::babble(60, rate, 43);
    const auto from = static_cast<std::ptrdiff_t>(10) * rate;
    const std::vector<float> scratch(there.begin() + from, there.begin() + 4 * from);
    test::writeSound(shoot.file("a.wav"), there, recipe);
    recipe.channels = 1;
    test::writeSound(shoot.file("b.wav"), scratch, recipe);
    const auto e =
        matchPair(test::scanned(shoot.file("b.wav")), test::scanned(shoot.file("a.wav")), {}, {});
    ASSERT_TRUE(e);
    expectAt(*e, 10);
}

INSTANTIATE_TEST_SUITE_P(Formats, OddFormat,
                         ::testing::Values(Format{8000, 1, "pcm_s16le"},
                                           Format{192000, 2, "pcm_s24le"},
                                           Format{48000, 16, "pcm_s16le"}));

}  // namespace
}  // namespace brisk

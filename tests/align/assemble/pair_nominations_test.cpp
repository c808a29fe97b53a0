// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/assemble/pair_nominations.h"

#include <gtest/gtest.h>

#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

SoundScan heard(const char* path, const std::vector<float>& sound) {
    BandLevelMeter meter(SampleRate{48000});
    meter.push(sound);
    SoundScan s;
    s.info.path = path;
    s.bands = meter.finish();
    s.rate = {48000};
    return s;
}

/// Two recordings of some minutes.
class Nominations : public ::testing::Test {
  protected:
    std::vector<float> morning = test::babble(200, 48000, 1);
    SoundScan first = heard("a.wav", morning), other = heard("b.wav", test::babble(200, 48000, 2));
    std::vector<const SoundScan*> recordings{&other, &first};
};

TEST_F(Nominations, ATakeOfMinutesIsLookedForWholeWhereOneOfThemStandsOut) {
    const SoundScan take = heard("take.mp4", test::cut(morning, 30, 180));
    const std::vector<const SoundScan*> takes{&take};
    PairNominations nominations(takes, recordings, 1, nullptr);
    nominations.nominateAll({});
    ASSERT_TRUE(nominations.asked(0, 1));
    EXPECT_NEAR(nominations.of(0, 1)->places.front().line.offset.value, 30, 0.01);
    EXPECT_EQ(nominations.of(0, 1)->places.front().segmentsAgreeing, 3);
    EXPECT_FALSE(nominations.asked(0, 0)) << "a minute of it shows nothing there";
    EXPECT_EQ(nominations.likeliestFirst(0).front(), 1u);

    // Where it turns out not to lie there, the others are asked after all.
    EXPECT_TRUE(nominations.askTheRest(0, {}));
    ASSERT_TRUE(nominations.asked(0, 0));
    EXPECT_FALSE(nominations.of(0, 0)->beyondChance());
    EXPECT_FALSE(nominations.askTheRest(0, {})) << "all of them were asked";
}

TEST_F(Nominations, WhereNothingStandsOutAllAreAskedAboutTheWhole) {
    const SoundScan take = heard("take.mp4", test::babble(150, 48000, 3));
    const std::vector<const SoundScan*> takes{&take};
    PairNominations nominations(takes, recordings, 1, nullptr);
    nominations.nominateAll({});
    EXPECT_TRUE(nominations.asked(0, 0));
    EXPECT_TRUE(nominations.asked(0, 1));
}

// On both microphones the same is heard.
TEST_F(Nominations, ASecondMicrophoneIsAskedAboutTheWholeToo) {
    const SoundScan take = heard("take.mp4", test::cut(morning, 30, 180));
    const SoundScan second =
        heard("c.wav", test::sum(morning, test::whiteNoise(200, 48000, 0.05, 4)));
    recordings.push_back(&second);
    const std::vector<const SoundScan*> takes{&take};
    PairNominations nominations(takes, recordings, 2, nullptr);
    nominations.nominateAll({});
    EXPECT_TRUE(nominations.asked(0, 2));
    EXPECT_FALSE(nominations.asked(0, 0));
}

// More files have come: what was found out stays, and the answer is that of a first search.
TEST_F(Nominations, WhatIsKnownIsNotAskedAgain) {
    const SoundScan take = heard("take.mp4", test::cut(morning, 30, 180));
    const std::vector<const SoundScan*> takes{&take}, early{&other};
    KnownPairs known;
    PairNominations(takes, early, 1, &known).nominateAll({});
    ASSERT_TRUE(known.nominated(take, other)) << "of one recording all is asked";
    PairNominations later(takes, recordings, 1, &known);
    later.nominateAll({});
    EXPECT_TRUE(later.asked(0, 1));
    EXPECT_TRUE(known.minute(take, first));
    PairNominations fresh(takes, recordings, 1, nullptr);
    fresh.nominateAll({});
    EXPECT_EQ(later.of(0, 1)->best(), fresh.of(0, 1)->best());
    EXPECT_EQ(later.asked(0, 0), fresh.asked(0, 0));
}

}  // namespace
}  // namespace brisk

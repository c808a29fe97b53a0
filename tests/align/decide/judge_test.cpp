// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/decide/judge.h"
#include "align/decide/right_place.h"
#include "support/facts_text.h"

#include <gtest/gtest.h>

#include <cmath>

namespace brisk {
namespace {

FineMatch matchWith(int used, int agreeing, double strength) {
    FineMatch m;
    m.stackStrength = strength;
    m.chanceOfAgreement = 1.0 / 30;
    for (int i = 0; i < used; ++i) m.windows.push_back({{i * 2.0}, {0}, 8, i < agreeing});
    return m;
}

TetherEstimate judged(const FineMatch& m, const Beside& beside = {}) {
    TetherEstimate e;
    e.windowsUsed = static_cast<int>(m.windows.size());
    e.windowsAgreeing = m.agreeing();
    judge({{{}, m}}, beside, e);
    return e;
}

TEST(ChanceLog10, IsTheBinomialTail) {
    // Two of two at one in ten: one in a hundred.
    EXPECT_NEAR(log10PValue(2, 2, 0.1), -2, 1e-9);
    // At least one of two: 1 - 0.81.
    EXPECT_NEAR(log10PValue(1, 2, 0.1), std::log10(0.19), 1e-9);
    EXPECT_EQ(log10PValue(0, 40, 0.03), 0);
    EXPECT_LT(log10PValue(40, 40, 0.03), -50);
}

TEST(Judge, AcceptsWhatMostWindowsSay) {
    const auto e = judged(matchWith(40, 36, 40));
    EXPECT_EQ(e.status, MatchStatus::Matched);
    EXPECT_GT(e.confidence, 0.95);
    EXPECT_NE(sentence(e.reason).find("36 of 40 spots agree"), std::string::npos);
}

TEST(Judge, RefusesLuck) {
    const auto e = judged(matchWith(40, 3, 5));
    EXPECT_EQ(e.status, MatchStatus::Unmatched);
    EXPECT_LT(e.confidence, 0.1);
    EXPECT_NE(sentence(e.reason).find("No place"), std::string::npos);
}

// A third of the windows of a foreign recording, once they may choose where to step to.
TEST(Judge, StepsThatWereFreeToBeChosenAreLuckToo) {
    const FineMatch m = matchWith(19, 8, 5);
    const auto without = judged(m);
    const auto with = judged(m, {{}, 1});
    EXPECT_EQ(without.status, MatchStatus::Unsure);
    EXPECT_EQ(with.status, MatchStatus::Unmatched);
    EXPECT_LT(with.confidence, without.confidence);
    EXPECT_NEAR(with.evidence.log10PValue - without.evidence.log10PValue, 3.5, 1e-9);
}

TEST(Judge, AHighStackAloneIsNotEnough) {
    // One loud coincidence: a strong sum that few windows share.
    EXPECT_NE(judged(matchWith(40, 4, 30)).status, MatchStatus::Matched);
}

TEST(Judge, APlaceMeasuredByItsDirectSoundRivalsOneMeasuredByItsEcho) {
    // A loop in a long echo: everywhere all windows agree, but only here the strong echo was taken.
    FineMatch byEcho = matchWith(28, 28, 10);
    FineMatch byDirect = matchWith(28, 28, 5.5);
    byEcho.strongestArrival = 10;
    byDirect.strongestArrival = 9.8;
    const double rival = rivalStrength(byEcho, byDirect);
    EXPECT_GT(rival, 0.95);
    EXPECT_EQ(judged(byEcho, {{rival}}).status, MatchStatus::Unsure);
}

TEST(Judge, AWeakerPlaceThatLuckDoesNotExplainIsARival) {
    const FineMatch best = matchWith(18, 16, 8.3);
    const FineMatch other = matchWith(23, 13, 6);
    const FineMatch chance = matchWith(23, 4, 6);
    EXPECT_GE(rivalStrength(best, other), kRivalTooNear);
    EXPECT_LT(rivalStrength(best, chance), 0.3);
    EXPECT_LT(rivalStrength(matchWith(32, 31, 30), other), 0.3) << "far stronger";
}

TEST(Judge, AFewWindowsWithoutASumAreNotEnough) {
    EXPECT_NE(judged(matchWith(6, 5, 5)).status, MatchStatus::Matched);
}

TEST(Judge, ALongEchoThatDrownsTheSumDoesNotOutvoteEveryWindow) {
    EXPECT_EQ(judged(matchWith(32, 32, 4.5)).status, MatchStatus::Matched);
}

// A sentence or a bar that two events have in common is truly there; but what follows it is not.
TEST(Judge, SoundInCommonForAPartOfTheTimeIsNotEnough) {
    const FineMatch part = matchWith(16, 8, 38);
    EXPECT_NE(judged(part, {{}, 0, 7}).status, MatchStatus::Matched);
    EXPECT_LT(judged(part, {{}, 0, 7}).confidence, 0.1);
    EXPECT_EQ(judged(part).status, MatchStatus::Matched) << "nobody spoke in the others";
}

// A speaker who walks is heard later and earlier: many windows disagree, what is said does not.
TEST(Judge, WhereTheOnsetsOfAllAgreeSomebodyWalked) {
    EXPECT_TRUE(onsetsOfAllAgree(150, 108));
    EXPECT_FALSE(onsetsOfAllAgree(29, 107)) << "the same song for a part of the time";
    EXPECT_LT(oddsOfOtherEvent(35, 10, 45, 121, true), 0.01);
    EXPECT_GT(oddsOfOtherEvent(35, 10, 45, 121, false), 0.1);
}

TEST(Judge, WhatIsHardlyHeardMayBeMissedWhereItIsLoud) {
    EXPECT_EQ(judged(matchWith(32, 28, 6.6), {{}, 0, 4}).status, MatchStatus::Matched);
    EXPECT_NE(judged(matchWith(32, 23, 30), {{}, 0, 9}).status, MatchStatus::Matched);
}

TEST(Judge, ThinEvidenceIsUnsure) {
    const auto e = judged(matchWith(12, 6, 7));
    EXPECT_EQ(e.status, MatchStatus::Unsure);
    EXPECT_NE(sentence(e.reason).find("thin"), std::string::npos);
    EXPECT_GT(e.confidence, 0.3);
    EXPECT_LT(e.confidence, kSureFrom);
}

// A sum this low hides direct sound that is weaker than its echo: the place may be milliseconds
// late.
TEST(Judge, WindowsThatPointHereAndThereUnderALowSumMayPointAtAnEcho) {
    const auto standing = [](int agreeing, double noises) {
        FineMatch m = matchWith(32, agreeing, 6.5);
        m.around = {3, noises, 0.9};
        return m;
    };
    const auto low = judged(standing(23, 6.5));
    EXPECT_EQ(low.status, MatchStatus::Unsure);
    EXPECT_NEAR(low.confidence, 0.5, 0.1);
    EXPECT_EQ(judged(standing(23, 14)).status, MatchStatus::Matched)
        << "what the sum does not stand out of are echoes, and come later";
    EXPECT_EQ(judged(standing(29, 6.5)).status, MatchStatus::Matched);

    // What speaks against it most is what is told.
    const SharedPart even{0.2, 0.005}, weak{0.15, 0.005};
    Beside beside;
    beside.shared = SharedByBalance{weak, even, weak, 12, 14, 0.4, 0.35};
    EXPECT_GT(oddsOfBackground(*beside.shared), 0.001);
    EXPECT_EQ(judged(standing(23, 6.5), beside).reason.front().id, "thin-evidence");
}

// A piece of music that was played twice agrees for a minute, and then another one begins.
TEST(Judge, WhatAgreesOnlyUpToAMomentMayBeAnotherTimeThatItWasPlayed) {
    Beside beside;
    beside.against = {2, 5};
    const auto e = judged(matchWith(32, 19, 21), beside);
    EXPECT_EQ(e.status, MatchStatus::Unsure);
    EXPECT_EQ(e.reason.front().id, "agrees-in-part");
    EXPECT_GT(e.confidence, 0.85);
    beside.against = {1, 1};
    EXPECT_EQ(judged(matchWith(32, 19, 21), beside).status, MatchStatus::Matched)
        << "one window is a door";
}

// Neither noise nor an arrival that could be taken: where all windows agree about what follows it,
// that may be an echo.
TEST(Judge, WhatIsHeardBeforeTheFirstArrivalMayBeTheDirectSound) {
    FineMatch m = matchWith(17, 17, 5.8);
    m.around = {6.0, 8.6, 0.6};
    EXPECT_EQ(judged(m).status, MatchStatus::Unsure);
    EXPECT_NEAR(judged(m).confidence, 0.5, 0.05);
    m.around = {4.0, 6, 0.6};
    EXPECT_EQ(judged(m).status, MatchStatus::Matched) << "noise is as high";
    m.around = {9.0, 90, 1};
    EXPECT_EQ(judged(m).status, MatchStatus::Matched) << "a ghost of a strong one";
    m.around = {3.7, 8.5, 0.25};
    EXPECT_NEAR(judged(m).confidence, 0.5, 0.05) << "what was taken is such a ghost itself";
    m.around = {3.7, 20, 0.25};
    EXPECT_EQ(judged(m).status, MatchStatus::Matched) << "direct sound under its echo";
}

// Confidence is a probability: equal places share it.
TEST(Judge, TwoEqualPlacesGetAHalfEachAndThreeAThird) {
    const FineMatch m = matchWith(40, 40, 40);
    const double same = rivalStrength(m, m);
    EXPECT_NEAR(judged(m, {{same}}).confidence, 1.0 / 2, 1e-3);
    EXPECT_NEAR(judged(m, {{same, same}}).confidence, 1.0 / 3, 1e-3);
    EXPECT_EQ(judged(m, {{same, same}}).status, MatchStatus::Unsure);
}

TEST(Judge, ARivalNearlyAsGoodMakesItUnsure) {
    const FineMatch m = matchWith(40, 40, 40);
    const auto e = judged(m, {{1.5}});
    EXPECT_EQ(e.status, MatchStatus::Unsure);
    EXPECT_NE(sentence(e.reason).find("more than one place"), std::string::npos);
    EXPECT_LT(e.confidence, 0.9);
    EXPECT_LT(judged(m, {{kRivalTooNear}}).confidence, kSureFrom);
    const auto far = judged(m, {{0.1}});
    EXPECT_EQ(far.status, MatchStatus::Matched);
    EXPECT_NE(sentence(far.reason).find("20 dB weaker"), std::string::npos);
}

// Claps are a handful of moments: other sound that is there must agree, too.
TEST(JudgeClaps, AmongOtherSoundThatDoesNotDecideAreUnsure) {
    ClapMatch claps;
    claps.clapsInTake = 4;
    claps.match.stackStrength = 20;
    for (int i = 0; i < 4; ++i) claps.match.windows.push_back({{i * 3.0}, {0}, 9, true});
    TetherEstimate alone, among;
    judgeClaps({claps}, true, alone);
    judgeClaps({claps}, false, among);
    EXPECT_EQ(alone.status, MatchStatus::Matched);
    EXPECT_EQ(among.status, MatchStatus::Unsure);
    EXPECT_EQ(among.reason.front().id, "claps-among-sound");
    EXPECT_LT(among.confidence, 0.5);
}

// A clap 1.1 ms late, and what came at the right moment half as high.
TEST(JudgeClaps, WithASoundJustBeforeThemMayBeAnEcho) {
    ClapMatch clap;
    clap.clapsInTake = 1;
    clap.match.stackStrength = 13.4;
    clap.match.windows.push_back({{3.0}, {0}, 9, true});
    clap.match.around = {4.0, 40, 0.9};
    TetherEstimate alone, after;
    judgeClaps({clap}, true, alone);
    clap.match.around = {5.2, 9.7, 0.28};
    judgeClaps({clap}, true, after);
    EXPECT_EQ(alone.status, MatchStatus::Matched);
    EXPECT_EQ(after.status, MatchStatus::Unsure);
    EXPECT_NEAR(after.evidence.beforeShare, 0.54, 0.01);
}

TEST(JudgeClaps, InTwoPlacesEquallyWellGetAHalfEach) {
    ClapMatch claps;
    claps.clapsInTake = 1;
    claps.match.stackStrength = 20;
    claps.match.windows.push_back({{3.0}, {0}, 9, true});
    TetherEstimate once, twice;
    judgeClaps({claps}, true, once);
    judgeClaps({claps, claps}, true, twice);
    EXPECT_EQ(once.status, MatchStatus::Matched);
    EXPECT_EQ(twice.status, MatchStatus::Unsure);
    EXPECT_NEAR(twice.confidence, 0.5, 1e-3);
    EXPECT_EQ(twice.reason.front().id, "claps-in-several-places");
}

TEST(Judge, NothingMeasuredIsUnmatched) {
    EXPECT_EQ(judged(FineMatch{}).status, MatchStatus::Unmatched);
}

TEST(Judge, WhatIsInCommonIsBackgroundWhereNothingSaysThatItIsOneEvent) {
    const SharedPart even{0.2, 0.005}, little{0.05, 0.005}, much{0.3, 0.005};
    EXPECT_GT(oddsOfBackground({little, even, little, 12, 14, 0.4, 0.35}), 1);
    EXPECT_LT(oddsOfBackground({much, even, little, 12, 14, 0.4, 0.35}), 0.01)
        << "one side hears it alone";
    EXPECT_LT(oddsOfBackground({little, even, little, 12, 3, 0.4, 0.35}), 0.01)
        << "nothing stands out in the take";
    EXPECT_LT(oddsOfBackground({little, even, little, 12, 14, 0.4, 0.05}), 0.01)
        << "drowned on both sides, and what is loudest comes at once";
    EXPECT_GT(oddsOfBackground({little, {0.9, 0.005}, little, 12, 14, 0.4, 0.05}), 1)
        << "a loud programme, drowned by nothing";
}

// A programme far under the voices stands out of windows and is not seen in moments: it had passed.
TEST(Judge, WhereMomentsSayNothingTheyDoNotClearAPlace) {
    const SharedPart unseen{0.015, 0.008}, few{0.015, 0.017};
    const double neither = oddsOfBackground({few, unseen, few, 17, 18, 0.56, 0.56});
    EXPECT_GT(neither, 0.3);
    EXPECT_LT(neither, 3);
    Beside beside;
    beside.shared = SharedByBalance{few, unseen, few, 17, 18, 0.56, 0.56};
    const auto e = judged(matchWith(40, 36, 40), beside);
    EXPECT_EQ(e.status, MatchStatus::Unsure);
    EXPECT_EQ(e.reason.front().id, "thin-evidence") << "nobody saw two rooms either";
    const SharedPart faint{0.088, 0.008}, ofAFew{0.038, 0.024};
    EXPECT_GT(oddsOfBackground({ofAFew, faint, ofAFew, 14, 21, 0.5, 0.52}), 0.5);
    EXPECT_LT(oddsOfBackground({few, unseen, few, 17, 18, 0.02, 0.56}), 0.01)
        << "what is loudest comes at once";
}

TEST(Judge, WindowsThatLieFarAboutAPlaceDoNotMakeItRightToAMillisecond) {
    EXPECT_LT(oddsOfSpread(0.1), 0.01);
    EXPECT_LT(1 / (1 + oddsOfSpread(0.5)), kSureFrom);
    EXPECT_LE(oddsOfSpread(5), 1) << "the place itself may be right";
}

// Places that somebody stood at add to each other, and a poor one takes nothing away.
TEST(Judge, APlaceThatSaysLittleDoesNotSpeakAgainstTheOthers) {
    const FineMatch m = matchWith(20, 4, 20);
    Beside walked;
    walked.steps = 3;
    walked.stood = {{9, 10, 0.1}};
    const double one = judged(m, walked).evidence.log10PValue;
    walked.stood.push_back({1, 6, 0.2});
    EXPECT_NEAR(judged(m, walked).evidence.log10PValue, one, 1e-9);
    walked.stood.push_back({10, 10, 0.1});
    EXPECT_LT(judged(m, walked).evidence.log10PValue, one - 5);
}

// Whoever walks is listened to twice as often: three windows at an end are half as much of the
// take.
TEST(Judge, WindowsInARowCountByHowOftenATakeIsListenedTo) {
    const FineMatch m = matchWith(64, 58, 40);
    Beside beside;
    beside.against.atOneEnd = 4;
    const auto confidence = [&](std::vector<PathDelay> path) {
        TetherEstimate e;
        e.overlap = {{0}, {128}};
        e.windowsUsed = 64;
        e.windowsAgreeing = 58;
        e.path = std::move(path);
        judge({{{}, m}}, beside, e);
        return e.confidence;
    };
    EXPECT_LT(confidence({}), kSureFrom);
    EXPECT_GE(confidence({{{0}, {0}}, {{128}, {0.01}}}), kSureFrom);
    beside.against.atOneEnd = 10;
    EXPECT_LT(confidence({{{0}, {0}}, {{128}, {0.01}}}), kSureFrom) << "that is another sound";
}

TEST(Judge, WhereSomebodyWalksMoreWindowsMustAgree) {
    const auto confidence = [](int agreeing) { return 1 / (1 + oddsOfStrayPlace(agreeing, 32)); };
    EXPECT_GT(confidence(22), 0.995);
    EXPECT_LT(confidence(17), kSureFrom);
    EXPECT_GE(confidence(5), 0.5) << "a stray place is no other place";
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/follow/follow_clock.h"

#include "align/follow/heard_spots.h"
#include "align/follow/stretch_search.h"

#include <cmath>

#include "sim/walked_room.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

using test::cut;

std::vector<float> joined(std::vector<float> a, const std::vector<float>& b) {
    a.insert(a.end(), b.begin(), b.end());
    return a;
}

class Jumps : public ::testing::Test {
  protected:
    void expectOneJump(const TetherEstimate& e, double before, double after, double at) {
        EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
        ASSERT_EQ(e.segments.size(), 2u) << e.reason;
        EXPECT_NEAR(e.segments[0].line.toRecording({at}).value, before + at, 1e-4);
        EXPECT_NEAR(e.segments[1].line.toRecording({at}).value, after + at, 1e-4);
        EXPECT_NEAR(e.segments[0].range.end.value, at, 0.3);
        EXPECT_NEAR(e.line.offset.value, e.segments[0].line.offset.value, 1e-9);
    }
    test::ShootFolder shoot;
    std::vector<float> day = test::babble(120, 48000, 21);
};

TEST_F(Jumps, ATenthOfASecondLost) {
    const auto e = shoot.match(cut(day, 20, 100), joined(cut(day, 0, 55), cut(day, 55.1, 120)));
    expectOneJump(e, 20, 19.9, 35);
    EXPECT_NE(sentence(e.reason).find("lost 100.0 ms"), std::string::npos) << e.reason;
}

TEST_F(Jumps, HalfASecondRepeated) {
    const auto e = shoot.match(cut(day, 20, 100), joined(cut(day, 0, 70), cut(day, 69.5, 120)));
    expectOneJump(e, 20, 20.5, 50);
    EXPECT_NE(sentence(e.reason).find("repeats"), std::string::npos) << e.reason;
}

// Two windows beyond the end of a stretch were followed by noise: the loss lies before them.
TEST(HeardSpots, AStretchReachesAsFarAsItsWindowsAgree) {
    std::vector<Spot> spots;
    for (int i = 0; i < 8; ++i) spots.push_back({{i * 3.0, 0, {}}, 0, i < 6 ? 0 : 1, 0});
    const std::vector<bool> sure{true, true, false, true, false, false, false, true};
    EXPECT_EQ(reachOf(0, spots, sure).start.value, 0);
    EXPECT_EQ(reachOf(0, spots, sure).end.value, 9);
    EXPECT_EQ(reachOf(1, spots, sure).start.value, 21);
    EXPECT_EQ(reachOf(1, spots, std::vector<bool>(8)).start.value, 18) << "where none is sure, all";
}

// The one is moved to its direct sound, the other is there already.
TEST_F(Jumps, BeforeALossAnEchoIsLoudestAndAfterItTheDirectSoundIsAlone) {
    auto heard = cut(day, 20, 100);
    constexpr std::size_t kLater = 96, kLoss = 40 * 48000;  // 2 ms
    for (std::size_t n = kLoss; n-- > kLater;) heard[n] = 0.8f * heard[n] + heard[n - kLater];
    const auto e = shoot.match(heard, joined(cut(day, 0, 60), cut(day, 60.03, 120)));
    expectOneJump(e, 20, 19.97, 40);
}

TEST_F(Jumps, InAPauseThePlaceIsAsDoubtfulAsThePauseIsLong) {
    std::fill(day.begin() + 53 * 48000, day.begin() + 58 * 48000, 0.0f);
    // Lost right after the last word, where nothing tells.
    const auto e = shoot.match(cut(day, 20, 100), joined(cut(day, 0, 53.5), cut(day, 53.7, 120)));
    ASSERT_EQ(e.segments.size(), 2u) << e.reason;
    const TetherSegment& second = e.segments[1];
    EXPECT_GT(second.startDoubt.value, 1.5);
    EXPECT_LT(std::fabs(second.range.start.value - 33.7), second.startDoubt.value + 0.3);
    EXPECT_NE(sentence(e.reason).find("in a pause"), std::string::npos) << e.reason;
}

/// What was answered, where the truth is `recorded` at `take` seconds.
double offBy(const TetherEstimate& e, double take, double recorded) {
    for (const auto& s : e.segments) {
        if (take <= s.range.end.value) return s.line.toRecording({take}).value - recorded;
    }
    return e.segments.back().line.toRecording({take}).value - recorded;
}

TEST_F(Jumps, TwoLossesAreTwo) {
    const auto e =
        shoot.match(cut(day, 20, 100),
                    joined(joined(cut(day, 0, 45), cut(day, 45.033, 80)), cut(day, 80.051, 120)));
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    ASSERT_EQ(e.segments.size(), 3u) << e.reason;
    EXPECT_NEAR(e.segments[1].range.start.value, 25, 0.3);
    EXPECT_NEAR(e.segments[2].range.start.value, 60, 0.3);
    EXPECT_NEAR(offBy(e, 10, 30), 0, 1e-4);
    EXPECT_NEAR(offBy(e, 40, 60 - 0.033), 0, 1e-4);
    EXPECT_NEAR(offBy(e, 75, 95 - 0.084), 0, 1e-4);
}

// The windows along the first line reach as far as 48 ms: they hear the beginning and the end on
// one lag, and nothing of what is between.
TEST_F(Jumps, WhatIsLostAndThenMadeUpForAreTwo) {
    const auto e =
        shoot.match(cut(day, 20, 100),
                    joined(joined(cut(day, 0, 45), cut(day, 45.06, 80)), cut(day, 79.94, 120)));
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    ASSERT_EQ(e.segments.size(), 3u) << e.reason;
    EXPECT_NEAR(offBy(e, 10, 30), 0, 1e-4);
    EXPECT_NEAR(offBy(e, 40, 60 - 0.06), 0, 1e-4);
    EXPECT_NEAR(offBy(e, 75, 95), 0, 1e-4);
}

TEST_F(Jumps, OneBufferThatTheTakeLost) {
    const double buffer = 256 / 48000.0;
    const auto e = shoot.match(joined(cut(day, 20, 62), cut(day, 62 + buffer, 100)), day);
    ASSERT_EQ(e.segments.size(), 2u) << e.reason;
    EXPECT_NEAR(offBy(e, 41, 61), 0, 1e-4);
    EXPECT_NEAR(offBy(e, 43, 63 + buffer), 0, 1e-4);
}

TEST_F(Jumps, AMillisecondThreeTimes) {
    const auto e =
        shoot.match(cut(day, 20, 100), joined(joined(cut(day, 0, 40), cut(day, 40.001, 60)),
                                              joined(cut(day, 60.001, 80), cut(day, 80.001, 120))));
    ASSERT_EQ(e.segments.size(), 4u) << e.reason;
    EXPECT_NEAR(offBy(e, 10, 30), 0, 1e-4);
    EXPECT_NEAR(offBy(e, 75, 95 - 0.003), 0, 1e-4);
}

// The room answers 7 ms late and louder than the direct sound; 7 ms are lost.
TEST_F(Jumps, AreFoundWhereAnEchoStandsWhereTheSoundStoodBefore) {
    std::vector<float> echoing(day);
    for (std::size_t n = 336; n < day.size(); ++n) echoing[n] = 0.7f * day[n] + day[n - 336];
    for (std::size_t n = 1000; n < day.size(); ++n) echoing[n] += 0.4f * day[n - 1000];
    const auto e =
        shoot.match(cut(echoing, 20, 100), joined(cut(day, 0, 61), cut(day, 61.007, 120)));
    ASSERT_EQ(e.segments.size(), 2u) << e.reason;
    EXPECT_NEAR(e.segments[1].range.start.value, 41, 0.3);
    EXPECT_NEAR(offBy(e, 75, 95 - 0.007), 0, 1e-4);
}

// Before the loss the first of two echoes is the loudest, after it the second.
TEST_F(Jumps, AreNoWalkWhereAnotherEchoIsLoudestAfterwards) {
    std::vector<float> echoing(day.size());
    for (std::size_t n = 720; n < day.size(); ++n) {
        const bool before = n < 61u * 48000;
        echoing[n] = 0.5f * day[n] + (before ? 1.0f : 0.7f) * day[n - 480] +
                     (before ? 0.7f : 1.0f) * day[n - 720];
    }
    const auto e =
        shoot.match(cut(echoing, 20, 100), joined(cut(day, 0, 61), cut(day, 61.004, 120)));
    ASSERT_EQ(e.segments.size(), 2u) << e.reason;
    EXPECT_TRUE(e.path.empty()) << e.reason;
    EXPECT_NEAR(offBy(e, 10, 30), 0, 1e-4);
    EXPECT_NEAR(offBy(e, 75, 95 - 0.004), 0, 1e-4);
}

// Steps of a hand's breadth are no stretches of their own, and must bend no clock either.
TEST_F(Jumps, AreNoClockWhereSomebodyWalksAndStepsASide) {
    const sim::Course metres{{0, 3},       {44, 3},    {46, 1.2}, {62, 1.2},
                             {62.2, 1.32}, {80, 1.32}, {82, 4},   {120, 4}};
    std::vector<float> heard;
    sim::WalkedRoom({.rt60 = 0.3}, metres, 4).process(day, heard);
    const auto e = shoot.match(cut(heard, 20, 100), day);
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    EXPECT_FALSE(e.path.empty()) << e.reason;
    ASSERT_EQ(e.segments.size(), 1u) << e.reason;
    EXPECT_NEAR(e.line.drift.value, 0, 1) << e.reason;
    EXPECT_NEAR(offBy(e, 35, 55 - 1.2 / sim::kMetresPerSecond), 0, 5e-4);
}

/// Louder than the rest of the take, so that the first line is that of this part.
void drown(std::vector<float>& take, double from, double to) {
    const auto noise = test::whiteNoise(to - from, 48000, 0.06, 5);
    for (std::size_t n = 0; n < noise.size(); ++n) {
        take[static_cast<std::size_t>(from * 48000) + n] += noise[n];
    }
}

// Two losses lie on the same side: the take's beginning is 89 ms from the line of its end, and the
// windows reach 48.
TEST_F(Jumps, OneBeyondTheReachOfTheWindows) {
    auto take = cut(day, 20, 100);
    drown(take, 14, 52);
    const auto e = shoot.match(
        take, joined(joined(cut(day, 0, 34), cut(day, 34.042, 72)), cut(day, 72.047, 120)));
    ASSERT_EQ(e.segments.size(), 3u) << e.reason;
    EXPECT_NEAR(offBy(e, 6, 26), 0, 1e-4);
    EXPECT_NEAR(offBy(e, 33, 53 - 0.042), 0, 1e-4);
    EXPECT_NEAR(offBy(e, 70, 90 - 0.089), 0, 1e-4);
}

// Of a part that lies 60 ms from the line the windows hear an echo, 23 ms later.
TEST_F(Jumps, NoEchoOfWhatLiesBeyondTheReachIsFollowed) {
    std::vector<float> echoing(day);
    for (std::size_t n = 1121; n < day.size(); ++n) echoing[n] += 0.6f * day[n - 1121];
    auto take = cut(echoing, 20, 110);
    drown(take, 26, 90);
    const auto e = shoot.match(
        take, joined(joined(cut(day, 0, 46), cut(day, 45.94, 99)), cut(day, 98.951, 120)));
    ASSERT_EQ(e.segments.size(), 3u) << e.reason;
    EXPECT_NEAR(offBy(e, 10, 30), 0, 1e-4);
    EXPECT_NEAR(offBy(e, 50, 70 + 0.06), 0, 1e-4);
    EXPECT_NEAR(offBy(e, 85, 105 + 0.109), 0, 1e-4);
}

// Lost samples may look like a slope that is nearer to a pulled rate than to none.
TEST_F(Jumps, AnAnchorIsFoundWhateverTheMisleadingLineLooksLike) {
    const SoundScan take = shoot.take(cut(day, 20, 100));
    const SoundScan recording = shoot.recording(day);
    auto reader = WindowReader::open(take, recording);
    ASSERT_TRUE(reader);
    FineMatch misled;
    misled.overlap = {{0}, {80}};
    misled.line = ClockLine{{0}, {-560}}.through({40}, {60.01});
    const auto anchor = findAnchor(*reader, misled, JobControl{});
    ASSERT_TRUE(anchor && *anchor);
    EXPECT_NEAR((*anchor)->line.toRecording({40}).value, 60, 1e-4);
    EXPECT_NEAR((*anchor)->line.drift.value, 0, 5);
}

// Whoever speaks goes away from the camera; there an echo is much louder than the direct sound, and
// is followed. That makes the way longer, not the line wrong: it follows the nearer place.
TEST_F(Jumps, WhereSomebodyIsFarAwayAnEchoMayBeFollowed) {
    const auto delayed = [](const std::vector<float>& sound, double gain, double ms, auto& into) {
        const auto by = static_cast<std::size_t>(ms * 48);
        for (std::size_t n = by; n < sound.size(); ++n) {
            into[n] += static_cast<float>(gain) * sound[n - by];
        }
    };
    std::vector<float> near(day.size()), far(day.size());
    delayed(day, 1, 0, near);
    delayed(day, 0.6, 5, near);
    delayed(day, 0.24, 8, far);
    delayed(day, 0.5, 13, far);
    delayed(day, 1, 21, far);
    const auto e = shoot.match(joined(cut(near, 20, 27), cut(far, 27, 100)), day);
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    EXPECT_FALSE(e.path.empty()) << e.reason;
    EXPECT_NEAR(offBy(e, 10, 30), 0, 1e-4);
    EXPECT_NEAR(offBy(e, 70, 90), 0, 1e-4);
    EXPECT_LT(e.evidence.beforeShare, 0.2) << "what comes before is that of the nearer place";
}

TEST_F(Jumps, NoneWhereNothingWasLost) {
    const auto e = shoot.match(cut(day, 20, 100), day);
    EXPECT_EQ(e.segments.size(), 1u) << e.reason;
    EXPECT_NEAR(e.segments[0].range.end.value, 80, 0.05);
}

TEST_F(Jumps, NoneWhereTheRestIsOnlyDrownedInNoise) {
    auto scratch = cut(day, 20, 100);
    const auto noise = test::whiteNoise(80, 48000, 0.5, 2);
    for (std::size_t n = 40 * 48000; n < scratch.size(); ++n) scratch[n] = noise[n];
    const auto e = shoot.match(scratch, day);
    EXPECT_EQ(e.segments.size(), 1u) << e.reason;
    EXPECT_NEAR(e.line.offset.value, 20, 1e-4);
}

// The whole take lies elsewhere once more, in noise: half as strong, and beyond chance.
TEST_F(Jumps, DoNotMakeAnotherPlaceWeaker) {
    const auto take = cut(day, 20, 100);
    const auto again = test::sum(take, test::whiteNoise(80, 48000, 0.03, 5));
    const auto e = shoot.match(take, joined(joined(cut(day, 0, 62), cut(day, 62.3, 120)), again));
    EXPECT_EQ(e.status, MatchStatus::Unsure) << e.reason;
    EXPECT_NE(sentence(e.reason).find("more than one place"), std::string::npos) << e.reason;
}

}  // namespace
}  // namespace brisk

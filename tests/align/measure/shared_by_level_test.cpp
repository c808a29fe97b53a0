// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/measure/shared_by_level.h"

#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

using test::cut;
using test::sum;

std::vector<float> times(std::vector<float> sound, float gain) {
    for (float& x : sound) x *= gain;
    return sound;
}

/// Somebody is at the press, a radio plays there and in the room where the take is shot.
class Radio : public ::testing::Test {
  protected:
    test::ShootFolder shoot;
    std::vector<float> radio = times(test::babble(100, 48000, 31), 0.35f);
    std::vector<float> atThePress = test::babble(100, 48000, 32);
    std::vector<float> atTheDesk = test::babble(100, 48000, 33);
    std::vector<float> hiss = test::whiteNoise(100, 48000, 0.002, 34);
};

TEST_F(Radio, WhatPlaysInTwoRoomsIsNoMatch) {
    const auto e =
        shoot.match(cut(sum(sum(atTheDesk, radio), hiss), 20, 80), sum(atThePress, radio));
    EXPECT_EQ(e.status, MatchStatus::Unsure) << e.reason;
    EXPECT_EQ(e.reason.front().id, "only-background") << e.reason;
}

TEST_F(Radio, TheSameRoomIs) {
    const auto e =
        shoot.match(cut(sum(sum(atThePress, radio), hiss), 20, 80), sum(atThePress, radio));
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
}

// Rustle on a lavalier: what is loud in the recording is not in the take.
TEST_F(Radio, WhatDrownsOneSideAloneDoesNotSpeakAgainstIt) {
    const auto quiet = times(atThePress, 0.3f);
    EXPECT_EQ(shoot.match(cut(sum(quiet, hiss), 20, 80), sum(quiet, atTheDesk)).status,
              MatchStatus::Matched);
    EXPECT_EQ(shoot.match(cut(sum(sum(quiet, atTheDesk), hiss), 20, 80), quiet).status,
              MatchStatus::Matched);
}

class Levels : public Radio {
  protected:
    SharedByLevel shared(const std::vector<float>& scratch, const std::vector<float>& clean,
                         int polarity = 1) {
        const SoundScan take = shoot.take(scratch), recording = shoot.recording(clean);
        auto reader = WindowReader::open(take, recording);
        FineMatch m;
        m.line = ClockLine{{20}, {0}};
        for (int i = 0; i < 20; ++i) m.windows.push_back({{2.0 + 2.5 * i}, {0}, 10, true});
        auto out = sharedByLevel(*reader, {{{{0}, {60}}, m, {}}}, polarity, {});
        EXPECT_TRUE(out);
        return out ? *out : SharedByLevel{};
    }
};

// The take's sound is coded, which costs what is quiet more.
TEST_F(Levels, TheSameSoundAgreesAtEveryLevel) {
    const auto same = shared(cut(atThePress, 20, 80), atThePress);
    for (const auto& side : {same.take, same.recording}) {
        EXPECT_GT(side.usual.agreement, 0.9);
        EXPECT_GT(side.loud.agreement, side.usual.agreement);
        EXPECT_LT(side.loud.doubt, 0.02);
    }
    const auto turned = shared(times(cut(atThePress, 20, 80), -1), atThePress, -1);
    EXPECT_GT(turned.take.loud.agreement, 0.95);
}

TEST_F(Levels, ForeignSoundAgreesAtNone) {
    const auto none = shared(cut(atTheDesk, 20, 80), atThePress);
    for (const auto& part :
         {none.take.usual, none.take.loud, none.recording.usual, none.recording.loud}) {
        EXPECT_LT(std::fabs(part.agreement), 4 * part.doubt);
    }
}

TEST_F(Levels, WhatIsDrownedOnOneSideIsLoudOnTheOther) {
    const auto quiet = times(atThePress, 0.3f);
    const auto rustle = shared(cut(quiet, 20, 80), sum(quiet, atTheDesk));
    EXPECT_LT(rustle.recording.loud.agreement, rustle.recording.usual.agreement);
    EXPECT_GT(rustle.take.loud.agreement, rustle.take.usual.agreement);
}

}  // namespace
}  // namespace brisk

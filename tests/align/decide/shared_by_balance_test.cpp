// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/decide/shared_by_balance.h"

#include <cmath>
#include <numbers>

#include "sim/noise.h"
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

/// One note after the other, at pitches of a piano, each struck and fading.
std::vector<float> notes(double seconds, float amplitude) {
    std::vector<float> out(static_cast<std::size_t>(seconds * 48000));
    sim::NoiseSource dice(36);
    double hz = 440;
    for (std::size_t n = 0, since = 0; n < out.size(); ++n, ++since) {
        if (since == 14400) {
            since = 0;
            hz = 220 * std::pow(2, std::floor(36 * dice.uniform()) / 12);
        }
        const double t = static_cast<double>(since) / 48000;
        for (const int overtone : {1, 2, 3}) {
            out[n] += amplitude / static_cast<float>(overtone) *
                      static_cast<float>(std::exp(-4 * t) *
                                         std::sin(2 * std::numbers::pi * hz * overtone * t));
        }
    }
    return out;
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

// So what is loud is in common for the most part; what stands out on one side is not.
TEST_F(Radio, NorIsAPianoThatIsLouderThanTheVoicesInItsOwnNotes) {
    for (const float amplitude : {0.04f, 0.08f}) {
        const auto piano = notes(100, amplitude);
        const auto e =
            shoot.match(cut(sum(sum(atTheDesk, piano), hiss), 20, 80), sum(atThePress, piano));
        EXPECT_NE(e.status, MatchStatus::Matched) << e.reason;
    }
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

class Balance : public Radio {
  protected:
    SharedByBalance shared(const std::vector<float>& scratch, const std::vector<float>& clean,
                           int polarity = 1) {
        const SoundScan take = shoot.take(scratch), recording = shoot.recording(clean);
        auto reader = WindowReader::open(take, recording);
        FineMatch m;
        m.line = ClockLine{{20}, {0}};
        for (int i = 0; i < 20; ++i) m.windows.push_back({{2.0 + 2.5 * i}, {0}, 10, true});
        auto out = sharedByBalance(*reader, {{{{0}, {60}}, m, {}}}, polarity, {});
        EXPECT_TRUE(out);
        return out ? *out : SharedByBalance{};
    }
};

// The take's sound is coded, which costs what is quiet more.
TEST_F(Balance, TheSameSoundAgreesWhereverItIsHeard) {
    const auto same = shared(cut(atThePress, 20, 80), atThePress);
    for (const auto& part : {same.takeWeak, same.even, same.recordingWeak}) {
        EXPECT_GT(part.agreement, 0.85);
        EXPECT_LT(part.doubt, 0.02);
    }
    const auto turned = shared(times(cut(atThePress, 20, 80), -1), atThePress, -1);
    EXPECT_GT(turned.even.agreement, 0.95);
    EXPECT_LT(std::max(same.loudInTakeAlone, same.loudInRecordingAlone), 0.02);
}

TEST_F(Balance, ForeignSoundAgreesNowhere) {
    const auto none = shared(cut(atTheDesk, 20, 80), atThePress);
    for (const auto& part : {none.takeWeak, none.even, none.recordingWeak}) {
        EXPECT_LT(std::fabs(part.agreement), 4 * part.doubt);
    }
    EXPECT_GT(std::min(none.loudInTakeAlone, none.loudInRecordingAlone), 0.3);
}

TEST_F(Balance, WhatDrownsOneSideIsMissedWhereThatSideStandsOut) {
    const auto quiet = times(atThePress, 0.3f);
    const auto rustle = shared(cut(quiet, 20, 80), sum(quiet, atTheDesk));
    EXPECT_LT(rustle.takeWeak.agreement, 0.5 * rustle.even.agreement);
    EXPECT_GT(rustle.recordingWeak.agreement, rustle.even.agreement);
    EXPECT_LT(rustle.loudInTakeAlone, 0.5 * rustle.loudInRecordingAlone);
}

TEST_F(Balance, WhatPlaysInTwoRoomsIsMissedWhereEitherStandsOut) {
    const auto two = shared(cut(sum(atTheDesk, radio), 20, 80), sum(atThePress, radio));
    EXPECT_GT(two.even.agreement, 20 * two.even.doubt);
    EXPECT_LT(two.takeWeak.agreement, 0.5 * two.even.agreement);
    EXPECT_LT(two.recordingWeak.agreement, 0.5 * two.even.agreement);
    EXPECT_GT(std::min(two.loudInTakeAlone, two.loudInRecordingAlone), 0.2);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/follow/steady_way.h"

#include <gtest/gtest.h>

#include "sim/walked_room.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

class SteadyWay : public ::testing::Test {
  protected:
    /// Forty seconds, from a metre away at this many metres a second.
    TetherEstimate carried(double pace) {
        const sim::Course metres{{20, 1}, {60, 1 + 40 * pace}};
        std::vector<float> heard;
        sim::WalkedRoom({.rt60 = 0.3}, metres, 4).process(day, heard);
        return shoot.match(test::cut(heard, 20, 60), day);
    }
    test::ShootFolder shoot;
    std::vector<float> day = test::babble(90, 48000, 21);
};

// Half way between two clocks and a pulled rate, where no search for clocks looks.
TEST_F(SteadyWay, ACarriedCameraIsHeardAlongASlopeThatNoClockHas) {
    for (const double pace : {0.13, 0.17, 0.22}) {
        const auto e = carried(pace);
        EXPECT_EQ(e.status, MatchStatus::Matched) << pace << ": " << e.reason;
        ASSERT_EQ(e.segments.size(), 1u) << pace << ": " << e.reason;
        EXPECT_NEAR(e.line.drift.value, -pace / sim::kMetresPerSecond * 1e6, 8) << e.reason;
        EXPECT_NEAR(e.line.toRecording({0}).value, 20 - 1 / sim::kMetresPerSecond, 1e-3);
        EXPECT_TRUE(findFact(e.reason, "clock-or-way")) << e.reason;
    }
}

TEST_F(SteadyWay, IsNotLookedForWhereAClockExplainsAll) {
    const SoundScan take = shoot.take(test::cut(day, 20, 60)), recording = shoot.recording(day);
    WindowReader reader(*HeldSound::open(take), *HeldSound::open(recording));
    FineMatch still;
    still.line = {{20}, {12}};
    still.overlap = {{0}, {40}};
    still.windows.assign(32, SlipWindow{{1}, {0}, 9, true});
    EXPECT_FALSE(*findSteadyWay(reader, still, {}));
    still.windows.assign(32, SlipWindow{{1}, {0}, 9, false});
    const auto found = findSteadyWay(reader, still, {});
    ASSERT_TRUE(*found) << "looked for where windows do not agree";
    EXPECT_LT((*found)->stackStrength, 30) << "and hardly heard: nobody was carried";
    still.overlap = {{0}, {8}};
    EXPECT_FALSE(*findSteadyWay(reader, still, {})) << "too short to tell a slope";
}

}  // namespace
}  // namespace brisk

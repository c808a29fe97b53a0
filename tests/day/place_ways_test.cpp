// SPDX-License-Identifier: GPL-3.0-or-later
// Ways to lay a take without measuring: where they put it, and that they say so.
#include "day/place_ways.h"

#include <gtest/gtest.h>

#include "shoot/commands.h"
#include "text/sentence.h"

namespace brisk {
namespace {

struct PlaceWays : ::testing::Test {
    PlaceWays() {
        shoot.apply(commands::addMedia({{0, "/card/glue-01.mp4", MediaKind::Take, {}},
                                        {0, "/rec/lavalier.wav", MediaKind::Recording, {}}}));
        take.info.duration = {20};
        take.samples = 20 * 48000;
        take.rate = recording.rate = {48000};
        recording.samples = 90 * 48000;
    }
    const Tether& lay(PlaceWay way) {
        const auto c = layBy(way, shoot.state(), 1, 2, take, recording);
        EXPECT_TRUE(c.has_value());
        if (c) shoot.apply(*c);
        return *shoot.state().tetherOf(1);
    }
    Shoot shoot;
    SoundScan take, recording;
};

TEST_F(PlaceWays, ByTheirStartsAndByTheirEnds) {
    EXPECT_EQ(lay(PlaceWay::BothStarts).line.offset, Seconds{0});
    EXPECT_NE(sentence(shoot.state().tetherOf(1)->found.reason).find("both starts"),
              std::string::npos);
    EXPECT_NEAR(lay(PlaceWay::BothEnds).line.offset.value, 70, 1e-9);
    EXPECT_EQ(shoot.state().stateOf(1), TetherState::NeedsAnEar) << "nobody has listened";
    shoot.undo();
    EXPECT_EQ(shoot.state().tetherOf(1)->line.offset, Seconds{0});
}

TEST_F(PlaceWays, ByTheirStampsWhereTheyHaveSome) {
    EXPECT_FALSE(layBy(PlaceWay::Stamps, shoot.state(), 1, 2, take, recording));
    take.info.stamps.creationTime = "2026-05-04T09:13:00.000000Z";
    recording.info.stamps.creationTime = "2026-05-04T09:12:05.000000Z";
    const Tether& t = lay(PlaceWay::Stamps);
    EXPECT_NEAR(t.line.offset.value, 55, 1e-9);
    EXPECT_NE(sentence(t.found.reason).find("both creation times alone"), std::string::npos)
        << sentence(t.found.reason);
}

TEST_F(PlaceWays, WhereAPersonSaysWithTheReasonThatIsGiven) {
    shoot.apply(layAt(shoot.state(), 1, 2, Seconds{31.5}, {"laid-as-typed"}));
    EXPECT_EQ(shoot.state().tetherOf(1)->line.offset, Seconds{31.5});
    EXPECT_EQ(shoot.state().stateOf(1), TetherState::NeedsAnEar);
    EXPECT_NE(sentence(shoot.state().tetherOf(1)->found.reason).find("typed"), std::string::npos);
}

TEST_F(PlaceWays, TheStampsSayOnWhichRecordingToo) {
    SoundScan later = recording;
    take.info.stamps.creationTime = "2026-05-04T09:15:00.000000Z";
    recording.info.stamps.creationTime = "2026-05-04T09:12:05.000000Z";
    later.info.stamps.creationTime = "2026-05-04T09:14:50.000000Z";
    EXPECT_EQ(stampedRecording(take, {{2, &recording}, {3, &later}}), 3);
    EXPECT_EQ(stampedRecording(take, {{2, &recording}}), 0) << "it had ended";
    EXPECT_EQ(stampedRecording(take, {}), 0);
}

TEST_F(PlaceWays, SeveralAreOneStepOfTheHistory) {
    shoot.apply(commands::addMedia({{0, "/card/glue-02.mp4", MediaKind::Take, {}}}));
    const auto steps = shoot.at();
    shoot.apply(together({*layBy(PlaceWay::BothStarts, shoot.state(), 1, 2, take, recording),
                          *layBy(PlaceWay::BothEnds, shoot.state(), 3, 2, take, recording)}));
    EXPECT_EQ(shoot.at(), steps + 1);
    EXPECT_EQ(sentence(shoot.undoLabel()), "Lay 2 takes on their recordings");
    EXPECT_EQ(shoot.state().tetherOf(1)->line.offset, Seconds{0});
    EXPECT_NEAR(shoot.state().tetherOf(3)->line.offset.value, 70, 1e-9);
    shoot.undo();
    EXPECT_EQ(shoot.state().tetherOf(1), nullptr);
    EXPECT_EQ(shoot.state().tetherOf(3), nullptr);
}

TEST_F(PlaceWays, WhatIsTetheredStays) {
    lay(PlaceWay::BothEnds);
    shoot.apply(commands::lock(shoot.state(), 1));
    lay(PlaceWay::BothStarts);
    EXPECT_NEAR(shoot.state().tetherOf(1)->line.offset.value, 70, 1e-9);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// A take with more than one tether: recordings that continue each other, microphones beside.
#include <gtest/gtest.h>

#include "shoot/commands.h"
#include "shoot/shoot_json.h"
#include "support/facts_text.h"

namespace brisk {
namespace {

Tether tether(int take, int recording, double offset, bool beside = false) {
    Tether t;
    t.take = take;
    t.recording = recording;
    t.line = t.found.line = {{offset}, {10}};
    t.found.status = MatchStatus::Matched;
    t.beside = beside;
    return t;
}

class SeveralRecordings : public ::testing::Test {
  protected:
    void SetUp() override {
        shoot_.apply(commands::addMedia({{0, "glue.mp4", MediaKind::Take, {}, {}},
                                         {0, "rec-1.wav", MediaKind::Recording, {}, {}},
                                         {0, "rec-2.wav", MediaKind::Recording, {}, {}},
                                         {0, "hand.wav", MediaKind::Recording, {}, {}}}));
        shoot_.apply(
            commands::takeMatches({tether(1, 2, 30), tether(1, 3, -12), tether(1, 4, 7, true)}));
    }
    [[nodiscard]] const Tether& on(int recording) const {
        for (const Tether& t : shoot_.state().tethers) {
            if (t.recording == recording) return t;
        }
        throw std::out_of_range("no tether");
    }
    Shoot shoot_;
};

TEST_F(SeveralRecordings, TheHeardOnesComeFirst) {
    const auto all = shoot_.state().tethersOf(1);
    ASSERT_EQ(all.size(), 3u);
    EXPECT_EQ(all[0]->recording, 2);
    EXPECT_TRUE(all[2]->beside);
    EXPECT_EQ(shoot_.state().tetherOf(1)->recording, 2);
    EXPECT_EQ(sentence(shoot_.undoLabel()), "Find matches for 1 take") << "three tethers, one take";
}

TEST_F(SeveralRecordings, WhatContinuesMovesAlongAndWhatStandsBesideDoesNot) {
    shoot_.apply(commands::moveClean(shoot_.state(), 1, Seconds{0.25}));
    EXPECT_NEAR(on(2).line.offset.value, 29.75, 1e-12);
    EXPECT_NEAR(on(3).line.offset.value, -12.25, 1e-12);
    EXPECT_EQ(on(4).line.offset.value, 7);
    // Onto another line: the two stay as they lie to each other.
    const double between = on(2).line.toRecording({40}).value - on(3).line.toRecording({40}).value;
    shoot_.apply(commands::place(shoot_.state(), 1, {{31}, {-40}}, {"best-place"}));
    EXPECT_NEAR(on(2).line.toRecording({40}).value - on(3).line.toRecording({40}).value, between,
                1e-9);
    EXPECT_NEAR(on(3).line.drift.value, -40, 1e-9);
    shoot_.apply(commands::backToFound(shoot_.state(), 1));
    EXPECT_EQ(on(3).line, on(3).found.line);
}

TEST_F(SeveralRecordings, TheyAreLockedTogether) {
    shoot_.apply(commands::lock(shoot_.state(), 1));
    for (const int r : {2, 3, 4}) EXPECT_TRUE(on(r).locked) << r;
    shoot_.apply(commands::moveClean(shoot_.state(), 1, Seconds{1}));
    EXPECT_EQ(on(2).line.offset.value, 30);
    shoot_.apply(commands::unlock(shoot_.state(), 1));
    for (const int r : {2, 3, 4}) EXPECT_FALSE(on(r).locked) << r;
}

TEST_F(SeveralRecordings, AnotherMicrophoneIsHeardAndTheRestIsKept) {
    shoot_.apply(commands::hear(shoot_.state(), 1, {4}));
    EXPECT_EQ(shoot_.state().tetherOf(1)->recording, 4);
    EXPECT_TRUE(on(2).beside && on(3).beside);
    shoot_.apply(commands::hear(shoot_.state(), 1, {2, 3}));
    EXPECT_TRUE(on(4).beside);
    EXPECT_FALSE(on(3).beside);
}

TEST_F(SeveralRecordings, WithoutTheHeardOneTheNextIsHeard) {
    shoot_.apply(commands::removeMedia(shoot_.state(), 2));
    EXPECT_EQ(shoot_.state().tetherOf(1)->recording, 3);
    shoot_.apply(commands::removeMedia(shoot_.state(), 3));
    ASSERT_TRUE(shoot_.state().tetherOf(1));
    EXPECT_EQ(shoot_.state().tetherOf(1)->recording, 4);
}

TEST_F(SeveralRecordings, ANewSearchTakesThePlaceOfAll) {
    shoot_.apply(commands::setSoundDelay(shoot_.state(), 1, Seconds{0.01}));
    shoot_.apply(commands::takeMatches({tether(1, 4, 8)}));
    const auto all = shoot_.state().tethersOf(1);
    ASSERT_EQ(all.size(), 1u);
    EXPECT_EQ(all[0]->recording, 4);
    EXPECT_EQ(all[0]->soundDelay.value, 0.01) << "how far the camera stood stays";
}

TEST_F(SeveralRecordings, TheyAreSavedAndSnapshotsBringThemBack) {
    const ShootState back = shootFromJson(shootJson(shoot_.state(), "/"));
    EXPECT_EQ(back.tethers, shoot_.state().tethers);
    shoot_.keepSnapshot("all three");
    shoot_.apply(commands::takeMatches({tether(1, 4, 8)}));
    shoot_.apply(commands::takeAsInSnapshot(shoot_.state(), 1, shoot_.snapshots()[0]));
    EXPECT_EQ(shoot_.state().tethersOf(1).size(), 3u);
}

}  // namespace
}  // namespace brisk

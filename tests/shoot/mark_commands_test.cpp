// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/mark_commands.h"

#include <gtest/gtest.h>

#include "shoot/commands.h"
#include "support/facts_text.h"

namespace brisk {
namespace {

class ByHand : public ::testing::Test {
  protected:
    void SetUp() override {
        shoot.apply(
            commands::addMedia({{0, "/card/press-02.mov", MediaKind::Take, {1, "x"}},
                                {0, "/card/lavalier.wav", MediaKind::Recording, {1, "y"}}}));
    }
    const Tether& tether() { return *shoot.state().tetherOf(kTake); }
    static constexpr int kTake = 1, kRecording = 2;
    Shoot shoot;
};

TEST_F(ByHand, MarksArePutMovedNamedAndRemovedAndEachStepSaysSo) {
    shoot.apply(commands::addMark(shoot.state(), kTake, {4}));
    EXPECT_EQ(sentence(shoot.undoLabel()), "Put mark 1 on press-02.mov");
    shoot.apply(commands::addMark(shoot.state(), kTake, {2}, "clap"));
    const auto marks = shoot.state().marksOf(kTake);
    ASSERT_EQ(marks.size(), 2u);
    EXPECT_EQ(marks[0].name, "clap") << "in order of time";
    const int id = marks[1].id;
    shoot.apply(commands::moveMark(shoot.state(), id, {1}));
    EXPECT_EQ(sentence(shoot.undoLabel()), "Move mark 1");
    EXPECT_EQ(shoot.state().marksOf(kTake)[0].id, id);
    shoot.apply(commands::renameMark(shoot.state(), id, "door"));
    EXPECT_EQ(shoot.state().mark(id)->name, "door");
    shoot.apply(commands::removeMark(shoot.state(), id));
    EXPECT_EQ(sentence(shoot.undoLabel()), "Remove door");
    EXPECT_FALSE(shoot.state().mark(id));
    shoot.undo();
    EXPECT_EQ(shoot.state().mark(id)->name, "door");
    shoot.apply(commands::removeMedia(shoot.state(), kTake));
    EXPECT_TRUE(shoot.state().marks.empty()) << "they go with their file";
}

TEST_F(ByHand, ATakeLaidOnARecordingNeedsAnEarAndHasNothingToGoBackTo) {
    shoot.apply(commands::layOn(shoot.state(), kTake, kRecording, {12}));
    EXPECT_EQ(sentence(shoot.undoLabel()), "Lay press-02.mov on lavalier.wav");
    EXPECT_EQ(tether().state(), TetherState::NeedsAnEar);
    EXPECT_FALSE(tether().movedByHand());
    shoot.apply(commands::place(shoot.state(), kTake, {{20.5}, {14}},
                                {"mark-pairs", {{"pairs", 2}, {"apart", 0.001}}}));
    EXPECT_EQ(tether().line, (ClockLine{{20.5}, {14}}));
    EXPECT_EQ(sentence(shoot.undoLabel()),
              "Place the clean sound of press-02.mov at 2 pairs, at most 1.0 ms apart");
}

// What was marked stays marked: the copy's head was cut off, so everything in it is earlier.
TEST_F(ByHand, MarksMoveWithARecordingThatIsSwappedForACopyThatBeginsLater) {
    shoot.apply(commands::layOn(shoot.state(), kTake, kRecording, {12}));
    shoot.apply(commands::addMark(shoot.state(), kRecording, {20}));
    shoot.apply(commands::addMark(shoot.state(), kTake, {8}));
    CopyFit fit;
    fit.line = {{2}, {0}};
    shoot.apply(commands::swapRecording(shoot.state(), kRecording, "/card/repaired.wav", {}, fit));
    EXPECT_DOUBLE_EQ(shoot.state().marksOf(kRecording)[0].time.value, 18);
    EXPECT_DOUBLE_EQ(shoot.state().marksOf(kTake)[0].time.value, 8);
    EXPECT_DOUBLE_EQ(tether().line.offset.value, 10);
    shoot.undo();
    EXPECT_DOUBLE_EQ(shoot.state().marksOf(kRecording)[0].time.value, 20);
}

TEST_F(ByHand, NothingMovesWhatIsLocked) {
    shoot.apply(commands::layOn(shoot.state(), kTake, kRecording, {12}));
    shoot.apply(commands::lock(shoot.state(), kTake));
    shoot.apply(commands::place(shoot.state(), kTake, {{20}, {0}}, {"best-place"}));
    shoot.apply(commands::layOn(shoot.state(), kTake, kRecording, {30}));
    shoot.apply(commands::setSoundDelay(shoot.state(), kTake, milliseconds(12)));
    EXPECT_EQ(tether().line, (ClockLine{{12}, {0}}));
    EXPECT_EQ(tether().soundDelay, Seconds{0});
}

TEST_F(ByHand, TheSoundsWayToTheCameraMovesOnlyWhatIsHeard) {
    shoot.apply(commands::layOn(shoot.state(), kTake, kRecording, {12}));
    shoot.apply(commands::setSoundDelay(shoot.state(), kTake, milliseconds(35)));
    EXPECT_EQ(tether().line.offset, Seconds{12});
    // What the camera hears at 5.035 s happened in the picture at 5 s.
    EXPECT_NEAR(tether().heardLine().toRecording({5}).value,
                tether().line.toRecording({5.035}).value, 1e-12);
    EXPECT_NE(sentence(shoot.undoLabel()).find("35.0 ms earlier"), std::string::npos);
    shoot.apply(commands::setSoundDelay(shoot.state(), kTake, {0}));
    EXPECT_EQ(tether().heardLine(), tether().line);
}

}  // namespace
}  // namespace brisk

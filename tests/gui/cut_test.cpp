// SPDX-License-Identifier: GPL-3.0-or-later
// Trimming, cutting, dropping and bringing back, in the window.
#include <gtest/gtest.h>

#include <QMenu>
#include <QTest>
#include <cmath>

#include "media/read/probe.h"
#include "render/cut_snap.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/shoot_folder.h"
#include "support/signals.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::WindowDriver;

class Cutting : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(40, 48000, 3);
        test::writeTake(folder_.file("sewing-01.mp4"), test::cut(day, 10, 30));
        test::writeSound(folder_.file("lavalier.wav"), test::cut(day, 13, 40));
        w.drop({QString::fromStdString(folder_.file(""))});
        (void)QTest::qWaitFor([&] { return session().state().media.size() == 2; }, 60000);
        w.waitQuiet();
        EXPECT_TRUE(w.press(QStringLiteral("Find matches")));
        w.waitQuiet();
        EXPECT_TRUE(w.press(QStringLiteral("Tether")));
    }
    app::Session& session() { return w.window.session(); }
    void key(double at, Qt::Key key, Qt::KeyboardModifiers held = {}) {
        w.window.bench().setPlayhead({at});
        w.seam().setFocus();
        QTest::keyClick(&w.seam(), key, held);
    }
    TimeRanges kept() { return session().view(w.take()).kept; }
    test::TempFolder folder_;
    WindowDriver w;
};

TEST_F(Cutting, APieceIsCutOutDroppedAndBroughtBackAndNothingMoves) {
    const ClockLine line = session().state().tetherOf(w.take())->line;
    key(6, Qt::Key_X);
    key(9, Qt::Key_X);
    ASSERT_EQ(kept().size(), 3u);
    key(7, Qt::Key_X, Qt::ShiftModifier);
    ASSERT_EQ(kept().size(), 2u);
    EXPECT_NEAR(kept()[0].end.value, 6, 1e-6);
    EXPECT_NEAR(kept()[1].start.value, 9, 1e-6);
    EXPECT_EQ(QString::fromStdString(sentence(session().shoot().undoLabel())),
              QLatin1String("Drop a piece of sewing-01.mp4"));
    EXPECT_EQ(session().view(w.take()).sound->kept.size(), 2u) << "heard and written like that";
    EXPECT_EQ(session().state().tetherOf(w.take())->line, line);
    EXPECT_EQ(session().state().stateOf(w.take()), TetherState::Tethered);
    key(7, Qt::Key_X, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_EQ(kept().size(), 3u);
    for (int i = 0; i < 4; ++i) w.press(QStringLiteral("Undo"));
    EXPECT_EQ(kept(), TimeRanges{session().view(w.take()).whole});
}

TEST_F(Cutting, NothingShorterThanAPictureIsKept) {
    key(5, Qt::Key_Q);
    const TimeRanges before = kept();
    for (const double at : {5.0, 5.00001, 5.03}) {  // 25 pictures a second
        key(at, Qt::Key_Q, Qt::ShiftModifier);      // trims the end
        EXPECT_EQ(kept(), before) << at;
        key(at, Qt::Key_X);
        EXPECT_EQ(kept(), before) << at;
    }
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("less than one picture")))
        << w.wordsOnScreen().toStdString();
    key(5.04, Qt::Key_Q, Qt::ShiftModifier);
    ASSERT_EQ(kept().size(), 1u);
    EXPECT_NEAR(kept()[0].length().value, 0.04, 1e-6);
}

TEST_F(Cutting, BothEndsAreTrimmedAndTheSharedPartIsKept) {
    key(5, Qt::Key_Q);
    key(15, Qt::Key_Q, Qt::ShiftModifier);
    ASSERT_EQ(kept().size(), 1u);
    EXPECT_NEAR(kept()[0].start.value, 5, 1e-6);
    EXPECT_NEAR(kept()[0].end.value, 15, 1e-6);
    w.press(QStringLiteral("Undo"));
    w.press(QStringLiteral("Undo"));
    // From the menu, which shows only what can be done here.
    const QPoint middle = w.seam().rect().center();
    QContextMenuEvent wanted(QContextMenuEvent::Mouse, middle, w.seam().mapToGlobal(middle));
    QApplication::sendEvent(&w.seam(), &wanted);
    QAction* shared = nullptr;
    for (QMenu* menu : w.window.findChildren<QMenu*>()) {
        for (QAction* a : menu->actions()) {
            EXPECT_NE(a->text(), QLatin1String("Keep the whole take again"));
            if (a->text() == QLatin1String("Keep the shared part")) shared = a;
        }
    }
    ASSERT_TRUE(shared);
    shared->trigger();
    ASSERT_EQ(kept().size(), 1u);
    EXPECT_NEAR(kept()[0].start.value, 3, 1e-3) << "where the recording begins";
}

TEST_F(Cutting, CutsSettleOnPausesAndOnsetsIfThatIsWanted) {
    QAction* settle = w.window.verbs().action(app::Verb::CutsSettle);
    EXPECT_FALSE(settle->isChecked());
    settle->trigger();
    const CleanPieces heard = session().view(w.take()).heard();
    int moved = 0;
    for (double at = 5; at < 16; at += 1.37) {
        const double want = snapCut(heard, {at}).at.value;
        moved += std::fabs(want - at) > 0.01;
        key(at, Qt::Key_X);
        ASSERT_EQ(kept().size(), 2u) << at;
        EXPECT_NEAR(kept()[0].end.value, want, 1e-6);
        // The playhead stays; pointing at a piece is never moved to another one.
        key(want - 0.05, Qt::Key_X, Qt::ShiftModifier);
        EXPECT_NEAR(kept()[0].start.value, want, 1e-6);
        w.press(QStringLiteral("Undo"));
        w.press(QStringLiteral("Undo"));
    }
    EXPECT_GT(moved, 3);
}

TEST_F(Cutting, TheCardSaysWhatFillsTheUncoveredStretch) {
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("first 3.0 s: silence")))
        << w.wordsOnScreen().toStdString();
    SoundChoice c;
    c.uncovered = Uncovered::Camera;
    session().setSound({}, c);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("first 3.0 s: the camera's sound")));
    c.uncovered = Uncovered::Trimmed;
    session().setSound({}, c);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("first 3.0 s: trimmed away")));
}

TEST_F(Cutting, EachKeptPieceIsHandedOverAsAFileOfItsOwn) {
    key(6, Qt::Key_X);
    key(9.04, Qt::Key_X);
    key(7, Qt::Key_X, Qt::ShiftModifier);
    const auto written = w.handOver(folder_.file("out"));
    ASSERT_EQ(written.size(), 2u);
    for (const FileResult& r : written) EXPECT_EQ(sentence(r.problem), "");
    EXPECT_TRUE(written[0].path.ends_with("sewing-01 clean piece 1.mov"));
    EXPECT_NEAR(probe(written[0].path)->duration.value, 6, 0.05);
    EXPECT_NEAR(probe(written[1].path)->duration.value, 20 - 9.04, 0.05);
}

}  // namespace
}  // namespace brisk

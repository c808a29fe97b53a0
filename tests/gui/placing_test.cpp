// SPDX-License-Identifier: GPL-3.0-or-later
// Placing by hand in the real window: what a person does, and what they then see.
#include <gtest/gtest.h>

#include <QLineEdit>
#include <QTest>
#include <cmath>

#include "app/listen/listen_bar.h"
#include "app/proof/slip_line.h"
#include "app/proof/spot_checks.h"
#include "app/tray/place_bar.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::WindowDriver;

/// A take that lies 5 s into its recording, with a clap 3 s into the take and one 16 s into it.
class Placing : public ::testing::Test {
  protected:
    void SetUp() override {
        auto day = test::babble(40, 48000, 3);
        for (const int at : {8, 21}) {
            const auto crack = test::whiteNoise(0.01, 48000, 0.4, 50 + static_cast<unsigned>(at));
            for (int n = -14400; n < 14400; ++n) {
                day[static_cast<std::size_t>(at * 48000 + n)] *= 0.001f;  // hush around it
            }
            for (std::size_t n = 0; n < crack.size(); ++n) {
                day[static_cast<std::size_t>(at) * 48000 + n] += crack[n];
            }
        }
        test::writeTake(folder_.file("press-01.mp4"),
                        {day.begin() + 48000 * 5, day.begin() + 48000 * 25}, {});
        test::writeSound(folder_.file("lavalier.wav"), day, {});
        w.drop({QString::fromStdString(folder_.file("press-01.mp4")),
                QString::fromStdString(folder_.file("lavalier.wav"))});
        (void)QTest::qWaitFor([&] { return w.take() != 0; }, 60000);
        w.waitQuiet();
    }
    const Tether& tether() { return *session().state().tetherOf(w.take()); }
    app::Session& session() { return w.window.session(); }
    QLineEdit& field(const QString& name) {
        for (auto* f : w.window.findChildren<QLineEdit*>()) {
            if (f->accessibleName() == name) return *f;
        }
        ADD_FAILURE() << name.toStdString();
        std::abort();
    }
    void type(const QString& text) {
        QLineEdit& f = field(QStringLiteral("Where the take falls on the recording"));
        f.setFocus();
        f.selectAll();
        QTest::keyClicks(&f, text);
        QTest::keyClick(&f, Qt::Key_Return);
    }
    /// Waits until the whole take has been looked along again.
    QString verdict() {
        (void)QTest::qWaitFor([&] { return w.window.bench().proof().state().done; }, 60000);
        QTest::qWait(30);
        (void)QTest::qWaitFor([&] { return w.window.bench().proof().state().done; }, 60000);
        return w.window.findChild<app::SlipLine*>()->verdict();
    }
    void markAt(double takeSeconds, bool clean) {
        w.window.bench().setPlayhead({takeSeconds});
        emit w.window.findChild<app::PlaceBar*>()->markWanted(clean, false);
        w.waitQuiet();
    }
    test::TempFolder folder_;
    WindowDriver w;
};

TEST_F(Placing, LaidByHandAndTypedItGoesExactlyThere) {
    ASSERT_TRUE(w.press(QStringLiteral("Place it by hand")));
    EXPECT_EQ(tether().state(), TetherState::NeedsAnEar);
    type(QStringLiteral("0:00:05"));
    EXPECT_NEAR(tether().line.offset.value, 5, 1e-12);
    type(QStringLiteral("+3 ms"));
    EXPECT_NEAR(tether().line.offset.value, 5.003, 1e-12);
    type(QStringLiteral("-7 samples"));
    EXPECT_NEAR(tether().line.offset.value, 5.003 - 7.0 / 48000, 1e-12) << "nothing is rounded";
    type(QStringLiteral("soon"));
    EXPECT_NEAR(tether().line.offset.value, 5.003 - 7.0 / 48000, 1e-12);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("is no time")));
    while (session().shoot().canUndo() && !session().state().tethers.empty()) {
        w.press(QStringLiteral("Undo"));
    }
    EXPECT_EQ(session().state().stateOf(w.take()), TetherState::Loose);
}

TEST_F(Placing, KeysInAFieldBelongToTheField) {
    w.press(QStringLiteral("Place it by hand"));
    QLineEdit& f = field(QStringLiteral("Where the take falls on the recording"));
    f.setFocus();
    f.clear();
    const Seconds before = w.seam().playhead();
    QTest::keyClicks(&f, QStringLiteral("12"));
    QTest::keyClick(&f, Qt::Key_Left);
    QTest::keyClicks(&f, QStringLiteral("3"));
    EXPECT_EQ(f.text(), QLatin1String("132"));
    EXPECT_EQ(w.seam().playhead(), before);
    QTest::keyClicks(&f, QStringLiteral("k"));
    EXPECT_TRUE(session().state().marks.empty());
}

TEST_F(Placing, NudgesInFourSizesAndSaysHowFar) {
    w.press(QStringLiteral("Place it by hand"));
    type(QStringLiteral("5"));
    const auto moves = [&](const char* name, double by) {
        const double before = tether().line.offset.value;
        ASSERT_TRUE(w.press(QString::fromUtf8(name))) << name;
        EXPECT_NEAR(tether().line.offset.value, before - by, 1e-12) << name;
    };
    moves("Clean sound one frame later", 1.0 / 25);
    moves("Clean sound one millisecond earlier", -0.001);
    moves("Clean sound one sample later", 1.0 / 48000);
    field(QStringLiteral("A size of your own")).setText(QStringLiteral("0.1 ms"));
    moves("Clean sound one step of your own earlier", -0.0001);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("moved by")));
}

TEST_F(Placing, MarksSettleOnTheClapsAndPutTogetherThePlaceIsRight) {
    w.press(QStringLiteral("Place it by hand"));
    type(QStringLiteral("5.4"));  // not yet where it belongs
    markAt(3.04, false);
    markAt(15.97, false);
    // On the clean side the claps are seen 0.4 s earlier than in the take.
    markAt(2.57, true);
    markAt(15.63, true);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("settled on the onset")));
    const auto marks = session().state().marksOf(w.take());
    ASSERT_EQ(marks.size(), 2u);
    EXPECT_NEAR(marks[0].time.value, 3, 0.002);
    ASSERT_TRUE(w.press(QStringLiteral("Put the marks together")));
    EXPECT_NEAR(tether().line.offset.value, 5, 0.002);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("2 pairs, at most")));
    EXPECT_TRUE(verdict().startsWith(QLatin1String("In place"))) << verdict().toStdString();
}

TEST_F(Placing, TheFoundClapsAreEnoughWithoutMarks) {
    w.press(QStringLiteral("Place it by hand"));
    ASSERT_TRUE(w.press(QStringLiteral("Put the claps together")));
    EXPECT_NEAR(tether().line.offset.value, 5, 0.002);
}

TEST_F(Placing, ZoomsToTheClapsNearestToThePlayhead) {
    w.press(QStringLiteral("Place it by hand"));
    type(QStringLiteral("5.4"));  // the clean sound's claps are seen 0.4 s early
    w.window.bench().setPlayhead({15});
    ASSERT_TRUE(w.press(QStringLiteral("Claps")));
    const auto& axis = w.seam().axis();
    EXPECT_LT(axis.start().value, 15.6);
    EXPECT_GT(axis.end().value, 16);
    EXPECT_LT((axis.end() - axis.start()).value, 1.5);
}

TEST_F(Placing, TheProofFollowsTheHand) {
    w.press(QStringLiteral("Find matches"));
    w.waitQuiet();
    EXPECT_TRUE(verdict().startsWith(QLatin1String("In place from first to last")))
        << verdict().toStdString();
    type(QStringLiteral("+4 ms"));  // the clean sound now comes 4 ms too early
    EXPECT_TRUE(verdict().startsWith(QLatin1String("Apart by 4.0 ms all along")))
        << verdict().toStdString();
    int lenses = 0;
    for (const auto* lens : w.window.findChildren<app::SpotLens*>()) {
        if (lens->words() == QLatin1String("4.0 ms")) ++lenses;
    }
    EXPECT_EQ(lenses, 5);
    w.window.bench().setPlayhead({10});
    ASSERT_TRUE(QTest::qWaitFor(
        [&] {
            return w.window.bench().listening().gaugeWords() == QLatin1String("4.0 ms: hollow");
        },
        5000))
        << w.window.bench().listening().gaugeWords().toStdString();
    w.press(QStringLiteral("Back to the found place"));
    EXPECT_TRUE(verdict().startsWith(QLatin1String("In place"))) << verdict().toStdString();
}

TEST_F(Placing, ALensAndTheSlipLineLeadToTheirMoment) {
    w.press(QStringLiteral("Find matches"));
    w.waitQuiet();
    (void)verdict();
    const auto lenses = w.window.findChildren<app::SpotLens*>();
    QTest::mouseClick(lenses.last(), Qt::LeftButton);
    EXPECT_NEAR(w.seam().playhead().value, w.window.bench().proof().state().spots[4].moment->value,
                1e-9);
    EXPECT_GT(w.seam().playhead().value, 14);
    auto* line = w.window.findChild<app::SlipLine*>();
    QTest::mouseClick(line, Qt::LeftButton, {},
                      {static_cast<int>(line->xOf({6})), line->height() - 10});
    EXPECT_NEAR(w.seam().playhead().value, 6, 1.6);
}

TEST_F(Placing, APinIsDraggedNamedAndRemoved) {
    w.press(QStringLiteral("Place it by hand"));
    markAt(10, false);
    const int id = session().state().marksOf(w.take())[0].id;
    const auto time = [&] { return session().state().mark(id)->time; };
    const auto head = [&] {
        return QPoint(static_cast<int>(std::lround(w.seam().axis().xOf(time()))), 28 + 34);
    };
    const Seconds before = time();
    const QPoint from = head();
    QTest::mousePress(&w.seam(), Qt::LeftButton, {}, from);
    QTest::mouseMove(&w.seam(), from + QPoint(10, 0));
    QTest::mouseMove(&w.seam(), from + QPoint(30, 0));
    QTest::mouseRelease(&w.seam(), Qt::LeftButton, {}, from + QPoint(30, 0));
    EXPECT_NEAR((time() - before).value, 30 * w.seam().axis().secondsPerPixel(), 1e-9);
    QTest::mouseDClick(&w.seam(), Qt::LeftButton, {}, head());
    QLineEdit& name = field(QStringLiteral("Name of the mark"));
    name.setText(QStringLiteral("press closes"));
    QTest::keyClick(&name, Qt::Key_Return);
    EXPECT_EQ(session().state().mark(id)->name, "press closes");
    QTest::mouseClick(&w.seam(), Qt::LeftButton, {}, head());
    QTest::keyClick(&w.seam(), Qt::Key_Delete);
    EXPECT_FALSE(session().state().mark(id));
    EXPECT_EQ(sentence(session().shoot().undoLabel()), "Remove press closes");
}

TEST_F(Placing, TheDistanceMovesWhatIsHeardAndLeavesTheMatch) {
    w.press(QStringLiteral("Find matches"));
    w.waitQuiet();
    const double match = tether().line.offset.value;
    QLineEdit& metres = field(QStringLiteral("Distance from the subject to the camera, in metres"));
    w.openStepOf(&metres);
    metres.setFocus();
    QTest::keyClicks(&metres, QStringLiteral("12 m"));
    QTest::keyClick(&metres, Qt::Key_Return);
    EXPECT_EQ(tether().line.offset.value, match);
    EXPECT_NEAR(tether().heardLine().offset.value, match + 12 / 343.0, 1e-5);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("35.0 ms")));
    const auto plan = session().exportPlan(w.take(), VideoContainer::Mov, QString());
    ASSERT_TRUE(plan);
    EXPECT_NEAR(plan->sound.clean.front().line.offset.value, match + 12 / 343.0, 1e-5)
        << "written as it is heard";
    metres.selectAll();
    QTest::keyClicks(&metres, QStringLiteral("4000"));
    QTest::keyClick(&metres, Qt::Key_Return);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("hard to believe")));
    EXPECT_NEAR(tether().soundDelay.value, 12 / 343.0, 1e-9) << "kept";
}

TEST_F(Placing, ThePictureOfTheHandsGivesTheDistance) {
    w.press(QStringLiteral("Find matches"));
    w.waitQuiet();
    // The clap is heard 3 s into the take; this frame ends 40 ms earlier.
    w.window.bench().setPlayhead({2.93});
    ASSERT_TRUE(w.press(QStringLiteral("Hands meet here")));
    EXPECT_NEAR(tether().soundDelay.value, 3.0 - 2.94, 0.003);
    w.window.bench().setPlayhead({3.2});
    w.press(QStringLiteral("Hands meet here"));
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("before that picture")));
    w.window.bench().setPlayhead({10});
    w.press(QStringLiteral("Hands meet here"));
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("No clap or mark is near")));
}

TEST_F(Placing, EachWayOfListeningIsChosenByItsButton) {
    w.press(QStringLiteral("Find matches"));
    w.waitQuiet();
    auto& player = w.window.bench().player();
    const std::pair<const char*, Listen> ways[] = {{"camera", Listen::Camera},
                                                   {"clean", Listen::Clean},
                                                   {"one in each ear", Listen::Split},
                                                   {"in turns", Listen::Flip},
                                                   {"both", Listen::Both}};
    w.press(QStringLiteral("Play or stop"));
    for (const auto& [text, way] : ways) {
        ASSERT_TRUE(w.press(QLatin1String(text))) << text;
        EXPECT_EQ(player.hearing().what, way) << text;
        EXPECT_TRUE(w.button(QLatin1String(text))->isChecked()) << text;
        EXPECT_TRUE(player.playing()) << "it goes on playing";
    }
    EXPECT_TRUE(player.hearing().loudnessMatched);
    ASSERT_TRUE(w.press(QStringLiteral("same loudness")));
    EXPECT_FALSE(player.hearing().loudnessMatched);
    w.press(QStringLiteral("Play or stop"));
    EXPECT_FALSE(player.playing());
}

TEST_F(Placing, ALockedTakeOffersNoWayToMoveIt) {
    w.press(QStringLiteral("Find matches"));
    w.waitQuiet();
    ASSERT_TRUE(w.press(QStringLiteral("Tether")));
    EXPECT_FALSE(w.window.findChild<app::PlaceBar*>()->isVisible());
    EXPECT_FALSE(w.press(QStringLiteral("Clean sound one frame later")));
}

// Without a search: by the ends, said so, unconfirmed, moved on from there, and undone.
TEST_F(Placing, ATakeIsLaidWithoutASearch) {
    ASSERT_TRUE(w.press(QStringLiteral("Both ends together")));
    const auto tether = [&] { return w.window.session().state().tetherOf(w.take()); };
    ASSERT_TRUE(tether());
    EXPECT_NEAR(tether()->line.offset.value, 20, 0.1);
    EXPECT_EQ(w.window.session().state().stateOf(w.take()), TetherState::NeedsAnEar);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("Placed with both ends together")));
    EXPECT_FALSE(w.button(QStringLiteral("Both starts together"))) << "it has a place";
    w.window.bench().openStep(app::Step::Place);
    QTest::keyClick(&w.seam(), Qt::Key_H);
    EXPECT_NEAR(tether()->line.offset.value, 20 - 0.04, 0.1);
    w.press(QStringLiteral("Undo"));
    w.press(QStringLiteral("Undo"));
    EXPECT_FALSE(tether());
    EXPECT_TRUE(w.button(QStringLiteral("Both starts together")));
    EXPECT_EQ(w.button(QStringLiteral("By the time stamps"))->isEnabled(),
              w.window.verbs().whyNot(app::Verb::LayByStamps).empty());
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// The whole shoot in the window: the day map, the list, and what is done with many takes.
#include "app/map/day_map.h"

#include <gtest/gtest.h>

#include <QLineEdit>
#include <QMenu>
#include <QSignalSpy>
#include <QTest>
#include <QWheelEvent>
#include <filesystem>

#include "app/card/tether_card.h"
#include "app/list/take_panel.h"
#include "app/style/app_style.h"
#include "app/tray/tray.h"
#include "shoot/commands.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::WindowDriver;

/// Two takes that belong on the recording and one that does not.
class WholeShoot : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(90, 48000, 3);
        const auto take = [&](const char* name, int from, int to) {
            test::writeTake(folder_.file(name),
                            {day.begin() + 48000 * from, day.begin() + 48000 * to}, {});
        };
        take("sewing-01.mp4", 10, 30);
        take("sewing-02.mp4", 50, 75);
        test::writeTake(folder_.file("door.mp4"), test::babble(15, 48000, 99), {});
        test::writeSound(folder_.file("lavalier.wav"), day, {});
        w.drop({QString::fromStdString(folder_.file(""))});
        (void)QTest::qWaitFor([&] { return session().state().media.size() == 4; }, 60000);
        w.waitQuiet();
    }
    void match() {
        ASSERT_TRUE(w.press(QStringLiteral("Find matches")));
        w.waitQuiet();
        EXPECT_TRUE(QTest::qWaitFor([&] { return !map().sliding(); }, 60000));
    }
    app::Session& session() { return w.window.session(); }
    app::DayMap& map() { return w.window.dayMap(); }
    /// Chooses from the menu that is open in the window.
    bool trigger(const QString& text) {
        bool done = false;
        for (QMenu* menu : w.window.findChildren<QMenu*>()) {
            for (QAction* a : menu->actions()) {
                if (done || a->text() != text) continue;
                a->trigger();
                done = true;
            }
            menu->close();
        }
        // A closed menu goes away, so that the next one is not mistaken for it.
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        return done;
    }
    bool fromHistory(const QString& text) {
        return w.press(QStringLiteral("History")) && trigger(text);
    }
    int take(const char* name) {
        for (const MediaItem& m : session().state().media) {
            if (std::filesystem::path(m.path).filename() == name) return m.id;
        }
        ADD_FAILURE() << name;
        return 0;
    }
    test::TempFolder folder_;
    WindowDriver w;
};

TEST_F(WholeShoot, AFolderIsDroppedAndOneCommandPutsEveryTakeInItsPlace) {
    EXPECT_EQ(map().day().shelf.size(), 3u);
    EXPECT_EQ(w.window.takePanel().counts(), QLatin1String("3 no place"));
    match();
    ASSERT_EQ(map().day().takes.size(), 2u);
    EXPECT_EQ(map().day().shelf, std::vector<int>{take("door.mp4")});
    EXPECT_EQ(w.window.takePanel().counts(), QLatin1String("2 found, 1 no place"));
    const QRectF first = map().boxOf(take("sewing-01.mp4"));
    const QRectF second = map().boxOf(take("sewing-02.mp4"));
    EXPECT_NEAR(map().axis().timeAt(first.left() - 16).value, 10, 0.2);
    EXPECT_NEAR(first.width() * map().axis().secondsPerPixel(), 20, 0.3);
    EXPECT_EQ(first.top(), second.top()) << "one camera, one lane";
    EXPECT_GT(map().boxOf(take("door.mp4")).left(), second.right()) << "on the shelf";
}

TEST_F(WholeShoot, NamesWithoutAPlaceAreReadWhole) {
    ASSERT_EQ(map().partCount(), 3);
    for (int i = 0; i < 3; ++i) {
        const auto part = map().part(i);
        EXPECT_GE(part.place.width(),
                  QFontMetrics(app::uiFont(11, true)).horizontalAdvance(part.name) + 28)
            << part.name.toStdString();
    }
}

TEST_F(WholeShoot, WhereNothingWasFoundTheNextThingIsTheHand) {
    match();
    QTest::mouseClick(&map(), Qt::LeftButton, {}, map().boxOf(take("door.mp4")).center().toPoint());
    const auto primary = [&](const char* words) {
        for (const auto* b : w.window.findChild<app::TetherCard*>()->findChildren<QPushButton*>()) {
            if (b->isVisible() && b->text() == QLatin1String(words)) {
                return b->property("primary").toBool();
            }
        }
        ADD_FAILURE() << words << " is not on the card";
        return false;
    };
    EXPECT_TRUE(primary("Place it by hand"));
    EXPECT_FALSE(primary("Find matches"));
    ASSERT_TRUE(w.press(QStringLiteral("Place it by hand")));
    EXPECT_EQ(w.window.bench().tray().step(), app::Step::Place) << "where it can be moved";
    ASSERT_TRUE(w.press(QStringLiteral("Clean sound one sample later")));
    EXPECT_EQ(w.window.bench().tray().step(), app::Step::Place);
}

TEST_F(WholeShoot, AClickOrAKeyOnTheMapOpensATake) {
    match();
    QTest::mouseClick(&map(), Qt::LeftButton, {},
                      map().boxOf(take("sewing-02.mp4")).center().toPoint());
    EXPECT_EQ(w.take(), take("sewing-02.mp4"));
    map().setFocus();
    QTest::keyClick(&map(), Qt::Key_Left);
    EXPECT_EQ(w.take(), take("sewing-01.mp4"));
    QTest::keyClick(&map(), Qt::Key_Right);
    QTest::keyClick(&map(), Qt::Key_Right);
    EXPECT_EQ(w.take(), take("door.mp4"));
    EXPECT_EQ(w.window.takePanel().list().currentIndex().data(app::MediaListModel::IdRole).toInt(),
              take("door.mp4"));
}

TEST_F(WholeShoot, TheMapZoomsAboutThePointerAndFitsAgain) {
    match();
    const double before = map().axis().timeAt(200).value;
    const QPointF at(216, 40);
    for (int i = 0; i < 6; ++i) {
        QWheelEvent e(at, map().mapToGlobal(at), {}, {0, 120}, Qt::NoButton, Qt::NoModifier,
                      Qt::NoScrollPhase, false);
        QApplication::sendEvent(&map(), &e);
    }
    EXPECT_NEAR(map().axis().timeAt(200).value, before, 1e-6);
    EXPECT_LT((map().axis().end() - map().axis().start()).value, 40);
    QTest::mouseDClick(&map(), Qt::LeftButton, {}, {400, 10});
    EXPECT_NEAR((map().axis().end() - map().axis().start()).value, 90, 1);
}

TEST_F(WholeShoot, TheListFindsFiltersAndSorts) {
    match();
    auto& panel = w.window.takePanel();
    auto* find = panel.findChild<QLineEdit*>();
    ASSERT_TRUE(find);
    QTest::keyClicks(find, QStringLiteral("02"));
    EXPECT_EQ(panel.model().listedTakes(), std::vector<int>{take("sewing-02.mp4")});
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("1 of 3 takes")));
    find->clear();
    app::TakeFilter f;
    f.show = app::TakeFilter::Show::NoPlace;
    panel.model().setFilter(f);
    EXPECT_EQ(panel.model().listedTakes(), std::vector<int>{take("door.mp4")});
    f.show = app::TakeFilter::Show::All;
    f.order = app::TakeFilter::Order::Place;
    panel.model().setFilter(f);
    EXPECT_EQ(panel.model().listedTakes(),
              (std::vector<int>{take("sewing-01.mp4"), take("sewing-02.mp4"), take("door.mp4")}));
}

TEST_F(WholeShoot, AllThatAreSureAreTetheredInOneStepAndOneUndo) {
    match();
    ASSERT_TRUE(w.press(QStringLiteral("Tether all found (2)")));
    EXPECT_EQ(w.window.takePanel().counts(), QLatin1String("2 tethered, 1 no place"));
    EXPECT_EQ(sentence(session().shoot().undoLabel()), "Tether 2 takes");
    w.press(QStringLiteral("Undo"));
    EXPECT_EQ(w.window.takePanel().counts(), QLatin1String("2 found, 1 no place"));
}

TEST_F(WholeShoot, OneJumpsToWhatNeedsAnEar) {
    match();
    EXPECT_EQ(w.button(QStringLiteral("Go to the next take to listen to")), nullptr);
    session().apply(commands::moveClean(session().state(), take("sewing-02.mp4"), milliseconds(3)));
    w.window.choose(take("sewing-01.mp4"));
    ASSERT_TRUE(w.press(QStringLiteral("Go to the next take to listen to")));
    EXPECT_EQ(w.take(), take("sewing-02.mp4"));
}

TEST_F(WholeShoot, WhatNeedsAnEarIsFilteredOutAndResolved) {
    match();
    session().apply(commands::moveClean(session().state(), take("sewing-02.mp4"), milliseconds(3)));
    ASSERT_TRUE(w.press(QStringLiteral("to check 2")));
    EXPECT_EQ(w.window.takePanel().model().listedTakes(),
              (std::vector<int>{take("sewing-01.mp4"), take("sewing-02.mp4")}));
    w.window.choose(take("sewing-02.mp4"));
    ASSERT_TRUE(w.press(QStringLiteral("Back to the found place")));
    ASSERT_TRUE(w.press(QStringLiteral("Tether all found (2)")));
    EXPECT_TRUE(w.window.takePanel().model().listedTakes().empty()) << "nothing is to check";
    ASSERT_TRUE(w.press(QStringLiteral("all 3")));
    EXPECT_EQ(w.window.takePanel().counts(), QLatin1String("2 tethered, 1 no place"));
}

TEST_F(WholeShoot, OneReturnsToASnapshotWholeOrForOneTake) {
    match();
    const int first = take("sewing-01.mp4"), second = take("sewing-02.mp4");
    session().document().keepSnapshot(QStringLiteral("before the cut"));
    session().apply(commands::moveClean(session().state(), first, milliseconds(5)));
    session().apply(commands::moveClean(session().state(), second, milliseconds(7)));
    w.window.choose(first);
    const auto moved = [&](int id) { return session().state().tetherOf(id)->movedByHand(); };
    ASSERT_TRUE(moved(first) && moved(second));
    ASSERT_TRUE(fromHistory(QStringLiteral("This take as in \"before the cut\"")));
    EXPECT_TRUE(!moved(first) && moved(second)) << "only this one";
    ASSERT_TRUE(fromHistory(QStringLiteral("Back to \"before the cut\"")));
    EXPECT_FALSE(moved(second));
    w.press(QStringLiteral("Undo"));
    EXPECT_TRUE(moved(second)) << "that, too, can be undone";
}

TEST_F(WholeShoot, MovedFilesAreFoundByDroppingTheirFolder) {
    match();
    const int id = take("sewing-01.mp4");
    const ClockLine line = session().state().tetherOf(id)->line;
    const auto elsewhere = std::filesystem::path(folder_.file("")) / "second disk";
    std::filesystem::create_directories(elsewhere);
    std::filesystem::rename(folder_.file("sewing-01.mp4"), elsewhere / "A001.mp4");
    w.drop({QString::fromStdString(elsewhere.string())});
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return session().state().item(id)->path == (elsewhere / "A001.mp4").string(); },
        60000));
    w.waitQuiet();
    EXPECT_EQ(session().state().media.size(), 4u) << "found, not added";
    EXPECT_EQ(session().state().tetherOf(id)->line, line);
    EXPECT_TRUE(session().view(id).pair) << "read where it is now";
    EXPECT_EQ(QString::fromStdString(sentence(session().shoot().undoLabel())),
              QLatin1String("Find 1 moved file"));
}

TEST_F(WholeShoot, OnlyTheSoundOfATakeCanBeWanted) {
    match();
    session().apply(commands::setRole(session().state(), take("door.mp4"), MediaKind::Recording));
    EXPECT_EQ(session().state().ids(MediaKind::Recording).size(), 2u);
    EXPECT_EQ(map().day().ribbons.size(), 2u);
    EXPECT_EQ(sentence(session().shoot().undoLabel()), "Use door.mp4 as a recording");
    w.press(QStringLiteral("Undo"));
    EXPECT_EQ(map().day().shelf.size(), 1u);
}

TEST_F(WholeShoot, AShootThatWasNeverSavedIsOfferedAfterACrash) {
    match();
    const QString state = QString::fromStdString(sentence(session().shoot().undoLabel()));
    // As a crash leaves it: the journal of a program that no longer runs.
    const QDir folder(QString::fromUtf8(qgetenv("XDG_STATE_HOME")) +
                      QStringLiteral("/brisk-tether"));
    const auto journals =
        folder.entryList({QStringLiteral("unsaved-*.journal")}, QDir::Files, QDir::Time);
    ASSERT_FALSE(journals.isEmpty());
    const QString left = folder.filePath(QStringLiteral("unsaved-999999999-1.journal"));
    const QString mine = journals.front();  // written to just now
    QFile::remove(left);
    ASSERT_TRUE(QFile::copy(folder.filePath(mine), left));
    {
        WindowDriver after;
        QPushButton* offer = nullptr;
        for (auto* b : after.window.findChildren<QPushButton*>()) {
            // The newest comes first; other tests left some, too.
            if (!offer && b->text().startsWith(QLatin1String("Go on with the unsaved shoot"))) {
                offer = b;
            }
        }
        ASSERT_TRUE(offer);
        QTest::mouseClick(offer, Qt::LeftButton);
        after.waitQuiet();
        EXPECT_EQ(after.window.session().state().media.size(), 4u);
        EXPECT_EQ(QString::fromStdString(sentence(after.window.session().shoot().undoLabel())),
                  state);
        EXPECT_EQ(after.window.takePanel().counts(), QLatin1String("2 found, 1 no place"));
    }
    QFile::remove(left);
}

}  // namespace
}  // namespace brisk

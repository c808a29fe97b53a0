// SPDX-License-Identifier: GPL-3.0-or-later
// The window without eyes and without a mouse: everything has a name and a role, everything is
// reached and pressed with the keyboard, and what is drawn is read and operated.
#include "app/style/spoken.h"

#include <gtest/gtest.h>

#include <QAccessible>
#include <QApplication>
#include <QButtonGroup>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QTest>
#include <QWindow>
#include <set>

#include "app/map/day_map.h"
#include "app/picture/picture_view.h"
#include "app/proof/slip_line.h"
#include "app/spine/state_words.h"
#include "shoot/commands.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk {
namespace {

using app::Verb;
using test::WindowDriver;

struct SpokenTest : ::testing::Test {
    SpokenTest() {
        QAccessible::setActive(true);
        const auto sound = test::babble(50, 48000, 3);
        for (const int from : {5, 20}) {
            test::writeTake(folder.file("glue-" + std::to_string(from) + ".mp4"),
                            {sound.begin() + 48000 * from, sound.begin() + 48000 * (from + 20)},
                            {});
        }
        test::writeSound(folder.file("lavalier.wav"), sound, {});
        w.drop({QString::fromStdString(folder.path())});
        (void)QTest::qWaitFor([&] { return w.window.session().state().media.size() == 3; }, 60000);
        w.waitQuiet();
        w.press(QStringLiteral("Find matches"));
        w.waitQuiet();
        w.window.activateWindow();
        (void)QTest::qWaitForWindowActive(&w.window);
    }
    static QAccessibleInterface* spoken(QWidget* widget) {
        return QAccessible::queryAccessibleInterface(widget);
    }
    void key(Qt::Key k, Qt::KeyboardModifiers with = {}) {
        QTest::keyClick(w.window.windowHandle(), k, with);
    }
    /// Those that can be seen and have a part in the work of the keyboard.
    std::set<QWidget*> controls() const {
        std::set<QWidget*> all;
        for (auto* c : w.window.findChildren<QWidget*>()) {
            const bool control = qobject_cast<QAbstractButton*>(c) || qobject_cast<QLineEdit*>(c) ||
                                 qobject_cast<QComboBox*>(c) ||
                                 dynamic_cast<app::SpokenValue*>(c) ||
                                 dynamic_cast<app::SpokenParts*>(c);
            // Fields bring a button of their own to empty them.
            if (control && c->isVisible() && c->isEnabled() &&
                !qobject_cast<QLineEdit*>(c->parentWidget())) {
                all.insert(c);
            }
        }
        return all;
    }

    test::TempFolder folder;
    WindowDriver w;
};

TEST_F(SpokenTest, EverythingHasANameAndARole) {
    for (const auto step :
         {app::Step::Place, app::Step::Check, app::Step::Sound, app::Step::Trim}) {
        w.window.bench().openStep(step);
        for (QWidget* c : controls()) {
            const QAccessibleInterface* i = spoken(c);
            ASSERT_TRUE(i) << c->metaObject()->className();
            EXPECT_FALSE(i->text(QAccessible::Name).isEmpty()) << c->metaObject()->className();
            EXPECT_NE(i->role(), QAccessible::Client) << c->metaObject()->className();
            EXPECT_NE(i->role(), QAccessible::NoRole) << c->metaObject()->className();
        }
    }
}

TEST_F(SpokenTest, EverythingIsReachedWithTheTabKey) {
    for (const auto step :
         {app::Step::Place, app::Step::Check, app::Step::Sound, app::Step::Trim}) {
        w.window.bench().openStep(step);
        QCoreApplication::processEvents();
        std::set<QWidget*> left = controls();
        w.seam().setFocus();
        // Once round: as many presses as there are, and some to spare.
        for (std::size_t i = 0, n = 2 * left.size() + 20; i < n && !left.empty(); ++i) {
            QWidget* at = QApplication::focusWidget();
            left.erase(at);
            // Of several that exclude each other one is reached, and the others from it by arrows.
            const auto* b = qobject_cast<QAbstractButton*>(at);
            if (b && b->group() && b->group()->exclusive()) {
                for (QAbstractButton* other : b->group()->buttons()) left.erase(other);
            }
            key(Qt::Key_Tab);
        }
        for (QWidget* c : left) {
            ADD_FAILURE() << c->metaObject()->className() << " "
                          << spoken(c)->text(QAccessible::Name).toStdString();
        }
    }
}

TEST_F(SpokenTest, TheSeamIsASliderThatMovesThePlayhead) {
    QAccessibleInterface* seam = spoken(&w.seam());
    ASSERT_EQ(seam->role(), QAccessible::Slider);
    auto* value = seam->valueInterface();
    ASSERT_TRUE(value);
    EXPECT_NEAR(value->maximumValue().toDouble(), 20, 0.2);
    EXPECT_NEAR(value->minimumStepSize().toDouble(), 0.04, 1e-6);
    value->setCurrentValue(3.28);
    EXPECT_NEAR(w.seam().playhead().value, 3.28, 1e-9);
    EXPECT_EQ(seam->text(QAccessible::Value).toStdString(), "0:00:03.280, frame 82");
    w.seam().setFocus();
    key(Qt::Key_Right);
    EXPECT_EQ(seam->text(QAccessible::Value).toStdString(), "0:00:03.320, frame 83");
    key(Qt::Key_End);
    EXPECT_NEAR(w.seam().playhead().value, value->maximumValue().toDouble(), 1e-9);
    key(Qt::Key_Home);
    EXPECT_EQ(w.seam().playhead(), Seconds{0});
}

TEST_F(SpokenTest, TheDayMapIsAListOfTakesThatArePressed) {
    QAccessibleInterface* map = spoken(&w.window.dayMap());
    ASSERT_EQ(map->role(), QAccessible::List);
    ASSERT_EQ(map->childCount(), 2);
    const int other = map->child(0)->state().selected ? 1 : 0;
    EXPECT_EQ(map->child(1 - other)->text(QAccessible::Value),
              app::stateWords(w.window.session().state(), w.take()));
    const int before = w.take();
    map->child(other)->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
    EXPECT_NE(w.take(), before);
    EXPECT_TRUE(map->child(other)->state().selected);
    EXPECT_EQ(map->indexOfChild(map->child(1)), 1);
    EXPECT_EQ(map->childAt(map->child(0)->rect().center().x(), map->child(0)->rect().center().y()),
              map->child(0));
}

TEST_F(SpokenTest, TheLineAlongTheTakeIsWalkedSpotBySpot) {
    auto* line = w.window.findChild<app::SlipLine*>();
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return w.window.bench().proof().state().done && line->isVisible(); }, 60000));
    QAccessibleInterface* spokenLine = spoken(line);
    ASSERT_TRUE(spokenLine->valueInterface());
    line->setFocus();
    key(Qt::Key_Right);
    EXPECT_EQ(spokenLine->valueInterface()->currentValue().toInt(), 1);
    const Seconds there = w.window.bench().proof().state().slips.at(1).time;
    EXPECT_NEAR(w.seam().playhead().value, there.value, 1e-9);
    EXPECT_TRUE(spokenLine->text(QAccessible::Value).contains(QLatin1String(" of the take: ")));
}

// Space presses what has the focus, and plays only where nothing has that can be pressed.
TEST_F(SpokenTest, SpaceAndReturnPressWhatHasTheFocus) {
    auto& player = w.window.bench().player();
    QPushButton* loop = w.button(QStringLiteral("loop"));
    loop->setFocus();
    key(Qt::Key_Space);
    EXPECT_TRUE(loop->isChecked());
    EXPECT_FALSE(player.playing());
    key(Qt::Key_Return);
    EXPECT_FALSE(loop->isChecked());
    w.seam().setFocus();
    key(Qt::Key_Space);
    EXPECT_TRUE(player.playing());
    // A click leaves the keyboard where it was.
    QTest::mouseClick(loop, Qt::LeftButton);
    EXPECT_TRUE(w.seam().hasFocus());
    key(Qt::Key_Space);
    EXPECT_FALSE(player.playing()) << "at once";
}

TEST_F(SpokenTest, ArrowsMoveWithinAGroup) {
    w.button(QStringLiteral("1 place"))->setFocus();
    const Seconds before = w.seam().playhead();
    key(Qt::Key_Right);
    EXPECT_TRUE(w.button(QStringLiteral("2 check"))->hasFocus());
    key(Qt::Key_Space);
    EXPECT_EQ(w.window.bench().tray().step(), app::Step::Check);
    key(Qt::Key_Left);
    EXPECT_TRUE(w.button(QStringLiteral("1 place"))->hasFocus());
    EXPECT_EQ(w.seam().playhead(), before);
}

TEST_F(SpokenTest, WhatHappenedIsAnnounced) {
    static int alerts;
    alerts = 0;
    QAccessible::installUpdateHandler(
        [](QAccessibleEvent* e) { alerts += e->type() == QAccessible::Alert; });
    w.window.bench().openStep(app::Step::Place);
    key(Qt::Key_H);
    QAccessible::installUpdateHandler(nullptr);
    if (QAccessible::isActive()) {
        EXPECT_GE(alerts, 1);
    }
    const auto* message = w.window.findChild<QLabel*>(QStringLiteral("message"));
    EXPECT_EQ(message->accessibleDescription(), message->text());
    EXPECT_TRUE(message->text().startsWith(QLatin1String("moved by ")))
        << message->text().toStdString();
}

TEST_F(SpokenTest, OneKeyGivesTheSeamTheBenchAndGivesItBack) {
    const auto becomes = [&](auto&& so) { return QTest::qWaitFor(so, 60000); };
    // The map grew a lane when the takes were placed: until all is laid out anew it is less.
    ASSERT_TRUE(becomes([&] { return w.seam().height() >= 270; }));
    const int before = w.seam().height();
    key(Qt::Key_F11);
    EXPECT_TRUE(becomes([&] { return w.seam().height() > before + 200; }));
    EXPECT_FALSE(w.window.bench().picture().isVisible());
    key(Qt::Key_F11, Qt::ShiftModifier);
    EXPECT_TRUE(becomes([&] { return w.window.bench().picture().height() > 400; }));
    EXPECT_FALSE(w.seam().isVisible());
    key(Qt::Key_Escape);
    EXPECT_TRUE(
        becomes([&] { return w.seam().isVisible() && std::abs(w.seam().height() - before) < 12; }));
}

// A drag that was begun by mistake.
TEST_F(SpokenTest, EscapePutsADragBack) {
    const Seconds before = w.window.session().state().tetherOf(w.take())->line.offset;
    const QPoint from(400, w.seam().height() - 60);
    QTest::mousePress(&w.seam(), Qt::LeftButton, {}, from);
    QTest::mouseMove(&w.seam(), from + QPoint(60, 0));
    w.seam().setFocus();
    key(Qt::Key_Escape);
    QTest::mouseRelease(&w.seam(), Qt::LeftButton, {}, from + QPoint(60, 0));
    EXPECT_EQ(w.window.session().state().tetherOf(w.take())->line.offset, before);
}

}  // namespace
}  // namespace brisk

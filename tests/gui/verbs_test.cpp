// SPDX-License-Identifier: GPL-3.0-or-later
// Every verb of the window: taught, with a key that really does it, and a reason where it cannot.
#include "app/spine/verbs.h"

#include <gtest/gtest.h>

#include <QApplication>
#include <QMenu>
#include <QSignalSpy>
#include <QTest>
#include <QThread>
#include <QWindow>
#include <set>

#include "app/seam/seam_tools.h"
#include "app/spine/verb_button.h"
#include "shoot/commands.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk {
namespace {

using app::Verb;
using test::WindowDriver;

class VerbsTest : public ::testing::Test {
  protected:
    VerbsTest() {
        const auto sound = test::babble(40, 48000, 3);
        test::writeTake(folder_.file("glue-01.mp4"),
                        {sound.begin() + 48000 * 5, sound.begin() + 48000 * 25}, {});
        test::writeSound(folder_.file("lavalier.wav"), sound, {});
        w.drop({QString::fromStdString(folder_.file("glue-01.mp4")),
                QString::fromStdString(folder_.file("lavalier.wav"))});
        (void)QTest::qWaitFor([&] { return w.take() != 0; }, 60000);
        w.waitQuiet();
        w.press(QStringLiteral("Find matches"));
        w.waitQuiet();
        w.window.activateWindow();
        (void)QTest::qWaitForWindowActive(&w.window);
        w.seam().setFocus();
    }
    app::Verbs& verbs() { return w.window.verbs(); }

    test::TempFolder folder_;
    WindowDriver w;
};

TEST_F(VerbsTest, EachHasWordsOnceAndEveryKeyBelongsToOne) {
    std::set<Verb> seen;
    std::set<std::string> ids;
    for (const app::VerbWords& words : app::verbTable()) {
        EXPECT_TRUE(seen.insert(words.verb).second) << words.text;
        EXPECT_NE(std::string(words.text), "");
        EXPECT_NE(std::string(words.tip), "") << words.text;
        EXPECT_EQ(words.keys.empty(), std::string(words.row).empty()) << words.text;
        EXPECT_TRUE(ids.insert(words.id).second) << words.id;
    }
    EXPECT_EQ(seen.size(), static_cast<std::size_t>(Verb::Count));
}

// Of two that share a key, at most one can be done at a time.
TEST_F(VerbsTest, NoKeyDoesTwoThingsAtOnce) {
    for (const bool locked : {false, true}) {
        if (locked) {
            w.window.session().apply(commands::lock(w.window.session().state(), w.take()));
        }
        std::set<QString> keys;
        for (const app::VerbWords& words : app::verbTable()) {
            if (!verbs().action(words.verb)->isEnabled()) continue;
            for (const QKeySequence& k : words.keys) {
                EXPECT_TRUE(keys.insert(k.toString()).second) << k.toString().toStdString();
            }
        }
    }
}

TEST_F(VerbsTest, EveryKeyReallyPressedDoesIt) {
    // These ask for a file first, or what to write down.
    const std::set<Verb> dialogs{Verb::AddFiles, Verb::Open, Verb::Save, Verb::SaveAs,
                                 Verb::Describe};
    // These open a menu, change what the others need, or take the bench away: last, in this order.
    const std::vector<Verb> apart{Verb::Tether,      Verb::Loosen,   Verb::Undo,     Verb::Redo,
                                  Verb::SearchAgain, Verb::Keys,     Verb::HandOver, Verb::Guide,
                                  Verb::Preferences, Verb::FindTake, Verb::NewShoot, Verb::Quit};
    const auto isApart = [&](Verb v) {
        return std::find(apart.begin(), apart.end(), v) != apart.end();
    };
    int pressed = 0;
    const auto press = [&](const app::VerbWords& words) {
        QAction* a = verbs().action(words.verb);
        if (!a->isEnabled() || words.keys.empty()) return;
        QSignalSpy triggered(a, &QAction::triggered);
        const auto combination = words.keys.front()[0];
        QTest::keyClick(w.window.windowHandle(), combination.key(),
                        combination.keyboardModifiers());
        EXPECT_EQ(triggered.count(), 1) << words.tip;
        ++pressed;
        w.waitQuiet();
    };
    for (const app::VerbWords& words : app::verbTable()) {
        if (!dialogs.contains(words.verb) && !isApart(words.verb)) press(words);
    }
    for (const Verb v : apart) {
        const auto& all = app::verbTable();
        press(*std::find_if(all.begin(), all.end(),
                            [&](const app::VerbWords& words) { return words.verb == v; }));
        for (QWidget* top : QApplication::topLevelWidgets()) {
            if (top->inherits("QMenu")) top->close();
        }
    }
    EXPECT_GT(pressed, 55);
}

TEST_F(VerbsTest, OneKeyLocksAndLoosens) {
    const auto state = [&] { return w.window.session().state().stateOf(w.take()); };
    QTest::keyClick(w.window.windowHandle(), Qt::Key_T);
    EXPECT_EQ(state(), TetherState::Tethered);
    QTest::keyClick(w.window.windowHandle(), Qt::Key_T);
    EXPECT_NE(state(), TetherState::Tethered);
}

TEST_F(VerbsTest, WhatCannotBeDoneSaysWhy) {
    EXPECT_EQ(sentence(verbs().whyNot(Verb::Loosen)), "It is not tethered.");
    EXPECT_FALSE(verbs().action(Verb::Loosen)->isEnabled());
    EXPECT_TRUE(verbs().action(Verb::FrameLater)->isEnabled());
    w.window.session().apply(commands::lock(w.window.session().state(), w.take()));
    EXPECT_TRUE(verbs().action(Verb::Loosen)->isEnabled());
    EXPECT_FALSE(verbs().action(Verb::FrameLater)->isEnabled());
    EXPECT_TRUE(verbs()
                    .action(Verb::FrameLater)
                    ->toolTip()
                    .contains(QLatin1String("It is tethered: untether it first.")));
}

// A key acts at once and evenly, however fast it comes.
TEST_F(VerbsTest, AButtonThatComesToTheSeamHasRoom) {
    QAction* claps = verbs().action(Verb::NearestClaps);
    ASSERT_FALSE(claps->isEnabled());
    claps->setEnabled(true);
    const auto narrow = [&] {
        std::vector<QString> out;
        for (const auto* b : w.seam().findChildren<app::VerbButton*>()) {
            if (b->isVisible() && b->width() < b->sizeHint().width()) out.push_back(b->text());
        }
        return out;
    };
    EXPECT_TRUE(QTest::qWaitFor([&] { return narrow().empty(); }, 5000)) << "Claps has none";
    for (const auto* tools : w.seam().findChildren<app::SeamTools*>()) {
        EXPECT_TRUE(w.seam().rect().contains(tools->geometry()));
    }
}

TEST_F(VerbsTest, ThirtyPressesAreThirtySteps) {
    const Seconds before = w.window.session().state().tetherOf(w.take())->line.offset;
    for (int i = 0; i < 30; ++i) {
        QTest::keyClick(w.window.windowHandle(), Qt::Key_H, Qt::ShiftModifier);
    }
    const Seconds after = w.window.session().state().tetherOf(w.take())->line.offset;
    EXPECT_NEAR((before - after).value, 0.030, 1e-9);
}

// What was searched for one shoot is of no use to another.
TEST_F(VerbsTest, AResultOfAnotherShootIsDropped) {
    const QString saved = QString::fromStdString(folder_.file("day.brisk"));
    ASSERT_TRUE(w.window.session().document().save(saved));
    int finished = 0;
    w.window.session().work().start(QStringLiteral("Searching"),
                                    [&finished](const JobControl& job) {
                                        while (!job.stopRequested()) QThread::msleep(1);
                                        return [&finished] { ++finished; };
                                    });
    ASSERT_TRUE(w.window.session().document().open(saved));
    ASSERT_TRUE(w.waitQuiet()) << "it is asked to stop";
    EXPECT_EQ(finished, 0);
    EXPECT_EQ(w.window.session().state().tethers.size(), 1u);
}

}  // namespace
}  // namespace brisk

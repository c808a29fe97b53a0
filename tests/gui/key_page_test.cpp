// SPDX-License-Identifier: GPL-3.0-or-later
// The page of keys tells of every key there is, and of none that there is not.
#include <gtest/gtest.h>

#include <QAbstractButton>
#include <QAction>
#include <QKeySequenceEdit>
#include <QLineEdit>
#include <QShortcut>
#include <QTest>
#include <QTreeWidget>
#include <QWindow>
#include <set>

#include "app/window/key_page.h"
#include "app/window/key_table.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::WindowDriver;

std::set<QString> keysOfTheWindow(const QWidget& window) {
    std::set<QString> keys;
    const auto add = [&](const QKeySequence& k) {
        if (!k.isEmpty()) keys.insert(k.toString());
    };
    for (const auto* b : window.findChildren<QAbstractButton*>()) add(b->shortcut());
    for (const auto* s : window.findChildren<QShortcut*>()) add(s->key());
    for (const auto* a : window.findChildren<QAction*>()) {
        for (const QKeySequence& k : a->shortcuts()) add(k);
    }
    return keys;
}

TEST(KeyPage, TellsOfEveryKeyAndOfNoOther) {
    WindowDriver w;
    const std::set<QString> real = keysOfTheWindow(w.window);
    EXPECT_GT(real.size(), 50u);
    std::set<QString> told;
    for (const app::KeyGroup& group : app::keyTable(w.window.verbs())) {
        for (const app::KeyRow& row : group.rows) {
            for (const QKeySequence& key : row.keys) {
                // Keys of one place are handled there.
                if (row.where.isEmpty()) {
                    EXPECT_TRUE(told.insert(key.toString()).second)
                        << key.toString().toStdString() << " does two things";
                }
            }
        }
    }
    for (const QString& key : real) EXPECT_TRUE(told.count(key)) << key.toStdString();
    for (const QString& key : told) EXPECT_TRUE(real.count(key)) << key.toStdString();
}

// On German, French and Czech keyboards there are no brackets and no digits without a modifier, and
// desktops keep Ctrl+Alt, Alt with function keys, and the key between Ctrl and Alt for themselves.
TEST(KeyPage, EveryKeyIsThereWithoutAltGrAndIsNoDesktops) {
    for (const app::VerbWords& v : app::verbTable()) {
        for (const QKeySequence& keys : v.keys) {
            const int key = keys[0].key();
            const auto with = keys[0].keyboardModifiers();
            const bool letter = key >= Qt::Key_A && key <= Qt::Key_Z;
            const bool function = key >= Qt::Key_F1 && key <= Qt::Key_F12;
            const bool named = key >= Qt::Key_Escape && key <= Qt::Key_PageDown;
            EXPECT_TRUE(letter || function || named || key == Qt::Key_Space || key == Qt::Key_Comma)
                << v.id;
            EXPECT_FALSE(with & Qt::MetaModifier) << v.id;
            EXPECT_FALSE(with.testFlag(Qt::ControlModifier) && with.testFlag(Qt::AltModifier))
                << v.id;
            EXPECT_FALSE(function && with.testFlag(Qt::AltModifier)) << v.id;
        }
    }
}

struct KeyPageTest : ::testing::Test {
    KeyPageTest()
        : page(w.window.findChild<app::KeyPage*>()), tree(page->findChild<QTreeWidget*>()) {
        w.window.activateWindow();
        (void)QTest::qWaitForWindowActive(&w.window);
    }
    ~KeyPageTest() override {
        w.window.preferences().change([](app::Preferred& p) { p.keys.clear(); });
    }
    void key(Qt::Key k, Qt::KeyboardModifiers with = {}) {
        QTest::keyClick(w.window.windowHandle(), k, with);
    }
    int shownRows() const {
        int n = 0;
        for (QTreeWidgetItemIterator it(tree); *it; ++it)
            n += (*it)->parent() && !(*it)->isHidden();
        return n;
    }
    bool choose(const QString& does) {
        for (QTreeWidgetItemIterator it(tree); *it; ++it) {
            if ((*it)->text(0) != does) continue;
            tree->setCurrentItem(*it);
            return true;
        }
        return false;
    }
    void newKey(Qt::Key k) {
        auto* edit = page->findChild<QKeySequenceEdit*>();
        edit->setFocus();
        QTest::keyClick(edit, k);
        auto* use = w.button(QStringLiteral("Use this key"));
        ASSERT_TRUE(QTest::qWaitFor([&] { return use->isEnabled(); }, 60000));
        QTest::mouseClick(use, Qt::LeftButton);
    }
    WindowDriver w;
    app::KeyPage* page;
    QTreeWidget* tree;
};

TEST_F(KeyPageTest, OpensAndClosesByItsKeyAndLosesNothing) {
    EXPECT_FALSE(page->isVisible());
    key(Qt::Key_F1, Qt::ShiftModifier);
    EXPECT_TRUE(page->isVisible());
    key(Qt::Key_F1, Qt::ShiftModifier);
    EXPECT_FALSE(page->isVisible());
    ASSERT_TRUE(w.press(QStringLiteral("Keys")));
    EXPECT_TRUE(page->isVisible());
    key(Qt::Key_Escape);
    EXPECT_FALSE(page->isVisible());
    ASSERT_TRUE(w.press(QStringLiteral("Keys")));
    ASSERT_TRUE(w.press(QStringLiteral("Back")));
    EXPECT_FALSE(page->isVisible());
}

TEST_F(KeyPageTest, IsSearchedByWordsAndByKeys) {
    w.press(QStringLiteral("Keys"));
    const int all = shownRows();
    EXPECT_GT(all, 80);
    QTest::keyClicks(page->findChild<QLineEdit*>(), QStringLiteral("millisecond"));
    EXPECT_EQ(shownRows(), 2);
    page->findChild<QLineEdit*>()->setText(QStringLiteral("shift+g"));
    EXPECT_GE(shownRows(), 1);
    EXPECT_LT(shownRows(), 4);
    page->findChild<QLineEdit*>()->clear();
    EXPECT_EQ(shownRows(), all);
}

TEST_F(KeyPageTest, AKeyIsChangedAndTakenFromWhatHadIt) {
    w.press(QStringLiteral("Keys"));
    ASSERT_TRUE(choose(QStringLiteral("find matches")));
    newKey(Qt::Key_S);
    const auto& verbs = w.window.verbs();
    EXPECT_EQ(verbs.keysOf(app::Verb::FindMatches), QStringLiteral("S"));
    EXPECT_EQ(verbs.keysOf(app::Verb::SharedSound), QString()) << "it had this key";
    EXPECT_TRUE(verbs.action(app::Verb::FindMatches)->toolTip().contains(QLatin1String("(S)")));
    {
        const WindowDriver next;  // the next start
        EXPECT_EQ(const_cast<WindowDriver&>(next).window.verbs().keysOf(app::Verb::FindMatches),
                  QStringLiteral("S"));
    }
    ASSERT_TRUE(w.press(QStringLiteral("All as they came")));
    EXPECT_EQ(verbs.keysOf(app::Verb::FindMatches), QStringLiteral("Ctrl+M"));
    EXPECT_EQ(verbs.keysOf(app::Verb::SharedSound), QStringLiteral("S"));
}

TEST_F(KeyPageTest, NobodyTakesTheKeysThatOneMovesAroundWith) {
    w.press(QStringLiteral("Keys"));
    ASSERT_TRUE(choose(QStringLiteral("find matches")));
    auto* edit = page->findChild<QKeySequenceEdit*>();
    edit->setKeySequence(QKeySequence(Qt::Key_Escape));
    emit edit->editingFinished();
    EXPECT_FALSE(w.button(QStringLiteral("Use this key"))->isEnabled());
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("is needed to move around")));
}

}  // namespace
}  // namespace brisk

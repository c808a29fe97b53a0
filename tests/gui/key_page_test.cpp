// SPDX-License-Identifier: GPL-3.0-or-later
// The page of keys tells of every key there is, and of none that there is not.
#include <gtest/gtest.h>

#include <QAbstractButton>
#include <QAction>
#include <QShortcut>
#include <QTest>
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
    for (const app::KeyGroup& group : app::keyTable()) {
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

TEST(KeyPage, OpensAndClosesByItsKeyAndLosesNothing) {
    WindowDriver w;
    auto* page = w.window.findChild<app::KeyPage*>();
    ASSERT_TRUE(page);
    w.window.activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(&w.window));
    EXPECT_FALSE(page->isVisible());
    QTest::keyClick(w.window.windowHandle(), Qt::Key_F1);
    // A button goes down and up again when its key is pressed.
    EXPECT_TRUE(QTest::qWaitFor([&] { return page->isVisible(); }, 5000));
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("one frame earlier, later")));
    QTest::keyClick(w.window.windowHandle(), Qt::Key_F1);
    EXPECT_TRUE(QTest::qWaitFor([&] { return !page->isVisible(); }, 5000));
    ASSERT_TRUE(w.press(QStringLiteral("Keys")));
    EXPECT_TRUE(page->isVisible());
    ASSERT_TRUE(w.press(QStringLiteral("Back")));
    EXPECT_FALSE(page->isVisible());
}

}  // namespace
}  // namespace brisk

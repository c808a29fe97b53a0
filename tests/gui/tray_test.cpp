// SPDX-License-Identifier: GPL-3.0-or-later
// The tray asks one question at a time, the seam is the largest thing on the bench, and nothing is
// cut off.
#include <gtest/gtest.h>

#include <QClipboard>
#include <QGuiApplication>
#include <QLabel>
#include <QTest>

#include "app/card/tether_card.h"
#include "app/map/day_map.h"
#include "shoot/commands.h"
#include "shoot/edit_commands.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk {
namespace {

using app::Step;
using test::WindowDriver;

class TrayTest : public ::testing::Test {
  protected:
    void SetUp() override {
        test::writeSound(folder_.file("lavalier.wav"), day_, {});
        take("press-01.mp4", 10, 30);
        w.drop({QString::fromStdString(folder_.file("press-01.mp4")),
                QString::fromStdString(folder_.file("lavalier.wav"))});
        EXPECT_TRUE(w.waitQuiet());
        EXPECT_TRUE(QTest::qWaitFor([&] { return w.take() != 0; }, 60000));
    }
    /// Seconds of the day.
    void take(const char* name, int from, int to) {
        test::writeTake(folder_.file(name),
                        {day_.begin() + from * 48000, day_.begin() + to * 48000}, {});
    }
    void match() {
        EXPECT_TRUE(w.press(QStringLiteral("Find matches")));
        EXPECT_TRUE(w.waitQuiet());
    }
    Step step() { return w.window.bench().tray().step(); }
    QString sentence() {
        return w.window.findChild<QLabel*>(QStringLiteral("traySentence"))->text();
    }
    std::vector<float> day_ = test::babble(40, 48000, 17);
    test::TempFolder folder_;
    WindowDriver w;
};

TEST_F(TrayTest, OpensAtTheStepThatTheTakeAsksFor) {
    EXPECT_EQ(step(), Step::Place);
    EXPECT_EQ(sentence(), QStringLiteral("Where does it fall?"));
    match();
    EXPECT_EQ(step(), Step::Check);
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return sentence().startsWith(QLatin1String("In place from first to last")); },
        60000));
    ASSERT_TRUE(w.press(QStringLiteral("Tether")));
    EXPECT_EQ(step(), Step::Sound);
    EXPECT_TRUE(sentence().contains(QLatin1String("clean sound"))) << sentence().toStdString();
}

TEST_F(TrayTest, AStepThatAPersonChoseStaysUntilTheTakeAsksForAnother) {
    match();
    QTest::keyClick(w.window.windowHandle(), Qt::Key_F2);
    EXPECT_EQ(step(), Step::Place);
    ASSERT_TRUE(w.press(QStringLiteral("Clean sound one sample later")));
    ASSERT_TRUE(w.press(QStringLiteral("Clean sound one sample later")));
    EXPECT_EQ(step(), Step::Place) << "it stays under the hand that moves it";
    QTest::keyClick(w.window.windowHandle(), Qt::Key_F5);
    EXPECT_EQ(step(), Step::Trim);
    EXPECT_EQ(sentence(), QStringLiteral("The whole take is kept."));
    w.window.session().apply(commands::keep(w.window.session().state(), w.take(),
                                            {{{2}, {8}}, {{9}, {12}}},
                                            w.window.session().view(w.take()).whole, "cut"));
    EXPECT_EQ(sentence(), QStringLiteral("2 pieces are kept, 0:00:09.0 of 0:00:20.0."));
}

TEST_F(TrayTest, TheSeamIsTheLargestThingAndNothingOverlaps) {
    match();
    for (const QSize size : {QSize(1280, 800), QSize(960, 600), QSize(1920, 1080)}) {
        w.window.resize(size);
        QTest::qWait(20);
        auto& bench = w.window.bench();
        const int least = size.height() >= 800 ? 270 : 130;
        EXPECT_TRUE(QTest::qWaitFor([&] { return w.seam().height() >= least; }, 60000))
            << size.height();
        EXPECT_GT(w.seam().height(), bench.tray().height());
        EXPECT_LE(w.seam().geometry().bottom(), bench.tray().geometry().top());
        EXPECT_LE(bench.tray().geometry().right(), bench.width());
        EXPECT_GE(w.window.width(), 960);
        EXPECT_LE(w.window.width(), size.width()) << "it fits";
    }
}

TEST_F(TrayTest, ASecondCameraTakesNothingFromTheSeam) {
    take("press-02.mp4", 15, 35);
    w.drop({QString::fromStdString(folder_.file("press-02.mp4"))});
    ASSERT_TRUE(w.waitQuiet());
    match();
    w.window.resize(1280, 800);
    QTest::qWait(20);
    auto& map = w.window.dayMap();
    const auto takes = w.window.session().state().ids(MediaKind::Take);
    ASSERT_EQ(takes.size(), 2u);
    ASSERT_NE(map.boxOf(takes[0]).top(), map.boxOf(takes[1]).top());
    EXPECT_TRUE(QTest::qWaitFor([&] { return w.seam().height() >= 270; }, 60000));
}

TEST_F(TrayTest, WhatTheCardSaysCanBeCopied) {
    match();
    ASSERT_TRUE(w.press(QStringLiteral("Copy figures")));
    const QString text = QGuiApplication::clipboard()->text();
    for (const char* part : {"press-01.mp4: found: check it", "lavalier at 0:00:10.000",
                             "samples into the recording", "spots agree", "New file: "}) {
        EXPECT_TRUE(text.contains(QLatin1String(part))) << part << " in " << text.toStdString();
    }
}

}  // namespace
}  // namespace brisk

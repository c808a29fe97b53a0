// SPDX-License-Identifier: GPL-3.0-or-later
// The whole job in the window with real events: two dropped files, matched, tethered, written,
// measured; and back to the start by undo.
#include <gtest/gtest.h>

#include <QDir>
#include <QElapsedTimer>
#include <QLabel>
#include <QListView>
#include <QTest>
#include <cmath>
#include <nlohmann/json.hpp>

#include "align/assemble/match.h"
#include "app/bench/empty_bench.h"
#include "app/picture/picture_view.h"
#include "media/check/packet_digest.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::WindowDriver;

const QString kDemo = QStringLiteral(BRISK_DEMO);

/// The written file against the demo's truth, measured with the engine and packet by packet.
void measureAgainstTruth(const std::string& file, const std::string& demo) {
    const auto truth = nlohmann::json::parse(test::bytesOf(demo + "/truth.json"));
    const auto& t = truth.at("tethers")[0];
    const auto e =
        matchPair(test::scanned(file), test::scanned(demo + "/lavalier-01.wav"), {}, JobControl{});
    ASSERT_TRUE(e);
    EXPECT_EQ(e->status, MatchStatus::Matched) << e->reason;
    EXPECT_NEAR(e->line.offset.value, t.at("offset_seconds").get<double>(), 1e-3);
    EXPECT_NEAR(e->line.drift.value, t.at("drift_ppm").get<double>(), 2);
    const auto a = pictureDigest(demo + "/bench-01.mp4");
    const auto b = pictureDigest(file);
    ASSERT_TRUE(a && b);
    EXPECT_EQ(sentence(differenceBetween(*a, *b)), "");
}

class Journey : public ::testing::Test {
  protected:
    void gather(WindowDriver& w) {
        ASSERT_TRUE(QDir(kDemo).exists(QStringLiteral("truth.json"))) << "run ./dev test";
        w.drop({kDemo + "/bench-01.mp4", kDemo + "/lavalier-01.wav"});
        ASSERT_TRUE(QTest::qWaitFor([&] { return w.take() != 0; }, 60000));
        ASSERT_TRUE(w.waitQuiet());
    }
    test::TempFolder out_;
};

TEST_F(Journey, FromTwoDroppedFilesToAFinishedVideoAndBack) {
    WindowDriver w;
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("Drop the files of both cards here")));
    gather(w);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("not searched")));
    EXPECT_FALSE(w.button(QStringLiteral("Tether"))) << "nothing on screen that does not work";
    EXPECT_FALSE(w.button(QStringLiteral("Export…"))->isEnabled());

    ASSERT_TRUE(w.press(QStringLiteral("Find matches")));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("found: check it")));
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("spots agree within 0.1 ms")));

    ASSERT_TRUE(w.press(QStringLiteral("Tether")));
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("tethered")));

    ASSERT_TRUE(w.press(QStringLiteral("Export…")));
    w.window.handOver().setFolder(QString::fromStdString(out_.path()));
    EXPECT_TRUE(w.handOverWords().startsWith(QLatin1String("bench-01 clean.mov: about ")));
    EXPECT_TRUE(
        w.handOverWords().contains(QLatin1String("Picture untouched; track 1 clean sound")));
    ASSERT_TRUE(w.press(QStringLiteral("Write 1 file")));
    ASSERT_TRUE(w.waitQuiet());
    const std::string file = out_.file("bench-01 clean.mov");
    EXPECT_TRUE(w.handOverWords().startsWith(QLatin1String("bench-01 clean.mov: written, ")))
        << w.handOverWords().toStdString();
    EXPECT_TRUE(w.handOverWords().contains(QLatin1String("pictures identical")));
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("1 file written.")));
    measureAgainstTruth(file, BRISK_DEMO);

    // And back: every step says what it was, until nothing is left.
    EXPECT_EQ(sentence(w.window.session().shoot().undoLabel()), "Tether bench-01.mp4");
    int steps = 0;
    while (w.press(QStringLiteral("Undo"))) ++steps;
    EXPECT_EQ(steps, 3) << "tether, find, add";
    EXPECT_TRUE(w.window.session().state().media.empty());
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("Drop the files of both cards here")));
    while (w.press(QStringLiteral("Redo"))) --steps;
    EXPECT_EQ(steps, 0);
    EXPECT_EQ(w.window.session().state().stateOf(w.take()), TetherState::Tethered);
    w.window.session().document().save(QString::fromStdString(out_.file("day.brisk")));
}

TEST_F(Journey, SavesAndOpensAgain) {
    const QString path = QString::fromStdString(out_.file("Tuesday.brisk"));
    {
        WindowDriver w;
        gather(w);
        w.press(QStringLiteral("Find matches"));
        ASSERT_TRUE(w.waitQuiet());
        w.press(QStringLiteral("Tether"));
        ASSERT_TRUE(w.window.session().document().save(path));
        EXPECT_EQ(w.window.findChild<QPushButton*>(QStringLiteral("shootName"))->text(),
                  QStringLiteral("Tuesday"));
    }
    WindowDriver w;
    w.window.takeIn({path});
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_EQ(w.window.session().state().stateOf(w.take()), TetherState::Tethered);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("tethered")));
    EXPECT_FALSE(w.window.session().shoot().changedSinceSaved());
}

TEST_F(Journey, ThePictureFollowsThePlayheadByFrames) {
    WindowDriver w;
    gather(w);
    auto& picture = w.window.bench().picture();
    ASSERT_TRUE(QTest::qWaitFor([&] { return picture.hasPicture(); }, 60000));
    w.window.bench().setPlayhead({2.0});
    EXPECT_EQ(picture.accessibleDescription(), QLatin1String("frame 50"));
    ASSERT_TRUE(w.press(QStringLiteral("One picture frame on")));
    EXPECT_EQ(picture.accessibleDescription(), QLatin1String("frame 51"));
    EXPECT_NEAR(w.seam().playhead().value, 2.04, 1e-9);
    ASSERT_TRUE(w.press(QStringLiteral("One picture frame back")));
    ASSERT_TRUE(w.press(QStringLiteral("One picture frame back")));
    EXPECT_NEAR(w.seam().playhead().value, 1.96, 1e-9);
}

TEST_F(Journey, PlaysSilentlyOnASimulatedClockAndSaysSo) {
    WindowDriver w;
    gather(w);
    if (w.window.bench().player().audible()) GTEST_SKIP() << "there is a sound device here";
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("silent: no device")));
    w.window.bench().setPlayhead({1.0});
    ASSERT_TRUE(w.press(QStringLiteral("Play")));
    QElapsedTimer clock;
    clock.start();
    EXPECT_TRUE(QTest::qWaitFor([&] { return w.seam().playhead().value > 1.3; }, 60000));
    ASSERT_TRUE(w.press(QStringLiteral("Stop")));
    const double at = w.seam().playhead().value;
    EXPECT_LT(at, 1.2 + 1e-3 * static_cast<double>(clock.elapsed())) << "it leapt";
    QTest::qWait(100);
    EXPECT_EQ(w.seam().playhead().value, at) << "stopped is stopped";
}

TEST_F(Journey, WritingCanBeStopped) {
    WindowDriver w;
    gather(w);
    w.press(QStringLiteral("Find matches"));
    ASSERT_TRUE(w.waitQuiet());
    w.press(QStringLiteral("Export…"));
    w.window.handOver().setFolder(QString::fromStdString(out_.path()));
    ASSERT_TRUE(w.press(QStringLiteral("Write 1 file")));
    ASSERT_TRUE(w.press(QStringLiteral("Stop")));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_TRUE(w.handOverWords().contains(QLatin1String("nothing half-written was left")))
        << w.handOverWords().toStdString();
    EXPECT_EQ(out_.count(), 0u);
}

TEST_F(Journey, RemovesAFileWithoutTouchingIt) {
    WindowDriver w;
    gather(w);
    auto* list = w.window.findChild<QListView*>();
    list->setFocus();
    QTest::keyClick(list, Qt::Key_Delete);
    EXPECT_EQ(w.window.session().state().media.size(), 1u);
    EXPECT_TRUE(QFile::exists(kDemo + "/bench-01.mp4"));
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("Now add the camera's files")));
    w.press(QStringLiteral("Undo"));
    EXPECT_EQ(w.window.session().state().media.size(), 2u);
}

TEST_F(Journey, EveryControlHasANameAndEveryTextFits) {
    for (const QSize size : {QSize(1280, 800), QSize(1100, 700), QSize(1920, 1080)}) {
        WindowDriver w(size);
        gather(w);
        w.press(QStringLiteral("Find matches"));
        ASSERT_TRUE(w.waitQuiet());
        for (auto* b : w.window.findChildren<QPushButton*>()) {
            if (!b->isVisible()) continue;
            EXPECT_FALSE(b->text().isEmpty() && b->accessibleName().isEmpty());
            EXPECT_GE(b->width(), b->minimumSizeHint().width()) << b->text().toStdString();
            const QRect at(b->mapTo(&w.window, QPoint()), b->size());
            EXPECT_TRUE(w.window.rect().contains(at)) << b->text().toStdString();
        }
    }
}

}  // namespace
}  // namespace brisk

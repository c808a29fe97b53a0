// SPDX-License-Identifier: GPL-3.0-or-later
// The seam under real events: wheel, drag, click; and what is drawn.
#include <gtest/gtest.h>

#include <QTest>
#include <cmath>

#include "app/style/colours.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::WindowDriver;

class SeamViewTest : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(40, 48000, 3);
        test::writeTake(folder_.file("take.mp4"),
                        {day.begin() + 48000 * 5, day.begin() + 48000 * 25}, {});
        test::writeSound(folder_.file("rec.wav"), day, {});
        w.drop({QString::fromStdString(folder_.file("take.mp4")),
                QString::fromStdString(folder_.file("rec.wav"))});
        (void)QTest::qWaitFor([&] { return w.take() != 0; }, 60000);
        w.waitQuiet();
        w.press(QStringLiteral("Find matches"));
        w.waitQuiet();
    }
    const Tether& tether() { return *w.window.session().state().tetherOf(w.take()); }
    QPoint onClean(double x) { return {static_cast<int>(x), w.seam().height() * 3 / 4}; }
    QPoint onCamera(double x) { return {static_cast<int>(x), w.seam().height() / 3}; }
    /// Rows of a column that hold a colour.
    int height(const QImage& image, int x, const QColor& colour) {
        int n = 0;
        for (int y = 0; y < image.height(); ++y) n += image.pixelColor(x, y) == colour ? 1 : 0;
        return n;
    }
    test::TempFolder folder_;
    WindowDriver w;
};

TEST_F(SeamViewTest, BothSidesAreAReflection) {
    const QImage image = w.seam().grab().toImage();
    int both = 0, one = 0;
    for (int x = 50; x < image.width() - 50; x += 3) {
        const int up = height(image, x, app::colours().camera);
        const int down = height(image, x, app::colours().clean);
        if (up < 6 && down < 6) continue;
        (std::abs(up - down) <= 6 + std::max(up, down) / 4 ? both : one)++;
    }
    EXPECT_GT(both, 10 * std::max(1, one)) << both << " columns mirror, " << one << " do not";
}

TEST_F(SeamViewTest, TheWheelZoomsAboutThePointer) {
    const double held = w.seam().axis().timeAt(400).value;
    for (int i = 0; i < 10; ++i) w.wheel(400, 1);
    EXPECT_NEAR(w.seam().axis().timeAt(400).value, held, 1e-6);
    EXPECT_LT((w.seam().axis().end() - w.seam().axis().start()).value, 5);
    for (int i = 0; i < 30; ++i) w.wheel(400, -1);
    EXPECT_NEAR((w.seam().axis().end() - w.seam().axis().start()).value, 20, 0.1);
}

TEST_F(SeamViewTest, SingleSamplesAreDrawnWhenReadyAndOutlinesBefore) {
    // Somewhere in a syllable.
    const auto scan = w.window.session().facts(tether().recording)->scan;
    double loud = 0;
    float most = 0;
    for (double t = 2; t < 18; t += 0.01) {
        const double r = tether().line.toRecording({t}).value;
        const float rms = scan->peaks->columns(r * 48000, 480, 1)[0].rms;
        if (rms > most) {
            most = rms;
            loud = t;
        }
    }
    w.window.bench().setPlayhead({loud});
    w.seam().zoomToPlayhead(0.01);
    const auto drawn = [&] {
        const QImage image = w.seam().grab().toImage();
        int columns = 0;
        for (int x = 0; x < image.width(); ++x) {
            columns += height(image, x, app::colours().cleanPale) > 0 ? 1 : 0;
        }
        return columns;
    };
    EXPECT_TRUE(QTest::qWaitFor([&] { return drawn() > w.seam().width() / 3; }, 60000));
}

TEST_F(SeamViewTest, AClickMovesThePlayhead) {
    QTest::mouseClick(&w.seam(), Qt::LeftButton, {}, onCamera(333));
    EXPECT_NEAR(w.seam().playhead().value, w.seam().axis().timeAt(333).value, 1e-9);
}

TEST_F(SeamViewTest, DraggingTheCleanSoundMovesItByExactlyThatMuch) {
    w.seam().zoomToPlayhead(0.4);
    const double before = tether().line.offset.value;
    const double perPixel = w.seam().axis().secondsPerPixel();
    QTest::mousePress(&w.seam(), Qt::LeftButton, {}, onClean(300));
    QTest::mouseMove(&w.seam(), onClean(310));
    QTest::mouseMove(&w.seam(), onClean(340));
    QTest::mouseRelease(&w.seam(), Qt::LeftButton, {}, onClean(340));
    EXPECT_NEAR(tether().line.offset.value, before - 40 * perPixel, 1e-9);
    EXPECT_EQ(w.window.session().state().stateOf(w.take()), TetherState::NeedsAnEar);
    ASSERT_TRUE(w.press(QStringLiteral("Back to the found place")));
    EXPECT_NEAR(tether().line.offset.value, before, 1e-12);
}

TEST_F(SeamViewTest, ATetheredSoundCannotBeDragged) {
    ASSERT_TRUE(w.press(QStringLiteral("Tether")));
    const double before = tether().line.offset.value;
    QTest::mousePress(&w.seam(), Qt::LeftButton, {}, onClean(300));
    QTest::mouseMove(&w.seam(), onClean(400));
    QTest::mouseRelease(&w.seam(), Qt::LeftButton, {}, onClean(400));
    EXPECT_EQ(tether().line.offset.value, before);
    EXPECT_NEAR(w.seam().playhead().value, w.seam().axis().timeAt(400).value, 1e-6)
        << "there the pointer moves the playhead instead";
}

TEST_F(SeamViewTest, DraggingTheRulerScrolls) {
    w.seam().zoomToPlayhead(2);
    w.window.bench().setPlayhead({10});
    const double before = w.seam().axis().start().value;
    QTest::mousePress(&w.seam(), Qt::LeftButton, {}, {500, 10});
    QTest::mouseMove(&w.seam(), {400, 10});
    QTest::mouseRelease(&w.seam(), Qt::LeftButton, {}, {400, 10});
    EXPECT_NEAR(w.seam().axis().start().value - before, 100 * w.seam().axis().secondsPerPixel(),
                1e-9);
    QTest::mouseDClick(&w.seam(), Qt::LeftButton, {}, onCamera(100));
    EXPECT_NEAR((w.seam().axis().end() - w.seam().axis().start()).value, 20, 0.1);
}

TEST_F(SeamViewTest, KeysZoomToo) {
    w.seam().setFocus();
    const double wide = w.seam().axis().secondsPerPixel();
    QTest::keyClick(&w.seam(), Qt::Key_Up);
    EXPECT_NEAR(w.seam().axis().secondsPerPixel(), wide / 1.5, 1e-12);
    QTest::keyClick(&w.seam(), Qt::Key_Down);
    EXPECT_NEAR(w.seam().axis().secondsPerPixel(), wide, 1e-9);
}

}  // namespace
}  // namespace brisk

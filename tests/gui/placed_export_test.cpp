// SPDX-License-Identifier: GPL-3.0-or-later
// Each way of placing by hand, down to where the clean sound is in the file that is written.
#include <gtest/gtest.h>

#include <QLineEdit>
#include <QTest>
#include <cmath>

#include "app/seam/match_curve_view.h"
#include "app/tray/place_bar.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::WindowDriver;

class PlacedExport : public ::testing::Test {
  protected:
    void SetUp() override {
        day_ = test::babble(40, 48000, 3);
        for (const int at : {8, 21}) {  // claps
            const auto crack = test::whiteNoise(0.01, 48000, 0.4, static_cast<unsigned>(at));
            const auto first = day_.begin() + at * 48000L;
            for (auto v = first - 14400; v < first + 14400; ++v) *v *= 0.001f;
            std::copy(crack.begin(), crack.end(), first);
        }
        test::writeTake(folder_.file("glue-01.mp4"),
                        {day_.begin() + 48000L * 5, day_.begin() + 48000L * 25}, {});
        test::writeSound(folder_.file("lavalier.wav"), day_,
                         test::SoundRecipe{"pcm_s24le", 48000, 1, {}, {}});
        w.drop({QString::fromStdString(folder_.file("glue-01.mp4")),
                QString::fromStdString(folder_.file("lavalier.wav"))});
        (void)QTest::qWaitFor([&] { return w.take() != 0; }, 60000);
        w.waitQuiet();
        w.press(QStringLiteral("Place it by hand"));
        type(QStringLiteral("5.02"));
    }
    const Tether& tether() { return *w.window.session().state().tetherOf(w.take()); }
    void type(const QString& text) {
        for (auto* f : w.window.findChildren<QLineEdit*>()) {
            if (!f->accessibleName().startsWith(QLatin1String("Where the take"))) continue;
            f->setFocus();
            f->selectAll();
            QTest::keyClicks(f, text);
            QTest::keyClick(f, Qt::Key_Return);
        }
    }
    /// Recording seconds heard at the start of the file that is written, found by comparing the
    /// samples around a moment.
    double writtenOffset() {
        const FileResult result = w.handOver(folder_.file("")).at(0);
        EXPECT_EQ(sentence(result.problem), "");
        const auto out = test::decodeAll(result.path);
        const std::size_t at = 10 * 48000UL, length = 9600;
        double best = -1, offset = 0;
        for (std::size_t start = 14 * 48000UL; start < 16 * 48000UL; ++start) {
            double sum = 0, power = 1e-12;
            for (std::size_t n = 0; n < length; n += 3) {
                sum += out[at + n] * day_[start + n];
                power += day_[start + n] * day_[start + n];
            }
            if (sum / std::sqrt(power) > best) {
                best = sum / std::sqrt(power);
                offset = (static_cast<double>(start) - static_cast<double>(at)) / 48000;
            }
        }
        return offset;
    }
    void expectWritten() { EXPECT_NEAR(writtenOffset(), tether().heardLine().offset.value, 2e-5); }
    std::vector<float> day_;
    test::TempFolder folder_;
    WindowDriver w;
};

TEST_F(PlacedExport, ByTyping) {
    type(QStringLiteral("5.0123"));
    EXPECT_NEAR(tether().line.offset.value, 5.0123, 1e-9);
    expectWritten();
}

TEST_F(PlacedExport, ByNudging) {
    w.press(QStringLiteral("Clean sound one frame later"));
    w.press(QStringLiteral("Clean sound one millisecond earlier"));
    w.press(QStringLiteral("Clean sound one sample later"));
    EXPECT_NEAR(tether().line.offset.value, 5.02 - 0.04 + 0.001 - 1.0 / 48000, 1e-9);
    expectWritten();
}

TEST_F(PlacedExport, ByDraggingAndFinerWithShift) {
    w.seam().zoomToPlayhead(0.4);
    const double pixel = w.seam().axis().secondsPerPixel();
    const int y = w.seam().height() * 3 / 4;
    QTest::mousePress(&w.seam(), Qt::LeftButton, {}, {300, y});
    QTest::mouseMove(&w.seam(), {340, y});
    QMouseEvent fine(QEvent::MouseMove, QPointF(360, y), w.seam().mapToGlobal(QPointF(360, y)),
                     Qt::NoButton, Qt::LeftButton, Qt::ShiftModifier);
    QApplication::sendEvent(&w.seam(), &fine);
    QTest::mouseRelease(&w.seam(), Qt::LeftButton, {}, {360, y});
    EXPECT_NEAR(tether().line.offset.value, 5.02 - (40 + 2) * pixel, 1e-9);
    expectWritten();
}

TEST_F(PlacedExport, ByClapsAndByARival) {
    ASSERT_TRUE(w.press(QStringLiteral("Put the claps together")));
    EXPECT_NEAR(tether().line.offset.value, 5, 0.002);
    expectWritten();
    w.press(QStringLiteral("Find matches"));
    w.waitQuiet();
    emit w.window.bench().matchCurve().tried(5.3);
    w.waitQuiet();
    EXPECT_NEAR(tether().line.offset.value, 5, 1e-3) << "what is near is settled by ear";
    expectWritten();
}

TEST_F(PlacedExport, ByMarksPutWhilePlaying) {
    auto& bench = w.window.bench();
    // On a busy machine the moment may be over before anybody looks: then once more.
    do {
        if (bench.player().playing()) w.press(QStringLiteral("Play or stop"));
        bench.setPlayhead({2.6});
        w.press(QStringLiteral("Play or stop"));
        ASSERT_TRUE(bench.player().playing());
        ASSERT_TRUE(QTest::qWaitFor([&] { return w.seam().playhead() > Seconds{3.03}; }, 60000));
    } while (w.seam().playhead() > Seconds{3.08});
    emit w.window.findChild<app::PlaceBar*>()->markWanted(false, false);
    EXPECT_TRUE(bench.player().playing()) << "a mark does not stop it";
    w.press(QStringLiteral("Play or stop"));
    w.waitQuiet();
    ASSERT_EQ(w.window.session().state().marksOf(w.take()).size(), 1u);
    EXPECT_NEAR(w.window.session().state().marksOf(w.take())[0].time.value, 3, 0.002);
    bench.setPlayhead({2.95});
    emit w.window.findChild<app::PlaceBar*>()->markWanted(true, false);
    w.waitQuiet();
    ASSERT_TRUE(w.press(QStringLiteral("Put the marks together")));
    EXPECT_NEAR(tether().line.offset.value, 5, 0.002);
    expectWritten();
}

TEST_F(PlacedExport, WithTheDistanceTheCleanSoundComesEarlier) {
    type(QStringLiteral("5"));
    w.window.bench().setPlayhead({2.93});  // the clap is heard 3 s into the take
    ASSERT_TRUE(w.press(QStringLiteral("Hands meet here")));
    EXPECT_GT(tether().heardLine().offset.value, 5.05);
    expectWritten();
    while (w.window.session().shoot().canUndo()) w.press(QStringLiteral("Undo"));
    EXPECT_TRUE(w.window.session().state().tethers.empty());
}

}  // namespace
}  // namespace brisk

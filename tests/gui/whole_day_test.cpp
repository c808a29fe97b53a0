// SPDX-License-Identifier: GPL-3.0-or-later
// A day with a recorder that cut its recording into files, a second microphone, and a camera that
// cut a take: in the window.
#include <gtest/gtest.h>

#include <QFileDialog>
#include <QLineEdit>
#include <QMenu>
#include <QTest>
#include <QTimer>
#include <cmath>
#include <filesystem>

#include "app/card/microphone_row.h"
#include "app/list/take_panel.h"
#include "app/map/day_map.h"
#include "shoot/commands.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/shoot_folder.h"
#include "support/signals.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::cut;
using test::WindowDriver;

class WholeDay : public ::testing::Test {
  protected:
    static constexpr std::size_t kSeam = 45 * 48000 + 333;

    void SetUp() override {
        recording("lavalier-01.wav", {talk_.begin(), talk_.begin() + kSeam}, 0);
        recording("lavalier-02.wav", {talk_.begin() + kSeam, talk_.end()}, kSeam);
        test::writeSound(file("hand.flac"), test::sum(talk_, test::whiteNoise(90, 48000, 0.02, 5)),
                         {"flac", 48000, 1, {}, {}});
        // The camera cut one take of 25 seconds into two files.
        test::writeTake(file("sewing-01.mp4"), scratch(20, 36));
        test::writeTake(file("sewing-02.mp4"), scratch(36, 61));
        w.drop({QString::fromStdString(file(""))});
        (void)QTest::qWaitFor([&] { return session().state().media.size() == 5; }, 60000);
        w.waitQuiet();
        EXPECT_TRUE(w.press(QStringLiteral("Find matches")));
        w.waitQuiet();
        w.window.choose(media("sewing-02.mp4"));
    }
    void recording(const char* name, const std::vector<float>& samples, std::size_t first) {
        test::SoundRecipe r{"pcm_s16le", 48000, 1, {}, {}};
        r.muxerOptions = {{"write_bext", "1"}};
        r.metadata = {{"time_reference", std::to_string(48000 * 60 + first)}};
        test::writeSound(file(name), samples, r);
    }
    std::vector<float> scratch(double from, double to) {
        return test::sum(cut(talk_, from, to), test::whiteNoise(to - from, 48000, 0.005, 7));
    }
    std::string file(const std::string& name) { return folder_.file(name); }
    app::Session& session() { return w.window.session(); }
    int media(const std::string& name) {
        for (const MediaItem& m : session().state().media) {
            if (std::filesystem::path(m.path).filename() == name) return m.id;
        }
        ADD_FAILURE() << name;
        return 0;
    }
    /// Opens the menu of a row of the list and triggers what is written there.
    bool fromMenu(int id, const QString& text) {
        auto& list = w.window.takePanel().list();
        const QModelIndex row = w.window.takePanel().model().indexOf(id);
        list.setCurrentIndex(row);
        emit list.customContextMenuRequested(list.visualRect(row).center());
        return trigger(w.window.takePanel(), text);
    }
    static bool trigger(QWidget& of, const QString& text) {
        bool done = false;
        for (QMenu* menu : of.findChildren<QMenu*>()) {
            for (QAction* a : menu->actions()) {
                if (done || !a->text().contains(text)) continue;
                a->trigger();
                done = true;
            }
            menu->close();
        }
        QCoreApplication::processEvents();
        return done;
    }
    test::TempFolder folder_;
    std::vector<float> talk_ = test::babble(90, 48000, 81);
    WindowDriver w;
};

TEST_F(WholeDay, ATakeAcrossTheJoinGetsBothFilesAndIsWrittenWithoutASeam) {
    const int take = media("sewing-02.mp4");
    ASSERT_EQ(session().state().tethersOf(take).size(), 3u);
    session().hear(take, media("lavalier-01.wav"));
    const auto pieces = session().view(take).heard();
    ASSERT_EQ(pieces.size(), 2u);
    EXPECT_NEAR(pieces[0].range().end.value, pieces[1].range().start.value, 1e-9);
    EXPECT_NEAR(pieces[0].range().end.value, kSeam / 48000.0 - 36, 1e-4);
    EXPECT_TRUE(uncovered(pieces, {{0}, {25}}).empty());
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("continues on lavalier-02")));

    w.window.choose(take);
    const FileResult result = w.handOver(file("")).at(0);
    EXPECT_EQ(sentence(result.problem), "");
    EXPECT_EQ(sentence(result.holds).find("silence"), std::string::npos);
    EXPECT_NE(sentence(result.holds).find("track 2 "), std::string::npos) << "the other microphone";
    // Around the join it is the talk as it was, before the recorder cut it.
    const auto written = test::decodeAll(result.path);
    const ClockLine line = pieces[0].line;
    double most = 0;
    for (auto n = static_cast<std::int64_t>(kSeam) - 36 * 48000 - 2000;
         n < std::int64_t{13} * 48000; ++n) {
        const double at = line.toRecording({static_cast<double>(n) / 48000}).value * 48000;
        const auto i = static_cast<std::size_t>(std::llround(at));
        most = std::max(
            most, std::fabs(static_cast<double>(written[static_cast<std::size_t>(n)] - talk_[i])));
    }
    // Between samples the nearest one differs; a lost sample would add a step of half full scale.
    EXPECT_LT(most, 0.2);
}

TEST_F(WholeDay, OneMicrophoneIsHeardAndTheOtherIsKeptBesideIt) {
    auto* row = w.window.findChild<app::MicrophoneRow*>();
    ASSERT_TRUE(row);
    w.openStepOf(row);
    ASSERT_TRUE(row->isVisible());
    const int take = media("sewing-02.mp4");
    const QString before = w.wordsOnScreen();
    const bool handHeard = before.contains(QLatin1String("kept beside it: lavalier"));
    auto* button = row->findChild<QPushButton*>();
    QTest::mouseClick(button, Qt::LeftButton);
    ASSERT_TRUE(trigger(
        *row, handHeard ? QStringLiteral("Hear lavalier-01") : QStringLiteral("Hear hand")));
    EXPECT_NE(session().state().tetherOf(take)->recording == media("hand.flac"), handHeard);
    EXPECT_TRUE(w.wordsOnScreen().contains(handHeard ? QLatin1String("kept beside it: hand")
                                                     : QLatin1String("kept beside it: lavalier")));
    EXPECT_EQ(session().view(take).heard().size(), handHeard ? 2u : 1u);
    w.press(QStringLiteral("Undo"));
    EXPECT_EQ(w.wordsOnScreen().contains(QLatin1String("kept beside it: lavalier")), handHeard);
}

TEST_F(WholeDay, ATakeThatTheCameraCutCanBeTreatedAsOne) {
    const int first = media("sewing-01.mp4"), second = media("sewing-02.mp4");
    ASSERT_EQ(session().continued().size(), 1u);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("can be treated as one")));
    ASSERT_TRUE(fromMenu(second, QStringLiteral("Treat as one take")));
    w.window.choose(second);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("treated as one")));
    const auto& s = session().state();
    const Tether* a = s.tetherOf(first);
    session().apply(commands::moveClean(session().state(), first, milliseconds(40)));
    const auto all = session().state().tethersOf(second);
    a = session().state().tetherOf(first);
    const double length = session().library().dayFacts(first).length.value;
    const auto b = std::find_if(all.begin(), all.end(), [&](const Tether* t) {
        return t->recording == a->recording && !t->beside;
    });
    ASSERT_NE(b, all.end()) << "heard by the same microphone";
    EXPECT_NEAR((*b)->line.offset.value, a->line.toRecording({length}).value, 1e-9);
    session().apply(commands::lock(session().state(), second));
    EXPECT_EQ(session().state().stateOf(first), TetherState::Tethered);
    ASSERT_TRUE(fromMenu(second, QStringLiteral("Treat as a take of its own")));
    session().apply(commands::unlock(session().state(), first));
    EXPECT_EQ(session().state().stateOf(second), TetherState::Tethered);
}

TEST_F(WholeDay, ARepairedCopyTakesThePlaceAndAnotherSoundDoesNot) {
    const int take = media("sewing-01.mp4"), old = media("lavalier-01.wav");
    session().hear(take, old);
    const double before = session().state().tetherOf(take)->line.offset.value;
    const auto repaired = cut(talk_, 5, 45);
    test::writeSound(file("repaired.wav"), repaired, {"pcm_s24le", 48000, 1, {}, {}});
    test::writeSound(file("other.wav"), test::babble(40, 48000, 4), {});
    const auto swap = [&](const char* name) {
        // The person picks the file in the dialog that the menu opens.
        QTimer::singleShot(300, [&, name] {
            for (QWidget* top : QApplication::topLevelWidgets()) {
                auto* dialog = qobject_cast<QFileDialog*>(top);
                if (!dialog || !dialog->isVisible()) continue;
                dialog->findChild<QLineEdit*>()->setText(QString::fromStdString(file(name)));
                static_cast<QDialog*>(dialog)->accept();
            }
        });
        ASSERT_TRUE(fromMenu(old, QStringLiteral("Swap for a repaired copy")));
        w.waitQuiet();
    };
    swap("other.wav");
    EXPECT_EQ(session().state().item(old)->path, file("lavalier-01.wav")) << "nothing changed";
    ASSERT_FALSE(session().notes().isEmpty());
    EXPECT_TRUE(session().notes().last().contains(QLatin1String("is not the same sound")))
        << session().notes().last().toStdString();
    swap("repaired.wav");
    EXPECT_EQ(session().state().item(old)->path, file("repaired.wav"));
    EXPECT_NEAR(session().state().tetherOf(take)->line.offset.value, before - 5, 1e-6);
    EXPECT_EQ(session().state().stateOf(take), TetherState::Offered) << "nobody moved it";
    EXPECT_TRUE(session().view(take).pair);
    w.press(QStringLiteral("Undo"));
    EXPECT_EQ(session().state().item(old)->path, file("lavalier-01.wav"));
    EXPECT_EQ(session().state().tetherOf(take)->line.offset.value, before);
}

}  // namespace
}  // namespace brisk

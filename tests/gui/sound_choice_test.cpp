// SPDX-License-Identifier: GPL-3.0-or-later
// What a take shall sound like, and the lock, in the window.
#include <gtest/gtest.h>

#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QTest>
#include <cmath>

#include "app/list/take_panel.h"
#include "app/tray/channel_menu.h"
#include "app/tray/sound_panel.h"
#include "shoot/commands.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/shoot_folder.h"
#include "support/signals.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::WindowDriver;

class SoundChoices : public ::testing::Test {
  protected:
    void SetUp() override {
        auto day = test::babble(60, 48000, 3);
        for (std::size_t k = 0; k < 60; ++k) day[20 * 48000 + k] = k % 2 ? 0.9f : -0.9f;
        test::writeTake(folder_.file("sewing-01.mp4"), test::cut(day, 10, 30));
        test::writeTake(folder_.file("sewing-02.mp4"), test::cut(day, 35, 55));
        test::writeSound(folder_.file("lavalier.wav"), day);
        w.drop({QString::fromStdString(folder_.file(""))});
        (void)QTest::qWaitFor([&] { return session().state().media.size() == 3; }, 60000);
        w.waitQuiet();
        EXPECT_TRUE(w.press(QStringLiteral("Find matches")));
        w.waitQuiet();
    }
    app::Session& session() { return w.window.session(); }
    [[nodiscard]] int other() {
        for (const int take : session().state().ids(MediaKind::Take)) {
            if (take != w.take()) return take;
        }
        return 0;
    }
    QLineEdit& field(const QString& name) {
        for (auto* e : w.window.findChildren<QLineEdit*>()) {
            if (e->accessibleName() == name && e->isVisible()) return *e;
        }
        throw std::runtime_error(name.toStdString());
    }
    QString holds() {
        auto* l = w.window.findChild<QLabel*>(QStringLiteral("traySentence"));
        return l ? l->text() : QString();
    }
    test::TempFolder folder_;
    WindowDriver w;
};

TEST_F(SoundChoices, TheCamerasSoundIsChosenForAllAndForOneAndTakenBack) {
    ASSERT_TRUE(w.press(QStringLiteral("3 sound")));
    EXPECT_TRUE(holds().contains(QLatin1String("camera sound not included")));
    ASSERT_TRUE(w.press(QStringLiteral("camera's sound: second track")));
    EXPECT_TRUE(holds().contains(QLatin1String("track 2 camera sound")));
    EXPECT_EQ(session().state().soundOf(other()).camera, CameraSound::SecondTrack);
    ASSERT_TRUE(w.press(QStringLiteral("for this take")));
    ASSERT_TRUE(w.press(QStringLiteral("camera's sound: mixed in")));
    QLineEdit& blend =
        field(QStringLiteral("Loudness of the camera that is mixed in against the clean sound"));
    blend.setFocus();
    blend.selectAll();
    QTest::keyClicks(&blend, QStringLiteral("-9"));
    QTest::keyClick(&blend, Qt::Key_Return);
    EXPECT_EQ(session().state().soundOf(w.take()).blendDb, -9);
    EXPECT_EQ(session().state().soundOf(other()).camera, CameraSound::SecondTrack);
    EXPECT_TRUE(holds().contains(QLatin1String("mixed in, 9.0 dB quieter")));
    // It is what is played, and what is written.
    const auto plan = session().view(w.take()).sound;
    ASSERT_TRUE(plan);
    EXPECT_EQ(plan->choice.camera, CameraSound::Blended);
    EXPECT_EQ(session().exportPlan(w.take(), VideoContainer::Mov, {})->sound, *plan);
    ASSERT_TRUE(w.press(QStringLiteral("as all takes")));
    EXPECT_EQ(session().state().soundOf(w.take()).camera, CameraSound::SecondTrack);
    w.press(QStringLiteral("Undo"));
    EXPECT_EQ(session().state().soundOf(w.take()).blendDb, -9);
}

TEST_F(SoundChoices, WhatIsChosenMovesNothingElse) {
    ASSERT_TRUE(w.press(QStringLiteral("3 sound")));
    const QRect seam = w.seam().geometry();
    ASSERT_TRUE(w.press(QStringLiteral("claps: silent")));
    EXPECT_EQ(w.window.bench().tray().step(), app::Step::Sound);
    ASSERT_TRUE(w.press(QStringLiteral("2 check")));
    EXPECT_EQ(w.seam().geometry(), seam);
}

TEST_F(SoundChoices, ALoudnessIsMeasuredBehindAndSaidWhenItIsKnown) {
    ASSERT_TRUE(w.press(QStringLiteral("3 sound")));
    QLineEdit& target = field(QStringLiteral("Loudness of every take"));
    target.setFocus();
    target.selectAll();
    QTest::keyClicks(&target, QStringLiteral("-18"));
    QTest::keyClick(&target, Qt::Key_Return);
    EXPECT_TRUE(session().state().sound.toLoudness);
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return session().view(w.take()).sound->level.lufs > -70; }, 60000));
    EXPECT_NEAR(session().view(w.take()).sound->level.lufs, -18, 0.1);
    target.setFocus();
    target.selectAll();
    QTest::keyClicks(&target, QStringLiteral("loud"));
    QTest::keyClick(&target, Qt::Key_Return);
    auto* warning = w.window.findChild<QLabel*>(QStringLiteral("soundWarning"));
    EXPECT_TRUE(warning->text().contains(QLatin1String("not a number")))
        << warning->text().toStdString();
    EXPECT_EQ(session().state().sound.targetLufs, -18);
}

TEST_F(SoundChoices, TakesAreMadeAlikeByTheOneInTheMiddle) {
    ASSERT_TRUE(w.press(QStringLiteral("3 sound")));
    ASSERT_TRUE(w.press(QStringLiteral("level: alike")));
    ASSERT_TRUE(QTest::qWaitFor([&] { return session().state().sound.toLoudness; }, 60000));
    const double target = session().state().sound.targetLufs;
    std::vector<double> lufs;
    for (const int take : {w.take(), other()}) {
        auto plan = *session().view(take).sound;
        plan.choice.toLoudness = false;
        plan.level = {};
        lufs.push_back(measureLevel(plan, {})->lufs);
    }
    EXPECT_NEAR(target, std::max(lufs[0], lufs[1]), 0.051) << lufs[0] << ' ' << lufs[1];
    EXPECT_TRUE(QString::fromStdString(sentence(session().shoot().undoLabel()))
                    .startsWith(QLatin1String("For all takes: levels alike, ")));
}

TEST_F(SoundChoices, ChannelsOfARecordingWithManyAreChosenByName) {
    auto* channels = w.window.findChild<app::ChannelMenu*>();
    ASSERT_TRUE(channels);
    ASSERT_TRUE(w.press(QStringLiteral("3 sound")));
    EXPECT_FALSE(channels->isVisible()) << "a mono recording has none to choose";
    HeardSound two;
    two.channels = 2;
    two.names = {"", ""};
    channels->show(two, {});
    EXPECT_FALSE(channels->isVisible()) << "left and right say it";
    two.names = {"Ines", "Bench"};
    channels->show(two, {});
    EXPECT_TRUE(channels->isVisible());
    HeardSound four;
    four.channels = 4;
    four.names = {"Ines", "Bench", "", "Room"};
    channels->show(four, {ChannelMap::Chosen, {1}});
    EXPECT_TRUE(channels->isVisible());
    EXPECT_EQ(channels->text(), QStringLiteral("channels 2…"));
    auto* menu = channels->findChild<QMenu*>();
    ASSERT_EQ(menu->actions().size(), 4);
    EXPECT_EQ(menu->actions()[3]->text(), QStringLiteral("4 Room"));
    menu->actions()[3]->trigger();
    EXPECT_EQ(session().state().sound.map, ChannelMap::Chosen);
    EXPECT_EQ(session().state().sound.channels, (std::vector<int>{1, 3}));
    const QString project = QString::fromStdString(folder_.file("day.brisk"));
    ASSERT_TRUE(session().document().save(project));
    ASSERT_TRUE(session().document().open(project));
    EXPECT_EQ(session().state().sound.channels, (std::vector<int>{1, 3}));
}

TEST_F(SoundChoices, ClapsAreQuietAndNothingMoves) {
    const double offset = session().state().tetherOf(w.take())->line.offset.value;
    ASSERT_TRUE(w.press(QStringLiteral("3 sound")));
    ASSERT_TRUE(w.press(QStringLiteral("claps: silent")));
    EXPECT_TRUE(holds().contains(QLatin1String("1 clap quiet"))) << holds().toStdString();
    const auto plan = session().view(w.take()).sound;
    ASSERT_EQ(plan->claps.size(), 1u);
    EXPECT_NEAR(plan->claps[0].start.value, 10, 0.02);
    EXPECT_EQ(session().state().tetherOf(w.take())->line.offset.value, offset);
}

TEST_F(SoundChoices, BlendedSoundsThatAreApartAreWarnedOf) {
    ASSERT_TRUE(w.press(QStringLiteral("3 sound")));
    ASSERT_TRUE(w.press(QStringLiteral("camera's sound: mixed in")));
    auto* warning = w.window.findChild<QLabel*>(QStringLiteral("soundWarning"));
    EXPECT_FALSE(warning->text().contains(QLatin1String("hollow")));
    session().apply(commands::moveClean(session().state(), w.take(), milliseconds(4)));
    w.window.bench().setPlayhead(Seconds{7});
    EXPECT_TRUE(
        QTest::qWaitFor([&] { return warning->text().contains(QLatin1String("hollow")); }, 60000))
        << warning->text().toStdString();
}

TEST_F(SoundChoices, ATetheredTakeIsNotMovedBySlipsOfTheHandAndASlippedOneGoesBack) {
    const int take = w.take();
    ASSERT_TRUE(w.press(QStringLiteral("Tether")));
    const ClockLine was = session().state().tetherOf(take)->line;
    // A drag of the saffron side, as by mistake.
    const QPoint below(w.seam().width() / 2, w.seam().height() * 3 / 4);
    QTest::mousePress(&w.seam(), Qt::LeftButton, {}, below);
    QTest::mouseMove(&w.seam(), below + QPoint(60, 0));
    QTest::mouseRelease(&w.seam(), Qt::LeftButton, {}, below + QPoint(60, 0));
    EXPECT_EQ(session().state().tetherOf(take)->line, was);
    // On purpose: loosened, and nudged.
    ASSERT_TRUE(w.press(QStringLiteral("Untether")));
    session().apply(commands::moveClean(session().state(), take, milliseconds(12.5)));
    EXPECT_EQ(session().state().stateOf(take), TetherState::Slipped);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("moved: 12.5 ms later than its tether")))
        << w.wordsOnScreen().toStdString();
    EXPECT_TRUE(w.window.takePanel().counts().contains(QLatin1String("1 moved")));
    // Even after saving and opening.
    const QString project = QString::fromStdString(folder_.file("day.brisk"));
    ASSERT_TRUE(session().document().save(project));
    ASSERT_TRUE(session().document().open(project));
    w.waitQuiet();
    w.window.choose(take);
    ASSERT_TRUE(w.press(QStringLiteral("Back to the tether")));
    EXPECT_EQ(session().state().tetherOf(take)->line, was) << "to the sample";
    EXPECT_EQ(session().state().stateOf(take), TetherState::Tethered);
    EXPECT_EQ(QString::fromStdString(sentence(session().shoot().undoLabel())),
              QLatin1String("Back to the tether of sewing-01.mp4"));
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// What a person writes of files, chooses for them and gives on: names, channels, which video has
// the clean sound, what was cut, the other camera.
#include <gtest/gtest.h>

#include <QLineEdit>
#include <QPlainTextEdit>
#include <QTimer>

#include "app/list/slate_dialog.h"
#include "app/picture/other_picture.h"
#include "by_hand.h"
#include "shoot/commands.h"
#include "shoot/edit_commands.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"

namespace brisk {
namespace {

using app::Verb;

class WrittenDown : public ByHand {
  protected:
    /// Once the dialog is there, types and presses in it.
    void answer(const std::function<void(app::SlateDialog&)>& how) {
        answer_.disconnect();
        QObject::connect(&answer_, &QTimer::timeout, [this, how] {
            auto* dialog = qobject_cast<app::SlateDialog*>(QApplication::activeModalWidget());
            if (!dialog) return;
            answer_.stop();
            how(*dialog);
        });
        answer_.start(20);
    }
    static void type(app::SlateDialog& dialog, const char* name, const char* text) {
        for (auto* e : dialog.findChildren<QLineEdit*>()) {
            if (e->accessibleName() != QLatin1String(name)) continue;
            e->setFocus();
            e->selectAll();
            QTest::keyClicks(e, QLatin1String(text));
        }
    }
    static void press(app::SlateDialog& dialog, const char* text) {
        for (auto* b : dialog.findChildren<QPushButton*>()) {
            if (b->text() == QLatin1String(text)) QTest::mouseClick(b, Qt::LeftButton);
        }
    }
    QString row(std::size_t take, int role) {
        return w.window.takePanel().model().indexOf(takes_[take]).data(role).toString();
    }
    QTimer answer_;
};

TEST_F(WrittenDown, NameSceneAndNoteOfOneAndOfSeveral) {
    click(takes_[0]);
    answer([](app::SlateDialog& d) {
        type(d, "Name", "the first pull");
        type(d, "Take number", "3");
        d.findChild<QPlainTextEdit*>()->setFocus();
        QTest::keyClicks(d.findChild<QPlainTextEdit*>(), QStringLiteral("lamp flickers"));
        press(d, "Write it down");
    });
    QTest::keyClick(&w.window, Qt::Key_D, Qt::ControlModifier);
    EXPECT_EQ(row(0, Qt::DisplayRole), QStringLiteral("the first pull"));
    EXPECT_TRUE(w.wordsOnScreen().contains(QStringLiteral("the first pull"))) << "on the card";
    w.window.takePanel().list().selectAll();
    answer([](app::SlateDialog& d) {
        for (auto* e : d.findChildren<QLineEdit*>()) {
            EXPECT_NE(e->isEnabled(), e->accessibleName() == QLatin1String("Name"));
        }
        type(d, "Scene", "12A");
        press(d, "good");
        press(d, "Write it down");
    });
    w.window.verbs().action(Verb::Describe)->trigger();
    const auto& slate = session().state().item(takes_[0])->slate;
    EXPECT_EQ(slate, (Slate{"the first pull", "12A", "3", Verdict::Good, "lamp flickers"}));
    EXPECT_EQ(session().state().item(takes_[1])->slate.scene, "12A");
    EXPECT_TRUE(row(1, app::MediaListModel::WordsRole).endsWith(QStringLiteral("scene 12A, good")))
        << row(1, app::MediaListModel::WordsRole).toStdString();
    EXPECT_TRUE(row(0, Qt::ToolTipRole).contains(QStringLiteral("lamp flickers")));
    // It is found by what was written.
    auto filter = w.window.takePanel().model().filter();
    filter.text = QStringLiteral("flick");
    w.window.takePanel().model().setFilter(filter);
    EXPECT_EQ(w.window.takePanel().model().listedTakes(), std::vector<int>{takes_[0]});
    filter.text.clear();
    w.window.takePanel().model().setFilter(filter);
    w.window.verbs().action(Verb::Undo)->trigger();
    EXPECT_EQ(session().state().item(takes_[1])->slate, Slate{});
    // Nothing written, nothing done.
    const auto steps = session().shoot().at();
    answer([](app::SlateDialog& d) { press(d, "Write it down"); });
    w.window.verbs().action(Verb::Describe)->trigger();
    EXPECT_EQ(session().shoot().at(), steps);
}

TEST_F(WrittenDown, ASearchListensToTheChannelThatWasChosenForIt) {
    const auto day = test::babble(50, 48000, 3), other = test::babble(50, 48000, 77);
    std::vector<float> both;
    for (std::size_t n = 0; n < day.size(); ++n) {
        both.push_back(other[n]);
        both.push_back(day[n]);
    }
    test::writeInterleaved(folder_.file("two.wav"), both, {"pcm_s24le", 48000, 2, {}, {}});
    session().apply(commands::removeMedia(session().state(), recording_));
    w.drop({file("two.wav")});
    (void)QTest::qWaitFor([&] { return !session().state().ids(MediaKind::Recording).empty(); },
                          60000);
    w.waitQuiet();
    const int two = session().state().ids(MediaKind::Recording).front();
    click(two);
    w.window.verbs().action(Verb::SearchBy)->trigger();
    ASSERT_TRUE(chooseInMenu(QStringLiteral("Channel 1")));
    EXPECT_EQ(session().state().item(two)->searchedBy, 0);
    w.window.verbs().action(Verb::FindMatches)->trigger();
    w.waitQuiet();
    for (const int take : takes_) EXPECT_EQ(session().stateOf(take), TetherState::Loose);
    w.window.verbs().action(Verb::SearchBy)->trigger();
    ASSERT_TRUE(chooseInMenu(QStringLiteral("Channel 2")));
    w.window.verbs().action(Verb::FindMatches)->trigger();
    w.waitQuiet();
    ASSERT_TRUE(tether(0));
    EXPECT_EQ(session().stateOf(takes_[0]), TetherState::Offered);
    EXPECT_NEAR(tether(0)->line.offset.value, 5, 1e-4);
    // A file with one channel has nothing to choose.
    click(takes_[0]);
    EXPECT_EQ(w.window.verbs().whyNot(Verb::SearchBy).id, "one-channel-only");
}

TEST_F(WrittenDown, PlayingSkipsWhatWasCutUnlessItIsWanted) {
    session().apply(layAt(session().state(), takes_[0], recording_, Seconds{5}, {}));
    click(takes_[0]);
    session().apply(commands::keep(session().state(), takes_[0], {{{0}, {1}}, {{8}, {9}}},
                                   session().view(takes_[0]).whole, "cut"));
    std::vector<double> heard;
    QObject::connect(&w.window.bench().player(), &app::Player::moved,
                     [&](double t) { heard.push_back(t); });
    w.window.bench().player().play({0.2});
    ASSERT_TRUE(QTest::qWaitFor([&] { return !w.window.bench().player().playing(); }, 60000))
        << "it ends after the last piece";
    ASSERT_FALSE(heard.empty());
    EXPECT_GT(*std::max_element(heard.begin(), heard.end()), 8.5);
    for (const double t : heard) EXPECT_TRUE(t < 1.05 || t > 7.95) << t;
    QTest::keyClick(&w.window, Qt::Key_Z);
    EXPECT_FALSE(w.window.verbs().action(Verb::SkipCuts)->isChecked());
    w.window.bench().player().play({0.9});
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return w.seam().playhead() > Seconds{1.5} && w.seam().playhead() < Seconds{7}; },
        60000));
    w.window.bench().player().stop();
}

TEST_F(WrittenDown, TheOtherCamerasPictureStandsBesideAtTheSameMoment) {
    session().apply(layAt(session().state(), takes_[0], recording_, Seconds{5}, {}));
    session().apply(layAt(session().state(), takes_[1], recording_, Seconds{9}, {}));
    session().apply(commands::setCamera({takes_[1]}, "second"));
    click(takes_[0]);
    app::OtherPicture& other = w.window.bench().otherPicture();
    EXPECT_FALSE(other.isVisible());
    QTest::keyClick(&w.window, Qt::Key_D);
    EXPECT_TRUE(other.isVisible());
    w.window.bench().setPlayhead({10.5});
    EXPECT_EQ(other.other(), takes_[1]);
    EXPECT_NEAR(other.moment().value, 6.5, 1e-9);
    EXPECT_TRUE(
        QTest::qWaitFor([&] { return other.hasPicture() && other.isRightPicture(); }, 60000));
    w.window.bench().setPlayhead({2});
    EXPECT_EQ(other.other(), 0) << "the other camera was not running";
    QTest::keyClick(&w.window, Qt::Key_D);
    EXPECT_FALSE(other.isVisible());
}

TEST(CleanVideo, OneOfTwoVideosHasTheGoodSoundAndIsAskedFor) {
    test::TempFolder folder;
    const auto clean = test::babble(40, 48000, 8);
    const auto room = test::whiteNoise(20, 48000, 0.02, 4);
    auto far = test::cut(clean, 10, 30);
    for (float& v : far) v *= 0.1f;
    test::writeTake(folder.file("far.mp4"), test::sum(far, room));
    test::writeTake(folder.file("close.mp4"), clean);
    test::WindowDriver w;
    w.drop({QString::fromStdString(folder.file("far.mp4")),
            QString::fromStdString(folder.file("close.mp4"))});
    (void)QTest::qWaitFor([&] { return w.window.session().state().media.size() == 2; }, 60000);
    w.waitQuiet();
    EXPECT_TRUE(w.wordsOnScreen().contains(QStringLiteral("There is no recording yet.")));
    ASSERT_TRUE(w.press(QStringLiteral("In close.mp4: it sounds closest")));
    EXPECT_FALSE(w.wordsOnScreen().contains(QStringLiteral("There is no recording yet.")));
    ASSERT_TRUE(w.press(QStringLiteral("Find matches")));
    w.waitQuiet();
    const ShootState& s = w.window.session().state();
    const int take = s.ids(MediaKind::Take).front();
    ASSERT_TRUE(s.tetherOf(take));
    EXPECT_EQ(s.stateOf(take), TetherState::Offered);
    w.window.verbs().action(Verb::Tether)->trigger();
    const auto files = w.handOver(folder.path());
    ASSERT_EQ(files.size(), 1u);
    ASSERT_EQ(files[0].state, FileState::Written) << sentence(files[0].problem);
    // The new file sounds like the close one, ten times as loud as its own.
    const auto sound = test::decodeAll(files[0].path);
    const auto own = test::decodeAll(folder.file("close.mp4"));
    double product = 0, power = 0, ownPower = 0;
    for (std::size_t n = 0; n < 48000 * 18; ++n) {
        const double a = sound[n], b = own[n + 480000];
        product += a * b;
        power += a * a;
        ownPower += b * b;
    }
    EXPECT_GT(product / std::sqrt(power * ownPower), 0.999);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
// Working by hand, in the order in which people do: look, listen, trim, find the clap, lay, check.
#include <gtest/gtest.h>

#include <QDragEnterEvent>
#include <QLineEdit>
#include <QMenu>
#include <QSlider>
#include <QTest>

#include "app/list/take_panel.h"
#include "app/listen/listen_bar.h"
#include "app/listen/loudness_menu.h"
#include "app/map/day_map.h"
#include "app/picture/picture_view.h"
#include "app/proof/spot_checks.h"
#include "app/seam/seam_pins.h"
#include "app/spine/dragged_take.h"
#include "by_hand.h"
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

bool has(const Facts& facts, const std::string& id) {
    return std::any_of(facts.begin(), facts.end(), [&](const Fact& f) { return f.id == id; });
}

TEST_F(ByHand, ARecordingIsSeenHeardAndMarkedByItself) {
    click(recording_);
    ASSERT_EQ(w.take(), recording_);
    EXPECT_FALSE(w.window.bench().picture().isVisible());
    EXPECT_NEAR(w.seam().axis().end().value, 50, 0.5);
    EXPECT_TRUE(w.wordsOnScreen().contains(QStringLiteral("No take lies on it yet.")));
    for (const app::SeamPin& pin : app::seamPins(session(), recording_, {})) {
        EXPECT_TRUE(pin.onClean);
    }
    w.window.bench().setPlayhead({8.1});
    w.window.verbs().action(Verb::MarkClean)->trigger();
    w.waitQuiet();
    ASSERT_EQ(session().state().marksOf(recording_).size(), 1u);
    EXPECT_NEAR(session().state().marksOf(recording_).front().time.value, 8, 0.005);
    // It plays: its own sound, on its own time.
    w.window.bench().player().play({20});
    EXPECT_TRUE(QTest::qWaitFor([&] { return w.seam().playhead() > Seconds{20.2}; }, 60000));
    w.window.bench().player().stop();
    for (const Verb v : {Verb::Tether, Verb::FrameLater, Verb::LayByHand}) {
        EXPECT_EQ(w.window.verbs().whyNot(v).id, "a-recording");
    }
    EXPECT_FALSE(w.window.verbs().action(Verb::LayByStarts)->isEnabled());
}

TEST_F(ByHand, ATakeIsLaidAtThePlayheadOfARecording) {
    click(recording_);
    w.window.bench().setPlayhead({5.25});
    ASSERT_TRUE(w.press(QStringLiteral("Lay a take here")));
    ASSERT_TRUE(chooseInMenu(QStringLiteral("press-01")));
    ASSERT_TRUE(tether(0));
    EXPECT_NEAR(tether(0)->line.offset.value, 5.25, 1e-6);
    EXPECT_EQ(session().stateOf(takes_[0]), TetherState::NeedsAnEar);
    EXPECT_EQ(w.take(), takes_[0]) << "it may be looked at";
    // Back on the recording its bracket leads to it, and the playhead is where it was left.
    click(recording_);
    EXPECT_NEAR(w.seam().playhead().value, 5.25, 1e-6);
    EXPECT_TRUE(w.wordsOnScreen().contains(QStringLiteral("1 take lies on it.")));
    const auto brackets = app::takeBrackets(session(), recording_);
    ASSERT_EQ(brackets.size(), 1u);
    EXPECT_NEAR(brackets[0].range.end.value, 25.25, 0.1);
    const double x = w.seam().axis().xOf(Seconds{15});
    for (int y = w.seam().height() / 3; y > 30 && w.take() == recording_; y -= 8) {
        QTest::mouseClick(&w.seam(), Qt::LeftButton, {}, QPoint(static_cast<int>(x), y));
    }
    EXPECT_EQ(w.take(), takes_[0]);
    w.window.verbs().action(Verb::Undo)->trigger();
    EXPECT_EQ(tether(0), nullptr);
}

TEST_F(ByHand, AClapOfEachIsPutTogether) {
    EXPECT_EQ(session().layByPins(takes_[1], recording_).id, "recording-not-looked-at");
    click(takes_[1]);
    w.window.bench().setPlayhead({1.95});
    w.window.verbs().action(Verb::MarkCamera)->trigger();
    w.waitQuiet();
    w.window.bench().setPlayhead({1.6});
    click(recording_);
    w.window.bench().setPlayhead({28.2});
    ASSERT_TRUE(w.press(QStringLiteral("Lay a take by its clap")));
    ASSERT_TRUE(chooseInMenu(QStringLiteral("press-02")));
    ASSERT_TRUE(tether(1));
    EXPECT_NEAR(tether(1)->line.offset.value, 27, 0.002);
    EXPECT_TRUE(has(tether(1)->found.reason, "laid-by-claps"));
    // The same from the take's side.
    w.window.verbs().action(Verb::Undo)->trigger();
    click(takes_[1]);
    ASSERT_TRUE(w.press(QStringLiteral("By a clap of each")));
    EXPECT_NEAR(tether(1)->line.offset.value, 27, 0.002);
}

TEST_F(ByHand, TakesAreDroppedOnARecordingAndOnTheMap) {
    click(recording_);
    const auto x = static_cast<int>(w.seam().axis().xOf(Seconds{12}));
    dropTake(w.seam(), takes_[0], {x, 60});
    ASSERT_TRUE(tether(0));
    EXPECT_NEAR(tether(0)->line.offset.value, 12, 2 * w.seam().axis().secondsPerPixel());
    // On the map it is taken hold of 4 s into it.
    app::DayMap& map = w.window.dayMap();
    const QRectF box = map.boxOf(takes_[0]);
    const double perSecond = box.width() / 20;
    const QPoint at(static_cast<int>(box.left() + 10 * perSecond),
                    static_cast<int>(box.center().y()));
    dropTake(map, takes_[0], at, 4);
    EXPECT_NEAR(tether(0)->line.offset.value, 12 + 10 - 4, 2 / perSecond);
    EXPECT_EQ(w.take(), takes_[0]);
    // What is tethered stays.
    w.window.verbs().action(Verb::Tether)->trigger();
    const Seconds was = tether(0)->line.offset;
    dropTake(map, takes_[0], {at.x() + 40, at.y()}, 0);
    EXPECT_EQ(tether(0)->line.offset, was);
}

TEST_F(ByHand, SeveralAreLaidTogetherAndATypedTimeLaysOne) {
    click(takes_[0]);
    w.window.takePanel().list().selectAll();
    ASSERT_TRUE(w.press(QStringLiteral("Both starts together")));
    EXPECT_EQ(tether(0)->line.offset, Seconds{0});
    EXPECT_EQ(tether(1)->line.offset, Seconds{0});
    w.window.verbs().action(Verb::Undo)->trigger();
    EXPECT_EQ(tether(0), nullptr);
    EXPECT_EQ(tether(1), nullptr);
    click(takes_[1]);
    for (auto* f : w.window.findChildren<QLineEdit*>()) {
        if (!f->accessibleName().startsWith(QStringLiteral("Time of the recording at which")))
            continue;
        f->setFocus();
        QTest::keyClicks(f, QStringLiteral("0:27.04"));
        QTest::keyClick(f, Qt::Key_Return);
    }
    ASSERT_TRUE(tether(1));
    EXPECT_NEAR(tether(1)->line.offset.value, 27.04, 1e-6);
    EXPECT_EQ(tether(0), nullptr);
}

TEST_F(ByHand, TheRunInIsTrimmedAwayBeforeTheSearchWhichUsesTheRest) {
    click(takes_[0]);
    w.window.bench().setPlayhead({9});
    w.window.verbs().action(Verb::TrimStart)->trigger();
    ASSERT_EQ(session().view(takes_[0]).kept.size(), 1u);
    EXPECT_NEAR(session().view(takes_[0]).kept.front().start.value, 9, 1e-6);
    w.window.verbs().action(Verb::FindMatches)->trigger();
    w.waitQuiet();
    ASSERT_TRUE(tether(0));
    EXPECT_EQ(session().stateOf(takes_[0]), TetherState::Offered);
    EXPECT_NEAR(tether(0)->line.offset.value, 5, 1e-4) << "take time as ever";
    EXPECT_GE(tether(0)->found.overlap.start.value, 8.9);
    EXPECT_TRUE(has(tether(0)->found.reason, "by-kept-stretch"));
    EXPECT_FALSE(has(tether(1)->found.reason, "by-kept-stretch"));
    // A later trim changes no place.
    const ClockLine was = tether(0)->line;
    w.window.bench().setPlayhead({15});
    w.window.verbs().action(Verb::TrimEnd)->trigger();
    EXPECT_EQ(tether(0)->line, was);
    EXPECT_NEAR(session().view(takes_[0]).kept.front().end.value, 15, 0.5);
}

TEST_F(ByHand, ATetherThatNobodyListenedToIsToldAndJumpedTo) {
    w.window.verbs().action(Verb::FindMatches)->trigger();
    w.waitQuiet();
    session().lockSure(takes_);
    const auto words = [&](std::size_t take) {
        return w.window.takePanel()
            .model()
            .indexOf(takes_[take])
            .data(app::MediaListModel::WordsRole)
            .toString();
    };
    EXPECT_EQ(words(1), QStringLiteral("tethered, not listened to"));
    click(takes_[0]);
    w.window.verbs().action(Verb::NextUnheard)->trigger();
    EXPECT_EQ(w.take(), takes_[1]);
    session().noteHeard(takes_[1]);
    EXPECT_EQ(words(1), QStringLiteral("tethered"));
    w.window.verbs().action(Verb::NextUnheard)->trigger();
    EXPECT_EQ(w.take(), takes_[0]);
    session().noteHeard(takes_[0]);
    EXPECT_EQ(w.window.verbs().whyNot(Verb::NextUnheard).id, "all-were-heard");
    // It is saved with the shoot.
    const QString path = file("day.brisk");
    ASSERT_TRUE(session().document().save(path));
    ASSERT_TRUE(session().document().open(path));
    w.waitQuiet();
    EXPECT_TRUE(session().heard(takes_[0]));
}

TEST_F(ByHand, ASelectionSettlesOnPinsAndADragForetellsTheLenses) {
    click(takes_[0]);
    session().layOn(takes_[0], recording_);
    session().apply(commands::place(session().state(), takes_[0], ClockLine{{5}, {0}}, {}));
    (void)QTest::qWaitFor([&] { return w.window.bench().proof().state().done; }, 60000);
    const auto pins = app::seamPins(session(), takes_[0], {});
    ASSERT_FALSE(pins.empty());
    const auto clap = static_cast<int>(w.seam().axis().xOf(Seconds{3}));
    QTest::mousePress(&w.seam(), Qt::LeftButton, Qt::ShiftModifier, {clap + 3, 120});
    QTest::mouseMove(&w.seam(), {clap + 60, 120});
    QTest::mouseRelease(&w.seam(), Qt::LeftButton, Qt::ShiftModifier, {clap + 60, 120});
    ASSERT_TRUE(w.seam().selection());
    EXPECT_NEAR(w.seam().selection()->start.value, 3, 0.002) << "from the clap on";
    auto& spots = *w.window.findChild<app::SpotChecks*>();
    auto* lens = spots.findChild<app::SpotLens*>();
    w.window.bench().openStep(app::Step::Check);
    EXPECT_EQ(lens->words(), QStringLiteral("0.00 ms"));
    spots.preview(milliseconds(3));
    EXPECT_EQ(lens->words(), QStringLiteral("3.0 ms"));
    spots.preview({0});
    EXPECT_EQ(lens->words(), QStringLiteral("0.00 ms"));
}

TEST_F(ByHand, ASelectionIsQuietInTheFileAndASilencedClapIsHeardAgain) {
    session().apply(layAt(session().state(), takes_[0], recording_, Seconds{5}, {}));
    click(takes_[0]);
    SoundChoice claps;
    claps.quietClaps = true;
    session().setSound({}, claps);
    const auto quietAt3 = [&] {
        const auto& quiet = session().view(takes_[0]).sound->claps;
        return std::any_of(quiet.begin(), quiet.end(), [](const TimeRange& c) {
            return c.start < Seconds{3.01} && Seconds{3.01} < c.end;
        });
    };
    ASSERT_TRUE(quietAt3()) << "the clap, by itself";
    const auto x = [&](double t) { return static_cast<int>(w.seam().axis().xOf(Seconds{t})); };
    QTest::mousePress(&w.seam(), Qt::LeftButton, Qt::ShiftModifier, {x(10), 120});
    QTest::mouseMove(&w.seam(), {x(12), 120});
    QTest::mouseRelease(&w.seam(), Qt::LeftButton, Qt::ShiftModifier, {x(12), 120});
    ASSERT_TRUE(w.seam().selection());
    w.window.bench().openStep(app::Step::Sound);
    ASSERT_TRUE(w.press(QStringLiteral("Silence the clean sound here")));
    QTest::mouseClick(&w.seam(), Qt::LeftButton, Qt::ShiftModifier, {x(16), 120});
    ASSERT_FALSE(w.seam().selection());
    w.window.bench().setPlayhead({3.05});
    w.window.verbs().action(Verb::LetBeHeard)->trigger();
    EXPECT_FALSE(quietAt3());
    ASSERT_EQ(session().view(takes_[0]).sound->quiet.size(), 1u);
    const auto files = w.handOver(folder_.path());
    ASSERT_EQ(files.size(), 1u);
    ASSERT_EQ(files[0].state, FileState::Written) << sentence(files[0].problem);
    const auto sound = test::decodeAll(files[0].path);
    const auto loudest = [&](double from, double to) {
        float most = 0;
        for (auto n = static_cast<std::size_t>(from * 48000); n < to * 48000; ++n) {
            most = std::max(most, std::fabs(sound[n]));
        }
        return most;
    };
    EXPECT_LT(loudest(10.1, 11.9), 1e-4f);
    EXPECT_GT(loudest(9, 9.9), 0.02f);
    EXPECT_GT(loudest(2.99, 3.05), 0.2f) << "the clap that was excepted";
    w.window.verbs().action(Verb::Undo)->trigger();
    EXPECT_TRUE(quietAt3());
}

TEST_F(ByHand, AFilmWithoutSoundIsLaidByThePictureInWhichTheHandsMeetAndExported) {
    test::writeSilentFilm(folder_.file("silent.mp4"), 4);
    w.drop({file("silent.mp4")});
    (void)QTest::qWaitFor([&] { return session().state().ids(MediaKind::Take).size() == 3; },
                          60000);
    w.waitQuiet();
    const int silent = session().state().ids(MediaKind::Take).back();
    click(silent);
    ASSERT_EQ(w.take(), silent);
    ASSERT_TRUE(session().view(silent).read);
    EXPECT_TRUE(w.wordsOnScreen().contains(QStringLiteral("no sound of its own")));
    EXPECT_TRUE(w.window.bench().picture().isVisible());
    const double length = session().view(silent).whole.length().value;
    ASSERT_GT(length, 1);
    w.window.bench().setPlayhead({0.48});
    w.window.verbs().action(Verb::MarkCameraExactly)->trigger();
    w.waitQuiet();
    click(recording_);
    w.window.bench().setPlayhead({8.2});
    click(silent);
    ASSERT_TRUE(w.press(QStringLiteral("By a clap of each")));
    const Tether* t = session().state().tetherOf(silent);
    ASSERT_TRUE(t);
    EXPECT_NEAR(t->line.offset.value, 8 - 0.48, 0.002);
    w.window.verbs().action(Verb::Tether)->trigger();
    w.window.verbs().action(Verb::FindMatches)->trigger();
    w.waitQuiet();
    EXPECT_EQ(session().stateOf(silent), TetherState::Tethered);
    click(silent);
    SoundChoice second;
    second.camera = CameraSound::SecondTrack;
    session().setSound({}, second);
    const auto files = w.handOver(folder_.path());
    ASSERT_EQ(files.size(), 1u);
    ASSERT_EQ(files[0].state, FileState::Written) << sentence(files[0].problem);
    const auto sound = test::decodeAll(files[0].path);
    const auto clap = std::max_element(
        sound.begin(), sound.end(), [](float a, float b) { return std::fabs(a) < std::fabs(b); });
    EXPECT_NEAR(static_cast<double>(clap - sound.begin()) / 48000, 0.48, 0.012);
}

TEST_F(ByHand, VolumeAndBalanceAreHeardInWhatIsPlayed) {
    auto sliders = w.window.bench().listening().loudness().findChildren<QSlider*>();
    ASSERT_EQ(sliders.size(), 2);
    sliders[0]->setValue(50);
    EXPECT_NEAR(w.window.bench().player().hearing().volume, 0.25, 1e-6);
    sliders[1]->setValue(-100);
    EXPECT_NEAR(w.window.bench().player().hearing().balance, -1, 1e-6);
}

}  // namespace
}  // namespace brisk

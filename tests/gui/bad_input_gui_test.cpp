// SPDX-License-Identifier: GPL-3.0-or-later
// Bad input in the window: each its own sentence where the files are listed, the good files kept.
#include <gtest/gtest.h>

#include <QLabel>
#include <QTest>

#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::WindowDriver;

class BadInputInTheWindow : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(40, 48000, 3);
        test::writeTake(path("take.mp4"), {day.begin() + 48000 * 5, day.begin() + 48000 * 25}, {});
        test::writeSound(path("rec.wav"), day, {});
    }
    std::string path(const std::string& name) const { return folder_.file(name); }
    QString q(const std::string& name) const { return QString::fromStdString(path(name)); }
    static QString notes(WindowDriver& w) {
        return w.window.findChild<QLabel*>(QStringLiteral("fileNotes"))
            ->text()
            .remove(QChar(0x200b));
    }
    void matchGoodFiles(WindowDriver& w) {
        w.drop({q("take.mp4"), q("rec.wav")});
        ASSERT_TRUE(QTest::qWaitFor([&] { return w.take() != 0; }, 60000));
        ASSERT_TRUE(w.waitQuiet());
        ASSERT_TRUE(w.press(QStringLiteral("Find matches")));
        ASSERT_TRUE(w.waitQuiet());
        ASSERT_NE(w.window.session().state().stateOf(w.take()), TetherState::Loose);
    }
    test::TempFolder folder_;
};

TEST_F(BadInputInTheWindow, EachBadFileHasItsSentenceAndTheGoodOnesStay) {
    test::writeBytes(path("empty.mp4"), "");
    test::writeBytes(path("notes.mp4"), "Ask about the gold leaf.\n");
    test::writeSilentFilm(path("mute.mp4"), 1);
    WindowDriver w;
    w.drop({q("empty.mp4"), q("take.mp4"), q("notes.mp4"), q("mute.mp4"), q("rec.wav"),
            q("gone.wav")});
    ASSERT_TRUE(QTest::qWaitFor([&] { return w.take() != 0; }, 60000));
    ASSERT_TRUE(w.waitQuiet());
    // A film without sound is a take: a person can place it.
    EXPECT_EQ(w.window.session().state().media.size(), 3u);
    for (const char* says :
         {"empty.mp4 is empty", "notes.mp4 is text", "gone.wav is not there any more"}) {
        EXPECT_TRUE(notes(w).contains(QLatin1String(says))) << says;
    }
    ASSERT_TRUE(w.press(QStringLiteral("Dismiss")));
    EXPECT_FALSE(w.button(QStringLiteral("Dismiss")));
}

TEST_F(BadInputInTheWindow, AWavCutInTheMiddleIsUsedAndSaysSo) {
    const std::string whole = test::bytesOf(path("rec.wav"));
    test::writeBytes(path("rec.wav"), whole.substr(0, whole.size() * 6 / 10));
    WindowDriver w;
    matchGoodFiles(w);
    const int id = w.window.session().state().ids(MediaKind::Recording).at(0);
    const auto& warnings = w.window.session().facts(id)->info.warnings;
    ASSERT_EQ(warnings.size(), 1u);
    EXPECT_NE(sentence(warnings[0]).find("Cut short"), std::string::npos);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("silence")))
        << "the uncovered end is named";
}

TEST_F(BadInputInTheWindow, AFileThatVanishesBeforeWriting) {
    WindowDriver w;
    matchGoodFiles(w);
    std::filesystem::remove(path("rec.wav"));
    w.press(QStringLiteral("Export…"));
    w.window.handOver().setFolder(q("out"));
    ASSERT_TRUE(w.press(QStringLiteral("Write 1 file")));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_TRUE(w.handOverWords().contains(QLatin1String("rec.wav is not there any more")))
        << w.handOverWords().toStdString();
    EXPECT_TRUE(std::filesystem::is_empty(path("out")));
    EXPECT_EQ(w.window.session().state().tethers.size(), 1u) << "no work is lost";
}

TEST_F(BadInputInTheWindow, AFileThatVanishesBeforeMatching) {
    WindowDriver w;
    w.drop({q("take.mp4"), q("rec.wav")});
    ASSERT_TRUE(QTest::qWaitFor([&] { return w.take() != 0; }, 60000));
    ASSERT_TRUE(w.waitQuiet());
    std::filesystem::remove(path("take.mp4"));
    ASSERT_TRUE(w.press(QStringLiteral("Find matches")));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_TRUE(notes(w).contains(QLatin1String("take.mp4 is not there any more")))
        << notes(w).toStdString();
}

TEST_F(BadInputInTheWindow, ACardThatIsPulledIsSaidAndAllGoesOnWhenItIsBack) {
    WindowDriver w;
    matchGoodFiles(w);
    QStringList said;
    QObject::connect(&w.window.session(), &app::Session::said, &w.window,
                     [&](const QString& sentence) { said << sentence; });
    const int recording = w.window.session().state().ids(MediaKind::Recording).at(0);
    const auto facts = [&] { return w.window.session().facts(recording); };
    std::filesystem::rename(path("rec.wav"), path("elsewhere"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return facts()->away; }, 30000));
    EXPECT_TRUE(
        said.join(QLatin1Char(' ')).contains(QLatin1String("rec.wav is not there any more")));
    std::filesystem::rename(path("elsewhere"), path("rec.wav"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return !facts()->away; }, 30000));
    EXPECT_TRUE(facts()->problem.isEmpty());
    EXPECT_TRUE(said.join(QLatin1Char(' ')).contains(QLatin1String("rec.wav is there again")));
    EXPECT_TRUE(facts()->scan) << "what was known of it stays";
    w.handOver(path("out"));
    EXPECT_FALSE(std::filesystem::is_empty(path("out")));
    // Another file under its name is read anew.
    std::filesystem::rename(path("rec.wav"), path("elsewhere"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return facts()->away; }, 30000));
    test::writeSound(path("rec.wav"), test::babble(7, 48000, 5), {});
    ASSERT_TRUE(QTest::qWaitFor([&] { return !facts()->away; }, 30000));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_NEAR(facts()->info.duration.value, 7, 0.01);
}

TEST_F(BadInputInTheWindow, AFolderThatCannotBeWritten) {
    WindowDriver w;
    matchGoodFiles(w);
    test::writeBytes(path("blocked"), "");
    w.press(QStringLiteral("Export…"));
    w.window.handOver().setFolder(q("blocked"));
    ASSERT_TRUE(w.press(QStringLiteral("Write 1 file")));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_TRUE(w.handOverWords().contains(QLatin1String("Nothing was written")))
        << w.handOverWords().toStdString();
}

TEST_F(BadInputInTheWindow, AProjectThatCannotBeUnderstood) {
    test::writeBytes(path("bad.brisk"), "{");
    WindowDriver w;
    w.window.takeIn({q("bad.brisk")});
    w.waitQuiet();
    EXPECT_TRUE(notes(w).contains(QLatin1String("cannot be understood")));
    EXPECT_TRUE(w.window.session().document().path().isEmpty());
}

TEST_F(BadInputInTheWindow, AForeignRecordingIsSaidToHaveNoPlace) {
    test::writeSound(path("rec.wav"), test::babble(60, 48000, 99), {});
    WindowDriver w;
    w.drop({q("take.mp4"), q("rec.wav")});
    ASSERT_TRUE(QTest::qWaitFor([&] { return w.take() != 0; }, 60000));
    ASSERT_TRUE(w.waitQuiet());
    ASSERT_TRUE(w.press(QStringLiteral("Find matches")));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("no place found")));
    EXPECT_FALSE(w.button(QStringLiteral("Export…"))->isEnabled());
}

}  // namespace
}  // namespace brisk

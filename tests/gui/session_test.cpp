// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/session.h"

#include <gtest/gtest.h>

#include <QTest>

#include "shoot/commands.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk::app {
namespace {

class SessionTest : public ::testing::Test {
  protected:
    void SetUp() override {
        test::writeSound(folder_.file("rec.wav"), test::babble(240, 24000, 1),
                         {"pcm_s16le", 24000, 1, {}, {}});
        path_ = QString::fromStdString(folder_.file("rec.wav"));
    }
    bool waitQuiet() {
        QTest::qWait(10);
        return QTest::qWaitFor([&] { return !session_.work().busy(); }, 60000);
    }
    const MediaFacts* facts() {
        const auto ids = session_.state().ids(MediaKind::Recording);
        return ids.empty() ? nullptr : session_.facts(ids.front());
    }
    test::TempFolder folder_;
    QString path_;
    Session session_;
};

TEST_F(SessionTest, AFileWhoseReadingWasStoppedCanBeAddedAgain) {
    session_.addFiles({path_});
    ASSERT_TRUE(QTest::qWaitFor([&] { return facts() != nullptr; }, 60000));
    session_.work().stopAll();
    ASSERT_TRUE(waitQuiet());
    if (!facts()->scan) {
        EXPECT_TRUE(facts()->problem.contains(QLatin1String("stopped")));
        session_.apply(commands::removeMedia(session_.state(),
                                             session_.state().ids(MediaKind::Recording).front()));
        session_.addFiles({path_});
        ASSERT_TRUE(waitQuiet());
        ASSERT_TRUE(QTest::qWaitFor([&] { return facts() && facts()->scan; }, 60000));
        EXPECT_TRUE(facts()->problem.isEmpty());
    }
}

TEST_F(SessionTest, ARecordingRemovedWhileASearchRunsGetsNoTether) {
    const auto day = test::babble(60, 48000, 5);
    test::writeSound(folder_.file("day.wav"), day, {});
    test::writeTake(folder_.file("a.mp4"), {day.begin() + 48000 * 9, day.begin() + 48000 * 40}, {});
    session_.addFiles({QString::fromStdString(folder_.file("day.wav")),
                       QString::fromStdString(folder_.file("a.mp4"))});
    ASSERT_TRUE(QTest::qWaitFor([&] { return session_.canFindMatches(); }, 60000));
    session_.findMatches();
    session_.apply(commands::removeMedia(session_.state(),
                                         session_.state().ids(MediaKind::Recording).front()));
    ASSERT_TRUE(waitQuiet());
    EXPECT_TRUE(session_.state().tethers.empty());
}

TEST_F(SessionTest, TheSameFileTwiceIsOneFile) {
    session_.addFiles({path_, path_});
    ASSERT_TRUE(waitQuiet());
    session_.addFiles({path_});
    ASSERT_TRUE(waitQuiet());
    EXPECT_EQ(session_.state().media.size(), 1u);
    EXPECT_EQ(sentence(session_.shoot().undoLabel()), "Add rec.wav");
}

TEST_F(SessionTest, WorkSaysWhatItDoes) {
    session_.addFiles({path_});
    EXPECT_TRUE(session_.work().busy());
    EXPECT_TRUE(session_.work().summary().startsWith(QLatin1String("Looking at ")));
    ASSERT_TRUE(waitQuiet());
    EXPECT_TRUE(session_.work().summary().isEmpty());
    EXPECT_FALSE(session_.canFindMatches()) << "a recording alone matches nothing";
}

}  // namespace
}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
// Matching that begins before all is read.
#include <gtest/gtest.h>

#include <QTest>
#include <atomic>

#include "app/spine/session.h"
#include "app/spine/state_words.h"
#include "store/mount_table.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk::app {
namespace {

class SessionMatching : public ::testing::Test {
  protected:
    SessionMatching() { session_.work().setAtOnce(1); }
    ~SessionMatching() override { cardAnswers_ = true; }

    void writeRecording(const std::string& name, const std::vector<float>& sound) {
        test::writeSound(folder_.file(name), sound, {});
    }
    void writeTake(const std::string& name, const std::vector<float>& sound, int from, int to) {
        test::writeTake(folder_.file(name),
                        {sound.begin() + 48000L * from, sound.begin() + 48000L * to}, {});
    }
    void add(const QStringList& names) {
        QStringList paths;
        for (const QString& n : names) paths << pathOf(n);
        session_.addFiles(paths);
    }
    [[nodiscard]] QString pathOf(const QString& name) const {
        return QString::fromStdString(folder_.file(name.toStdString()));
    }
    [[nodiscard]] int idOf(const QString& name) const {
        const auto& media = session_.state().media;
        const auto it = std::find_if(media.begin(), media.end(), [&](const MediaItem& m) {
            return m.path == pathOf(name).toStdString();
        });
        return it == media.end() ? 0 : it->id;
    }
    template <class Condition>
    static bool comes(Condition condition) {
        return QTest::qWaitFor(condition, 60000);
    }
    bool areRead(const QStringList& names) {
        return comes([&] {
            return std::all_of(names.begin(), names.end(), [&](const QString& n) {
                return session_.library().scanOf(idOf(n)) != nullptr;
            });
        });
    }
    /// One more file, which cannot be read until the card answers; whether matching can begin.
    bool addBehindAHangingCard(const QString& name) {
        cardHangs();
        add({name});
        return comes([&] { return idOf(name) != 0; }) &&
               comes([&] { return session_.canFindMatches(); });
    }
    bool quiet() {
        QTest::qWait(10);
        return comes([&] { return !session_.work().busy(); });
    }
    /// From now on nothing more is read of the card until it answers.
    void cardHangs() {
        session_.work().startForAny(
            QStringLiteral("A card that hangs"),
            [this](const JobControl& job) -> WorkQueue::Finish {
                while (!cardAnswers_ && !job.stopRequested()) QThread::msleep(1);
                return {};
            },
            MountTable::current().placeOf(folder_.path()));
    }
    [[nodiscard]] const Tether* tetherOf(const QString& take) const {
        return session_.state().tetherOf(idOf(take));
    }
    static bool provisional(const Tether& t) {
        return std::any_of(t.found.reason.begin(), t.found.reason.end(),
                           [](const Fact& f) { return f.id == "files-to-come"; });
    }

    test::TempFolder folder_;
    std::atomic<bool> cardAnswers_ = false;
    Session session_;
};

TEST_F(SessionMatching, WhatIsReadIsMatchedWhileTheRestIsStillBeingRead) {
    const auto morning = test::babble(60, 48000, 51), evening = test::babble(60, 48000, 52);
    writeRecording("morning.wav", morning);
    writeRecording("evening.wav", evening);
    writeTake("press.mp4", morning, 10, 40);
    writeTake("glue.mp4", evening, 20, 50);
    const QStringList first{QStringLiteral("morning.wav"), QStringLiteral("press.mp4"),
                            QStringLiteral("glue.mp4")};
    add(first);
    ASSERT_TRUE(areRead(first));
    ASSERT_TRUE(addBehindAHangingCard(QStringLiteral("evening.wav")));

    session_.findMatches();
    ASSERT_TRUE(comes([&] { return tetherOf(QStringLiteral("press.mp4")) != nullptr; }));
    EXPECT_EQ(session_.library().scanOf(idOf(QStringLiteral("evening.wav"))), nullptr);
    EXPECT_TRUE(provisional(*tetherOf(QStringLiteral("press.mp4"))));
    EXPECT_EQ(session_.whyNotMatch().id, "matching-already");
    ASSERT_TRUE(comes([&] { return session_.work().title().isEmpty(); })) << "the round ends";
    EXPECT_EQ(tetherOf(QStringLiteral("glue.mp4")), nullptr) << "its recording may still come";
    EXPECT_EQ(stateWords(session_, idOf(QStringLiteral("glue.mp4"))),
              QStringLiteral("being searched"));

    cardAnswers_ = true;
    ASSERT_TRUE(quiet());
    for (const auto& [take, recording, at] :
         {std::tuple{"press.mp4", "morning.wav", 10.0}, {"glue.mp4", "evening.wav", 20.0}}) {
        const Tether* t = tetherOf(QLatin1String(take));
        ASSERT_NE(t, nullptr) << take;
        EXPECT_EQ(t->recording, idOf(QLatin1String(recording)));
        EXPECT_NEAR(t->line.offset.value, at, 1e-4);
        EXPECT_FALSE(provisional(*t)) << take;
    }
    EXPECT_TRUE(session_.canFindMatches());
    EXPECT_TRUE(session_.notes().isEmpty());
}

// A recorder's card is slow: what is read of its file so far is searched.
TEST_F(SessionMatching, ARecordingIsSearchedAsFarAsItIsRead) {
    const auto day = test::babble(60, 48000, 57);
    writeRecording("day.wav", day);
    writeRecording("begun.wav", {day.begin(), day.begin() + 48000L * 35});
    writeTake("press.mp4", day, 5, 25);
    writeTake("glue.mp4", day, 30, 55);
    const QStringList takes{QStringLiteral("press.mp4"), QStringLiteral("glue.mp4")};
    add(takes);
    ASSERT_TRUE(areRead(takes));
    const QString name = QStringLiteral("day.wav");
    ASSERT_TRUE(addBehindAHangingCard(name));
    session_.findMatches();
    EXPECT_EQ(tetherOf(takes[0]), nullptr);
    SoundScan part = test::scanned(folder_.file("begun.wav"));
    part.info.path = pathOf(name).toStdString();
    session_.library().takePart(std::make_shared<const SoundScan>(std::move(part)));
    ASSERT_TRUE(comes([&] { return tetherOf(takes[0]) != nullptr; }));
    EXPECT_EQ(session_.library().scanOf(idOf(name)), nullptr);
    EXPECT_TRUE(provisional(*tetherOf(takes[0])));
    EXPECT_NEAR(tetherOf(takes[0])->line.offset.value, 5, 1e-4);
    ASSERT_TRUE(comes([&] { return session_.work().title().isEmpty(); })) << "the round ends";
    EXPECT_EQ(tetherOf(takes[1]), nullptr) << "it hangs over what is read";

    cardAnswers_ = true;
    ASSERT_TRUE(quiet());
    for (const auto& [take, at] : {std::pair{takes[0], 5.0}, {takes[1], 30.0}}) {
        ASSERT_NE(tetherOf(take), nullptr);
        EXPECT_NEAR(tetherOf(take)->line.offset.value, at, 1e-4);
        EXPECT_FALSE(provisional(*tetherOf(take)));
    }
    EXPECT_EQ(session_.library().partOf(idOf(name)), nullptr);
    EXPECT_TRUE(session_.notes().isEmpty());
}

TEST_F(SessionMatching, ReadingTellsInParts) {
    test::writeSound(folder_.file("day.wav"), test::babble(200, 8000, 58),
                     {"pcm_s16le", 8000, 1, {}, {}});
    session_.library().setPartsAfter(Seconds{0});
    bool told = false;
    QObject::connect(&session_.library(), &MediaLibrary::learned, &session_.library(),
                     [&](int id) { told = told || session_.library().partOf(id) != nullptr; });
    add({QStringLiteral("day.wav")});
    ASSERT_TRUE(areRead({QStringLiteral("day.wav")}));
    EXPECT_TRUE(told);
}

TEST_F(SessionMatching, AllThatOneWishFindsIsOneStep) {
    const auto morning = test::babble(60, 48000, 53);
    writeRecording("morning.wav", morning);
    writeTake("press.mp4", morning, 10, 30);
    writeTake("glue.mp4", morning, 35, 55);
    const QStringList first{QStringLiteral("morning.wav"), QStringLiteral("press.mp4")};
    add(first);
    ASSERT_TRUE(areRead(first));
    ASSERT_TRUE(addBehindAHangingCard(QStringLiteral("glue.mp4")));
    session_.findMatches();
    ASSERT_TRUE(comes([&] { return tetherOf(QStringLiteral("press.mp4")) != nullptr; }));
    cardAnswers_ = true;
    ASSERT_TRUE(quiet());
    ASSERT_NE(tetherOf(QStringLiteral("glue.mp4")), nullptr);
    session_.document().undo();
    EXPECT_TRUE(session_.state().tethers.empty());
}

TEST_F(SessionMatching, WhatAPersonLocksMeanwhileStays) {
    const auto morning = test::babble(60, 48000, 54);
    writeRecording("morning.wav", morning);
    writeTake("press.mp4", morning, 10, 40);
    writeRecording("evening.wav", test::babble(20, 48000, 55));
    const QStringList first{QStringLiteral("morning.wav"), QStringLiteral("press.mp4")};
    add(first);
    ASSERT_TRUE(areRead(first));
    ASSERT_TRUE(addBehindAHangingCard(QStringLiteral("evening.wav")));
    session_.findMatches();
    ASSERT_TRUE(comes([&] { return tetherOf(QStringLiteral("press.mp4")) != nullptr; }));
    session_.lockSure({idOf(QStringLiteral("press.mp4"))});
    const Tether locked = *tetherOf(QStringLiteral("press.mp4"));
    ASSERT_TRUE(locked.locked);
    cardAnswers_ = true;
    ASSERT_TRUE(quiet());
    EXPECT_EQ(*tetherOf(QStringLiteral("press.mp4")), locked);
    EXPECT_NE(session_.whyNotMatch().id, "matching-already") << "the wish has ended";
}

TEST_F(SessionMatching, StoppingEndsTheWish) {
    writeRecording("morning.wav", test::babble(10, 48000, 56));
    writeTake("press.mp4", test::babble(10, 48000, 56), 2, 8);
    cardHangs();
    add({QStringLiteral("morning.wav"), QStringLiteral("press.mp4")});
    ASSERT_TRUE(comes([&] { return session_.canFindMatches(); }));
    session_.findMatches();
    EXPECT_EQ(session_.whyNotMatch().id, "matching-already");
    session_.work().stopAll();
    EXPECT_NE(session_.whyNotMatch().id, "matching-already");
    ASSERT_TRUE(quiet());
    EXPECT_TRUE(session_.state().tethers.empty());
}

TEST(Withdrawn, IsAPlaceThatTheLastRoundDoesNotSay) {
    Tether ahead{1, 7, {}, {{10}, {0}}, 1, false};
    ahead.found.status = MatchStatus::Matched;
    ahead.found.overlap = {{0}, {30}};
    Tether same = ahead, elsewhere = ahead, unsure = ahead, onOther = ahead, ofOther = ahead;
    same.line.offset.value += 0.001;
    elsewhere.line.offset.value += 0.02;
    unsure.found.status = MatchStatus::Unsure;
    onOther.recording = 8;
    ofOther.take = 2;
    EXPECT_FALSE(withdrawn(ahead, {ofOther, same}));
    for (const Tether& t : {elsewhere, unsure, onOther, ofOther}) {
        EXPECT_TRUE(withdrawn(ahead, {t}));
    }
    EXPECT_TRUE(withdrawn(ahead, {}));
}

}  // namespace
}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/player.h"

#include <gtest/gtest.h>

#include <QElapsedTimer>
#include <QSignalSpy>
#include <QTest>

#include "support/media_files.h"
#include "support/pieces.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk::app {
namespace {

class PlayerTest : public ::testing::Test {
  protected:
    void SetUp() override {
        test::writeTake(folder_.file("take.mp4"), test::babble(3, 48000, 1), {});
        test::writeSound(folder_.file("rec.wav"), test::babble(6, 48000, 2), {});
        take_ = std::make_shared<const SoundScan>(test::scanned(folder_.file("take.mp4")));
        rec_ = std::make_shared<const SoundScan>(test::scanned(folder_.file("rec.wav")));
    }
    test::TempFolder folder_;
    std::shared_ptr<const SoundScan> take_;
    std::shared_ptr<const SoundScan> rec_;
};

TEST_F(PlayerTest, RunsAtTheSpeedOfTimeAndStopsAtTheEnd) {
    Player p;
    p.load(take_, test::planOf(take_, rec_, {{1}, {0}}));
    QSignalSpy moved(&p, &Player::moved);
    p.play({2.5});
    EXPECT_TRUE(p.playing());
    ASSERT_TRUE(QTest::qWaitFor([&] { return !p.playing(); }, 5000));
    EXPECT_GT(moved.count(), 5);
    double last = 0;
    for (const auto& m : moved) {
        EXPECT_GE(m.at(0).toDouble(), last) << "time does not run backwards";
        last = m.at(0).toDouble();
    }
    EXPECT_NEAR(last, 3.0, 0.06);
}

TEST_F(PlayerTest, GoesOnWhenTheTetherMoves) {
    Player p;
    p.load(take_, test::planOf(take_, rec_, {{1}, {0}}));
    p.play({0.5});
    QTest::qWait(100);
    p.load(take_, test::planOf(take_, rec_, {{1.01}, {0}}));
    EXPECT_TRUE(p.playing());
    EXPECT_GT(p.position().value, 0.5);
    p.load(nullptr, {});
    EXPECT_FALSE(p.playing());
}

TEST_F(PlayerTest, SaysWhenAFileHasVanished) {
    Player p;
    p.load(take_, test::planOf(take_, rec_, {{1}, {0}}));
    std::filesystem::remove(folder_.file("rec.wav"));
    QSignalSpy failed(&p, &Player::failed);
    p.play({0});
    ASSERT_TRUE(failed.count() == 1 || failed.wait(5000));
    EXPECT_TRUE(failed.at(0).at(0).toString().contains(QLatin1String("rec.wav")));
    EXPECT_FALSE(p.playing());
}

TEST_F(PlayerTest, LoopsAndOtherSpeedsAndShuttling) {
    test::writeTake(folder_.file("long.mp4"), test::babble(20, 48000, 5), {});
    const auto take = std::make_shared<const SoundScan>(test::scanned(folder_.file("long.mp4")));
    Player p;
    p.load(take, {});
    const auto travelled = [&](double seconds) {
        (void)QTest::qWaitFor([&] { return p.position().value > 0; }, 2000);
        QElapsedTimer clock;
        clock.start();
        const double from = p.position().value;
        QTest::qWait(static_cast<int>(1000 * seconds));
        return (p.position().value - from) / (1e-3 * static_cast<double>(clock.elapsed()));
    };
    p.setSpeed(2);
    p.play({1});
    QTest::qWait(300);
    const double fast = travelled(1.0);
    EXPECT_GT(fast, 1.2);
    EXPECT_LT(fast, 2.4);
    p.setSpeed(0.5);
    QTest::qWait(300);  // what was made before is played first
    const double slow = travelled(1.0);
    EXPECT_GT(slow, 0.2);
    EXPECT_LT(slow, 0.8);
    p.setSpeed(1);
    p.setLoop(TimeRange{{5}, {5.4}});
    p.stop();
    p.play({5.1});
    double least = 9, most = 0;
    for (int i = 0; i < 60; ++i) {
        QTest::qWait(25);
        least = std::min(least, p.position().value);
        most = std::max(most, p.position().value);
    }
    EXPECT_GE(least, 5 - 1e-6);
    EXPECT_LE(most, 5.4 + 1e-6);
    EXPECT_LT(least, 5.1) << "it went round";
    p.stop();
    p.setLoop(std::nullopt);
    p.shuttle(-1, {10});
    p.shuttle(-1, {10});
    QTest::qWait(300);
    EXPECT_LT(travelled(0.8), -1.5);
    (void)QTest::qWaitFor([&] { return !p.playing(); }, 8000);
    EXPECT_FALSE(p.playing()) << "the start ends it";
    EXPECT_NEAR(p.position().value, 0, 0.1);
}

TEST_F(PlayerTest, NothingLoadedPlaysNothing) {
    Player p;
    p.play({0});
    EXPECT_FALSE(p.playing());
    p.stop();
    p.setHearing(Listen::Clean);
    EXPECT_EQ(p.hearing().what, Listen::Clean);
}

}  // namespace
}  // namespace brisk::app

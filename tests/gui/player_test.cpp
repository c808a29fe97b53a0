// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/player.h"

#include <gtest/gtest.h>

#include <QSignalSpy>
#include <QTest>

#include "support/media_files.h"
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
    p.load(take_, rec_, {{1}, {0}}, 1);
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
    p.load(take_, rec_, {{1}, {0}}, 1);
    p.play({0.5});
    QTest::qWait(100);
    p.load(take_, rec_, {{1.01}, {0}}, 1);
    EXPECT_TRUE(p.playing());
    EXPECT_GT(p.position().value, 0.5);
    p.load(nullptr, nullptr, {}, 1);
    EXPECT_FALSE(p.playing());
}

TEST_F(PlayerTest, SaysWhenAFileHasVanished) {
    Player p;
    p.load(take_, rec_, {{1}, {0}}, 1);
    std::filesystem::remove(folder_.file("rec.wav"));
    QSignalSpy failed(&p, &Player::failed);
    p.play({0});
    ASSERT_TRUE(failed.count() == 1 || failed.wait(5000));
    EXPECT_TRUE(failed.at(0).at(0).toString().contains(QLatin1String("rec.wav")));
    EXPECT_FALSE(p.playing());
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

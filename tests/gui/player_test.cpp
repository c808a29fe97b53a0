// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/player.h"

#include "app/listen/mix_feed.h"

#include <gtest/gtest.h>

#include <QElapsedTimer>
#include <QSignalSpy>
#include <QTest>
#include <cstring>
#include <functional>
#include <thread>

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
    ASSERT_TRUE(QTest::qWaitFor([&] { return !p.playing(); }, 60000));
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
    ASSERT_TRUE(QTest::qWaitFor([&] { return p.position().value > 0.5; }, 60000));
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
    ASSERT_TRUE(failed.count() == 1 || failed.wait(60000));
    EXPECT_TRUE(failed.at(0).at(0).toString().contains(QLatin1String("rec.wav")));
    EXPECT_FALSE(p.playing());
}

TEST_F(PlayerTest, LoopsAndOtherSpeedsAndShuttling) {
    test::writeTake(folder_.file("long.mp4"), test::babble(20, 48000, 5), {});
    const auto take = std::make_shared<const SoundScan>(test::scanned(folder_.file("long.mp4")));
    Player p;
    p.load(take, {});
    // Speeds are measured until one fits: what was made before is played first, and other programs
    // may hold up everything for a while.
    const auto comesTo = [&](double least, double most, const std::function<void()>& begin) {
        const auto fits = [&] {
            if (!p.playing()) begin();
            const double before = p.position().value;
            QElapsedTimer clock;
            clock.start();
            QTest::qWait(800);
            const double speed =
                (p.position().value - before) / (1e-3 * static_cast<double>(clock.elapsed()));
            return speed > least && speed < most;
        };
        return QTest::qWaitFor(fits, 60000);
    };
    p.setSpeed(2);
    EXPECT_TRUE(comesTo(1.2, 2.4, [&] { p.play({1}); }));
    p.setSpeed(0.5);
    EXPECT_TRUE(comesTo(0.2, 0.8, [&] { p.play({1}); }));
    p.setSpeed(1);
    p.setLoop(TimeRange{{5}, {5.4}});
    p.stop();
    p.play({5.1});
    double least = 9, most = 0;
    const auto wentRound = [&] {
        least = std::min(least, p.position().value);
        most = std::max(most, p.position().value);
        return most > 5.1 && least < 5.1;
    };
    EXPECT_TRUE(QTest::qWaitFor(wentRound, 60000));
    EXPECT_GE(least, 5 - 1e-6);
    EXPECT_LE(most, 5.4 + 1e-6);
    p.stop();
    p.setLoop(std::nullopt);
    EXPECT_TRUE(comesTo(-5, -1.5, [&] {
        p.shuttle(-1, {10});
        p.shuttle(-1, {10});
    }));
    (void)QTest::qWaitFor([&] { return !p.playing(); }, 60000);
    EXPECT_FALSE(p.playing()) << "the start ends it";
    EXPECT_NEAR(p.position().value, 0, 0.1);
}

// What hears of a change may change more, in the middle of it: the window's slots do.
TEST_F(PlayerTest, SlotsMayStopPlayAndLoadFromWithin) {
    const auto plan = test::planOf(take_, rec_, {{1}, {0}});
    Player p;
    p.load(take_, plan);
    int moves = 0, depth = 0;
    QObject::connect(&p, &Player::moved, &p, [&](double) {
        if (depth > 3) return;
        ++depth;
        switch (++moves % 7) {
            case 1:
                p.stop();
                p.play({1});
                break;
            case 2:
                p.load(nullptr, {});
                p.load(take_, plan);
                p.play({0.5});
                break;
            case 3:
                p.stop();
                break;
            case 4:
                p.shuttle(-1, {1});
                p.shuttle(1, {1});
                break;
            case 5:
                p.load(take_, test::planOf(take_, take_, {{0.001 * moves}, {0}}));
                break;
            default:
                p.play({0.2});
        }
        --depth;
    });
    bool told = false;
    QObject::connect(&p, &Player::playingChanged, &p, [&](bool playing) {
        told = playing;
        if (depth > 3 || moves % 5 != 0) return;
        ++depth;
        playing ? p.stop() : p.play({2});
        --depth;
    });
    for (int i = 0; i < 60; ++i) {
        p.play({0.1 * (i % 20)});
        (void)QTest::qWaitFor([&, before = moves] { return moves > before + 2; }, 100);
        (void)p.position();
        EXPECT_EQ(told, p.playing()) << "what was said last is true";
    }
    depth = 99;
    p.stop();
    EXPECT_FALSE(p.playing());
}

TEST_F(PlayerTest, WaitsForAFileThatOpensSlowlyAndThenPlays) {
    std::atomic<bool> open = false;
    Player p(nullptr, [&](const auto& take, const auto& plan) {
        while (!open) std::this_thread::sleep_for(std::chrono::milliseconds(5));
        return openTransport(take, plan);
    });
    p.load(take_, test::planOf(take_, rec_, {{1}, {0}}));
    QSignalSpy moved(&p, &Player::moved);
    p.play({1});
    ASSERT_TRUE(QTest::qWaitFor([&] { return moved.count() > 20; }, 60000));
    EXPECT_EQ(p.position().value, 1) << "the take stands still while there is nothing to hear";
    EXPECT_TRUE(p.playing());
    open = true;
    EXPECT_TRUE(QTest::qWaitFor([&] { return !p.playing(); }, 60000));
    EXPECT_NEAR(p.position().value, 3.0, 0.06);
}

/// What a device takes of a feed, and the feed's word for when in the take that was.
struct Taken {
    std::vector<float> left;
    void from(MixFeed& feed, std::size_t frames) {
        std::vector<float> block(2 * frames);
        const auto bytes = static_cast<qint64>(block.size() * sizeof(float));
        EXPECT_EQ(feed.read(reinterpret_cast<char*>(block.data()), bytes), bytes)
            << "a feed never gives less than it is asked for";
        for (std::size_t n = 0; n < frames; ++n) left.push_back(block[2 * n]);
    }
};

TEST_F(PlayerTest, AFeedThatIsHeldUpGivesSilenceAndLosesNothing) {
    const auto plan = test::planOf(take_, rec_, {{1}, {0}});
    std::atomic<bool> held = true;
    MixFeed feed([&] { return openTransport(take_, plan); }, 0, Listen::Camera, {});
    Taken got;
    ASSERT_TRUE(QTest::qWaitFor([&] { return feed.ready(1000); }, 60000));
    got.from(feed, 1000);
    // Whoever makes the sound waits here, as for a slow card.
    feed.replaceClean([&] {
        while (held) std::this_thread::sleep_for(std::chrono::milliseconds(2));
        return TakeSound::open(plan, Transport::kRate);
    });
    for (int i = 0; i < 40; ++i) got.from(feed, 1000);
    const std::int64_t stood = feed.taken();
    EXPECT_EQ(stood, 41000);
    const Seconds there = feed.takeTimeAt(stood);
    EXPECT_LT(there.value, 0.5) << "it stands where the sound ended";
    held = false;
    ASSERT_TRUE(QTest::qWaitFor([&] { return feed.ready(4000); }, 60000));
    got.from(feed, 4000);
    EXPECT_NEAR((feed.takeTimeAt(stood + 4000) - there).value, 4000.0 / 48000, 1e-9);
    // Without the silence it is the take's sound, without a sample more or less.
    auto plain = openTransport(take_, plan);
    ASSERT_TRUE(plain);
    ASSERT_TRUE(plain->seek(0));
    const auto meant = plain->read(Listen::Camera, {}, 60000);
    ASSERT_TRUE(meant);
    const auto sounding = static_cast<std::size_t>(std::llround(there.value * 48000));
    ASSERT_GE(meant->stereo.size(), 2 * (sounding + 2000));
    for (std::size_t n = 0; n < sounding; ++n) ASSERT_EQ(got.left[n], meant->stereo[2 * n]) << n;
    for (std::size_t n = 0; n < 2000; ++n) {
        ASSERT_NEAR(got.left[41000 + n], meant->stereo[2 * (sounding + n)], 1e-6) << n;
    }
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

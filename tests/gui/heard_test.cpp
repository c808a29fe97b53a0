// SPDX-License-Identifier: GPL-3.0-or-later
// What comes out of a real sound server when the program plays: recorded from its monitor.
#include <gtest/gtest.h>

#include <QApplication>
#include <QElapsedTimer>
#include <QTest>
#include <cmath>
#include <thread>
#include <utility>

#include "app/listen/player.h"
#include "app/picture/picture_view.h"
#include "app/proof/echo_gauge.h"
#include "own_folders.h"
#include "sound_server.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk::app {
namespace {

test::SoundServer* server = nullptr;

struct ChannelMap {
    std::vector<float> left, right;
};

/// The part in which something is heard.
ChannelMap heardPart(const std::vector<float>& stereo) {
    const auto loud = [](float v) { return std::fabs(v) > 1e-3f; };
    const auto first = std::find_if(stereo.begin(), stereo.end(), loud) - stereo.begin();
    const auto last = stereo.rend() - std::find_if(stereo.rbegin(), stereo.rend(), loud);
    ChannelMap e;
    for (auto n = static_cast<std::size_t>(first & ~1); n + 1 < static_cast<std::size_t>(last);
         n += 2) {
        e.left.push_back(stereo[n]);
        e.right.push_back(stereo[n + 1]);
    }
    return e;
}

/// Correlation of a with b moved by each lag; the lag, in ms, where it is largest within the range.
double bestLagMs(const std::vector<float>& a, const std::vector<float>& b, double fromMs,
                 double toMs) {
    const std::size_t n = std::min<std::size_t>(std::min(a.size(), b.size()), 3 * 48000);
    double best = -1, at = 0;
    for (int lag = static_cast<int>(fromMs * 48); lag <= static_cast<int>(toMs * 48); ++lag) {
        double sum = 0;
        for (std::size_t i = 2000; i + 2000 < n; ++i) {
            const auto j = static_cast<std::size_t>(static_cast<std::ptrdiff_t>(i) + lag);
            sum += static_cast<double>(a[i]) * static_cast<double>(b[j]);
        }
        if (sum > best) {
            best = sum;
            at = lag / 48.0;
        }
    }
    return at;
}

class Heard : public ::testing::Test {
  protected:
    void SetUp() override {
        if (!server->running()) GTEST_SKIP() << "no sound server can run here";
        const auto day = test::babble(20, 48000, 4);
        test::writeTake(folder_.file("take.mp4"), {day.begin() + 4 * 48000, day.end()}, {});
        test::writeSound(folder_.file("rec.wav"), day, {});
        const auto tone = test::sine(20, 48000, 110);
        test::writeSound(folder_.file("tone.wav"), tone, {});
        const auto scan = [&](const char* name) {
            return std::make_shared<const SoundScan>(test::scanned(folder_.file(name)));
        };
        take_ = scan("take.mp4");
        rec_ = scan("rec.wav");
        tone_ = scan("tone.wav");
    }
    /// The clean sound placed so that it comes too early by `slip`.
    std::vector<float> play(double slip, Listen listen, int ms) {
        Player p;
        p.load(take_, test::planOf(take_, rec_, {{4 + slip}, {0}}));
        p.setHearing(listen);
        server->startRecording();
        p.play({1});
        EXPECT_TRUE(p.audible());
        QTest::qWait(ms);
        p.stop();
        return server->stopRecording();
    }
    test::TempFolder folder_;
    std::shared_ptr<const SoundScan> take_, rec_, tone_;
};

TEST_F(Heard, SplitPutsThemOnTheirSidesApartByWhatTheGaugeSays) {
    const double slip = 0.0043;
    EchoGauge gauge;
    double claimed = 0;
    QObject::connect(&gauge, &EchoGauge::measured, &gauge,
                     [&](bool common, double s, double) { claimed = common ? s : -1; });
    Tether tether;
    tether.line = {{4 + slip}, {0}};
    gauge.ask({tether, take_, rec_}, Seconds{2.5});
    ASSERT_TRUE(QTest::qWaitFor([&] { return claimed != 0; }, 60000));
    EXPECT_NEAR(claimed, slip, 2e-4);
    const ChannelMap e = heardPart(play(slip, Listen::Split, 5000));
    ASSERT_GT(e.left.size(), 48000u);
    // The clean sound, on the right, comes earlier.
    EXPECT_NEAR(bestLagMs(e.left, e.right, -20, 20), -claimed * 1e3, 0.2);
}

TEST_F(Heard, BothGivesTheTwoSoundsWithTheirSlip) {
    const ChannelMap e = heardPart(play(0.0061, Listen::Both, 5000));
    ASSERT_GT(e.left.size(), 48000u);
    EXPECT_EQ(e.left, e.right);
    // The sum repeats itself after the slip.
    EXPECT_NEAR(bestLagMs(e.left, e.left, 2, 20), 6.1, 0.2);
}

/// Plays the clean sound of a take from 1 s on until it was heard, and says how soon it was. The
/// recorder beside it may be starved on a busy machine: it is asked again, the player is not.
void expectHeard(Player& p, const std::shared_ptr<const SoundScan>& take,
                 const TakeSoundPlan& plan) {
    p.load(take, plan);
    p.setHearing(Listen::Clean);
    QElapsedTimer clock;
    double begins = 0;
    QObject::connect(&p, &Player::moved, &p, [&](double t) {
        if (begins == 0 && t > 1) begins = 1e-3 * static_cast<double>(clock.elapsed()) - (t - 1);
    });
    std::size_t heard = 0;
    for (int attempt = 0; attempt < 4 && heard < 24000; ++attempt) {
        server->startRecording();
        begins = 0;
        clock.start();
        p.play({1});
        ASSERT_TRUE(QTest::qWaitFor([&] { return p.position().value > 2.5; }, 60000))
            << "it stands at " << p.position().value;
        p.stop();
        heard = heardPart(server->stopRecording()).left.size();
    }
    EXPECT_GE(heard, 24000u) << "nothing was heard";
    std::printf("the first sound comes %.0f ms after play\n", 1e3 * begins);
}

TEST_F(Heard, ATakeOfRealSizePlays) {
    const auto day = test::babble(12, 48000, 9);
    test::writeSound(folder_.file("day.wav"), day, {});
    test::writeTakeOfRealSize(folder_.file("real.mp4"), {day.begin() + 4 * 48000, day.end()});
    const auto take = std::make_shared<const SoundScan>(test::scanned(folder_.file("real.mp4")));
    const auto rec = std::make_shared<const SoundScan>(test::scanned(folder_.file("day.wav")));
    Player p;
    expectHeard(p, take, test::planOf(take, rec, {{4}, {0}}));
}

TEST_F(Heard, InTheWindowATakeOfRealSizePlaysOnSpace) {
    const auto day = test::babble(14, 48000, 12);
    test::writeSound(folder_.file("day.wav"), day, {});
    test::writeTakeOfRealSize(folder_.file("real.mp4"),
                              {day.begin() + 2 * 48000, day.begin() + 12 * 48000}, 60);
    test::WindowDriver w;
    w.drop({QString::fromStdString(folder_.file("real.mp4")),
            QString::fromStdString(folder_.file("day.wav"))});
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return w.window.session().state().media.size() == 2; }, 60000));
    ASSERT_TRUE(w.waitQuiet());
    ASSERT_TRUE(w.press(QStringLiteral("Find matches")));
    ASSERT_TRUE(w.waitQuiet());
    Player& player = w.window.bench().player();
    std::size_t heard = 0;
    for (int attempt = 0; attempt < 4 && (heard < 24000 || !w.window.session().heard(w.take()));
         ++attempt) {
        server->startRecording();
        w.seam().setFocus();
        QTest::keyClick(&w.seam(), Qt::Key_Space);
        const double goal = player.position().value + 1.5;
        ASSERT_TRUE(QTest::qWaitFor([&] { return player.position().value > goal; }, 60000))
            << "it stands at " << player.position().value;
        EXPECT_TRUE(player.playing());
        EXPECT_TRUE(QTest::qWaitFor(
            [&] { return std::fabs(w.seam().playhead().value - player.position().value) < 0.5; },
            60000))
            << "the window follows";
        QTest::keyClick(&w.seam(), Qt::Key_Space);
        ASSERT_TRUE(QTest::qWaitFor([&] { return !player.playing(); }, 60000));
        heard = heardPart(server->stopRecording()).left.size();
    }
    EXPECT_GE(heard, 24000u) << "nothing was heard";
    EXPECT_TRUE(w.window.session().heard(w.take())) << "somebody listened to it where it lies";
}

/// A machine that is too busy to play leaves gaps of true silence: no fault of the moving.
bool hasGap(const std::vector<float>& v) {
    int silent = 0;
    for (std::size_t n = 1000; n + 4800 < v.size(); ++n) {
        silent = v[n] == 0.0f ? silent + 1 : 0;
        if (silent == 16) return true;
    }
    return false;
}

/// What is heard of five seconds from one second on.
std::vector<float> heardOf(Player& p, const std::function<void()>& start) {
    server->startRecording();
    start();
    EXPECT_TRUE(QTest::qWaitFor([&] { return p.position().value > 6; }, 60000))
        << "it stands at " << p.position().value;
    p.stop();
    return heardPart(server->stopRecording()).left;
}

TEST_F(Heard, WherePicturesAreTooLargeTheyAreDroppedAndNeverTheSound) {
    test::writeTakeOfRealSize(folder_.file("real.mp4"), test::sine(8, 48000, 110), 60);
    const auto take = std::make_shared<const SoundScan>(test::scanned(folder_.file("real.mp4")));
    test::WindowDriver w;
    w.drop({QString::fromStdString(folder_.file("real.mp4"))});
    ASSERT_TRUE(QTest::qWaitFor([&] { return w.take() != 0; }, 60000));
    ASSERT_TRUE(w.waitQuiet());
    Player& player = w.window.bench().player();
    const auto* view = w.window.findChild<PictureView*>();
    int pictures = 0;
    qint64 last = 0;
    QObject::connect(&player, &Player::moved, view, [&] {
        if (std::exchange(last, view->image().cacheKey()) != last) ++pictures;
    });
    // A machine that is busy with other work leaves gaps, too: without pictures as well.
    bool alone = true, both = false;
    for (int attempt = 0; attempt < 6 && alone && !both; ++attempt) {
        Player bare;
        bare.load(take, {});
        alone = !hasGap(heardOf(bare, [&] { bare.play({1}); }));
        w.window.bench().setPlayhead({1});
        w.seam().setFocus();
        pictures = 0;
        both = !hasGap(heardOf(player, [&] { QTest::keyClick(&w.seam(), Qt::Key_Space); }));
    }
    std::printf("%.1f pictures a second of 60\n", pictures / 5.0);
    if (!alone) GTEST_SKIP() << "too busy a machine to play";
    EXPECT_TRUE(both) << "with its pictures its sound has gaps";
    EXPECT_GT(pictures, 0);
}

TEST_F(Heard, ACardThatIsSlowIsWaitedForAndThenHeard) {
    Player p(nullptr, [](const auto& take, const auto& plan) {
        std::this_thread::sleep_for(std::chrono::milliseconds(900));
        return openTransport(take, plan);
    });
    expectHeard(p, take_, test::planOf(take_, rec_, {{4}, {0}}));
}

/// The tone while its place changes five times.
ChannelMap movedTone(const std::shared_ptr<const SoundScan>& take,
                     const std::shared_ptr<const SoundScan>& tone) {
    Player p;
    p.load(take, test::planOf(take, tone, {{4}, {0}}));
    p.setHearing(Listen::Clean);
    server->startRecording();
    p.play({1});
    for (int i = 1; i <= 5; ++i) {
        QTest::qWait(300);
        p.load(take, test::planOf(take, tone, {{4 + 0.0031 * i}, {0}}));
        EXPECT_TRUE(p.playing());
    }
    QTest::qWait(400);
    p.stop();
    return heardPart(server->stopRecording());
}

TEST_F(Heard, MovingTheCleanSoundWhilePlayingIsHeardAtOnceAndDoesNotClick) {
    ChannelMap e;
    for (int attempt = 0; attempt < 5; ++attempt) {
        e = movedTone(take_, tone_);
        if (e.left.size() > 24000 && !hasGap(e.left)) break;
    }
    if (e.left.size() <= 24000 || hasGap(e.left)) GTEST_SKIP() << "too busy a machine to play";
    double most = 0, loud = 0;
    for (std::size_t n = 1000; n + 4800 < e.left.size(); ++n) {
        most = std::max<double>(most, std::fabs(e.left[n] - e.left[n - 1]));
        loud = std::max<double>(loud, std::fabs(e.left[n]));
    }
    const double steepest = loud * 2 * 3.14159265 * 110 / 48000;
    EXPECT_LT(most, 1.5 * steepest);
}

/// A click at each whole second.
std::vector<float> clicks(int seconds) {
    std::vector<float> out(static_cast<std::size_t>(seconds) * 48000, 0.0f);
    const auto burst = test::whiteNoise(0.004, 48000, 0.2, 5);
    for (int s = 1; s < seconds; ++s) {
        std::copy(burst.begin(), burst.end(), out.begin() + s * 48000);
    }
    return out;
}

/// First samples of what is loud after half a second of silence.
std::vector<std::size_t> onsets(const std::vector<float>& left) {
    std::vector<std::size_t> out;
    std::size_t quiet = 24000;
    for (std::size_t n = 0; n < left.size(); ++n) {
        if (std::fabs(left[n]) < 0.02f) {
            ++quiet;
            continue;
        }
        if (quiet >= 20000) out.push_back(n);
        quiet = 0;
    }
    return out;
}

TEST_F(Heard, PictureAndSoundStayTogetherOverTwoMinutes) {
    constexpr int kSeconds = 120;
    test::writeSound(folder_.file("clicks.wav"), clicks(kSeconds + 4), {});
    const auto take = std::make_shared<const SoundScan>(test::scanned(folder_.file("clicks.wav")));
    Player p;
    p.load(take, {});
    server->startRecording();
    QElapsedTimer started;
    std::vector<std::pair<double, std::size_t>> seen;  // playhead, samples recorded so far
    double firstHeardAfter = 0;
    started.start();
    p.play({0.9});
    QObject::connect(&p, &Player::moved, &p, [&](double t) {
        seen.emplace_back(t, server->recordedSoFar());
        if (firstHeardAfter == 0 && t > 0.9) firstHeardAfter = 1e-3 * started.elapsed() - (t - 0.9);
    });
    (void)QTest::qWaitFor([&] { return p.position().value > kSeconds; }, (kSeconds + 20) * 1000);
    p.stop();
    std::vector<float> left;
    const auto stereo = server->stopRecording();
    for (std::size_t n = 0; n < stereo.size(); n += 2) left.push_back(stereo[n]);
    const auto heard = onsets(left);
    for (std::size_t i = 1; i < heard.size(); ++i) {
        // A machine that is too busy to play leaves gaps: then nothing can be said of its clock.
        const auto apart = static_cast<double>(heard[i] - heard[i - 1]) / 48000;
        if (std::fabs(apart - 1) > 0.01) GTEST_SKIP() << "too busy a machine to play";
    }
    ASSERT_GE(heard.size(), static_cast<std::size_t>(kSeconds - 2));
    // The take time of each recorded sample, by the click before it.
    std::vector<double> ahead;
    for (const auto& [playhead, samples] : seen) {
        const auto next = std::upper_bound(heard.begin(), heard.end(), samples);
        if (next == heard.begin()) continue;
        const auto click = static_cast<double>(next - heard.begin());
        const double sounds = click + static_cast<double>(samples - *std::prev(next)) / 48000;
        ahead.push_back(playhead - sounds);
    }
    ASSERT_GT(ahead.size(), 1000u);
    std::vector<double> sorted = ahead;
    std::sort(sorted.begin(), sorted.end());
    const double middle = sorted[sorted.size() / 2];
    std::printf(
        "playhead ahead of the sound: median %.1f ms, 1 %% %.1f, 99 %% %.1f; begins %.0f ms "
        "after play\n",
        1e3 * middle, 1e3 * sorted[sorted.size() / 100], 1e3 * sorted[sorted.size() * 99 / 100],
        1e3 * firstHeardAfter);
    constexpr double kHalfFrame = 0.02;
    EXPECT_LT(std::fabs(middle), kHalfFrame);
    // Nothing gathers: the end is as the start.
    const auto meanOf = [&](std::size_t from) {
        double sum = 0;
        for (std::size_t i = from; i < from + 300; ++i) sum += ahead[i] / 300;
        return sum;
    };
    EXPECT_NEAR(meanOf(300), meanOf(ahead.size() - 310), 0.005);
}

// The last of all: it takes the server away.
TEST_F(Heard, ADeviceThatGoesAwayIsSaidAndTimeGoesOn) {
    Player p;
    p.load(take_, test::planOf(take_, rec_, {{4}, {0}}));
    QString said;
    QObject::connect(&p, &Player::deviceChanged, &p, [&](const QString& s) { said = s; });
    p.play({0});
    ASSERT_TRUE(QTest::qWaitFor([&] { return p.position().value > 0.5; }, 60000));
    EXPECT_TRUE(p.audible());
    server->goAway();
    ASSERT_TRUE(QTest::qWaitFor([&] { return !said.isEmpty(); }, 60000));
    const double then = p.position().value;
    EXPECT_TRUE(QTest::qWaitFor([&] { return p.position().value > then + 0.5; }, 60000))
        << "time goes on without a device";
    EXPECT_TRUE(p.playing());
    p.stop();
}

}  // namespace
}  // namespace brisk::app

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    ::testing::InitGoogleTest(&argc, argv);
    const brisk::test::OwnFolders folders;
    brisk::test::SoundServer own;
    brisk::app::server = &own;
    QApplication app(argc, argv);
    return RUN_ALL_TESTS();
}

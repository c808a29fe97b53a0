// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/transport.h"

#include <gtest/gtest.h>

#include <cmath>

#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

constexpr double kTone = 440;

class TransportTest : public ::testing::Test {
  protected:
    void SetUp() override {
        test::writeSound(folder_.file("tone.wav"), test::sine(12, 48000, kTone), {});
        test::writeSound(folder_.file("babble.wav"), test::babble(12, 48000, 3), {});
    }
    Transport open(const char* name) {
        const auto scan = std::make_shared<const SoundScan>(test::scanned(folder_.file(name)));
        auto t = openTransport(scan, {});
        EXPECT_TRUE(t);
        return std::move(*t);
    }
    struct Played {
        std::vector<float> left;
        std::vector<std::pair<double, double>> places;  // output seconds, take seconds
    };
    Played play(Transport& t, const Travel& travel, double seconds) {
        Played p;
        while (static_cast<double>(p.left.size()) < seconds * 48000) {
            auto b = t.read(Listen::Camera, travel, 1024);
            EXPECT_TRUE(b);
            if (!b) break;
            p.places.emplace_back(static_cast<double>(p.left.size()) / 48000, b->at.value);
            for (std::size_t n = 0; n < b->stereo.size(); n += 2) p.left.push_back(b->stereo[n]);
        }
        return p;
    }
    /// By zero crossings.
    double pitch(const std::vector<float>& v) {
        int crossings = 0;
        for (std::size_t n = 1; n < v.size(); ++n) crossings += v[n - 1] < 0 && v[n] >= 0 ? 1 : 0;
        return crossings * 48000.0 / static_cast<double>(v.size());
    }
    test::TempFolder folder_;
};

TEST_F(TransportTest, AtFullSpeedItIsTheMixItself) {
    Transport t = open("babble.wav");
    ASSERT_TRUE(t.seek(48000));
    const Played p = play(t, {}, 1);
    const auto file = test::decodeAll(folder_.file("babble.wav"));
    for (std::size_t n = 0; n < 48000; n += 97) EXPECT_NEAR(p.left[n], file[48000 + n], 1e-4) << n;
    EXPECT_NEAR(p.places.back().second - p.places.back().first, 1, 1e-9);
}

TEST_F(TransportTest, SlowAndFastKeepThePitchAndSayWhereTheyAre) {
    for (const double speed : {0.5, 2.0}) {
        Transport t = open("tone.wav");
        ASSERT_TRUE(t.seek(0));
        const Played p = play(t, {.speed = speed, .loop = {}}, 2);
        EXPECT_NEAR(pitch({p.left.begin() + 9600, p.left.end()}), kTone, 0.02 * kTone) << speed;
        for (const auto& [out, at] : p.places) EXPECT_NEAR(at, speed * out, 0.001) << speed;
    }
}

/// Where the sound really is: the take time of the loudest of ten bursts.
TEST_F(TransportTest, HalfSpeedIsNeitherEarlyNorLate) {
    std::vector<float> day(48000 * 4, 0.0f);
    const auto burst = test::whiteNoise(0.02, 48000, 0.3, 9);
    std::copy(burst.begin(), burst.end(), day.begin() + 48000);
    test::writeSound(folder_.file("burst.wav"), day, {});
    Transport t = open("burst.wav");
    ASSERT_TRUE(t.seek(0));
    const Played p = play(t, {.speed = 0.5, .loop = {}}, 4);
    double weight = 0, sum = 0;
    for (std::size_t n = 0; n < p.left.size(); ++n) {
        const double power = p.left[n] * p.left[n];
        weight += power;
        sum += power * static_cast<double>(n) / 48000;
    }
    ASSERT_GT(weight, 0);
    EXPECT_NEAR(sum / weight, 2 * (1 + 0.01), 0.03);
}

TEST_F(TransportTest, ALoopGoesRoundAndNeverClicks) {
    Transport t = open("tone.wav");
    ASSERT_TRUE(t.seek(48000 * 2 + 17));
    const Travel loop{1, TimeRange{{2}, {2.3}}};
    const Played p = play(t, loop, 2);
    float most = 0;
    for (std::size_t n = 1; n < p.left.size(); ++n) {
        most = std::max(most, std::fabs(p.left[n] - p.left[n - 1]));
    }
    EXPECT_LT(most, 1.1 * 0.5 * 2 * 3.14159265 * kTone / 48000);
    int rounds = 0;
    for (std::size_t i = 0; i < p.places.size(); ++i) {
        EXPECT_GE(p.places[i].second, 2);
        EXPECT_LT(p.places[i].second, 2.3);
        if (i > 0) rounds += p.places[i].second < p.places[i - 1].second ? 1 : 0;
    }
    EXPECT_NEAR(rounds, 2 / 0.3, 1);
    // From behind the loop it plays on.
    ASSERT_TRUE(t.seek(48000 * 5));
    EXPECT_GT(play(t, loop, 1).places.back().second, 5.9);
}

TEST_F(TransportTest, ShuttlesBothWaysTheRightWayRound) {
    for (const double speed : {-2.0, 4.0}) {
        Transport t = open("tone.wav");
        ASSERT_TRUE(t.seek(48000 * 6));
        const Played p = play(t, {.speed = speed, .loop = {}}, 1);
        EXPECT_NEAR(pitch(p.left), kTone, 0.06 * kTone);
        EXPECT_NEAR(p.places.back().second, 6 + speed * p.places.back().first, 1e-6);
    }
    Transport t = open("tone.wav");
    ASSERT_TRUE(t.seek(4800));
    EXPECT_EQ(play(t, {.speed = -16, .loop = {}}, 1).places.back().second, 0)
        << "the start ends it";
}

TEST_F(TransportTest, AChangeOfSpeedGoesOnFromWhatWasHeard) {
    Transport t = open("tone.wav");
    ASSERT_TRUE(t.seek(0));
    const Played slow = play(t, {.speed = 0.5, .loop = {}}, 1);
    const double heard = 0.5 * static_cast<double>(slow.left.size()) / 48000;
    const Played plain = play(t, {}, 0.1);
    EXPECT_NEAR(plain.places.front().second, heard, 0.001);
}

TEST_F(TransportTest, OnlyWhatIsKeptIsHeardOnePieceAfterTheOther) {
    const auto file = test::decodeAll(folder_.file("babble.wav"));
    const Travel kept{1, {}, {{{1}, {2}}, {{4}, {4.5}}, {{7}, {9}}}};
    Transport t = open("babble.wav");
    ASSERT_TRUE(t.seek(0));
    const Played p = play(t, kept, 3);
    // In the middle of each piece it is the file, where it was.
    for (const auto& [heard, at] : {std::pair{0.5, 1.5}, {1.25, 4.25}, {2.5, 8.0}}) {
        for (int n = 0; n < 400; ++n) {
            EXPECT_NEAR(p.left[static_cast<std::size_t>(heard * 48000 + n)],
                        file[static_cast<std::size_t>(at * 48000 + n)], 1e-4)
                << heard;
        }
    }
    for (const auto& [output, at] : p.places) {
        EXPECT_TRUE((at >= 1 && at < 2) || (at >= 4 && at < 4.5) || at >= 7) << at;
    }
    // At half speed, too, and after the last piece it goes on.
    Transport slow = open("babble.wav");
    ASSERT_TRUE(slow.seek(48000));
    const Played half = play(slow, {0.5, {}, kept.kept}, 4);
    EXPECT_NEAR(half.places.back().second, 7.5, 0.1);
    ASSERT_TRUE(t.seek(48000 * 10));
    EXPECT_NEAR(play(t, kept, 0.5).places.front().second, 10, 1e-9);
    // A loop goes on within what is kept.
    ASSERT_TRUE(t.seek(48000));
    const Played loop = play(t, {1, TimeRange{{1.5}, {4.25}}, kept.kept}, 4);
    for (const auto& [output, at] : loop.places) {
        EXPECT_TRUE((at >= 1 && at < 2) || (at >= 4 && at < 4.25)) << at;
    }
}

}  // namespace
}  // namespace brisk

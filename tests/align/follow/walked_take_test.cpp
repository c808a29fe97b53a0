// SPDX-License-Identifier: GPL-3.0-or-later
// Somebody walks about: where he stands for seconds only, and what is heard in between.
#include "align/follow/follow_clock.h"

#include <gtest/gtest.h>

#include <cmath>

#include "align/follow/heard_spots.h"
#include "sim/walked_room.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

class WalkedTake : public ::testing::Test {
  protected:
    /// Of the day's seconds from 10 on, as the camera hears whoever walks there.
    std::vector<float> heard(const sim::Course& metres, double until) {
        day = test::babble(until + 10, 48000, 21);
        std::vector<float> out;
        sim::WalkedRoom({.rt60 = 0.3}, metres, 4).process(day, out);
        return test::cut(out, 10, until);
    }
    test::ShootFolder shoot;
    std::vector<float> day;
};

// 32 windows in 110 s would be one or two for each place, and two make no stretch.
TEST_F(WalkedTake, WhoStandsForFiveSecondsIsHeardThere) {
    const std::vector<double> places{1.5, 4, 2.5, 5, 1.2, 3.5, 2, 4.5,
                                     1.5, 3, 5,   2, 4,   1.2, 3, 4.5};
    sim::Course metres;
    std::vector<std::pair<double, double>> stands;  // take seconds, metres
    for (double at = 0; const double where : places) {
        metres.emplace_back(at, where);
        metres.emplace_back(at + 5, where);
        stands.emplace_back(at + 2.5 - 10, where);
        at += 7.5;
    }
    const auto take = heard(metres, 120);
    const auto e = shoot.match(take, day);
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    EXPECT_GT(e.windowsAgreeing, 0.65 * e.windowsUsed) << e.reason;
    EXPECT_NEAR(e.line.drift.value, 0, 5) << "seconds know a clock to no more: " << e.reason;
    int followed = 0, asked = 0;
    for (const auto& [at, where] : stands) {
        if (at < 3 || at > 107) continue;
        const double later = (where - 1.2) / sim::kMetresPerSecond;
        followed += std::fabs(pathAt(e.path, {at}).value - later) < 0.0005 ? 1 : 0;
        ++asked;
    }
    EXPECT_GE(followed, asked - 2) << "of so many places: " << asked;
}

TEST_F(WalkedTake, AWindowThatHearsAStepAsideIsUnderWay) {
    const sim::Course metres{{0, 4},      {25, 4},     {28, 1.5},   {46, 1.5},
                             {47.3, 2.8}, {50.3, 2.8}, {51.6, 1.5}, {80, 1.5}};
    const SoundScan take = shoot.take(heard(metres, 70)), recording = shoot.recording(day);
    auto reader = WindowReader::open(take, recording);
    ASSERT_TRUE(reader);
    const TimeRange all{{0}, {60}};
    const Seconds near{10 - 1.5 / sim::kMetresPerSecond};
    const auto probe = probePlace(*reader, {{near, {0}}}, all, {});
    ASSERT_TRUE(probe);
    const auto whole = measurePlace(*reader, *probe, all, {});
    ASSERT_TRUE(whole);
    const auto clock = followClock(*reader, *whole, {});
    ASSERT_TRUE(clock && !clock->way.empty());
    int aside = 0;
    for (const MatchedRange& range : clock->ranges) {
        for (const SlipWindow& w : range.match.windows) {
            const double at = w.scratchTime.value;
            if (at > 38 && at < 40) {
                EXPECT_TRUE(w.underWay || w.agrees) << at;
                aside += w.underWay ? 1 : 0;
            }
            EXPECT_FALSE(w.underWay && at > 46 && at < 58) << at << ": he stands";
        }
    }
    EXPECT_GT(aside, 0);
}

}  // namespace
}  // namespace brisk

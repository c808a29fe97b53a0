// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/assemble/what_happened.h"

#include <gtest/gtest.h>

#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

using test::cut;

MatchedRange part(double from, double to, const std::vector<bool>& agree) {
    MatchedRange out;
    out.range = {{from}, {to}};
    const double each = (to - from) / static_cast<double>(agree.size());
    for (std::size_t i = 0; i < agree.size(); ++i) {
        out.match.windows.push_back(
            {{from + (static_cast<double>(i) + 0.5) * each}, {0}, 9, agree[i]});
    }
    return out;
}

TEST(WhatHappened, EndsInWhichNothingIsHeardAreNamed) {
    const auto ends = unheardEnds({part(0, 30, {false, false, false, true, true, true}),
                                   part(30, 60, {true, true, false, false, false, false})});
    ASSERT_TRUE(ends.until && ends.from);
    EXPECT_NEAR(ends.until->value, 17.5, 1e-9);
    EXPECT_NEAR(ends.from->value, 37.5, 1e-9);
}

TEST(WhatHappened, ABreathIsNotSpokenOf) {
    const auto ends = unheardEnds({part(0, 60, {false, true, false, true, true, false})});
    EXPECT_FALSE(ends.until || ends.from);
    EXPECT_FALSE(unheardEnds({part(0, 10, {false, false, false})}).until);
    EXPECT_FALSE(unheardEnds({part(0, 4, {false, false, true, true, true, false, false})}).from);
}

TEST(WhatHappened, ATakeThatGoesOnWithoutTheSpeakerSaysSo) {
    test::ShootFolder shoot;
    const auto day = test::babble(90, 48000, 21);
    auto take = cut(day, 20, 80);
    const auto hum = test::whiteNoise(15, 48000, 0.02, 5);
    std::copy(hum.begin(), hum.end(), take.end() - static_cast<std::ptrdiff_t>(hum.size()));
    const auto e = shoot.match(take, day);
    ASSERT_EQ(e.status, MatchStatus::Matched) << e.reason;
    const Fact* from = findFact(e.reason, "nothing-heard-from");
    ASSERT_TRUE(from) << e.reason;
    EXPECT_NEAR(from->number("at"), 43.5, 2);
    EXPECT_FALSE(findFact(e.reason, "nothing-heard-until")) << e.reason;
}

TetherEstimate straight(double ppm, double seconds) {
    TetherEstimate e;
    e.status = MatchStatus::Matched;
    e.line = {{0}, {ppm}};
    e.overlap = {{0}, {seconds}};
    e.segments = {{e.overlap, e.line}};
    addWhatHappened(e, {part(0, seconds, {true, true, true})});
    return e;
}

TEST(WhatHappened, ADriftThatIsRareMayBeACameraThatIsCarriedAway) {
    const auto carried = straight(-583, 40);  // 0.2 m/s
    const Fact* way = findFact(carried.reason, "clock-or-way");
    ASSERT_TRUE(way) << carried.reason;
    EXPECT_NEAR(way->number("metres"), 12, 0.05);
    EXPECT_FALSE(findFact(carried.reason, "pulled-shorter")) << "nor is it a pulled rate";
    EXPECT_TRUE(findFact(straight(250, 40).reason, "clock-or-way"));
}

TEST(WhatHappened, OrdinaryClocksAndPulledRatesAreNoWay) {
    for (const double ppm : {0.0, 40.0, -90.0, 1000.0, -1035.0}) {
        EXPECT_FALSE(findFact(straight(ppm, 40).reason, "clock-or-way")) << ppm;
    }
    EXPECT_TRUE(findFact(straight(-1035, 40).reason, "pulled-shorter"));
    EXPECT_FALSE(findFact(straight(300, 6).reason, "clock-or-way")) << "too short to know it";
}

}  // namespace
}  // namespace brisk

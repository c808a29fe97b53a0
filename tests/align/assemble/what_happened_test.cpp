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

}  // namespace
}  // namespace brisk

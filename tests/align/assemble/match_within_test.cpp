// SPDX-License-Identifier: GPL-3.0-or-later
// A search that was narrowed down, and the curve of what a search saw.
#include "align/assemble/match_within.h"

#include <algorithm>

#include "align/show/match_curve.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

/// The same half minute twice in a recording, at 20 and at 80 s, and other sound around it.
class TwicePlayed : public ::testing::Test {
  protected:
    void SetUp() override {
        day = test::babble(130, 48000, 8);
        std::copy(day.begin() + 20 * 48000, day.begin() + 50 * 48000, day.begin() + 80 * 48000);
        take = shoot.take(test::cut(day, 25, 45));
        recording = shoot.recording(day);
    }
    TetherEstimate within(const SearchWithin& w) {
        auto e = matchWithin(take, recording, w, {}, JobControl{});
        EXPECT_TRUE(e);
        return e ? *e : TetherEstimate{};
    }
    test::ShootFolder shoot;
    std::vector<float> day;
    SoundScan take, recording;
};

TEST_F(TwicePlayed, IsDecidedByTheStretchThatAPersonNames) {
    EXPECT_NE(within({}).status, MatchStatus::Matched) << "two places are alike";
    const TetherEstimate first = within({.take = {}, .recording = TimeRange{{12.3456}, {60}}});
    EXPECT_EQ(first.status, MatchStatus::Matched) << first.reason;
    EXPECT_NEAR(first.line.offset.value, 25, 2e-5);
    ASSERT_FALSE(first.segments.empty());
    EXPECT_NEAR(first.segments[0].line.offset.value, 25, 2e-5);
    const TetherEstimate second = within({.take = {}, .recording = TimeRange{{70.001}, {130}}});
    EXPECT_EQ(second.status, MatchStatus::Matched) << second.reason;
    EXPECT_NEAR(second.line.offset.value, 85, 2e-5);
}

TEST_F(TwicePlayed, AStretchOfTheTakeGivesThePlaceOfTheWholeTake) {
    const TetherEstimate e =
        within({.take = TimeRange{{6.0007}, {18}}, .recording = TimeRange{{0}, {60}}});
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    EXPECT_NEAR(e.line.toRecording({10}).value, 35, 1e-4);
}

TEST_F(TwicePlayed, NothingIsFoundWhereThereIsNothing) {
    EXPECT_NE(within({.take = {}, .recording = TimeRange{{52}, {78}}}).status,
              MatchStatus::Matched);
    EXPECT_NE(within({.take = TimeRange{{500}, {600}}, .recording = {}}).status,
              MatchStatus::Matched);
}

TEST_F(TwicePlayed, TheCurveStandsOutAtBothPlaces) {
    auto curve = matchCurve(take, recording, JobControl{});
    ASSERT_TRUE(curve) << curve.error().fact;
    ASSERT_GT(curve->size(), 20u);
    EXPECT_TRUE(std::is_sorted(curve->begin(), curve->end(),
                               [](const auto& a, const auto& b) { return a.offset < b.offset; }));
    double other = 0, first = 0, second = 0;
    for (const MatchPoint& p : *curve) {
        const bool isFirst = std::fabs(p.offset.value - 25) < 0.02;
        const bool isSecond = std::fabs(p.offset.value - 85) < 0.02;
        double& most = isFirst ? first : isSecond ? second : other;
        most = std::max(most, p.strength);
    }
    EXPECT_GT(first, 3 * other);
    EXPECT_GT(second, 3 * other);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/measure/jump_search.h"

#include <cmath>

#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

using test::cut;

std::vector<float> joined(std::vector<float> a, const std::vector<float>& b) {
    a.insert(a.end(), b.begin(), b.end());
    return a;
}

class Jumps : public ::testing::Test {
  protected:
    void expectOneJump(const TetherEstimate& e, double before, double after, double at) {
        EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
        ASSERT_EQ(e.segments.size(), 2u) << e.reason;
        EXPECT_NEAR(e.segments[0].line.toRecording({at}).value, before + at, 1e-4);
        EXPECT_NEAR(e.segments[1].line.toRecording({at}).value, after + at, 1e-4);
        EXPECT_NEAR(e.segments[0].range.end.value, at, 0.3);
        EXPECT_NEAR(e.line.offset.value, e.segments[0].line.offset.value, 1e-9);
    }
    test::ShootFolder shoot;
    std::vector<float> day = test::babble(120, 48000, 21);
};

TEST_F(Jumps, ATenthOfASecondLost) {
    const auto e = shoot.match(cut(day, 20, 100), joined(cut(day, 0, 55), cut(day, 55.1, 120)));
    expectOneJump(e, 20, 19.9, 35);
    EXPECT_NE(sentence(e.reason).find("lost 0:00:00.100"), std::string::npos) << e.reason;
}

TEST_F(Jumps, HalfASecondRepeated) {
    const auto e = shoot.match(cut(day, 20, 100), joined(cut(day, 0, 70), cut(day, 69.5, 120)));
    expectOneJump(e, 20, 20.5, 50);
    EXPECT_NE(sentence(e.reason).find("repeats"), std::string::npos) << e.reason;
}

TEST_F(Jumps, InAPauseThePlaceIsAsDoubtfulAsThePauseIsLong) {
    std::fill(day.begin() + 53 * 48000, day.begin() + 58 * 48000, 0.0f);
    // Lost right after the last word, where nothing tells.
    const auto e = shoot.match(cut(day, 20, 100), joined(cut(day, 0, 53.5), cut(day, 53.7, 120)));
    ASSERT_EQ(e.segments.size(), 2u) << e.reason;
    const TetherSegment& second = e.segments[1];
    EXPECT_GT(second.startDoubt.value, 1.5);
    EXPECT_LT(std::fabs(second.range.start.value - 33.7), second.startDoubt.value + 0.3);
    EXPECT_NE(sentence(e.reason).find("in a pause"), std::string::npos) << e.reason;
}

TEST_F(Jumps, NoneWhereNothingWasLost) {
    const auto e = shoot.match(cut(day, 20, 100), day);
    EXPECT_EQ(e.segments.size(), 1u) << e.reason;
    EXPECT_NEAR(e.segments[0].range.end.value, 80, 0.05);
}

TEST_F(Jumps, NoneWhereTheRestIsOnlyDrownedInNoise) {
    auto scratch = cut(day, 20, 100);
    const auto noise = test::whiteNoise(80, 48000, 0.5, 2);
    for (std::size_t n = 40 * 48000; n < scratch.size(); ++n) scratch[n] = noise[n];
    const auto e = shoot.match(scratch, day);
    EXPECT_EQ(e.segments.size(), 1u) << e.reason;
    EXPECT_NEAR(e.line.offset.value, 20, 1e-4);
}

// The whole take lies elsewhere once more, in noise: half as strong, and beyond chance.
TEST_F(Jumps, DoNotMakeAnotherPlaceWeaker) {
    const auto take = cut(day, 20, 100);
    const auto again = test::sum(take, test::whiteNoise(80, 48000, 0.03, 5));
    const auto e = shoot.match(take, joined(joined(cut(day, 0, 62), cut(day, 62.3, 120)), again));
    EXPECT_EQ(e.status, MatchStatus::Unsure) << e.reason;
    EXPECT_NE(sentence(e.reason).find("more than one place"), std::string::npos) << e.reason;
}

}  // namespace
}  // namespace brisk

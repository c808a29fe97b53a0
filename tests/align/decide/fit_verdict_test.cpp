// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/decide/fit_verdict.h"
#include "support/facts_text.h"

#include <gtest/gtest.h>

namespace brisk {
namespace {

std::vector<SlipPoint> points(int n, auto slipAt) {
    std::vector<SlipPoint> out;
    for (int i = 0; i < n; ++i) out.push_back({{4.0 * i}, slipAt(i)});
    return out;
}

TEST(FitVerdict, SaysWhatEarsAndEyesWouldMakeOfIt) {
    const auto all = [](double slip) {
        return fitVerdict(points(20, [=](int) { return Seconds{slip}; }));
    };
    EXPECT_EQ(all(0.0002).fit, Fit::InPlace);
    EXPECT_NE(sentence(all(0.0002).said).find("never more than 0.2 ms apart"), std::string::npos);
    EXPECT_EQ(all(-0.004).fit, Fit::Hollow);
    EXPECT_NE(sentence(all(-0.004).said).find("Apart by 4.0 ms"), std::string::npos);
    EXPECT_EQ(all(0.022).fit, Fit::Echo);
    EXPECT_EQ(all(0.08).fit, Fit::Apart);
}

TEST(FitVerdict, NamesTheWorstPlaceButNotAStrayOne) {
    const auto v = fitVerdict(points(20, [](int i) {
        return Seconds{i == 7 ? 0.02 : i == 18 ? 0.0006 : 0.0001};
    }));
    EXPECT_EQ(v.fit, Fit::InPlace);
    EXPECT_NEAR(v.worst.value, 0.0006, 1e-9);
    EXPECT_NEAR(v.worstAt.value, 72, 1e-9);
    EXPECT_NE(sentence(v.said).find("1 place lies off"), std::string::npos);
}

TEST(FitVerdict, TellsADriftFromAJump) {
    const auto drift = fitVerdict(points(40, [](int i) { return Seconds{30e-6 * 4 * i}; }));
    EXPECT_EQ(drift.fit, Fit::Drifting);
    EXPECT_NEAR(drift.slope, 30e-6, 1e-8);
    EXPECT_NE(sentence(drift.said).find("0.00 ms at the start, 4.7 ms at the end"),
              std::string::npos)
        << drift.said;
    EXPECT_EQ(fitVerdict(points(40, [](int i) { return Seconds{i < 25 ? 0.0 : 0.2}; })).fit,
              Fit::Jumping);
}

TEST(FitVerdict, NamesAJumpWhereverItIsAndIsNotFooledByStrays) {
    const auto late = fitVerdict(points(40, [](int i) { return Seconds{i < 36 ? 1e-4 : 0.5}; }));
    ASSERT_EQ(late.jumps.size(), 1u);
    EXPECT_NEAR(late.jumps[0].at.value, 4 * 35.5, 1e-9);
    EXPECT_NEAR(late.jumps[0].by.value, 0.4999, 1e-9);
    EXPECT_EQ(late.fit, Fit::Jumping);
    EXPECT_NE(sentence(late.said).find("jumps by 499.9"), std::string::npos) << late.said;
    const auto strays = fitVerdict(points(40, [](int i) {
        return Seconds{i % 9 == 4 ? 0.1 : i % 13 == 6 ? -0.05 : 0.0};
    }));
    EXPECT_TRUE(strays.jumps.empty());
    const auto steep = fitVerdict(points(40, [](int i) { return Seconds{300e-6 * 4 * i}; }));
    EXPECT_TRUE(steep.jumps.empty());
}

TEST(FitVerdict, HasNothingToSayWithoutCommonSound) {
    EXPECT_EQ(fitVerdict({}).fit, Fit::Unknown);
    const auto none = points(20, [](int) { return std::optional<Seconds>(); });
    EXPECT_EQ(fitVerdict(none).fit, Fit::Nothing);
    auto few = none;
    few[3].slip = Seconds{0};
    few[9].slip = Seconds{0};
    EXPECT_EQ(fitVerdict(few).fit, Fit::Nothing);
    EXPECT_EQ(sentence(slipFact(std::nullopt)), "no common sound here");
    EXPECT_EQ(sentence(slipFact(Seconds{-0.0032})), "3.2 ms: hollow");
}

TEST(FitVerdict, TheWayOfTheSoundIsNoSlip) {
    EXPECT_EQ(sentence(slipFact(Seconds{0.0123}, Seconds{0.0122})), "12.3 ms: 4.2 m farther");
    EXPECT_EQ(sentence(slipFact(Seconds{0.0123}, Seconds{0.004})), "12.3 ms: echo");
    EXPECT_FALSE(isTheWay({0.0002}, {0})) << "nobody walked";
    EXPECT_FALSE(isTheWay({0}, {0.004}));
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/measure/clap_match.h"

#include <cmath>

#include "sim/noise.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

using Claps = std::vector<std::pair<double, std::uint64_t>>;  // when, and which clap

/// Near silence with claps: bursts that fade within 30 ms, each from its own seed.
std::vector<float> quietWith(double seconds, const Claps& claps, std::uint64_t noiseSeed) {
    auto out = test::whiteNoise(seconds, 48000, 0.0005, noiseSeed);
    for (const auto& [at, seed] : claps) {
        sim::NoiseSource random(seed);
        const auto first = static_cast<std::size_t>(at * 48000);
        for (std::size_t i = 0; i < 4800 && first + i < out.size(); ++i) {
            out[first + i] += 0.4f * random.normal() * std::exp(-static_cast<float>(i) / 500.0f);
        }
    }
    return out;
}

class ClapMatching : public ::testing::Test {
  protected:
    test::ShootFolder shoot;
};

TEST_F(ClapMatching, OneClapInNearSilence) {
    const auto e = shoot.match(quietWith(15, {{4, 1}}, 8),
                               quietWith(90, {{20, 5}, {44, 1}, {70, 6}}, 9), MatchMethod::Claps);
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    EXPECT_EQ(e.method, "claps");
    EXPECT_NEAR(e.line.offset.value, 40, 2e-4);
    EXPECT_NE(sentence(e.reason).find("1 of 1 clap agrees"), std::string::npos) << e.reason;
}

TEST_F(ClapMatching, ThreeUnevenOnesWithoutBeingAsked) {
    const auto e = shoot.match(quietWith(15, {{4, 1}, {4.7, 2}, {6.1, 3}}, 8),
                               quietWith(90, {{20, 5}, {44, 1}, {44.7, 2}, {46.1, 3}}, 9));
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    EXPECT_NEAR(e.line.offset.value, 40, 2e-4);
}

TEST_F(ClapMatching, EvenSpacingIsRightOrRefused) {
    // Shifted by one clap, two of the three still fall together; they are different claps.
    const auto e =
        shoot.match(quietWith(15, {{4, 1}, {4.5, 2}, {5, 3}}, 8),
                    quietWith(60, {{24, 1}, {24.5, 2}, {25, 3}, {25.5, 4}}, 9), MatchMethod::Claps);
    if (e.status == MatchStatus::Matched) {
        EXPECT_NEAR(e.line.offset.value, 20, 2e-4) << e.reason;
    }
    EXPECT_NE(e.status, MatchStatus::Unmatched) << e.reason;
}

TEST_F(ClapMatching, TheSameSnapOverAndOverIsAmbiguous) {
    // A metronome: every stroke the same, so that every shift is as good.
    Claps strokes;
    for (int i = 0; i < 12; ++i) strokes.emplace_back(10 + 0.5 * i, 1);
    const auto e = shoot.match(quietWith(15, {{4, 1}, {4.5, 1}, {5, 1}}, 8),
                               quietWith(60, strokes, 9), MatchMethod::Claps);
    EXPECT_EQ(e.status, MatchStatus::Unsure) << e.reason;
    EXPECT_FALSE(e.rivals.empty());
}

TEST_F(ClapMatching, OtherPeoplesClapsAreRefused) {
    const auto e = shoot.match(quietWith(15, {{4, 1}, {4.7, 2}, {6.1, 3}}, 8),
                               quietWith(90, {{20, 5}, {44, 11}, {44.7, 12}, {46.1, 13}}, 9));
    EXPECT_EQ(e.status, MatchStatus::Unmatched) << e.reason;
}

TEST_F(ClapMatching, NoClapIsSaidSo) {
    const auto e =
        shoot.match(quietWith(15, {}, 8), quietWith(90, {{20, 5}}, 9), MatchMethod::Claps);
    EXPECT_EQ(e.status, MatchStatus::Unmatched);
    EXPECT_NE(sentence(e.reason).find("No claps are heard in the take"), std::string::npos)
        << e.reason;
}

}  // namespace
}  // namespace brisk

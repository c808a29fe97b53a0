// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/nominate/clap_places.h"

#include <gtest/gtest.h>

namespace brisk {
namespace {

std::vector<Spike> clapsAt(const std::vector<double>& times) {
    std::vector<Spike> out;
    for (const double t : times) {
        Spike s;
        s.time = {t};
        s.strengthDb = 20;
        out.push_back(s);
    }
    return out;
}

TEST(ClapPlaces, ThePatternComesBeforeSinglePairs) {
    const auto places = clapPlaces(clapsAt({1, 4, 9}), clapsAt({11, 14, 19, 30}));
    ASSERT_FALSE(places.empty());
    EXPECT_NEAR(places[0].offset, 10, 1e-9);
    EXPECT_EQ(places[0].support, 3);
    EXPECT_LE(places.size(), 6u);
    for (std::size_t i = 1; i < places.size(); ++i) EXPECT_LT(places[i].support, 3);
}

// Onsets are found to a few milliseconds, early or late, and clocks run apart.
TEST(ClapPlaces, OnsetsMayBeAFewMillisecondsEarlyOrLate) {
    for (const double off : {0.003, -0.003}) {
        EXPECT_EQ(clapPlaces(clapsAt({1, 4}), clapsAt({11, 14 + off}))[0].support, 2) << off;
    }
    EXPECT_EQ(clapPlaces(clapsAt({1, 4}), clapsAt({11, 14.02}))[0].support, 1);
    EXPECT_EQ(clapPlaces(clapsAt({1, 101}), clapsAt({11, 111.03}))[0].support, 2) << "300 ppm";
}

TEST(ClapPlaces, NoneWhereOneHasNoClap) {
    EXPECT_TRUE(clapPlaces({}, clapsAt({1})).empty());
    EXPECT_TRUE(clapPlaces(clapsAt({1}), {}).empty());
}

}  // namespace
}  // namespace brisk

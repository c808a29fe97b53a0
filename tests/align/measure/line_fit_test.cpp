// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/measure/line_fit.h"

#include <gtest/gtest.h>

#include <vector>

#include "sim/noise.h"

namespace brisk {
namespace {

TEST(LineFit, IsExactOnExactPoints) {
    std::vector<LinePoint> p;
    for (int i = 0; i < 20; ++i) p.push_back({i * 60.0, 0.001 + 20e-6 * i * 60.0, 1});
    const LineFit f = fitLine(p, 320e-6);
    EXPECT_NEAR(f.slope, 20e-6, 1e-12);
    EXPECT_NEAR(f.at0, 0.001, 1e-10);
    EXPECT_LT(f.spread, 1e-10);
}

TEST(LineFit, IgnoresAThirdOfOutliers) {
    sim::NoiseSource random(3);
    std::vector<LinePoint> p;
    for (int i = 0; i < 60; ++i) {
        double v = -0.002 + 5e-6 * i * 10 + 20e-6 * random.normal();
        if (i % 3 == 0) v = 0.03 * (random.uniform() - 0.5);
        p.push_back({i * 10.0, v, 1});
    }
    const LineFit f = fitLine(p, 320e-6);
    EXPECT_NEAR(f.slope, 5e-6, 0.1e-6);
    EXPECT_NEAR(f.at(300), -0.002 + 5e-6 * 300, 20e-6);
}

TEST(LineFit, HoldsImpossibleSlopes) {
    const std::vector<LinePoint> p{{0, 0, 1}, {1, 0.1, 1}, {2, 0.2, 1}};
    EXPECT_DOUBLE_EQ(fitLine(p, 320e-6).slope, 320e-6);
}

// Two lines, as many points on each: the heavier one is the line.
TEST(LineFit, WeightsDecideBetweenTwoLines) {
    std::vector<LinePoint> p;
    for (int i = 0; i < 20; ++i) {
        const double t = i * 10.0;
        const bool heavy = i % 2 == 0;
        p.push_back({t, heavy ? 1e-4 + 10e-6 * t : 1.3e-4 + 10e-6 * t, heavy ? 20.0 : 1.0});
    }
    EXPECT_NEAR(fitLine(p, 320e-6).at(100), 1e-4 + 10e-6 * 100, 4e-6);
    for (LinePoint& q : p) q.weight = 21 - q.weight;
    EXPECT_NEAR(fitLine(p, 320e-6).at(100), 1.3e-4 + 10e-6 * 100, 4e-6);
}

TEST(LineFit, FewPoints) {
    EXPECT_EQ(fitLine({}, 1).slope, 0);
    const std::vector<LinePoint> one{{5, 0.25, 1}};
    EXPECT_DOUBLE_EQ(fitLine(one, 1).at(100), 0.25);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/measure/curve_stack.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "sim/noise.h"

namespace brisk {
namespace {

std::vector<Curve> randomCurves(int count, std::uint64_t seed) {
    sim::NoiseSource random(seed);
    std::vector<Curve> out;
    for (int i = 0; i < count; ++i) {
        Curve c{2.0 * i, (random.uniform() - 0.5) / 48000, std::vector<float>(2 * kReach + 1)};
        for (float& v : c.values) v = random.normal();
        out.push_back(std::move(c));
    }
    return out;
}

TEST(CurveStack, IsWhatASlowSumFinds) {
    auto curves = randomCurves(7, 3);
    curves[2].values[100] = 80;
    for (auto& c : curves) weigh(c);
    for (const double slope : {0.0, 0.0007, -0.002}) {
        const LineFit line{.at0 = 0.0011, .slope = slope};
        const auto fast = stackCurves(curves, line);
        for (int k = -kReach; k <= kReach; k += 13) {
            double slow = 0;
            for (const auto& c : curves) {
                const auto at = k + std::lround((line.at(c.time) - c.shift) * WindowReader::kRate);
                if (std::abs(at) > kReach) continue;
                slow +=
                    static_cast<double>(c.weight * c.values[static_cast<std::size_t>(at + kReach)]);
            }
            EXPECT_NEAR(fast[static_cast<std::size_t>(k + kReach)], slow, 1e-4);
        }
    }
}

TEST(CurveStack, HoldsALoudWindowWithoutBendingIt) {
    Curve c{0, 0, std::vector<float>(2 * kReach + 1, 0.5f)};
    c.values[kReach] = 100;
    c.values[kReach + 1] = 60;
    weigh(c);
    const auto sum = stackCurves({c}, {});
    EXPECT_NEAR(sum[kReach], 25, 1e-5);
    EXPECT_NEAR(sum[kReach + 1], 15, 1e-5) << "the peak keeps its shape";
}

TEST(StackNoise, IsTheDeviationOfNoise) {
    const auto sum = stackCurves(randomCurves(16, 5), {});
    EXPECT_NEAR(stackNoise(sum), 4.0, 0.3);
}

TEST(StackNoise, IsNotLoweredByLagsThatNoCurveReaches) {
    // A line far off leaves most of the stack empty. Taken for silence, any chance peak in the
    // rest would stand above it, and a foreign recording would look right.
    const LineFit farOff{.at0 = -0.040, .slope = 0};
    const auto sum = stackCurves(randomCurves(16, 6), farOff);
    ASSERT_GT(std::count(sum.begin(), sum.end(), 0.0), kReach / 2);
    EXPECT_NEAR(stackNoise(sum), 4.0, 0.4);
}

TEST(TopOf, FindsThePeakBetweenSamples) {
    Curve c{0, 0.25 / 48000, std::vector<float>(2 * kReach + 1, 0.0f)};
    for (int k = -3; k <= 3; ++k) {
        c.values[static_cast<std::size_t>(kReach + 40 + k)] =
            static_cast<float>(9 - (k - 0.3) * (k - 0.3));
    }
    const Top top = topOf(c, 1, 40.0 / 48000, 20);
    EXPECT_NEAR(top.lag * 48000, 40.3 + 0.25, 0.01);
    EXPECT_NEAR(top.height, 8.91, 0.01);
}

}  // namespace
}  // namespace brisk

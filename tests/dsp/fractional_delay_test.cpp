// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/fractional_delay.h"
#include "dsp/kaiser.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

namespace brisk {
namespace {

class Fraction : public ::testing::TestWithParam<double> {};

TEST_P(Fraction, MovesASineByExactlyThatMuch) {
    const double part = GetParam();
    for (const double hz : {100.0, 3000.0, 15000.0}) {
        const double step = 2 * std::numbers::pi * hz / 48000;
        std::vector<float> in(4000);
        for (std::size_t n = 0; n < in.size(); ++n) {
            in[n] = static_cast<float>(std::sin(step * static_cast<double>(n)));
        }
        FractionalAdvance f(part, 1);
        std::vector<float> out;
        f.process(in, out);
        ASSERT_EQ(out.size(), in.size());
        double worst = 0;
        for (std::size_t n = 200; n < out.size(); ++n) {
            const double at = static_cast<double>(n) + part - FractionalAdvance::kLatency;
            worst = std::max(worst, std::fabs(out[n] - std::sin(step * at)));
        }
        EXPECT_LT(worst, 2e-3) << hz << " Hz, " << part << " samples";
    }
}

INSTANTIATE_TEST_SUITE_P(Parts, Fraction, ::testing::Values(0.0, 0.1, 0.25, 0.5, 0.9));

TEST(FractionalAdvance, KeepsChannelsApartAndBlocksTogether) {
    std::vector<float> in;
    for (int n = 0; n < 600; ++n) {
        in.push_back(std::sin(0.05f * static_cast<float>(n)));
        in.push_back(0.0f);
    }
    FractionalAdvance whole(0.3, 2);
    std::vector<float> a;
    whole.process(in, a);
    FractionalAdvance parts(0.3, 2);
    std::vector<float> b;
    for (std::size_t n = 0; n < in.size(); n += 100) {
        parts.process(std::span(in).subspan(n, 100), b);
    }
    EXPECT_EQ(a, b);
    for (std::size_t n = 1; n < a.size(); n += 2) EXPECT_EQ(a[n], 0.0f);
}

TEST(Kaiser, IsTheBesselFunctionOfTheStandardLibrary) {
    for (double x = 0; x < 20; x += 0.37) {
        EXPECT_NEAR(besselI0(x) / std::cyl_bessel_i(0.0, x), 1, 1e-12) << x;
    }
    EXPECT_EQ(kaiser(1.0, 8), 0);
    EXPECT_EQ(kaiser(-1.2, 8), 0);
}

}  // namespace
}  // namespace brisk

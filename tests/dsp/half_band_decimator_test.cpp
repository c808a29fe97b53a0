// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/half_band_decimator.h"

#include <gtest/gtest.h>

#include <cmath>

#include "support/signals.h"

namespace brisk {
namespace {

std::vector<float> halved(const std::vector<float>& in, std::size_t block) {
    HalfBandDecimator h;
    std::vector<float> out;
    for (std::size_t i = 0; i < in.size(); i += block) {
        h.push(std::span(in).subspan(i, std::min(block, in.size() - i)), out);
    }
    h.finish(out);
    return out;
}

double levelDb(const std::vector<float>& v) {
    double sum = 0;
    for (std::size_t i = 50; i + 50 < v.size(); ++i) sum += static_cast<double>(v[i]) * v[i];
    return 10 * std::log10(sum / static_cast<double>(v.size() - 100) / 0.125);
}

TEST(HalfBandDecimator, OutputLiesOnEverySecondInput) {
    const auto slow = test::sine(0.5, 48000, 440);
    const auto out = halved(slow, 1000);
    ASSERT_EQ(out.size(), slow.size() / 2);
    for (std::size_t n = 10; n + 10 < out.size(); ++n) EXPECT_NEAR(out[n], slow[2 * n], 2e-3);
}

TEST(HalfBandDecimator, TheBlocksDoNotMatter) {
    const auto noise = test::whiteNoise(0.3, 48000, 0.2, 3);
    EXPECT_EQ(halved(noise, 1), halved(noise, 8192));
    EXPECT_EQ(halved(noise, 7), halved(noise, 8192));
}

TEST(HalfBandDecimator, KeepsTheLowerAndDropsTheUpper) {
    for (const double hz : {200.0, 3000.0, 7000.0}) {
        EXPECT_NEAR(levelDb(halved(test::sine(0.5, 48000, hz), 4096)), 0, 0.04) << hz;
    }
    for (const double hz : {17000.0, 20000.0, 23000.0}) {
        EXPECT_LT(levelDb(halved(test::sine(0.5, 48000, hz), 4096)), -45) << hz;
    }
}

}  // namespace
}  // namespace brisk

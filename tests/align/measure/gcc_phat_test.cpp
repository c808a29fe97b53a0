// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/measure/gcc_phat.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

#include "support/signals.h"

namespace brisk {
namespace {

constexpr int kSize = 1 << 16;
constexpr int kLags = 2000;

struct Best {
    int lag;
    float height;
};

/// The strongest lag of `scratch` against `clean`, by magnitude.
Best bestLag(const std::vector<float>& scratch, const std::vector<float>& clean) {
    GccPhat c(kSize, {48000}, kLags);
    std::vector<float> curve(2 * kLags + 1);
    EXPECT_TRUE(c.correlate(c.transform(scratch), c.transform(clean), {NoiseFloor{}}, curve));
    const auto top = std::max_element(curve.begin(), curve.end(),
                                      [](float a, float b) { return std::fabs(a) < std::fabs(b); });
    return {static_cast<int>(top - curve.begin()) - kLags, *top};
}

std::vector<float> cut(const std::vector<float>& v, int from) {
    return {v.begin() + from, v.begin() + from + kSize};
}

TEST(GccPhat, PositiveLagMeansTheCleanSoundMustMoveLater) {
    const auto v = test::babble(3, 48000, 5);
    // The scratch window begins 300 samples earlier, so it holds the sound 300 samples later.
    const Best b = bestLag(cut(v, 10000), cut(v, 10300));
    EXPECT_EQ(b.lag, 300);
    EXPECT_GT(b.height, 20);
}

TEST(GccPhat, UpsideDownIsNegative) {
    const auto v = test::babble(3, 48000, 5);
    auto upside = cut(v, 10000);
    for (float& x : upside) x = -x;
    const Best b = bestLag(upside, cut(v, 10000));
    EXPECT_EQ(b.lag, 0);
    EXPECT_LT(b.height, -20);
}

TEST(GccPhat, StandsNoiseLouderThanTheSound) {
    const auto v = test::babble(3, 48000, 6);
    auto noisy = cut(v, 20000);
    const auto noise = test::whiteNoise(2, 48000, 0.06, 8);
    for (std::size_t n = 0; n < noisy.size(); ++n) noisy[n] += noise[n];
    EXPECT_EQ(bestLag(noisy, cut(v, 20100)).lag, 100);
}

TEST(GccPhat, HumAloneIsNoAgreement) {
    // The same mains hum in both, and otherwise different rooms.
    auto a = test::whiteNoise(2, 48000, 0.02, 1);
    auto b = test::whiteNoise(2, 48000, 0.02, 2);
    const auto hum = test::sine(2, 48000, 100);
    for (std::size_t n = 0; n < a.size(); ++n) {
        a[n] += hum[n];
        b[n] += hum[n];
    }
    EXPECT_LT(std::fabs(bestLag(cut(a, 0), cut(b, 0)).height), 7);
}

TEST(GccPhat, IsWhatASlowSumOverBinsFinds) {
    // Every bin's phase difference counts one where the clean sound stands out of its noise; the
    // curve is the sum of the cosines. In units of its own noise, so only the shape can be
    // compared.
    const auto v = test::babble(3, 48000, 9);
    const auto scratch = cut(v, 10000), clean = cut(v, 10040);
    constexpr int kNear = 200;
    GccPhat c(kSize, {48000}, kNear);
    const WindowSpectrum a = c.transform(scratch), b = c.transform(clean);
    std::vector<float> curve(2 * kNear + 1);
    ASSERT_TRUE(c.correlate(a, b, {NoiseFloor{}}, curve));
    // Bins from 110 Hz on, as the transform keeps them.
    const auto low = static_cast<std::size_t>(110.0 / (48000.0 / kSize));
    std::vector<double> slow(curve.size());
    for (int k = -kNear; k <= kNear; k += 8) {
        for (std::size_t i = 0; i < a.bins.size(); ++i) {
            const auto cross =
                std::complex<double>(a.bins[i]) * std::conj(std::complex<double>(b.bins[i]));
            slow[static_cast<std::size_t>(k + kNear)] += std::cos(
                std::arg(cross) + 2 * std::numbers::pi * static_cast<double>(low + i) * k / kSize);
        }
    }
    const double scale = curve[kNear + 40] / slow[kNear + 40];
    for (int k = -kNear; k <= kNear; k += 8) {
        const auto at = static_cast<std::size_t>(k + kNear);
        EXPECT_NEAR(curve[at], scale * slow[at], 0.02 * curve[kNear + 40]) << "lag " << k;
    }
}

TEST(GccPhat, SilenceSaysNothing) {
    GccPhat c(kSize, {48000}, kLags);
    const WindowSpectrum quiet = c.transform(std::vector<float>(kSize, 0.0f));
    std::vector<float> curve(2 * kLags + 1);
    EXPECT_FALSE(c.correlate(quiet, quiet, {NoiseFloor{}}, curve));
}

TEST(NoiseFloor, IsTheQuietTenth) {
    NoiseFloor f;
    for (int i = 0; i < 20; ++i) f.add({{}, {static_cast<float>(i), 5.0f}});
    f.settle();
    EXPECT_FLOAT_EQ(f.at(0), 2.0f);
    EXPECT_FLOAT_EQ(f.at(1), 5.0f);
    EXPECT_FLOAT_EQ(f.at(99), 0.0f);
}

}  // namespace
}  // namespace brisk

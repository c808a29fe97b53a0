// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/band_levels.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

#include "support/signals.h"

namespace brisk {
namespace {

BandLevels levelsOf(const std::vector<float>& mono, int rate, std::size_t block = 4096) {
    BandLevelMeter meter(SampleRate{rate});
    for (std::size_t n = 0; n < mono.size(); n += block) {
        meter.push(std::span(mono).subspan(n, std::min(block, mono.size() - n)));
    }
    return meter.finish();
}

std::size_t loudestBand(const BandFrame& f) {
    return static_cast<std::size_t>(std::max_element(f.begin(), f.end()) - f.begin());
}

TEST(BandLevels, HasAHundredAndTwentyFiveFramesASecond) {
    for (const int rate : {44100, 48000, 96000}) {
        const auto levels = levelsOf(test::sine(4.0, rate, 1000), rate);
        EXPECT_NEAR(static_cast<double>(levels.size()), 500, 2) << rate;
    }
}

TEST(BandLevels, PutsATurnOfToneIntoTheSameBandAtEveryRate) {
    for (const double hz : {250.0, 1000.0, 5000.0}) {
        const auto a = levelsOf(test::sine(1, 44100, hz), 44100);
        const auto b = levelsOf(test::sine(1, 48000, hz), 48000);
        const auto c = levelsOf(test::sine(1, 96000, hz), 96000);
        EXPECT_EQ(loudestBand(a[50]), loudestBand(b[50])) << hz;
        EXPECT_EQ(loudestBand(b[50]), loudestBand(c[50])) << hz;
        const auto band = loudestBand(a[50]);
        EXPECT_NEAR(a[50][band], b[50][band], 4) << "levels agree within two decibels";
    }
}

TEST(BandLevels, AgreesWithASlowTransform) {
    // One frame against a direct Fourier sum over the same Hann window.
    const int rate = 48000;
    const auto mono = test::whiteNoise(0.1, rate, 0.1, 5);
    const auto levels = levelsOf(mono, rate);
    std::vector<double> power(513, 0.0);
    for (std::size_t k = 0; k < power.size(); ++k) {
        std::complex<double> sum = 0;
        for (int n = 0; n < 1024; ++n) {
            const double w = 0.5 - 0.5 * std::cos(2 * std::numbers::pi * (n + 0.5) / 1024);
            sum += static_cast<double>(mono[static_cast<std::size_t>(n)]) * w *
                   std::polar(1.0, -2 * std::numbers::pi * static_cast<double>(k) * n / 1024);
        }
        power[k] = std::norm(sum) * 4 / (1024.0 * 1024.0);
    }
    // The topmost band reaches to 7 kHz.
    const auto from = static_cast<std::size_t>(std::lround(200 * std::pow(35, 15.0 / 16) / 46.875));
    const auto to = static_cast<std::size_t>(std::lround(7000 / 46.875));
    double top = 0;
    for (std::size_t k = from; k < to; ++k) top += power[k];
    EXPECT_NEAR(levels[0][15], (10 * std::log10(top) + 120) * 2, 1.5);
}

TEST(BandLevels, DoesNotDependOnBlockSizes) {
    const auto mono = test::babble(3, 44100, 2);
    EXPECT_EQ(levelsOf(mono, 44100, 4096), levelsOf(mono, 44100, 333));
}

TEST(BandLevels, SilenceIsZero) {
    const auto levels = levelsOf(std::vector<float>(48000, 0.0f), 48000);
    for (const auto& f : levels) {
        for (const auto v : f) EXPECT_EQ(v, 0);
    }
}

}  // namespace
}  // namespace brisk

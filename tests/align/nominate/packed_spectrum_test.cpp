// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/nominate/packed_spectrum.h"

#include <gtest/gtest.h>

#include <random>

namespace brisk {
namespace {

using Spectrum = std::vector<std::complex<float>>;

Spectrum dice(std::size_t n, unsigned seed, float loudest) {
    std::mt19937 engine(seed);
    std::normal_distribution<float> d;
    Spectrum s(n);
    for (auto& v : s) v = {d(engine), d(engine)};
    s[n / 3] *= loudest;
    return s;
}

TEST(PackedSpectrum, SumsProductsLikeTheObviousLoop) {
    constexpr std::size_t kSize = 2049;
    std::vector<PackedSpectrum> as, bs;
    std::vector<std::complex<double>> expected(kSize);
    for (unsigned band = 0; band < 16; ++band) {
        const Spectrum a = dice(kSize, band, 30), b = dice(kSize, 100 + band, 1);
        as.push_back(packSpectrum(a));
        bs.push_back(packSpectrum(b));
        for (std::size_t k = 0; k < kSize; ++k) {
            expected[k] += std::complex<double>(a[k]) * std::conj(std::complex<double>(b[k]));
        }
    }
    Spectrum out(kSize);
    sumOfProducts(as, bs, out);
    double error = 0, power = 0;
    for (std::size_t k = 0; k < kSize; ++k) {
        error += std::norm(std::complex<double>(out[k]) - expected[k]);
        power += std::norm(expected[k]);
    }
    EXPECT_LT(10 * std::log10(error / power), -60);
}

TEST(PackedSpectrum, HoldsTheLoudestValueAndSilence) {
    Spectrum one{{3, -4}};
    const std::vector packed{packSpectrum(one), packSpectrum(one)};
    sumOfProducts(packed, std::vector{packed[0], packSpectrum(Spectrum(1))}, one);
    EXPECT_NEAR(one[0].real(), 25, 0.01);
    EXPECT_NEAR(one[0].imag(), 0, 0.01);
}

}  // namespace
}  // namespace brisk

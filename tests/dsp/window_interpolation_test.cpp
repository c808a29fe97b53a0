// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/window_interpolation.h"

#include <gtest/gtest.h>

#include <cmath>
#include <limits>
#include <numbers>
#include <span>
#include <vector>

namespace brisk {
namespace {

struct Errors {
    double deviation = 0;  ///< Against the tone's own, in decibels.
    double delay = 0;      ///< Samples by which the whole is late.
};

/// A tone read at another clock, against the tone itself.
Errors errorsOf(double hz, double drift) {
    constexpr double kPlace = 0.37;
    constexpr std::size_t kCount = 20003;  // not a multiple of what is read together
    const double w = 2 * std::numbers::pi * hz / 48000;
    const double step = 1 + drift;
    std::vector<float> in(kCount + 100);
    for (std::size_t n = 0; n < in.size(); ++n) {
        in[n] = static_cast<float>(std::sin(w * static_cast<double>(n)));
    }
    std::vector<float> out(kCount);
    const double first = kWindowReach + kPlace;
    readAtPositions(in, first, step, out);
    double error = 0, power = 0, slope = 0, against = 0;
    for (std::size_t k = 0; k < kCount; ++k) {
        const double at = w * (first + static_cast<double>(k) * step);
        const double e = out[k] - std::sin(at);
        error += e * e;
        power += std::sin(at) * std::sin(at);
        against += e * std::cos(at);
        slope += std::cos(at) * std::cos(at);
    }
    return {10 * std::log10(error / power), -against / slope / w};
}

TEST(WindowInterpolation, ReadsTonesOfVoicesAsTheyAre) {
    for (const double hz : {150.0, 1000.0, 4000.0, 11000.0}) {
        const Errors e = errorsOf(hz, 0);
        EXPECT_LT(e.deviation, -70) << hz;
        EXPECT_LT(std::fabs(e.delay), 5e-4) << hz;
    }
}

TEST(WindowInterpolation, FollowsAnotherClock) {
    for (const double drift : {20e-6, -100e-6}) {
        const Errors e = errorsOf(11000, drift);
        EXPECT_LT(e.deviation, -60) << drift;
        EXPECT_LT(std::fabs(e.delay), 2e-4) << drift;
    }
}

TEST(WindowInterpolation, ARateThatWasPulledIsStillInItsPlace) {
    for (const double drift : {1e-3, -1e-3}) {
        EXPECT_LT(errorsOf(11000, drift).deviation, -40) << drift;
        EXPECT_LT(std::fabs(errorsOf(11000, drift).delay), 2e-4) << drift;
    }
}

TEST(WindowInterpolation, ReadsNothingBeyondWhatItIsGiven) {
    constexpr std::size_t kCount = 64;
    constexpr std::size_t kIn = kCount + std::size_t{2} * kWindowReach + 1;
    // Whatever lies beside it in memory would show in the result.
    std::vector<float> in(1 + kIn + 1, 1.0f);
    in.front() = in.back() = std::numeric_limits<float>::quiet_NaN();
    std::vector<float> out(kCount);
    for (const double step : {1 - 2e-3, 1 - 20e-6, 1.0, 1 + 20e-6, 1 + 2e-3}) {
        const double last = kIn - kWindowReach - 1.0;
        for (const double first : {0.0 + kWindowReach, last - (kCount - 1) * step - 1e-9}) {
            if (first < kWindowReach) continue;
            readAtPositions(std::span(in).subspan(1, kIn), first, step, out);
            for (const float x : out) EXPECT_NEAR(x, 1, 1e-3) << step << ' ' << first;
        }
    }
}

TEST(WindowInterpolation, ReadsNothingIntoNothing) {
    const std::vector<float> in(40);
    readAtPositions(in, kWindowReach, 1, {});
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/measure/band_coherence.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <span>

#include "align/measure/window_agreement.h"
#include "align/measure/window_curves.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

constexpr int kBandWindow = 1 << 15;
constexpr int kApart = 90;  // samples

/// Mean of `samples` before each one, twice: nothing is left from about rate / samples on.
std::vector<float> dull(std::vector<float> v, std::size_t samples) {
    for (int twice = 0; twice < 2; ++twice) {
        double sum = 0;
        std::vector<float> out(v.size());
        for (std::size_t n = 0; n < v.size(); ++n) {
            sum += v[n] - (n >= samples ? v[n - samples] : 0.0f);
            out[n] = static_cast<float>(sum / static_cast<double>(samples));
        }
        v = std::move(out);
    }
    return v;
}

/// What `dull` leaves of it.
std::vector<float> bright(const std::vector<float>& v, std::size_t samples) {
    auto out = dull(v, samples);
    const std::size_t delay = samples - 1;
    for (std::size_t n = 0; n < v.size(); ++n) out[n] = (n < delay ? 0 : v[n - delay]) - out[n];
    return out;
}

/// What each block is worth over 24 windows of two sounds, `kApart` samples apart.
std::vector<float> worthOf(const std::vector<float>& scratch, const std::vector<float>& clean) {
    GccPhat c(kBandWindow, {48000}, 1000);
    BandCoherence shared(c.bins());
    for (std::size_t at = 0; at < 24; ++at) {
        const std::span<const float> window(clean.data() + at * kBandWindow, kBandWindow);
        const std::span<const float> other(scratch.data() + at * kBandWindow, kBandWindow);
        shared.add(c.transform(other), c.transform(window), kApart / 48000.0);
    }
    return shared.worth();
}

double meanFrom(const std::vector<float>& worth, double hertz, double toHertz) {
    const WindowBins bins = GccPhat(kBandWindow, {48000}, 1000).bins();
    const auto block = [&](double f) {
        return static_cast<std::ptrdiff_t>((f - bins.firstHertz) / bins.hertz /
                                           static_cast<double>(bins.block));
    };
    double sum = 0;
    for (auto b = block(hertz); b < block(toHertz); ++b) sum += worth[static_cast<std::size_t>(b)];
    return sum / static_cast<double>(block(toHertz) - block(hertz));
}

class Sounds : public ::testing::Test {
  protected:
    Sounds() { scratch.insert(scratch.end(), clean.begin(), clean.end() - kApart); }
    void addToScratch(const std::vector<float>& v, float gain) {
        for (std::size_t n = 0; n < scratch.size(); ++n) scratch[n] += gain * v[n];
    }
    std::vector<float> clean = test::whiteNoise(18, 48000, 0.1, 3);
    std::vector<float> own = test::whiteNoise(18, 48000, 0.1, 4);
    std::vector<float> scratch = std::vector<float>(kApart);
};

TEST_F(Sounds, WhatIsTheSameIsWorthOneAndAllOfIt) {
    const auto worth = worthOf(scratch, clean);
    EXPECT_GT(meanFrom(worth, 200, 1000), 0.95);
    EXPECT_GT(meanFrom(worth, 5000, 10000), 0.95);
}

TEST_F(Sounds, UnderBrightRustleOnlyTheDullPartIsWorthMuch) {
    addToScratch(bright(own, 24), 8);
    const auto worth = worthOf(scratch, clean);
    EXPECT_GT(meanFrom(worth, 150, 350), 0.8);
    EXPECT_LT(meanFrom(worth, 4000, 10000), 0.25);
}

TEST_F(Sounds, OfTwoThatHaveNothingInCommonNothingIs) {
    EXPECT_LT(meanFrom(worthOf(own, clean), 200, 10000), 0.1);
}

// Both sides hear the mains: each of its bins points the same way in every window.
TEST_F(Sounds, AHumIsNothingInCommon) {
    for (int overtone = 3; overtone < 9; ++overtone) {
        const auto hum = test::sine(18, 48000, 50.0 * overtone);
        for (std::size_t n = 0; n < own.size(); ++n) {
            own[n] += 0.1f * hum[n];
            clean[n] += 0.1f * hum[n];
        }
    }
    EXPECT_LT(meanFrom(worthOf(own, clean), 120, 500), 0.25);
}

// A lavalier under cloth: dull, and rustle is louder than what is said.
TEST(WindowCurves, UnderRustleMoreWindowsAgreeOnceBandsAreWeighed) {
    const auto voice = test::babble(100, 48000, 21);
    const auto rustle = bright(test::whiteNoise(100, 48000, 1.0, 5), 24);
    const auto noise = test::whiteNoise(100, 48000, 0.3, 6);
    test::ShootFolder shoot;
    const auto take = shoot.take(test::sum(voice, noise));
    const auto recording = shoot.recording(test::sum(dull(voice, 20), rustle));
    auto reader = WindowReader::open(take, recording);
    ASSERT_TRUE(reader);
    WindowsWanted wanted{.overlap = {{0}, {100}}, .size = 1 << 16, .wanted = 32};
    const auto agreeing = [&] {
        const auto heard = windowCurves(*reader, {}, {}, wanted, {});
        return agreeingAlong(heard->curves, strongestArrival(heard->curves));
    };
    const auto plainly = agreeing();
    wanted.closely = true;
    const auto closely = agreeing();
    EXPECT_LT(plainly, 12);
    EXPECT_GT(closely, 16);
}

}  // namespace
}  // namespace brisk

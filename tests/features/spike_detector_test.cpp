// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/spike_detector.h"

#include <gtest/gtest.h>

#include <cmath>

#include "sim/noise.h"
#include "support/signals.h"

namespace brisk {
namespace {

std::vector<Spike> spikesIn(const std::vector<float>& mono, int rate) {
    SpikeDetector d(SampleRate{rate});
    for (std::size_t n = 0; n < mono.size(); n += 5000) {
        d.push(std::span(mono).subspan(n, std::min<std::size_t>(5000, mono.size() - n)));
    }
    return d.finish();
}

void addClap(std::vector<float>& v, double at, float gain, std::uint64_t seed) {
    const auto clap = sim::handClap(seed);
    const auto start = static_cast<std::size_t>(at * 48000);
    for (std::size_t n = 0; n < clap.size(); ++n) v[start + n] += gain * clap[n];
}

TEST(SpikeDetector, FindsClapsInQuietToAMillisecond) {
    auto v = test::whiteNoise(12, 48000, 0.001, 1);
    const std::vector<double> times{1.5, 4.25, 4.75, 9.0};
    for (std::size_t i = 0; i < times.size(); ++i) addClap(v, times[i], 0.5f, i);
    const auto found = spikesIn(v, 48000);
    ASSERT_EQ(found.size(), times.size());
    for (std::size_t i = 0; i < times.size(); ++i) {
        EXPECT_NEAR(found[i].time.value, times[i], 0.0015);
        EXPECT_GT(found[i].strengthDb, 20);
    }
}

TEST(SpikeDetector, FindsAClapBesideSpeech) {
    auto v = test::babble(20, 48000, 9);
    for (std::size_t n = 48000 * 10; n < 48000 * 11; ++n) v[n] = 0;  // people pause to clap
    addClap(v, 10.5, 0.9f, 3);
    const auto found = spikesIn(v, 48000);
    ASSERT_FALSE(found.empty());
    const auto near = std::find_if(found.begin(), found.end(), [](const Spike& s) {
        return std::fabs(s.time.value - 10.5) < 0.002;
    });
    EXPECT_NE(near, found.end());
    EXPECT_LE(found.size(), 4u) << "syllables are mostly not claps";
}

TEST(SpikeDetector, SteadySoundHasNone) {
    EXPECT_TRUE(spikesIn(test::sine(5, 44100, 300), 44100).empty());
    EXPECT_TRUE(spikesIn(test::whiteNoise(5, 44100, 0.1, 4), 44100).empty());
    EXPECT_TRUE(spikesIn(std::vector<float>(44100, 0.0f), 44100).empty());
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/loudness.h"

#include <gtest/gtest.h>

#include "support/signals.h"

namespace brisk {
namespace {

TEST(LevelMeter, MeasuresTheReferenceTone) {
    // EBU Tech 3341: a stereo 1 kHz sine at -23 dBFS measures -23 LUFS.
    auto mono = test::sine(20, 48000, 1000);
    for (float& v : mono) v *= 0.0708f / 0.5f;
    LevelMeter meter({48000}, 2);
    meter.push(test::onChannels(mono, 2));
    EXPECT_NEAR(meter.report().integratedLufs, -23.0, 0.1);
}

TEST(LevelMeter, SilenceHasALoudnessAllTheSame) {
    LevelMeter meter({48000}, 1);
    meter.push(std::vector<float>(48000, 0.0f));
    EXPECT_EQ(meter.report().integratedLufs, -70.0);
}

TEST(LevelMeter, CountsClippedRunsOnly) {
    std::vector<float> v(1000, 0.1f);
    v[10] = 1.0f;                                          // one sample at full scale is a peak
    for (std::size_t n = 100; n < 105; ++n) v[n] = -1.0f;  // five in a row are clipped
    LevelMeter meter({48000}, 1);
    meter.push(v);
    EXPECT_EQ(meter.report().clippedSamples, 5);
}

TEST(LevelMeter, SaysWhereItIsClippedInWhicheverChannelAndBlock) {
    // Left from 1.0 s for 5 ms, right 8 ms later for 4 ms: one stretch. Left again at 2 s, over the
    // border of two blocks.
    std::vector<float> v(3 * 48000 * 2, 0.1f);
    const auto clip = [&](std::size_t channel, double from, double to) {
        for (auto n = static_cast<std::size_t>(from * 48000); n < to * 48000; ++n) {
            v[n * 2 + channel] = 1.0f;
        }
    };
    clip(0, 1.0, 1.005);
    clip(1, 1.013, 1.017);
    clip(0, 1.999, 2.003);
    LevelMeter meter({48000}, 2);
    for (std::size_t at = 0; at < v.size(); at += 9600) {
        meter.push(std::span(v).subspan(at, 9600));
    }
    const auto where = meter.report().clipped;
    ASSERT_EQ(where.size(), 2u);
    EXPECT_NEAR(where[0].start.value, 1.0, 1e-4);
    EXPECT_NEAR(where[0].end.value, 1.017, 1e-4);
    EXPECT_NEAR(where[1].start.value, 1.999, 1e-4);
    EXPECT_NEAR(where[1].end.value, 2.003, 1e-4);
}

TEST(LevelMeter, NoticesOneSidedSound) {
    const auto mono = test::babble(3, 48000, 1);
    std::vector<float> stereo(mono.size() * 2, 0.0f);
    for (std::size_t n = 0; n < mono.size(); ++n) stereo[n * 2 + 1] = mono[n];
    LevelMeter meter({48000}, 2);
    meter.push(stereo);
    EXPECT_EQ(meter.report().onlyChannel(), 1);
    LevelMeter both({48000}, 2);
    both.push(test::onChannels(mono, 2));
    EXPECT_EQ(both.report().onlyChannel(), -1);
    LevelMeter one({48000}, 1);
    one.push(mono);
    EXPECT_EQ(one.report().onlyChannel(), -1);
}

}  // namespace
}  // namespace brisk

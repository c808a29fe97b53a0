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

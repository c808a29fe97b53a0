// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/resampler.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

#include "support/signals.h"

namespace brisk {
namespace {

/// Worst difference from the ideal sine at input position k × ratio.
double worstError(double inRate, double outRate, StreamResampler::Quality quality) {
    const double hz = 1000;
    std::vector<float> in(48000);
    for (std::size_t n = 0; n < in.size(); ++n) {
        in[n] = static_cast<float>(
            std::sin(2 * std::numbers::pi * hz * static_cast<double>(n) / inRate));
    }
    const auto out = resampleBlock(in, inRate, outRate, quality);
    double worst = 0;
    for (std::size_t k = 2000; k + 4000 < out.size(); ++k) {
        const double want = std::sin(2 * std::numbers::pi * hz * static_cast<double>(k) / outRate);
        worst = std::max(worst, std::fabs(out[k] - want));
    }
    return worst;
}

TEST(Resampler, DoesNotShiftAtAnyRatio) {
    // A shift of a hundredth of a sample would show as 1.3e-3.
    using Q = StreamResampler::Quality;
    EXPECT_LT(worstError(44100, 48000, Q::Mastering), 1e-4);
    EXPECT_LT(worstError(96000, 48000, Q::Mastering), 1e-4);
    EXPECT_LT(worstError(48000 * (1 + 110e-6), 48000, Q::Mastering), 1e-4);
    EXPECT_LT(worstError(48000 * (1 - 200e-6), 48000, Q::Measuring), 1e-3);
}

TEST(Resampler, StreamsLikeItResamplesAtOnce) {
    const auto in = test::babble(2, 44100, 6);
    const auto whole = resampleBlock(in, 44100, 48000, StreamResampler::Quality::Mastering);
    StreamResampler r(44100, 48000, 1);
    std::vector<float> parts;
    for (std::size_t n = 0; n < in.size(); n += 777) {
        r.push(std::span(in).subspan(n, std::min<std::size_t>(777, in.size() - n)), parts);
    }
    r.finish(parts);
    ASSERT_EQ(parts.size(), whole.size());
    for (std::size_t n = 0; n < whole.size(); ++n) ASSERT_NEAR(parts[n], whole[n], 1e-6);
    EXPECT_NEAR(static_cast<double>(whole.size()), 96000, 2);
}

}  // namespace
}  // namespace brisk

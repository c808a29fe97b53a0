// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/polyphase.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

#include "support/signals.h"

namespace brisk {
namespace {

constexpr int kReach = PolyphaseInterpolator::kReach;

double tone(double hertz, double position) {
    return std::sin(2 * std::numbers::pi * hertz * position / 48000);
}

/// The error against the tone itself, in dB of the tone.
double errorDb(double hertz, double step, double start) {
    std::vector<float> in(60000), out;
    for (std::size_t n = 0; n < in.size(); ++n) {
        in[n] = static_cast<float>(tone(hertz, static_cast<double>(n)));
    }
    PolyphaseInterpolator(step, start, 1).push(in, out);
    EXPECT_GT(out.size(), 59000u);
    double error = 0, all = 0;
    for (std::size_t k = 0; k < out.size(); ++k) {
        const double want = tone(hertz, start + static_cast<double>(k) * step);
        error += std::pow(static_cast<double>(out[k]) - want, 2);
        all += want * want;
    }
    return 10 * std::log10(error / all);
}

TEST(Polyphase, IsATwentyFourBitCopyUpToTwentyKilohertz) {
    for (const double hertz : {100.0, 997.0, 7001.0, 15000.0, 20000.0}) {
        for (const double ppm : {0.0, 20.0, -137.0, 1900.0}) {
            for (const double part : {0.0, 0.37, 0.9999}) {
                EXPECT_LT(errorDb(hertz, 1 + ppm * 1e-6, kReach - 1 + part), -133)
                    << hertz << " Hz, " << ppm << " ppm, " << part;
            }
        }
    }
}

TEST(Polyphase, GivesTheSameWhateverPiecesItIsPushedIn) {
    const auto mono = test::babble(2, 48000, 3);
    std::vector<float> stereo, whole, pieces;
    for (std::size_t n = 0; n < mono.size(); ++n) {
        stereo.push_back(mono[n]);
        stereo.push_back(-0.5f * mono[mono.size() - 1 - n]);
    }
    PolyphaseInterpolator(1 + 87e-6, 40.25, 2).push(stereo, whole);
    PolyphaseInterpolator p(1 + 87e-6, 40.25, 2);
    for (std::size_t at = 0, n = 1; at < mono.size(); at += n, n = n * 7 % 977 + 1) {
        n = std::min(n, mono.size() - at);
        p.push(std::span(stereo).subspan(2 * at, 2 * n), pieces);
    }
    ASSERT_EQ(pieces.size(), whole.size());
    for (std::size_t n = 0; n < whole.size(); ++n) ASSERT_NEAR(pieces[n], whole[n], 1e-6) << n;
    // Channels do not touch each other.
    std::vector<float> left;
    PolyphaseInterpolator(1 + 87e-6, 40.25, 1).push(mono, left);
    for (std::size_t n = 0; n < left.size(); ++n) ASSERT_NEAR(whole[2 * n], left[n], 1e-6) << n;
}

TEST(Polyphase, LosesNothingOverALongTime) {
    PolyphaseInterpolator p(1 + 300e-6, kReach - 1, 1);
    std::vector<float> out;
    std::size_t given = 0;
    const std::vector<float> block(4800, 0.25f);
    for (int i = 0; i < 3000; ++i) {
        p.push(block, out);
        given += out.size();
        for (std::size_t n = 0; n < out.size(); n += 997) ASSERT_NEAR(out[n], 0.25f, 1e-7);
        out.clear();
    }
    EXPECT_NEAR(static_cast<double>(given), 3000 * 4800 / (1 + 300e-6), 2 * kReach);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/room.h"

#include <gtest/gtest.h>

#include <cmath>

#include "sim/gain_rider.h"
#include "sim/noise.h"
#include "support/signals.h"

namespace brisk::sim {
namespace {

std::size_t firstArrival(const std::vector<float>& h) {
    float most = 0;
    for (const float v : h) most = std::max(most, std::fabs(v));
    std::size_t n = 0;
    while (std::fabs(h[n]) < most / 3) ++n;
    return n;
}

TEST(RoomResponse, SoundNeedsItsTimeThroughTheAir) {
    for (const double d : {0.5, 3.0, 8.0, 15.0}) {
        const auto h = roomResponse(RoomSpec{}, d, 1);
        EXPECT_NEAR(static_cast<double>(firstArrival(h)) / 48000, d / kMetresPerSecond, 1e-4) << d;
    }
}

TEST(RoomResponse, FadesBySixtyDecibels) {
    RoomSpec room;
    room.rt60 = 0.6;
    const auto h = roomResponse(room, 4, 1);
    const auto energy = [&](double from) {
        double e = 0;
        const auto a = static_cast<std::size_t>((4 / kMetresPerSecond + from) * 48000);
        for (std::size_t n = a; n < a + 2400; ++n) e += static_cast<double>(h[n]) * h[n];
        return 10 * std::log10(e);
    };
    // From 0.1 to 0.4 s: half of the echo time, 30 dB.
    EXPECT_NEAR(energy(0.1) - energy(0.4), 30, 3);
}

TEST(RoomResponse, TheOpenAirHasNoEcho) {
    RoomSpec air;
    air.rt60 = 0;
    const auto h = roomResponse(air, 2, 1);
    const std::size_t direct = firstArrival(h);
    for (std::size_t n = direct + 64; n < h.size(); ++n) EXPECT_EQ(h[n], 0.0f);
}

TEST(Convolver, AgreesWithTheObviousWay) {
    const std::vector<float> h{0, 0.5f, 0, -0.25f, 0.1f};
    const auto in = test::whiteNoise(0.05, 48000, 0.2, 3);
    Convolver c(h);
    std::vector<float> out;
    for (std::size_t n = 0; n < in.size(); n += 7) {
        c.process(std::span(in).subspan(n, std::min<std::size_t>(7, in.size() - n)), out);
    }
    ASSERT_EQ(out.size(), in.size());
    for (std::size_t n = 0; n < in.size(); ++n) {
        double want = 0;
        for (std::size_t k = 0; k < h.size() && k <= n; ++k) want += h[k] * in[n - k];
        ASSERT_NEAR(out[n], want, 1e-5);
    }
}

TEST(HandClap, BeginsAtItsFirstSamples) {
    const auto clap = handClap(1);
    float early = 0;
    for (std::size_t n = 0; n < 48; ++n) early = std::max(early, std::fabs(clap[n]));
    EXPECT_GT(early, 0.2) << "within the first millisecond it is there";
    EXPECT_LT(std::fabs(clap.back()), 0.02);
    EXPECT_EQ(handClap(1), clap);
    EXPECT_NE(handClap(2), clap);
}

TEST(GainRider, PullsLoudAndQuietTogether) {
    const auto level = [](float amplitude) {
        GainRider g;
        double power = 0;
        for (int n = 0; n < 48000 * 8; ++n) {
            const float v = g.process(amplitude * std::sin(0.05f * static_cast<float>(n)));
            if (n > 48000 * 7) power += static_cast<double>(v) * v;
        }
        return 10 * std::log10(power);
    };
    EXPECT_LT(std::fabs(level(0.5f) - level(0.05f)), 3) << "20 dB in, hardly any out";
}

}  // namespace
}  // namespace brisk::sim

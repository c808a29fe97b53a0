// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/peak_pyramid.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "support/signals.h"

namespace brisk {
namespace {

/// The obvious way, over the same whole base entries that the pyramid may use.
PeakColumn slowly(const std::vector<float>& v, double from, double to) {
    const auto a = static_cast<std::size_t>(std::floor(from / 256) * 256);
    const auto b = std::min(v.size(), static_cast<std::size_t>(std::ceil(to / 256) * 256));
    PeakColumn c;
    double power = 0;
    for (std::size_t n = a; n < b; ++n) {
        c.low = std::min(c.low, v[n]);
        c.high = std::max(c.high, v[n]);
        power += static_cast<double>(v[n]) * v[n];
    }
    c.rms = static_cast<float>(std::sqrt(power / static_cast<double>(b - a)));
    c.known = true;
    return c;
}

TEST(PeakPyramid, AgreesWithTheObviousWay) {
    const auto v = test::babble(30, 48000, 4);
    PeakPyramid p;
    for (std::size_t n = 0; n < v.size(); n += 1000) {
        p.push(std::span(v).subspan(n, std::min<std::size_t>(1000, v.size() - n)));
    }
    p.finish();
    for (const double step : {256.0, 512.0, 2048.0}) {
        const auto columns = p.columns(0, step, 200);
        for (std::size_t i = 0; i < columns.size(); ++i) {
            const auto want =
                slowly(v, static_cast<double>(i) * step, static_cast<double>(i + 1) * step);
            EXPECT_NEAR(columns[i].low, want.low, 1e-4);
            EXPECT_NEAR(columns[i].high, want.high, 1e-4);
            EXPECT_NEAR(columns[i].rms, want.rms, 1e-3);
        }
    }
}

TEST(PeakPyramid, NeverLosesASingleSpikeAtAnyZoom) {
    std::vector<float> v(48000 * 60, 0.0f);
    v[1234567] = 0.9f;
    PeakPyramid p;
    p.push(v);
    p.finish();
    for (double step = 16; step < 1e6; step *= 1.9) {
        const auto count = static_cast<int>(static_cast<double>(v.size()) / step) + 1;
        const auto columns = p.columns(0, step, count);
        const auto best = std::max_element(
            columns.begin(), columns.end(),
            [](const PeakColumn& a, const PeakColumn& b) { return a.high < b.high; });
        EXPECT_NEAR(best->high, 0.9, 1e-4) << step;
        const double at = static_cast<double>(best - columns.begin()) * step;
        EXPECT_NEAR(at, 1234567, step * 5 + 512) << step;
    }
}

TEST(PeakPyramid, KnowsWhatHasNotBeenRead) {
    PeakPyramid p;
    p.push(std::vector<float>(2560, 0.5f));
    const auto columns = p.columns(-512, 256, 20);
    EXPECT_FALSE(columns[0].known);
    EXPECT_TRUE(columns[3].known);
    EXPECT_TRUE(columns[11].known);
    EXPECT_FALSE(columns[12].known);
    EXPECT_EQ(p.samples(), 2560);
    EXPECT_NEAR(p.largest(), 0.5, 1e-6);
}

TEST(PeakPyramid, ToleratesNothing) {
    PeakPyramid p;
    p.finish();
    EXPECT_TRUE(p.columns(0, 100, 0).empty());
    EXPECT_FALSE(p.columns(0, 100, 3)[1].known);
}

}  // namespace
}  // namespace brisk

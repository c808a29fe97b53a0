// SPDX-License-Identifier: GPL-3.0-or-later
// Fast code against slow obvious code, at every length that has an odd end.
#include "dsp/block_sums.h"

#include <gtest/gtest.h>

#include <vector>

#include "support/signals.h"

namespace brisk {
namespace {

TEST(BlockSums, AreWhatALoopFinds) {
    const auto noise = test::whiteNoise(0.05, 48000, 0.3, 5);
    for (std::size_t n = 0; n < noise.size(); n += n < 40 ? 1 : 97) {
        const auto v = std::span(noise).first(n);
        double sum = 0;
        float low = n ? v[0] : 0, high = low, largest = 0;
        for (const float x : v) {
            sum += static_cast<double>(x) * x;
            low = std::min(low, x);
            high = std::max(high, x);
            largest = std::max(largest, std::fabs(x));
        }
        EXPECT_NEAR(sumOfSquares(v), sum, 1e-6 * sum);
        EXPECT_EQ(extremesOf(v).low, low);
        EXPECT_EQ(extremesOf(v).high, high);
        EXPECT_EQ(largestOf(v), largest);
    }
}

}  // namespace
}  // namespace brisk

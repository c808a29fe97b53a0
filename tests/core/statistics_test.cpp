// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statistics.h"

#include <gtest/gtest.h>

namespace brisk {
namespace {

TEST(Statistics, TheMiddleIsTheUpperOfTwo) {
    EXPECT_EQ(median(std::vector<double>{}), 0);
    EXPECT_EQ(median(std::vector<double>{3}), 3);
    EXPECT_EQ(median(std::vector<double>{4, 1}), 4);
    EXPECT_EQ(median(std::vector<int>{5, 1, 3}), 3);
}

TEST(Statistics, AQuantileIsAnElement) {
    const std::vector<double> v{10, 50, 20, 40, 30};
    EXPECT_EQ(quantile(v, 0), 10);
    EXPECT_EQ(quantile(v, 0.2), 20);
    EXPECT_EQ(quantile(v, 0.97), 50);
    EXPECT_EQ(quantile(v, 1), 50);
}

TEST(Statistics, OneFarAwayDoesNotMoveTheDeviation) {
    EXPECT_DOUBLE_EQ(robustDeviation(std::vector<double>{1, 2, 3, 4, 5}, 3.0), 1.4826);
    EXPECT_DOUBLE_EQ(robustDeviation(std::vector<double>{1, 2, 3, 4, 1e9}, 3.0), 1.4826);
    EXPECT_EQ(robustDeviation(std::vector<float>{-2, 2}, 0.0f), kDeviationOfMedian * 2);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/measure/first_arrival.h"

#include <gtest/gtest.h>

#include "align/measure/curve_stack.h"
#include "sim/noise.h"

namespace brisk {
namespace {

class FirstArrival : public ::testing::Test {
  protected:
    FirstArrival() {
        sim::NoiseSource random(4);
        for (double& v : stack) v = random.normal();
        pulse[kReach] = 1;
    }
    void arrive(int lag, double height) {
        stack[static_cast<std::size_t>(kReach + lag)] += height;
        stack[static_cast<std::size_t>(kReach + lag - 1)] += height / 2;
        stack[static_cast<std::size_t>(kReach + lag + 1)] += height / 2;
    }
    std::vector<double> stack = std::vector<double>(2 * kReach + 1);
    std::vector<double> pulse = std::vector<double>(2 * kReach + 1);
};

TEST_F(FirstArrival, IsTheOnlyPeakWhereThereIsOne) {
    arrive(12, 60);
    EXPECT_NEAR(firstArrival(stack, pulse, 1), 12, 0.1);
}

TEST_F(FirstArrival, ComesBeforeALouderEcho) {
    arrive(0, 100);
    arrive(-430, 40);
    EXPECT_NEAR(firstArrival(stack, pulse, 1), -430, 0.1);
}

TEST_F(FirstArrival, IsNotAFaintBlip) {
    arrive(0, 100);
    arrive(-430, 15);
    EXPECT_NEAR(firstArrival(stack, pulse, 1), 0, 0.1);
}

TEST_F(FirstArrival, IsNotTheGhostThatTheSoundItselfCasts) {
    // A sound that repeats after 200 samples shows a weaker twin on either side of each arrival.
    arrive(0, 100);
    arrive(-200, 40);
    pulse[static_cast<std::size_t>(kReach - 200)] = 0.4;
    pulse[static_cast<std::size_t>(kReach + 200)] = 0.4;
    EXPECT_NEAR(firstArrival(stack, pulse, 1), 0, 0.1);
}

TEST_F(FirstArrival, MayBeUpsideDown) {
    arrive(0, -100);
    arrive(-300, -50);
    EXPECT_NEAR(firstArrival(stack, pulse, -1), -300, 0.1);
}

}  // namespace
}  // namespace brisk

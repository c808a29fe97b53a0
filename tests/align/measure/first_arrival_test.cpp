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

// A first look left this for its third; along a better line it is more, and half is wanted.
TEST_F(FirstArrival, IsNotLeftAgainForLittle) {
    arrive(0, 100);
    arrive(-430, 40);
    EXPECT_NEAR(firstArrival(stack, pulse, 1, {}, kPlainlyEarlier), 0, 0.1);
    arrive(-300, 70);
    EXPECT_NEAR(firstArrival(stack, pulse, 1, {}, kPlainlyEarlier), -300, 0.1);
}

TEST_F(FirstArrival, HasSomethingBeforeAndAfterIt) {
    arrive(0, 20);
    arrive(-500, 8);
    arrive(380, 60);
    const AroundArrival around = aroundArrival(stack, 1);
    EXPECT_NEAR(around.before, 8, 3);
    EXPECT_NEAR(around.beforeShare(), 0.4, 0.15);
    EXPECT_NEAR(around.noises, 20, 4);
    EXPECT_NEAR(around.share, 1.0 / 3, 0.06);
}

}  // namespace
}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/scratch_space.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "support/temp_folder.h"

namespace brisk {
namespace {

using Bytes = std::vector<std::byte>;

Bytes blockOf(int value) {
    return Bytes(ScratchSpace::kBlock, static_cast<std::byte>(value));
}

class ScratchSpaceTest : public ::testing::Test {
  protected:
    test::TempFolder folder_;
};

TEST_F(ScratchSpaceTest, GivesBackWhatWasWrittenAndLeavesNoFile) {
    const auto space = ScratchSpace::create(folder_.file("cache"), 1 << 20);
    ASSERT_NE(space, nullptr);
    const auto a = space->write(blockOf(1)), b = space->write(blockOf(2));
    ASSERT_TRUE(a && b);
    Bytes got(ScratchSpace::kBlock);
    ASSERT_TRUE(space->read(*b, got));
    EXPECT_EQ(got, blockOf(2));
    ASSERT_TRUE(space->read(*a, got));
    EXPECT_EQ(got, blockOf(1));
    EXPECT_TRUE(std::filesystem::is_empty(folder_.file("cache")));
}

TEST_F(ScratchSpaceTest, TakesNoMoreThanItMayAndUsesAgainWhatIsFree) {
    const auto space = ScratchSpace::create(folder_.path(), 2 * ScratchSpace::kBlock);
    ASSERT_NE(space, nullptr);
    const auto a = space->write(blockOf(1)), b = space->write(blockOf(2));
    ASSERT_TRUE(a && b);
    EXPECT_FALSE(space->write(blockOf(3)));
    space->free(*a);
    const auto c = space->write(blockOf(4));
    EXPECT_EQ(c, a);
    Bytes got(ScratchSpace::kBlock);
    ASSERT_TRUE(space->read(*b, got));
    EXPECT_EQ(got, blockOf(2)) << "others' stays";
}

TEST_F(ScratchSpaceTest, WhereThereIsNoPlaceThereIsNone) {
    EXPECT_EQ(ScratchSpace::create({}, 1 << 20), nullptr);
    EXPECT_EQ(ScratchSpace::create("/dev/null/cache", 1 << 20), nullptr);
}

}  // namespace
}  // namespace brisk

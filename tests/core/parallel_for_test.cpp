// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/parallel_for.h"

#include <gtest/gtest.h>

#include <mutex>
#include <set>

#include "core/guarded.h"

namespace brisk {
namespace {

TEST(ParallelFor, DoesEveryPieceOnce) {
    for (const int threads : {0, 1, 2, 7}) {
        std::vector<std::atomic<int>> done(100);
        parallelFor(done.size(), threads, [&](std::size_t i) { ++done[i]; });
        for (const auto& d : done) EXPECT_EQ(d, 1) << threads;
    }
    parallelFor(0, 4, [](std::size_t) { FAIL() << "there is nothing to do"; });
}

TEST(ParallelFor, OneThreadIsTheCallers) {
    std::set<std::thread::id> seen;
    parallelFor(5, 1, [&](std::size_t) { seen.insert(std::this_thread::get_id()); });
    EXPECT_EQ(seen, std::set{std::this_thread::get_id()});
}

TEST(ParallelFor, UsesTheThreadsItMay) {
    std::mutex mutex;
    std::set<std::thread::id> seen;
    std::atomic<int> waiting{0};
    // Both pieces wait for each other: only two threads can finish this.
    parallelFor(2, 2, [&](std::size_t) {
        ++waiting;
        while (waiting < 2) std::this_thread::yield();
        const std::lock_guard lock(mutex);
        seen.insert(std::this_thread::get_id());
    });
    EXPECT_EQ(seen.size(), 2u);
}

TEST(ParallelFor, WhatIsThrownIsThrownOnceAllHaveEnded) {
    std::atomic<int> done = 0;
    EXPECT_THROW(parallelFor(1000, 3,
                             [&](std::size_t i) {
                                 if (i == 5) throw std::bad_alloc();
                                 ++done;
                             }),
                 std::bad_alloc);
    EXPECT_LT(done, 1000) << "the rest is not begun";
}

TEST(Guarded, WhatIsThrownBecomesASentence) {
    const auto ofMemory = guarded("a.wav", []() -> Result<int> { throw std::bad_alloc(); });
    ASSERT_FALSE(ofMemory);
    EXPECT_EQ(ofMemory.error().fact.id, "no-memory-for");
    EXPECT_EQ(ofMemory.error().path, "a.wav");
    const auto other = guarded({}, []() -> Result<int> { throw std::runtime_error("odd"); });
    ASSERT_FALSE(other);
    EXPECT_EQ(other.error().fact.id, "went-wrong");
    EXPECT_EQ(other.error().detail, "odd");
    EXPECT_EQ(*guarded({}, []() -> Result<int> { return 7; }), 7);
}

}  // namespace
}  // namespace brisk

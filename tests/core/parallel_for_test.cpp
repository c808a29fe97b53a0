// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/parallel_for.h"

#include <gtest/gtest.h>

#include <mutex>
#include <set>

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

}  // namespace
}  // namespace brisk

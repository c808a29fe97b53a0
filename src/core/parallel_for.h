// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Runs independent pieces of work on several threads and waits for all of them.
///
///     parallelFor(files.size(), 2, [&](std::size_t i) { results[i] = scan(files[i]); });
#pragma once

#include <algorithm>
#include <atomic>
#include <cstddef>
#include <exception>
#include <mutex>
#include <thread>
#include <vector>

namespace brisk {

/// Calls `work(0)` .. `work(count - 1)`, each once, in any order.
/// What one of them throws is thrown here, after the others have ended.
/// \param threads  0 = one for each core. With one thread everything runs on the caller's.
template <class Work>
void parallelFor(std::size_t count, int threads, Work work) {
    const std::size_t cores = std::max(1u, std::thread::hardware_concurrency());
    const std::size_t wanted = threads > 0 ? static_cast<std::size_t>(threads) : cores;
    std::atomic<std::size_t> next{0};
    std::mutex lock;
    std::exception_ptr thrown;
    const auto run = [&] {
        try {
            for (std::size_t i = next++; i < count; i = next++) work(i);
        } catch (...) {
            next = count;  // the rest is not begun
            const std::scoped_lock one(lock);
            if (!thrown) thrown = std::current_exception();
        }
    };
    {
        std::vector<std::jthread> others;
        for (std::size_t n = 1; n < std::min(wanted, count); ++n) others.emplace_back(run);
        run();
    }
    if (thrown) std::rethrow_exception(thrown);
}

}  // namespace brisk

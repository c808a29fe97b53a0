// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Runs independent pieces of work on several threads and waits for all of them.
///
///     parallelFor(files.size(), 2, [&](std::size_t i) { results[i] = scan(files[i]); });
#pragma once

#include <algorithm>
#include <atomic>
#include <cstddef>
#include <thread>
#include <vector>

namespace brisk {

/// Calls `work(0)` .. `work(count - 1)`, each once, in any order.
/// \param threads  0 = one for each core. With one thread everything runs on the caller's.
template <class Work>
void parallelFor(std::size_t count, int threads, Work work) {
    const std::size_t cores = std::max(1u, std::thread::hardware_concurrency());
    const std::size_t wanted = threads > 0 ? static_cast<std::size_t>(threads) : cores;
    std::atomic<std::size_t> next{0};
    const auto run = [&] {
        for (std::size_t i = next++; i < count; i = next++) work(i);
    };
    std::vector<std::jthread> others;
    for (std::size_t n = 1; n < std::min(wanted, count); ++n) others.emplace_back(run);
    run();
}

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// parallelFor for work that waits for slow things, see lanes.h.
///
///     parallelLanes(cardOfEachFile, 2, [&](std::size_t i) { scans[i] = scan(files[i]); });
#pragma once

#include <algorithm>
#include <condition_variable>
#include <exception>
#include <mutex>
#include <numeric>
#include <thread>
#include <vector>

#include "core/lanes.h"

namespace brisk {

/// Calls `work(i)` once for each of `lanes`. What one of them throws is thrown here, after those
/// that had begun have ended.
/// \param threads  0 = one for each core. With one, and one lane, everything runs on the caller's.
template <class Work>
void parallelLanes(const std::vector<std::string>& lanes, int threads, Work work) {
    const int cores = static_cast<int>(std::max(1u, std::thread::hardware_concurrency()));
    const int atOnce = threads > 0 ? threads : cores;
    Lanes running(atOnce);
    std::mutex lock;
    std::condition_variable ended;
    std::exception_ptr thrown;
    std::vector<std::string> waiting = lanes;
    std::vector<std::size_t> which(lanes.size());
    std::iota(which.begin(), which.end(), std::size_t{0});
    const auto run = [&] {
        std::unique_lock hold(lock);
        while (!waiting.empty()) {
            const auto next = running.next(waiting);
            if (!next) {
                ended.wait(hold);
                continue;
            }
            const auto at = static_cast<std::ptrdiff_t>(*next);
            const std::string lane = waiting[*next];
            const std::size_t i = which[*next];
            waiting.erase(waiting.begin() + at);
            which.erase(which.begin() + at);
            running.begun(lane);
            hold.unlock();
            std::exception_ptr here;
            try {
                work(i);
            } catch (...) {
                here = std::current_exception();
            }
            hold.lock();
            running.ended(lane);
            if (here) {
                waiting.clear();  // the rest is not begun
                if (!thrown) thrown = here;
            }
            ended.notify_all();
        }
    };
    {
        std::vector<std::string> different = lanes;
        std::sort(different.begin(), different.end());
        different.erase(std::unique(different.begin(), different.end()), different.end());
        const auto beyond = std::min<std::size_t>(Lanes::kMostBeyond,
                                                  std::max<std::size_t>(1, different.size()) - 1);
        std::vector<std::jthread> others;
        for (std::size_t n = 1;
             n < std::min(static_cast<std::size_t>(atOnce) + beyond, lanes.size()); ++n) {
            others.emplace_back(run);
        }
        run();
    }
    if (thrown) std::rethrow_exception(thrown);
}

}  // namespace brisk

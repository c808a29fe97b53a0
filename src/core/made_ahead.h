// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Makes things in a thread of its own, some of them ahead of who uses them, so that making and
/// using cost the longer of the two and not the sum. Memory is what a few things take.
///
///     MadeAhead<Block> ahead([&]() -> Result<std::optional<Block>> { ... }, 30);
///     while (auto block = ahead.next()) { if (!*block) break; use(**block); }
#pragma once

#include <condition_variable>
#include <cstddef>
#include <deque>
#include <functional>
#include <mutex>
#include <optional>
#include <thread>

#include "core/guarded.h"
#include "core/result.h"

namespace brisk {

template <class Thing>
class MadeAhead {
  public:
    /// Nothing after the last; not called again then, nor after an error.
    using Make = std::function<Result<std::optional<Thing>>()>;

    /// \param make  called in the other thread only, until this is gone.
    /// \param most  things that are ready at one time.
    MadeAhead(Make make, std::size_t most)
        : make_(std::move(make)), most_(most), thread_([this] { run(); }) {}
    ~MadeAhead() {
        {
            const std::lock_guard lock(mutex_);
            unwanted_ = true;
        }
        changed_.notify_all();
        thread_.join();
    }
    MadeAhead(const MadeAhead&) = delete;
    MadeAhead& operator=(const MadeAhead&) = delete;

    /// The next one; nothing after the last. Errors: those of `make`, after what was made before.
    Result<std::optional<Thing>> next() {
        std::unique_lock lock(mutex_);
        changed_.wait(lock, [&] { return ended_ || !ready_.empty(); });
        if (ready_.empty()) {
            if (error_) return tl::unexpected(*error_);
            return std::optional<Thing>{};
        }
        std::optional<Thing> thing(std::move(ready_.front()));
        ready_.pop_front();
        changed_.notify_all();
        return thing;
    }

  private:
    void run() {
        for (;;) {
            {
                std::unique_lock lock(mutex_);
                changed_.wait(lock, [&] { return unwanted_ || ready_.size() < most_; });
                if (unwanted_) return;
            }
            auto made = guarded({}, make_);
            const std::lock_guard lock(mutex_);
            if (made && *made) {
                ready_.push_back(std::move(**made));
            } else {
                if (!made) error_ = made.error();
                ended_ = true;
            }
            changed_.notify_all();
            if (ended_) return;
        }
    }

    Make make_;
    std::size_t most_;
    std::mutex mutex_;
    std::condition_variable changed_;
    std::deque<Thing> ready_;
    std::optional<Error> error_;
    bool ended_ = false, unwanted_ = false;
    std::thread thread_;
};

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A thread that answers the newest request only: while it works, requests replace each other.
/// For looking at things, where yesterday's answer is worth nothing.
///
///     LatestWorker<Request> worker([](const Request& r) { ...slow...; });
///     worker.ask(r);     // from the interface thread; returns at once
#pragma once

#include <QtGlobal>
#include <condition_variable>
#include <functional>
#include <mutex>
#include <optional>
#include <thread>

#include "core/guarded.h"
#include "text/sentence.h"

namespace brisk::app {

template <class Request>
class LatestWorker {
  public:
    explicit LatestWorker(std::function<void(const Request&)> work)
        : work_(std::move(work)), thread_([this] { run(); }) {}
    ~LatestWorker() {
        {
            const std::lock_guard lock(mutex_);
            ending_ = true;
        }
        wake_.notify_one();
        thread_.join();
    }
    LatestWorker(const LatestWorker&) = delete;
    LatestWorker& operator=(const LatestWorker&) = delete;

    void ask(Request r) {
        {
            const std::lock_guard lock(mutex_);
            waiting_ = std::move(r);
        }
        wake_.notify_one();
    }

    /// True while a newer request than the one being answered waits: that one may be given up.
    [[nodiscard]] bool waiting() const {
        const std::lock_guard lock(mutex_);
        return ending_ || waiting_;
    }

  private:
    void run() {
        for (;;) {
            std::unique_lock lock(mutex_);
            wake_.wait(lock, [&] { return ending_ || waiting_; });
            if (ending_) return;
            const Request r = std::move(*waiting_);
            waiting_.reset();
            lock.unlock();
            try {
                work_(r);
            } catch (...) {  // the next request may fare better
                qWarning("%s", sentence(caughtError().fact).c_str());
            }
        }
    }

    std::function<void(const Request&)> work_;
    mutable std::mutex mutex_;
    std::condition_variable wake_;
    std::optional<Request> waiting_;
    bool ending_ = false;
    std::thread thread_;
};

}  // namespace brisk::app

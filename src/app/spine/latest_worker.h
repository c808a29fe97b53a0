// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A thread that answers the newest request only: while it works, requests replace each other.
/// For looking at things, where yesterday's answer is worth nothing.
///
///     LatestWorker<Request> worker([](const Request& r) { ...slow...; });
///     worker.ask(r);     // from the interface thread; returns at once
///     worker.bringBack([answer] { ... });   // from the work: done on the interface thread
#pragma once

#include <QtGlobal>
#include <chrono>
#include <condition_variable>
#include <functional>
#include <mutex>
#include <optional>
#include <thread>

#include "app/spine/inbox.h"
#include "core/guarded.h"
#include "core/thread_standing.h"
#include "text/sentence.h"

namespace brisk::app {

template <class Request>
class LatestWorker {
  public:
    enum class Standing { Plain, Back };

    /// \param letGo  called on the worker's thread when nothing was asked for a while: what holds
    ///               files open lets go of them, so that a card can be ejected.
    /// \param standing  Back: what nobody waits for leaves the cores to what a hand does.
    explicit LatestWorker(std::function<void(const Request&)> work,
                          std::function<void()> letGo = {}, Standing standing = Standing::Plain)
        : work_(std::move(work)), letGo_(std::move(letGo)), thread_([this, standing] {
              if (standing == Standing::Back) standBack();
              run();
          }) {}
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

    /// Done on the thread that made this; from `work`.
    void bringBack(std::function<void()> answer) { inbox_.leave(std::move(answer)); }

    /// True while a newer request than the one being answered waits: that one may be given up.
    [[nodiscard]] bool waiting() const {
        const std::lock_guard lock(mutex_);
        return ending_ || waiting_;
    }

  private:
    void run() {
        bool holds = false;  // something was opened since it let go
        for (;;) {
            std::unique_lock lock(mutex_);
            const auto wanted = [&] { return ending_ || waiting_; };
            if (letGo_ && holds && !wake_.wait_for(lock, kIdle, wanted)) {
                lock.unlock();
                letGo_();
                holds = false;
                continue;
            }
            wake_.wait(lock, wanted);
            if (ending_) return;
            holds = true;
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

    static constexpr std::chrono::seconds kIdle{2};
    Inbox inbox_;
    std::function<void(const Request&)> work_;
    std::function<void()> letGo_;
    mutable std::mutex mutex_;
    std::condition_variable wake_;
    std::optional<Request> waiting_;
    bool ending_ = false;
    std::thread thread_;
};

}  // namespace brisk::app

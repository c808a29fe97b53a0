// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Brings what a worker made back to the thread that asked: each thing left here is done there, one
/// after the other, between two events.
///
///     inbox.leave([this, image] { show(image); });   // from any thread
///
/// The lock is our own so that the thread sanitizer sees the handing over: Qt's queue of events has
/// one inside a library that is not instrumented.
#pragma once

#include <QObject>
#include <deque>
#include <functional>
#include <mutex>

namespace brisk::app {

/// Lives on the thread that made it. What is left when it goes is not done.
class Inbox : public QObject {
  public:
    /// Threads: any, while the inbox is there.
    void leave(std::function<void()> deed);

  protected:
    bool event(QEvent* e) override;

  private:
    std::mutex lock_;
    std::deque<std::function<void()>> left_;
};

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Notices that files vanish while they are worked with, and come back: a card that is pulled, a
/// disk that is switched off. Looks every few seconds, in a thread of its own, because asking a
/// disk that is gone can take its time.
///
///     FileWatch watch([&] { return pathsOfTheShoot(); });
///     connect(&watch, &FileWatch::gone, ...);      // once, until it is back
#pragma once

#include <QObject>
#include <QTimer>
#include <functional>
#include <map>
#include <string>
#include <vector>

#include "app/spine/latest_worker.h"

namespace brisk::app {

class FileWatch : public QObject {
    Q_OBJECT
  public:
    using Paths = std::vector<std::string>;

    /// \param watched  asked on the interface thread each time.
    explicit FileWatch(std::function<Paths()> watched, QObject* parent = nullptr);

  signals:
    /// Also of files that were never seen to be there.
    void gone(const brisk::app::FileWatch::Paths& files);
    /// \param changed  those of them that are not the size that they were.
    void back(const brisk::app::FileWatch::Paths& files,
              const brisk::app::FileWatch::Paths& changed);

  private:
    void look(const Paths& files);

    std::function<Paths()> watched_;
    struct Seen {
        bool there = false;
        std::uintmax_t bytes = 0;
    };
    std::map<std::string, Seen> seen_;  // the worker's alone
    QTimer timer_;
    LatestWorker<Paths> worker_;  // last: it ends first
};

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Long work behind the window: what runs, how far it is, and how to stop it.
///
///     queue.start(tr("Reading press-02"), [](JobControl job) { ... return [=] { show(result); };
///     });
///
/// The function runs on a worker; what it returns runs on the interface thread afterwards.
#pragma once

#include <QElapsedTimer>
#include <QObject>
#include <QString>
#include <QThreadPool>
#include <QTimer>
#include <functional>
#include <list>
#include <memory>

#include "core/job_control.h"

namespace brisk::app {

class WorkQueue : public QObject {
    Q_OBJECT
  public:
    using Finish = std::function<void()>;
    using Work = std::function<Finish(JobControl)>;

    explicit WorkQueue(QObject* parent = nullptr);
    ~WorkQueue() override;

    void start(const QString& what, Work work);
    void stopAll();
    [[nodiscard]] bool busy() const { return !running_.empty(); }
    /// One line for the header: what runs, how many, about how long still.
    [[nodiscard]] QString summary() const;
    [[nodiscard]] double progress() const;

  signals:
    /// Something started, ended or moved on.
    void changed();

  private:
    struct Entry {
        QString what;
        JobControl job;
        std::shared_ptr<std::atomic<double>> fraction;
        QElapsedTimer since;
    };
    void finished(const std::shared_ptr<Entry>& entry, const Finish& finish);
    QThreadPool pool_;
    std::list<std::shared_ptr<Entry>> running_;
    int startedInRun_ = 0;
    QTimer tick_;
};

}  // namespace brisk::app

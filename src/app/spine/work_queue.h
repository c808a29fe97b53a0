// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Long work behind the window: what runs, how far it is, and how to stop it.
///
///     queue.start(tr("Reading press-02"), [](JobControl job) { ... return [=] { show(result); };
///     });
///
/// The function runs on a worker; what it returns runs on the interface thread afterwards, unless
/// another shoot has been opened since: then it is dropped.
#pragma once

#include <QElapsedTimer>
#include <QObject>
#include <QString>
#include <QThreadPool>
#include <QTimer>
#include <functional>
#include <list>
#include <memory>
#include <string>
#include <vector>

#include "app/spine/inbox.h"
#include "core/guarded.h"
#include "core/job_control.h"
#include "core/lanes.h"

namespace brisk::app {

class WorkQueue : public QObject {
    Q_OBJECT
  public:
    using Finish = std::function<void()>;
    using Work = std::function<Finish(JobControl)>;

    explicit WorkQueue(QObject* parent = nullptr);
    ~WorkQueue() override;

    void start(const QString& what, Work work);
    /// For whatever shoot is open when it is done: reading a file.
    /// \param lane  the card or disk that it waits for, see lanes.h.
    void startForAny(const QString& what, Work work, const std::string& lane = {});
    /// What runs for the shoot so far is stopped, and what it finds is dropped.
    void newShoot();
    void stopAll();
    /// Done on the thread of the queue, in the order of coming.   Threads: any.
    void bringBack(std::function<void()> deed) { inbox_.leave(std::move(deed)); }
    /// How many pieces of work run together; 0 = one for each core, at least two.
    void setAtOnce(int n);
    [[nodiscard]] int atOnce() const { return atOnce_; }
    [[nodiscard]] bool busy() const { return !running_.empty(); }
    /// Whether something runs that another shoot has no use for.
    [[nodiscard]] bool busyForShoot() const;
    /// What runs that belongs to the shoot, the first of it: "Matching 12 takes".
    [[nodiscard]] QString title() const;
    /// One line for the header: what runs, how many, about how long still.
    [[nodiscard]] QString summary() const;
    [[nodiscard]] double progress() const;

  signals:
    /// Something started, ended or moved on.
    void changed();
    /// A person stopped all that runs.
    void stopped();
    /// Some work threw; what it would have found is missing.
    void failed(const brisk::Fact& why);

  private:
    struct Entry {
        QString what;
        std::string lane;
        Work work;  ///< Until it begins.
        JobControl job;
        std::shared_ptr<std::atomic<double>> fraction;
        QElapsedTimer since;  ///< It began; not valid while it waits.
        int shoot = 0;        ///< Whose it is; 0 = anybody's.
    };
    void requestStops();
    void add(const QString& what, Work work, int shoot, const std::string& lane);
    void begin(const std::shared_ptr<Entry>& entry);
    void beginWaiting();
    void finished(const std::shared_ptr<Entry>& entry, const Finish& finish);
    Inbox inbox_;
    QThreadPool pool_;
    std::list<std::shared_ptr<Entry>> running_;    // or waiting
    std::vector<std::shared_ptr<Entry>> waiting_;  // in the order of coming
    Lanes lanes_{2};
    int startedInRun_ = 0;
    int atOnce_ = 0;
    int shoot_ = 1;
    QTimer tick_;
};

}  // namespace brisk::app

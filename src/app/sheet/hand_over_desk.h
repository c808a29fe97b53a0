// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What is to be handed over, how, and what has become of it. The sheet shows it; the work runs
/// behind the window.
#pragma once

#include <QList>
#include <QObject>
#include <QUrl>
#include <functional>
#include <memory>
#include <optional>
#include <vector>

#include "app/spine/latest_worker.h"
#include "app/spine/session.h"
#include "export/hand_over.h"

namespace brisk::app {

class HandOverDesk : public QObject {
    Q_OBJECT
  public:
    enum class Scope { ThisTake, Tethered, Placed };

    explicit HandOverDesk(Session& session, QObject* parent = nullptr);

    /// Where files go of a shoot that remembers no folder; empty = beside the takes.
    void setUsualFolder(const QString& folder) { usualFolder_ = folder; }
    /// Begins anew for a take, with what the shoot remembers of folder, names and formats.
    void begin(int take);
    /// Whether something is being written, or failed and was not tried again: then the sheet shows
    /// that first, until it is started over.
    [[nodiscard]] bool openToAttention() const;
    /// What was written stays on the disk; the same plan, anew.
    void startOver();
    /// Looks again at what the shoot holds, unless something was written from the plan already.
    void look();
    void setScope(Scope scope);
    [[nodiscard]] Scope scope() const { return scope_; }
    /// How many takes a scope holds.
    [[nodiscard]] std::size_t takesIn(Scope scope) const;
    /// Changes what is to be written; the plan is made anew.
    void change(const std::function<void(HandOverChoice&)>& how);
    [[nodiscard]] const HandOverChoice& choice() const { return choice_; }

    /// As it was made last; a new one is made on a thread of its own, for it looks at files.
    [[nodiscard]] const HandOverPlan& plan() const { return plan_; }
    /// Whether a newer one is being made.
    [[nodiscard]] bool planning() const { return wanted_ != made_; }
    /// One for each file of the plan.
    [[nodiscard]] const std::vector<FileResult>& results() const { return results_; }
    [[nodiscard]] bool running() const { return running_; }
    [[nodiscard]] bool begun() const { return run_ != nullptr; }
    [[nodiscard]] std::size_t count(FileState state) const;
    /// Files that failed or were stopped: what tryAgain() writes.
    [[nodiscard]] std::size_t unfinished() const;
    /// Of files that can be written and are not yet.
    [[nodiscard]] std::size_t left() const;

    /// Once the plan is made.
    void write();
    /// What failed or was stopped, once more.
    void tryAgain();
    void stop(std::size_t file);
    void stopAll();
    /// Calls a file of the plan something else, without ending; nothing = as the pattern does.
    void rename(std::size_t file, const QString& name);
    /// Of these files those that are written, to be given to other programs; none = of all.
    [[nodiscard]] QList<QUrl> written(const std::vector<std::size_t>& files = {}) const;
    /// Where the page with pictures was written; empty while there is none.
    [[nodiscard]] QString reportPath() const;

  signals:
    void planned();              ///< Plan and results are new.
    void fileChanged(int file);  ///< Its result.
    void runningChanged();

  private:
    [[nodiscard]] std::vector<int> takes(Scope scope) const;
    void planAnew();
    struct PlanWish {
        int number = 0;
        std::vector<HandedTake> takes;
        HandOverChoice choice;
        std::vector<WholeRecording> recordings = {};
    };
    /// Where files go that nobody was asked about: beside the takes, unless that is a card.
    [[nodiscard]] std::filesystem::path firstFolder(int take) const;
    void makePlan(const PlanWish& wish);
    void takePlan(int number, HandOverPlan plan);
    void go(std::vector<std::size_t> files);
    void remember();

    Session& session_;
    QString usualFolder_;
    int take_ = 0;
    std::vector<int> asked_;  // whose peaks were asked for
    Scope scope_ = Scope::ThisTake;
    HandOverChoice choice_;
    HandOverPlan plan_;
    std::vector<FileResult> results_;
    std::shared_ptr<HandOverRun> run_;
    JobControl job_;
    bool running_ = false;
    int wanted_ = 0, made_ = 0;  ///< Plans, by number.
    bool writeThen_ = false;
    LatestWorker<PlanWish> planner_{[this](const PlanWish& w) { makePlan(w); }};
};

/// What of a choice a shoot remembers, in words, and back. Words that are not known are passed
/// over.
std::string rememberedWords(const HandOverChoice& choice);
void takeRemembered(const std::string& words, HandOverChoice& choice);

}  // namespace brisk::app

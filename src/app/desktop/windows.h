// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The windows of this program, one for each shoot. Files go to the one that a person looked at
/// last; a saved shoot gets a window of its own, unless it is open already or one is empty.
#pragma once

#include <QObject>
#include <QStringList>
#include <memory>
#include <vector>

class QSessionManager;

namespace brisk::app {

class MainWindow;

class Windows : public QObject {
    Q_OBJECT
  public:
    explicit Windows(QObject* parent = nullptr);
    ~Windows() override;

    /// Opens what somebody started the program with, and shows it.
    /// \param files  absolute; none = a window to begin in.
    void take(const QStringList& files);
    /// The window that a person looked at last; null before the first.
    [[nodiscard]] MainWindow* current() const;
    [[nodiscard]] std::vector<MainWindow*> all() const;

    /// What the desktop asks before a person is logged out: as closing each window would. False:
    /// somebody wants to stay.
    bool mayEnd();
    /// Opens what was open when the session ended.
    void comeBack();

  signals:
    void opened(brisk::app::MainWindow* window);

  private:
    MainWindow& open();
    MainWindow* emptyOne() const;
    void show(MainWindow& window);
    void rememberOpen() const;

    std::vector<std::unique_ptr<MainWindow>> windows_;  // in order of their last being looked at
};

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The application, whose events may throw: what is thrown while one is answered is said in the
/// window, and the window goes on. Nothing that a person made is lost by it.
#pragma once

#include <QApplication>
#include <functional>

#include "app/window/main_window.h"

namespace brisk::app {

class GuardedApplication : public QApplication {
    Q_OBJECT
  public:
    using QApplication::QApplication;
    /// Whom to tell: the window that is looked at.
    void setTold(std::function<MainWindow*()> told) { told_ = std::move(told); }
    bool notify(QObject* receiver, QEvent* event) override;

  private:
    std::function<MainWindow*()> told_;
};

}  // namespace brisk::app

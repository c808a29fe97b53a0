// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The slim header: the shoot's name, the main commands, what is running, and the hand-over.
#pragma once

#include <QWidget>

#include "app/spine/session.h"
#include "app/spine/verbs.h"

class QLabel;
class QProgressBar;
class QPushButton;

namespace brisk::app {

class HeaderBar : public QWidget {
    Q_OBJECT
  public:
    HeaderBar(Session& session, Verbs& verbs, QWidget* parent);

    /// Where the history's button is.
    [[nodiscard]] int historyX() const;

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    void refresh();
    void refreshWork();
    Session& session_;
    QLabel* name_;
    QLabel* savedWords_;
    QPushButton* history_;
    QWidget* workArea_;
    QLabel* workWords_;
    QProgressBar* workBar_;
};

}  // namespace brisk::app

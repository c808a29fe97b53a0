// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The slim header: the shoot's name, the main commands, what is running, and the hand-over.
#pragma once

#include <QWidget>

#include "app/spine/session.h"

class QLabel;
class QProgressBar;
class QPushButton;

namespace brisk::app {

class HeaderBar : public QWidget {
    Q_OBJECT
  public:
    explicit HeaderBar(Session& session, QWidget* parent = nullptr);
    void setHandOverEnabled(bool enabled);

    /// Where the history's button is.
    [[nodiscard]] int historyX() const;

  signals:
    void addFiles();
    void open();
    void save();
    void handOver();
    void keys();
    void history();

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    void refresh();
    void refreshWork();
    Session& session_;
    QLabel* name_;
    QLabel* savedWords_;
    QPushButton* find_;
    QPushButton* undo_;
    QPushButton* redo_;
    QPushButton* history_;
    QPushButton* save_;
    QPushButton* handOver_;
    QWidget* workArea_;
    QLabel* workWords_;
    QProgressBar* workBar_;
};

}  // namespace brisk::app

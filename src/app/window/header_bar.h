// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The slim header: the shoot's name, the main commands, what is running, and the hand-over.
#pragma once

#include <QTimer>
#include <QWidget>

#include "app/spine/session.h"
#include "app/spine/verbs.h"

class QLabel;
class QMenu;
class QProgressBar;
class QPushButton;

namespace brisk::app {

class HeaderBar : public QWidget {
    Q_OBJECT
  public:
    HeaderBar(Session& session, Verbs& verbs, QWidget* parent);

    /// The menu of the shoot itself, under its name.
    [[nodiscard]] QMenu& shootMenu() { return *menu_; }

    /// Shoots that were open, the newest first.
    void setRecent(const QStringList& shoots);

  signals:
    void recentChosen(const QString& path);

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    void refresh();
    void refreshWork();
    Session& session_;
    void tell(const QString& sentence);
    QPushButton* name_;
    QMenu* menu_;
    QMenu* recent_;
    QLabel* message_;
    QTimer fade_;
    QLabel* savedWords_;
    QWidget* workArea_;
    QLabel* workWords_;
    QProgressBar* workBar_;
};

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The hand-over: says what the new file will hold and where it goes, before it is written; then
/// what was written and what reading it back found.
#pragma once

#include <QWidget>

#include "app/models/session.h"

class QButtonGroup;
class QLabel;
class QPushButton;

namespace brisk::app {

class HandOverPanel : public QWidget {
    Q_OBJECT
  public:
    explicit HandOverPanel(Session& session, QWidget* parent = nullptr);
    void showTake(int take);
    void setFolder(const QString& folder);

  signals:
    void closed();

  private:
    [[nodiscard]] VideoContainer container() const;
    void chooseFolder();
    void refresh();
    void showResult(const HandedOver& result);

    Session& session_;
    int take_ = 0;
    QString folder_;
    QLabel* title_;
    QButtonGroup* containers_;
    QLabel* holds_;
    QLabel* target_;
    QLabel* result_;
    QLabel* problem_;
    QPushButton* write_;
};

}  // namespace brisk::app

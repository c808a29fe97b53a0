// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What the bench shows while there is no take on it: what to do, and a picture of what for.
#pragma once

#include <QStringList>
#include <QWidget>

#include "app/spine/verbs.h"

class QLabel;
class QVBoxLayout;

namespace brisk::app {

class EmptyBench : public QWidget {
    Q_OBJECT
  public:
    explicit EmptyBench(Verbs& verbs, QWidget* parent = nullptr);
    /// Recordings alone need a take; an empty shoot needs everything.
    void setHaveRecordings(bool have);

    /// Shoots that were never saved and whose program ended without being asked: journals, the
    /// newest first.
    void offerLeftBehind(const QStringList& journals);

    /// Saved shoots that were open, the newest first.
    void setRecent(const QStringList& shoots);

  signals:
    void recentChosen(const QString& path);
    void recover(const QString& journal);

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    QLabel* words_;
    QWidget* demo_;
    QVBoxLayout *offers_, *recent_;
};

}  // namespace brisk::app

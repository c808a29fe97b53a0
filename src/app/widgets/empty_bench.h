// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What the bench shows while there is no take on it: what to do, and a picture of what for.
#pragma once

#include <QWidget>

class QLabel;
class QPushButton;

namespace brisk::app {

class EmptyBench : public QWidget {
    Q_OBJECT
  public:
    explicit EmptyBench(QWidget* parent = nullptr);
    /// Recordings alone need a take; an empty shoot needs everything.
    void setHaveRecordings(bool have);

  signals:
    void addFiles();

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    QLabel* words_;
};

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The seam's buttons: how much of the take it shows (at the ruler's end), and how (in its lower
/// corner).
#pragma once

#include <QPushButton>
#include <QWidget>

namespace brisk::app {

class SeamZooms : public QWidget {
    Q_OBJECT
  public:
    explicit SeamZooms(QWidget* parent);
    /// What there is to show.
    void setAvailable(bool overlap, bool claps, bool marks);

  signals:
    void wholeTake();
    void overlap();
    void claps();
    void marks();
    void closeUp();
    void samples();

  private:
    QPushButton* overlap_;
    QPushButton* claps_;
    QPushButton* marks_;
};

class SeamModes : public QWidget {
    Q_OBJECT
  public:
    explicit SeamModes(QWidget* parent);
    void setSharedPossible(bool possible);
    void setEqualHeights(bool on);

  signals:
    void equalHeights(bool on);
    void shared(bool on);
    void cutting();

  private:
    QPushButton* cut_;
    QPushButton* equal_;
    QPushButton* shared_;
};

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which microphone a take is heard by, where several ran at once. Hidden where there is only one.
#pragma once

#include <QWidget>

#include "app/spine/session.h"

class QPushButton;

namespace brisk::app {

class ElidedLabel;

class MicrophoneRow : public QWidget {
    Q_OBJECT
  public:
    MicrophoneRow(Session& session, QWidget* parent);
    void showTake(int take);

  private:
    void refresh();
    void choose();

    Session& session_;
    int take_ = 0;
    QPushButton* heard_;
    ElidedLabel* aside_;
};

}  // namespace brisk::app

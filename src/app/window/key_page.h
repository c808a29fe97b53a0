// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The page of keys: every key of the window, by what a person wants to do.
#pragma once

#include <QWidget>

namespace brisk::app {

class KeyPage : public QWidget {
    Q_OBJECT
  public:
    explicit KeyPage(QWidget* parent = nullptr);

  signals:
    void closed();
};

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Space and Return belong to what has the focus and can be pressed, before they belong to a verb:
/// Space plays only when nothing that can be pressed has the focus.
///
///     new FocusKeys(this);   // in the window; for all that is in it
#pragma once

#include <QWidget>

namespace brisk::app {

class FocusKeys : public QObject {
    Q_OBJECT
  public:
    explicit FocusKeys(QWidget* window);

  protected:
    bool eventFilter(QObject* of, QEvent* e) override;

  private:
    QWidget* window_;
};

}  // namespace brisk::app

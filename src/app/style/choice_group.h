// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Choices of which one holds, or that belong together: one hairline around all of them, and what
/// is chosen filled with ink.
#pragma once

#include <QWidget>

class QAbstractButton;
class QHBoxLayout;

namespace brisk::app {

class ChoiceGroup : public QWidget {
    Q_OBJECT
  public:
    explicit ChoiceGroup(QWidget* parent = nullptr);
    void add(QAbstractButton* choice);

  protected:
    void paintEvent(QPaintEvent*) override;
    bool eventFilter(QObject* of, QEvent* e) override;

  private:
    /// The next one that can be chosen, from one on.
    void move(const QObject* from, int by);
    QHBoxLayout* row_;
};

}  // namespace brisk::app

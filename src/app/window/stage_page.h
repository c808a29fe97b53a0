// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A page that stands in the place of the bench for a while: its title, what it is searched by, and
/// the way back. Keys, preferences and the guide are such pages.
#pragma once

#include <QWidget>

class QHBoxLayout;
class QVBoxLayout;

namespace brisk::app {

class StagePage : public QWidget {
    Q_OBJECT
  public:
    enum class Keys { Linked, NotLinked };
    StagePage(const QString& title, Keys keys, QWidget* parent);

  signals:
    void closed();
    /// The page of keys is wanted instead.
    void keysWanted();

  protected:
    /// Below the head.
    [[nodiscard]] QVBoxLayout& column() { return *column_; }
    /// Beside the title.
    void addToHead(QWidget* widget);

  private:
    QVBoxLayout* column_;
    QHBoxLayout* head_;
};

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Paints one file of a hand-over: its name, what it holds, and how far it is.
#pragma once

#include <QHash>
#include <QStyledItemDelegate>

namespace brisk::app {

class HandOverRow : public QStyledItemDelegate {
    Q_OBJECT
  public:
    using QStyledItemDelegate::QStyledItemDelegate;
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option,
                                 const QModelIndex& index) const override;
    void paint(QPainter* p, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;

  private:
    /// Pixels, of the lines that it is broken into.
    [[nodiscard]] int sentenceHeight(const QString& sentence, int width) const;
    mutable QHash<QString, int> heights_;
    mutable int measuredFor_ = 0, measuredAt_ = 0;  // width, and size of text
};

}  // namespace brisk::app

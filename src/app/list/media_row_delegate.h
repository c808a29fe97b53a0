// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// One row of the file list: the state's mark, the name, the one number that matters, and a tiny
/// outline of the sound.
#pragma once

#include <QStyledItemDelegate>

namespace brisk::app {

class MediaRowDelegate : public QStyledItemDelegate {
    Q_OBJECT
  public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;
};

}  // namespace brisk::app

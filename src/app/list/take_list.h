// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The list of takes and recordings: rows whose height is the same whatever stands in them, so that
/// news of one row draws that row anew and lays out nothing.
#pragma once

#include <QListView>

namespace brisk::app {

class TakeList : public QListView {
  public:
    using QListView::QListView;
    void dataChanged(const QModelIndex& from, const QModelIndex& to,
                     const QList<int>& roles = {}) override {
        // NOLINTNEXTLINE(bugprone-parent-virtual-call): the list's own would lay all rows out anew
        QAbstractItemView::dataChanged(from, to, roles);
    }
};

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The files of a hand-over as rows of a list: name, what it holds, size or how far it is.
#pragma once

#include <QAbstractListModel>

#include "app/sheet/hand_over_desk.h"

namespace brisk::app {

class HandOverFiles : public QAbstractListModel {
    Q_OBJECT
  public:
    enum Role {
        SentenceRole = Qt::UserRole,  ///< What it holds, or why it cannot be.
        AttentionRole,                ///< True where the sentence is a problem.
        AsideRole,                    ///< "12 MB", "written, 12 MB", "writing, 40 %".
        ProgressRole,                 ///< 0 to 1 while it is written, else -1.
    };
    explicit HandOverFiles(HandOverDesk& desk, QObject* parent = nullptr);

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    /// What is written can be dragged into other programs: copied there, never moved away.
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    [[nodiscard]] QMimeData* mimeData(const QModelIndexList& indexes) const override;
    [[nodiscard]] QStringList mimeTypes() const override;
    [[nodiscard]] Qt::DropActions supportedDragActions() const override { return Qt::CopyAction; }

  private:
    HandOverDesk& desk_;
};

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Takes first, recordings below, as rows for a list. Adapts the session; holds only the order.
#pragma once

#include <QAbstractListModel>
#include <vector>

#include "app/models/session.h"

namespace brisk::app {

class MediaListModel : public QAbstractListModel {
    Q_OBJECT
  public:
    enum Role { IdRole = Qt::UserRole, IsTakeRole, StateRole, NumberRole, HeadingRole };

    explicit MediaListModel(Session& session, QObject* parent = nullptr);

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;

    [[nodiscard]] QModelIndex indexOf(int id) const;
    [[nodiscard]] const Session& session() const { return session_; }

  private:
    void rebuild();
    [[nodiscard]] QString number(int id, bool take) const;
    Session& session_;
    std::vector<int> rows_;  // ids; 0 is the heading of the takes, -1 of the recordings
};

}  // namespace brisk::app

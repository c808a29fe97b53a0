// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Takes first, recordings below, as rows for a list. Adapts the session; holds only the order.
#pragma once

#include <QAbstractListModel>
#include <optional>
#include <vector>

#include "app/list/tiny_seam.h"
#include "app/spine/session.h"

namespace brisk::app {

/// Which takes are listed, and in which order.
struct TakeFilter {
    enum class Order { AsAdded, Name, Place, State };
    enum class Show { All, ToCheck, NoPlace };
    QString text;  ///< Part of the name; empty = all.
    Show show = Show::All;
    Order order = Order::AsAdded;
    friend bool operator==(const TakeFilter&, const TakeFilter&) = default;
};

class MediaListModel : public QAbstractListModel {
    Q_OBJECT
  public:
    enum Role { IdRole = Qt::UserRole, IsTakeRole, StateRole, NumberRole, WordsRole, HeadingRole };

    explicit MediaListModel(Session& session, QObject* parent = nullptr);

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    QMimeData* mimeData(const QModelIndexList& indexes) const override;
    Qt::DropActions supportedDragActions() const override { return Qt::CopyAction; }

    [[nodiscard]] QModelIndex indexOf(int id) const;
    void setFilter(const TakeFilter& filter);
    [[nodiscard]] const TakeFilter& filter() const { return filter_; }
    /// Those that are listed, in their order.
    [[nodiscard]] std::vector<int> listedTakes() const;
    /// The sounds of a listed file, as they were when something was last told of it.
    [[nodiscard]] const TinySeam& tinySeam(int id) const;
    /// Whether a take belongs to those that are shown so.
    [[nodiscard]] bool shows(TakeFilter::Show show, int take) const;

  private:
    void rebuild();
    /// Those of these files; all of them where it is not known which.
    void tellRows(const std::optional<std::set<int>>& media);
    /// Looks at a file's sounds again, and at those of the takes that lie on it.
    void shape(int id);
    /// The sounds of files that are being read grow.
    void shapeGrowing();
    [[nodiscard]] QString number(int id, bool take) const;
    /// Its state, and whether anybody listened to it.
    [[nodiscard]] QString takeWords(int id) const;
    /// "mono, 24-bit; 2 takes on it".
    [[nodiscard]] QString recordingWords(int id) const;
    Session& session_;
    TakeFilter filter_;
    std::shared_ptr<const ShootState> told_;  // what the rows were last said to be
    std::unordered_map<int, TinySeam> seams_;
    std::vector<int> rows_;  // ids; -1 is the heading of the recordings
};

}  // namespace brisk::app

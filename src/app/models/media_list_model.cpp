// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/media_list_model.h"

#include <QFileInfo>

#include "core/time_text.h"

namespace brisk::app {

MediaListModel::MediaListModel(Session& session, QObject* parent)
    : QAbstractListModel(parent), session_(session) {
    rebuild();
    connect(&session, &Session::changed, this, &MediaListModel::rebuild);
    connect(&session, &Session::factsChanged, this, [this](int id) {
        const QModelIndex i = indexOf(id);
        emit dataChanged(i, i);
    });
}

void MediaListModel::rebuild() {
    std::vector<int> rows;
    const auto takes = session_.state().ids(MediaKind::Take);
    const auto recordings = session_.state().ids(MediaKind::Recording);
    if (!takes.empty()) rows.push_back(0);
    rows.insert(rows.end(), takes.begin(), takes.end());
    if (!recordings.empty()) rows.push_back(-1);
    rows.insert(rows.end(), recordings.begin(), recordings.end());
    if (rows == rows_) {
        if (!rows_.empty()) emit dataChanged(index(0), index(static_cast<int>(rows_.size()) - 1));
        return;
    }
    beginResetModel();
    rows_ = std::move(rows);
    endResetModel();
}

int MediaListModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

Qt::ItemFlags MediaListModel::flags(const QModelIndex& index) const {
    const bool heading = index.isValid() && rows_[static_cast<std::size_t>(index.row())] <= 0;
    return heading ? Qt::NoItemFlags : Qt::ItemIsEnabled | Qt::ItemIsSelectable;
}

QModelIndex MediaListModel::indexOf(int id) const {
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        if (rows_[i] == id && id > 0) return index(static_cast<int>(i));
    }
    return {};
}

QString MediaListModel::number(int id, bool take) const {
    const MediaFacts* f = session_.facts(id);
    if (!f) return {};
    if (!f->problem.isEmpty()) return tr("cannot be read");
    if (!take) return QString::fromStdString(clockText(f->info.duration, 0));
    const Tether* t = session_.state().tetherOf(id);
    if (!t) return tr("loose");
    if (t->state() == TetherState::Loose) return tr("no place");
    return QString::fromStdString(clockText(t->line.offset, 1));
}

QVariant MediaListModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const int id = rows_[static_cast<std::size_t>(index.row())];
    const ShootState& s = session_.state();
    if (id <= 0) {
        if (role == HeadingRole) return true;
        if (role != Qt::DisplayRole) return {};
        const auto n =
            static_cast<int>(s.ids(id == 0 ? MediaKind::Take : MediaKind::Recording).size());
        if (id == 0) return n == 1 ? tr("1 take") : tr("%1 takes").arg(n);
        return n == 1 ? tr("1 recording") : tr("%1 recordings").arg(n);
    }
    const MediaItem* m = s.item(id);
    if (!m) return {};
    const bool take = m->role == MediaKind::Take;
    const QString name = QFileInfo(QString::fromStdString(m->path)).fileName();
    switch (role) {
        case Qt::DisplayRole:
            return name;
        case Qt::ToolTipRole: {
            const MediaFacts* f = session_.facts(id);
            QStringList lines{QString::fromStdString(m->path)};
            if (f) {
                for (const auto& w : f->info.warnings) lines << QString::fromStdString(w);
                if (!f->problem.isEmpty()) lines << f->problem;
            }
            return lines.join(QLatin1Char('\n'));
        }
        case Qt::AccessibleTextRole:
            return take ? tr("%1, %2, %3")
                              .arg(name, QLatin1String(stateText(s.stateOf(id))), number(id, true))
                        : tr("%1, recording, %2").arg(name, number(id, false));
        case IdRole:
            return id;
        case IsTakeRole:
            return take;
        case StateRole:
            return static_cast<int>(s.stateOf(id));
        case NumberRole:
            return number(id, take);
        case HeadingRole:
            return false;
        default:
            return {};
    }
}

}  // namespace brisk::app

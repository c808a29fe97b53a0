// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/list/media_list_model.h"

#include <QFileInfo>
#include <algorithm>
#include <array>
#include <utility>

#include "app/spine/dragged_take.h"
#include "app/spine/state_words.h"
#include "app/spine/words.h"
#include "core/time_text.h"
#include "media/read/heard_sound.h"
#include "shoot/what_changed.h"

namespace brisk::app {
namespace {

/// Whether its file, or what was written of it, holds these words.
bool says(const MediaItem& m, const QString& words) {
    const std::string all = std::filesystem::path(m.path).filename().string() + "\n" +
                            m.slate.name + "\n" + slateText(m.slate) + "\n" + m.slate.note;
    return QString::fromStdString(all).contains(words, Qt::CaseInsensitive);
}

/// "scene 12A, take 3, good", in the window's language.
QString slateWords(const Slate& s) {
    QStringList parts;
    if (!s.scene.empty()) parts << QObject::tr("scene %1").arg(QString::fromStdString(s.scene));
    if (!s.take.empty()) parts << QObject::tr("take %1").arg(QString::fromStdString(s.take));
    if (s.verdict == Verdict::Good) parts << QObject::tr("good");
    if (s.verdict == Verdict::NotGood) parts << QObject::tr("not good");
    return parts.join(QObject::tr(", "));
}

}  // namespace

MediaListModel::MediaListModel(Session& session, QObject* parent)
    : QAbstractListModel(parent), session_(session) {
    rebuild();
    connect(&session, &Session::changed, this, &MediaListModel::rebuild);
    connect(&session.work(), &WorkQueue::changed, this, &MediaListModel::shapeGrowing);
    connect(&session, &Session::factsChanged, this, [this](int id) {
        shape(id);
        const QModelIndex one = indexOf(id);
        if (id != 0) {
            emit dataChanged(one, one);
        } else if (rowCount() > 0) {
            emit dataChanged(index(0), index(rowCount() - 1));
        }
    });
}

const TinySeam& MediaListModel::tinySeam(int id) const {
    static const TinySeam kSilent;
    const auto it = seams_.find(id);
    return it == seams_.end() ? kSilent : it->second;
}

void MediaListModel::shape(int id) {
    if (id == 0) return;  // of no file's sound
    seams_[id] = tinySeamOf(session_, id);
    for (const Tether& t : session_.state().tethers) {
        if (t.recording == id) seams_[t.take] = tinySeamOf(session_, t.take);
    }
}

void MediaListModel::shapeGrowing() {
    for (const MediaItem& m : session_.state().media) {
        const MediaFacts* f = session_.facts(m.id);
        if (f && f->peaks && !f->scan) shape(m.id);
    }
}

void MediaListModel::rebuild() {
    std::vector<int> rows;
    const auto takes = listedTakes();
    const auto recordings = session_.state().ids(MediaKind::Recording);
    rows.insert(rows.end(), takes.begin(), takes.end());
    if (!recordings.empty()) rows.push_back(-1);
    rows.insert(rows.end(), recordings.begin(), recordings.end());
    const auto before = std::exchange(told_, session_.shoot().inForce());
    if (rows == rows_) {
        // Where the state is the same something else became known, of whichever.
        const bool known = before && before != told_;
        return tellRows(known ? changedMedia(*before, *told_) : std::nullopt);
    }
    beginResetModel();
    rows_ = std::move(rows);
    // Ids come again in another shoot.
    seams_.clear();
    for (const MediaItem& m : session_.state().media) seams_[m.id] = tinySeamOf(session_, m.id);
    endResetModel();
}

void MediaListModel::tellRows(const std::optional<std::set<int>>& media) {
    for (const MediaItem& m : session_.state().media) {
        if (!media || media->contains(m.id)) seams_[m.id] = tinySeamOf(session_, m.id);
    }
    if (!media && !rows_.empty()) {
        emit dataChanged(index(0), index(static_cast<int>(rows_.size()) - 1));
    }
    for (std::size_t i = 0; media && i < rows_.size(); ++i) {
        const QModelIndex row = index(static_cast<int>(i));
        if (media->contains(rows_[i])) emit dataChanged(row, row);
    }
}

void MediaListModel::setFilter(const TakeFilter& filter) {
    if (filter == filter_) return;
    filter_ = filter;
    rebuild();
}

std::vector<int> MediaListModel::listedTakes() const {
    const ShootState& s = session_.state();
    std::vector<int> takes = s.ids(MediaKind::Take);
    const auto name = [&](int id) { return QString::fromStdString(s.item(id)->name()); };
    std::erase_if(takes, [&](int id) {
        return !shows(filter_.show, id) ||
               (!filter_.text.isEmpty() && !says(*s.item(id), filter_.text));
    });
    const auto sortBy = [&](auto key) {
        std::stable_sort(takes.begin(), takes.end(), [&](int a, int b) { return key(a) < key(b); });
    };
    switch (filter_.order) {
        case TakeFilter::Order::AsAdded:
            break;
        case TakeFilter::Order::Name:
            sortBy([&](int id) { return name(id).toCaseFolded(); });
            break;
        case TakeFilter::Order::Place:
            sortBy([&](int id) {
                const Tether* t = s.tetherOf(id);
                const bool placed = t && t->state() != TetherState::Loose;
                return std::pair(placed ? t->recording : 1 << 30,
                                 placed ? t->line.offset.value : 0.0);
            });
            break;
        case TakeFilter::Order::State: {
            // What needs a person comes first.
            static constexpr std::array kRank{2, 3, 0, 4, 1};
            sortBy([&](int id) { return kRank[static_cast<std::size_t>(session_.stateOf(id))]; });
            break;
        }
    }
    return takes;
}

int MediaListModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

Qt::ItemFlags MediaListModel::flags(const QModelIndex& index) const {
    const bool heading = index.isValid() && rows_[static_cast<std::size_t>(index.row())] < 0;
    if (heading) return Qt::NoItemFlags;
    const bool take = index.isValid() && index.data(IsTakeRole).toBool();
    const Qt::ItemFlags plain = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    return take ? plain | Qt::ItemIsDragEnabled : plain;
}

QModelIndex MediaListModel::indexOf(int id) const {
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        if (rows_[i] == id && id > 0) return index(static_cast<int>(i));
    }
    return {};
}

bool MediaListModel::shows(TakeFilter::Show show, int take) const {
    const TetherState is = session_.stateOf(take);
    switch (show) {
        case TakeFilter::Show::All:
            break;
        case TakeFilter::Show::ToCheck:
            return is != TetherState::Tethered && is != TetherState::Loose;
        case TakeFilter::Show::NoPlace:
            return is == TetherState::Loose;
    }
    return true;
}

QString MediaListModel::number(int id, bool take) const {
    const MediaFacts* f = session_.facts(id);
    if (!f) return {};
    if (f->away) return tr("not there");
    if (!f->problem.isEmpty()) return tr("cannot be read");
    if (!take) return clockWords(f->info.duration, 0);
    const Tether* t = session_.state().tetherOf(id);
    if (!t || t->state() == TetherState::Loose) return {};
    return clockWords(t->line.offset, 1);
}

QString MediaListModel::takeWords(int id) const {
    QString words = stateWords(session_, id);
    if (session_.stateOf(id) == TetherState::Tethered && !session_.heard(id)) {
        words = tr("%1, not listened to").arg(words);
    }
    const QString slate = slateWords(session_.state().item(id)->slate);
    return slate.isEmpty() ? words : words + tr("; ") + slate;
}

QMimeData* MediaListModel::mimeData(const QModelIndexList& indexes) const {
    for (const QModelIndex& i : indexes) {
        if (i.data(IsTakeRole).toBool()) return dragOf(i.data(IdRole).toInt()).release();
    }
    return nullptr;
}

QString MediaListModel::recordingWords(int id) const {
    const MediaFacts* f = session_.facts(id);
    if (!f || f->info.sounds.empty()) return {};
    const int channels = heardSound(f->info).channels;
    QString words = channels == 1   ? tr("mono")
                    : channels == 2 ? tr("stereo")
                                    : tr("%1 channels").arg(channels);
    if (const int bits = f->info.sounds.front().bitsPerSample) words += tr(", %1-bit").arg(bits);
    const auto& tethers = session_.state().tethers;
    const auto takes =
        static_cast<int>(std::count_if(tethers.begin(), tethers.end(), [&](const Tether& t) {
            return t.recording == id && t.state() != TetherState::Loose;
        }));
    return takes == 0   ? words
           : takes == 1 ? words + tr("; 1 take on it")
                        : words + tr("; %1 takes on it").arg(takes);
}

QVariant MediaListModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const int id = rows_[static_cast<std::size_t>(index.row())];
    const ShootState& s = session_.state();
    if (id <= 0) {
        if (role == HeadingRole) return true;
        if (role != Qt::DisplayRole) return {};
        const auto n = static_cast<int>(s.ids(MediaKind::Recording).size());
        return n == 1 ? tr("1 recording") : tr("%1 recordings").arg(n);
    }
    const MediaItem* m = s.item(id);
    if (!m) return {};
    const bool take = m->role == MediaKind::Take;
    const QString name = QString::fromStdString(m->name());
    switch (role) {
        case Qt::DisplayRole:
            return name;
        case Qt::ToolTipRole: {
            const MediaFacts* f = session_.facts(id);
            QStringList lines{QString::fromStdString(m->path)};
            if (const QString slate = slateWords(m->slate); !slate.isEmpty()) lines << slate;
            if (!m->slate.note.empty()) lines << QString::fromStdString(m->slate.note);
            if (f) {
                for (const auto& w : f->info.warnings) lines << inWords(w);
                if (!f->problem.isEmpty()) lines << f->problem;
            }
            return lines.join(QLatin1Char('\n'));
        }
        case Qt::AccessibleTextRole:
            return take ? tr("%1, %2, %3").arg(name, takeWords(id), number(id, true))
                        : tr("%1, recording, %2").arg(name, number(id, false));
        case IdRole:
            return id;
        case IsTakeRole:
            return take;
        case StateRole:
            return static_cast<int>(session_.stateOf(id));
        case NumberRole:
            return number(id, take);
        case WordsRole:
            return take ? takeWords(id) : recordingWords(id);
        case HeadingRole:
            return false;
        default:
            return {};
    }
}

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/sheet/hand_over_files.h"

#include <QMimeData>

#include "app/spine/time_left_words.h"
#include "app/spine/words.h"
#include "core/time_text.h"

namespace brisk::app {
namespace {

/// What reading it back found, in words.
QString foundWords(const FileResult& r) {
    QString text;
    if (r.picture.pictures > 0 && r.picture.problem.empty()) {
        text = QObject::tr(" Read back: %1").arg(inWords(r.picture.said()));
    }
    if (r.check.measured) {
        text += text.isEmpty() ? QObject::tr(" Read back:") : QObject::tr(",");
        text += QObject::tr(" sound within %1 of its tether").arg(slipWords(r.check.worst()));
        if (r.check.everySample) text += QObject::tr(", every sample as rendered");
    }
    return text.isEmpty() ? text : text + QStringLiteral(".");
}

QString asideOf(const PlannedFile& f, const FileResult& r) {
    const auto sized = [](const QString& word, std::uintmax_t bytes) {
        return QObject::tr("%1, %2").arg(word, bytesWords(bytes));
    };
    switch (r.state) {
        case FileState::Writing:
            return QObject::tr("writing, %1 %").arg(static_cast<int>(r.progress * 100)) +
                   (r.left ? QObject::tr(", %1").arg(timeLeftWords(*r.left)) : QString());
        case FileState::Written:
            return sized(r.problem.empty() ? QObject::tr("written") : QObject::tr("check failed"),
                         r.bytes);
        case FileState::Failed:
            return QObject::tr("cannot be written");
        case FileState::Stopped:
            return QObject::tr("stopped");
        case FileState::Waiting:
            break;
    }
    return f.bytes > 0 ? QObject::tr("about %1").arg(bytesWords(f.bytes)) : QString();
}

}  // namespace

HandOverFiles::HandOverFiles(HandOverDesk& desk, QObject* parent)
    : QAbstractListModel(parent), desk_(desk) {
    connect(&desk_, &HandOverDesk::planned, this, [this] {
        beginResetModel();
        endResetModel();
    });
    connect(&desk_, &HandOverDesk::fileChanged, this,
            [this](int file) { emit dataChanged(index(file), index(file)); });
    connect(&desk_, &HandOverDesk::runningChanged, this, [this] {
        if (rowCount() > 0) emit dataChanged(index(0), index(rowCount() - 1));
    });
}

int HandOverFiles::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(desk_.plan().files.size());
}

QVariant HandOverFiles::data(const QModelIndex& index, int role) const {
    const auto i = static_cast<std::size_t>(index.row());
    if (!index.isValid() || i >= desk_.results().size()) return {};
    const PlannedFile& f = desk_.plan().files[i];
    const FileResult& r = desk_.results()[i];
    const QString name = q(std::filesystem::path(r.path).filename().string());
    const QString sentence =
        r.problem.empty() ? inWords(r.holds) + foundWords(r) : inWords(r.problem);
    switch (role) {
        case Qt::DisplayRole:
            return name;
        case Qt::ToolTipRole:
            return r.xxh3.empty() ? q(r.path) + QLatin1Char('\n') + sentence
                                  : tr("%1\n%2\nXXH3-128 %3").arg(q(r.path), sentence, q(r.xxh3));
        case Qt::AccessibleTextRole:
            return tr("%1: %2. %3").arg(name, asideOf(f, r), sentence);
        case SentenceRole:
            return sentence;
        case AttentionRole:
            return !r.problem.empty() && r.state != FileState::Stopped;
        case AsideRole:
            return asideOf(f, r);
        case ProgressRole:
            return r.state == FileState::Writing ? r.progress : -1.0;
        default:
            return {};
    }
}

Qt::ItemFlags HandOverFiles::flags(const QModelIndex& index) const {
    const auto i = static_cast<std::size_t>(index.row());
    const Qt::ItemFlags plain = QAbstractListModel::flags(index);
    const bool there = index.isValid() && i < desk_.results().size() &&
                       desk_.results()[i].state == FileState::Written;
    return there ? plain | Qt::ItemIsDragEnabled : plain;
}

QStringList HandOverFiles::mimeTypes() const {
    return {QStringLiteral("text/uri-list")};
}

QMimeData* HandOverFiles::mimeData(const QModelIndexList& indexes) const {
    std::vector<std::size_t> files;
    for (const QModelIndex& i : indexes) files.push_back(static_cast<std::size_t>(i.row()));
    const QList<QUrl> urls = files.empty() ? QList<QUrl>() : desk_.written(files);
    if (urls.isEmpty()) return nullptr;
    auto* data = new QMimeData;
    data->setUrls(urls);
    return data;
}

}  // namespace brisk::app

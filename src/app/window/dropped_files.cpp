// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/dropped_files.h"

#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QUrl>
#include <QVariantMap>

namespace brisk::app {
namespace {

const QString kKeyOfFiles = QStringLiteral("application/vnd.portal.filetransfer");

/// The files themselves, where the drag has them.
QStringList plainFiles(const QMimeData& dropped) {
    QStringList out;
    for (const QUrl& u : dropped.urls()) {
        if (u.isLocalFile()) out << u.toLocalFile();
    }
    return out;
}

}  // namespace

bool holdsFiles(const QMimeData& dropped) {
    return dropped.hasUrls() || dropped.hasFormat(kKeyOfFiles);
}

void filesOf(const QMimeData& dropped, QObject* context,
             std::function<void(const QStringList&)> tell, const QDBusConnection& bus) {
    // What the paths of a sandbox name is not there for others: the key comes first.
    if (!dropped.hasFormat(kKeyOfFiles)) return tell(plainFiles(dropped));
    QByteArray key = dropped.data(kKeyOfFiles);
    if (const auto end = key.indexOf('\0'); end >= 0) key.truncate(end);
    auto call = QDBusMessage::createMethodCall(
        QStringLiteral("org.freedesktop.portal.Documents"),
        QStringLiteral("/org/freedesktop/portal/documents"),
        QStringLiteral("org.freedesktop.portal.FileTransfer"), QStringLiteral("RetrieveFiles"));
    call << QString::fromUtf8(key) << QVariantMap{};
    auto* answer = new QDBusPendingCallWatcher(bus.asyncCall(call), context);
    QObject::connect(
        answer, &QDBusPendingCallWatcher::finished, context,
        [tell = std::move(tell), plain = plainFiles(dropped)](QDBusPendingCallWatcher* w) {
            w->deleteLater();
            const QDBusPendingReply<QStringList> files = *w;
            tell(files.isError() ? plain : files.value());
        });
}

}  // namespace brisk::app

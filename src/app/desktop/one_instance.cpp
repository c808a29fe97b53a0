// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: whoever can listen is the one. A socket that is left of a program that crashed answers
// nobody; it is taken away, under a lock, so that two that start together do not take away each
// other's.
#include "app/desktop/one_instance.h"

#include <unistd.h>
#include <QCryptographicHash>
#include <QDir>
#include <QJsonArray>
#include <QJsonDocument>
#include <QLocalSocket>
#include <QLockFile>
#include <QStandardPaths>

namespace brisk::app {
namespace {

constexpr int kPatience = 2000;      // milliseconds for an answer of somebody who is there
constexpr int kLockPatience = 5000;  // for another that starts at the same moment
constexpr qint64 kMostBytes = 16 << 20;
constexpr char kTaken = '1';

}  // namespace

OneInstance::OneInstance(QString name, QObject* parent) : QObject(parent), name_(std::move(name)) {
    server_.setSocketOptions(QLocalServer::UserAccessOption);
    connect(&server_, &QLocalServer::newConnection, this, &OneInstance::answer);
}

QString OneInstance::usualName() {
    const QByteArray screen =
        qgetenv("WAYLAND_DISPLAY") + '|' + qgetenv("DISPLAY") + '|' + qgetenv("QT_QPA_PLATFORM");
    const QString hash = QString::fromLatin1(
        QCryptographicHash::hash(screen, QCryptographicHash::Sha1).toHex().left(12));
    const QByteArray runtime = qgetenv("XDG_RUNTIME_DIR");
    const QString folder = runtime.isEmpty() ? QDir::tempPath() : QFile::decodeName(runtime);
    return folder + QStringLiteral("/brisk-tether-%1-%2").arg(::getuid()).arg(hash);
}

bool OneInstance::handOver(const QStringList& files) {
    QLockFile lock(name_ + QStringLiteral(".lock"));
    // Where there is no lock to be had, a second window is better than none.
    (void)lock.tryLock(kLockPatience);
    if (tell(files)) return true;
    listen();
    return false;
}

bool OneInstance::tell(const QStringList& files) const {
    QLocalSocket socket;
    socket.connectToServer(name_);
    if (!socket.waitForConnected(kPatience)) return false;
    socket.write(QJsonDocument(QJsonArray::fromStringList(files)).toJson(QJsonDocument::Compact));
    socket.write("\n");
    return socket.waitForBytesWritten(kPatience) && socket.waitForReadyRead(kPatience) &&
           socket.read(1) == QByteArray(1, kTaken);
}

void OneInstance::listen() {
    if (server_.listen(name_)) return;
    QLocalServer::removeServer(name_);
    if (!server_.listen(name_)) qWarning("%s", qPrintable(server_.errorString()));
}

void OneInstance::answer() {
    while (QLocalSocket* socket = server_.nextPendingConnection()) {
        connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
        const auto read = [this, socket] {
            if (socket->bytesAvailable() > kMostBytes) return socket->abort();
            if (!socket->canReadLine()) return;
            const QJsonDocument said = QJsonDocument::fromJson(socket->readLine());
            if (!said.isArray()) return socket->abort();
            QStringList files;
            for (const auto& file : said.array()) files << file.toString();
            socket->write(&kTaken, 1);
            socket->flush();
            emit asked(files);
        };
        connect(socket, &QLocalSocket::readyRead, this, read);
        if (socket->bytesAvailable() > 0) read();
    }
}

}  // namespace brisk::app

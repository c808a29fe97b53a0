// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desktop/sleep_hold.h"

#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>

namespace brisk::app {

SleepHold::SleepHold(QDBusConnection system, QObject* parent)
    : QObject(parent), bus_(std::move(system)) {}

void SleepHold::hold(const QString& why) {
    if (wanted_ || !bus_.isConnected()) return;
    wanted_ = true;
    QDBusMessage call = QDBusMessage::createMethodCall(
        QStringLiteral("org.freedesktop.login1"), QStringLiteral("/org/freedesktop/login1"),
        QStringLiteral("org.freedesktop.login1.Manager"), QStringLiteral("Inhibit"));
    call << QStringLiteral("sleep") << QStringLiteral("Brisk Tether") << why
         << QStringLiteral("block");
    auto* watcher = new QDBusPendingCallWatcher(bus_.asyncCall(call), this);
    connect(watcher, &QDBusPendingCallWatcher::finished, this, [this](auto* done) {
        const QDBusPendingReply<QDBusUnixFileDescriptor> reply = *done;
        done->deleteLater();
        // Meanwhile the work may have ended.
        if (!reply.isError() && wanted_) fd_ = reply.value();
    });
}

void SleepHold::letGo() {
    wanted_ = false;
    fd_ = QDBusUnixFileDescriptor();
}

}  // namespace brisk::app

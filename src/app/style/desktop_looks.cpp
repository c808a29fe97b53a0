// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/desktop_looks.h"

#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>

namespace brisk::app {
namespace {

constexpr const char* kService = "org.freedesktop.portal.Desktop";
constexpr const char* kPath = "/org/freedesktop/portal/desktop";
constexpr const char* kInterface = "org.freedesktop.portal.Settings";
constexpr const char* kAppearance = "org.freedesktop.appearance";
constexpr const char* kScheme = "color-scheme";
constexpr const char* kInterfaceSpace = "org.gnome.desktop.interface";
constexpr const char* kAnimations = "enable-animations";
constexpr uint kDark = 1, kLight = 2;

bool moves = true;

/// Read() wraps its answer twice.
QVariant unwrapped(QVariant v) {
    while (v.canConvert<QDBusVariant>()) v = v.value<QDBusVariant>().variant();
    return v;
}

}  // namespace

DesktopLooks::DesktopLooks(QDBusConnection bus, QObject* parent)
    : QObject(parent), atFirst_(desktopTheme()) {
    if (!bus.isConnected()) return;
    // Else the slot is refused where nothing has been asked on a bus before.
    qRegisterMetaType<QDBusVariant>("QDBusVariant");
    const bool told = bus.connect(QString::fromLatin1(kService), QString::fromLatin1(kPath),
                                  QString::fromLatin1(kInterface), QStringLiteral("SettingChanged"),
                                  this, SLOT(settingChanged(QString, QString, QDBusVariant)));
    if (!told) qWarning("The desktop's settings are not followed.");
    ask(bus, kAppearance, kScheme);
    ask(bus, kInterfaceSpace, kAnimations);
}

void DesktopLooks::ask(QDBusConnection& bus, const char* space, const char* key) {
    QDBusMessage call =
        QDBusMessage::createMethodCall(QString::fromLatin1(kService), QString::fromLatin1(kPath),
                                       QString::fromLatin1(kInterface), QStringLiteral("Read"));
    call << QString::fromLatin1(space) << QString::fromLatin1(key);
    auto* watcher = new QDBusPendingCallWatcher(bus.asyncCall(call), this);
    connect(watcher, &QDBusPendingCallWatcher::finished, this, [this, space, key](auto* done) {
        const QDBusPendingReply<QDBusVariant> reply = *done;
        done->deleteLater();
        if (!reply.isError()) {
            settingChanged(QString::fromLatin1(space), QString::fromLatin1(key), reply.value());
        }
    });
}

void DesktopLooks::settingChanged(const QString& space, const QString& key,
                                  const QDBusVariant& value) {
    const QVariant v = unwrapped(value.variant());
    if (space == QLatin1String(kAppearance) && key == QLatin1String(kScheme)) {
        const uint scheme = v.toUInt();
        theme_ = scheme == kDark    ? std::optional(Theme::Night)
                 : scheme == kLight ? std::optional(Theme::Day)
                                    : std::nullopt;
    } else if (space == QLatin1String(kInterfaceSpace) && key == QLatin1String(kAnimations)) {
        motion_ = v.toBool();
    } else {
        return;
    }
    emit changed();
}

bool motionWanted() {
    return moves;
}

void setMotionWanted(bool wanted) {
    moves = wanted;
}

}  // namespace brisk::app

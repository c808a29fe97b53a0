// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desktop/long_work.h"

#include <QDBusMessage>
#include <QGuiApplication>
#include <QWidget>
#include <cmath>

namespace brisk::app {
namespace {

constexpr double kStep = 0.01;  // of progress: less is not worth a message
constexpr int kUsualTime = -1;  // as long as the desktop shows notifications

QString launcherName() {
    return QStringLiteral("application://%1.desktop").arg(QGuiApplication::desktopFileName());
}

}  // namespace

LongWork::LongWork(Session& session, QWidget& window, QDBusConnection session_bus,
                   QDBusConnection system_bus)
    : QObject(&window),
      session_(session),
      window_(window),
      bus_(std::move(session_bus)),
      sleep_(std::move(system_bus)) {
    connect(&session_.work(), &WorkQueue::changed, this, &LongWork::follow);
    connect(&session_, &Session::said, this, [this](const QString& s) { lastSaid_ = s; });
}

void LongWork::follow() {
    const WorkQueue& work = session_.work();
    if (work.busyForShoot()) {
        if (what_.isEmpty()) {
            what_ = work.title();
            lastSaid_.clear();
            since_.start();
            sleep_.hold(what_);
        }
        showOnLauncher(true, work.progress());
        return;
    }
    if (what_.isEmpty()) return;
    sleep_.letGo();
    showOnLauncher(false, 0);
    if (since_.elapsed() >= worthTelling_ && !window_.isActiveWindow()) tellThatItIsDone();
    what_.clear();
}

void LongWork::showOnLauncher(bool visible, double fraction) {
    if (!bus_.isConnected() || (visible && std::fabs(fraction - shown_) < kStep)) return;
    shown_ = visible ? fraction : -1;
    QDBusMessage update = QDBusMessage::createSignal(
        QStringLiteral("/org/brisktether/brisktether"),
        QStringLiteral("com.canonical.Unity.LauncherEntry"), QStringLiteral("Update"));
    update << launcherName()
           << QVariantMap{{QStringLiteral("progress"), fraction},
                          {QStringLiteral("progress-visible"), visible}};
    bus_.send(update);
}

void LongWork::tellThatItIsDone() {
    if (!bus_.isConnected()) return;
    QDBusMessage call = QDBusMessage::createMethodCall(
        QStringLiteral("org.freedesktop.Notifications"),
        QStringLiteral("/org/freedesktop/Notifications"),
        QStringLiteral("org.freedesktop.Notifications"), QStringLiteral("Notify"));
    call << QStringLiteral("Brisk Tether") << 0u << QGuiApplication::desktopFileName()
         << tr("Done: %1").arg(what_) << lastSaid_.toHtmlEscaped() << QStringList()
         << QVariantMap{{QStringLiteral("desktop-entry"), QGuiApplication::desktopFileName()}}
         << kUsualTime;
    bus_.call(call, QDBus::NoBlock);
}

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Work that takes its time, told to the desktop: sleep is held off while a shoot is matched or
/// written, the launcher shows how far it is where it can (the signal com.canonical.Unity.
/// LauncherEntry.Update, which several desktops read), and a notification says that it is done
/// when a person looks elsewhere. Without a bus nothing of it happens, silently.
#pragma once

#include <QDBusConnection>
#include <QElapsedTimer>
#include <QObject>
#include <QTimer>

#include "app/desktop/sleep_hold.h"
#include "app/spine/session.h"

class QWidget;

namespace brisk::app {

class LongWork : public QObject {
    Q_OBJECT
  public:
    /// \param window  whose work it is; it is told of only while this is not looked at.
    LongWork(Session& session, QWidget& window,
             QDBusConnection session_bus = QDBusConnection::sessionBus(),
             QDBusConnection system_bus = QDBusConnection::systemBus());

    /// How long work has to take to be worth a notification; 10 s unless a test has less patience.
    void setWorthTelling(qint64 milliseconds) { worthTelling_ = milliseconds; }

  private:
    void follow();
    void showOnLauncher(bool visible, double fraction);
    void tellThatItIsDone();

    Session& session_;
    QWidget& window_;
    QDBusConnection bus_;
    SleepHold sleep_;
    QElapsedTimer since_;
    QString what_;       // is worked on; empty while nothing is
    QString lastSaid_;   // by the session since it began
    double shown_ = -1;  // on the launcher; -1 = nothing
    qint64 worthTelling_ = 10000;
};

}  // namespace brisk::app

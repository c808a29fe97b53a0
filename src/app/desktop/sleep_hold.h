// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Holds off the computer's sleep while there is work, through the session manager of the system
/// (org.freedesktop.login1, Inhibit). Where nobody answers, nothing is held.
#pragma once

#include <QDBusConnection>
#include <QDBusUnixFileDescriptor>
#include <QObject>

namespace brisk::app {

class SleepHold : public QObject {
    Q_OBJECT
  public:
    explicit SleepHold(QDBusConnection system = QDBusConnection::systemBus(),
                       QObject* parent = nullptr);

    /// Asks without waiting. \param why  for a person who wonders what keeps it awake.
    void hold(const QString& why);
    void letGo();
    /// True once the system has agreed.
    [[nodiscard]] bool held() const { return fd_.isValid(); }

  private:
    QDBusConnection bus_;
    QDBusUnixFileDescriptor fd_;  // what is held, as long as it is open
    bool wanted_ = false;
};

}  // namespace brisk::app

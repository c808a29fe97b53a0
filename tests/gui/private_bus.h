// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A message bus that nobody else is on.
#pragma once

#include <QProcess>
#include <QString>

namespace brisk::test {

class PrivateBus {
  public:
    PrivateBus() {
        daemon_.start(QStringLiteral("dbus-daemon"),
                      {QStringLiteral("--session"), QStringLiteral("--nofork"),
                       QStringLiteral("--print-address")});
        if (daemon_.waitForStarted() && daemon_.waitForReadyRead()) {
            address_ = QString::fromUtf8(daemon_.readLine().trimmed());
        }
    }
    ~PrivateBus() {
        daemon_.kill();
        daemon_.waitForFinished();
    }
    PrivateBus(const PrivateBus&) = delete;
    PrivateBus& operator=(const PrivateBus&) = delete;
    [[nodiscard]] const QString& address() const { return address_; }

  private:
    QProcess daemon_;
    QString address_;
};

}  // namespace brisk::test

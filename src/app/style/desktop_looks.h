// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What the desktop wishes of the looks of all programs, asked through its settings portal
/// (org.freedesktop.portal.Settings) and followed while running: dark or light, and whether things
/// may move. Where nobody answers, the palette that the toolkit came with decides, once.
#pragma once

#include <QDBusConnection>
#include <QDBusVariant>
#include <QObject>
#include <optional>

#include "app/style/colours.h"

namespace brisk::app {

class DesktopLooks : public QObject {
    Q_OBJECT
  public:
    /// Asks without waiting; changed() when there is an answer.
    explicit DesktopLooks(QDBusConnection bus = QDBusConnection::sessionBus(),
                          QObject* parent = nullptr);

    [[nodiscard]] Theme theme() const { return theme_.value_or(atFirst_); }
    /// Whether things may move to explain where they went.
    [[nodiscard]] bool motion() const { return motion_; }

  signals:
    void changed();

  private slots:
    void settingChanged(const QString& space, const QString& key, const QDBusVariant& value);

  private:
    void ask(QDBusConnection& bus, const char* space, const char* key);
    Theme atFirst_;
    std::optional<Theme> theme_;
    bool motion_ = true;
};

/// Whether things may move, for all that is drawn.
bool motionWanted();
void setMotionWanted(bool wanted);

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The files of a drag, from whoever it comes. A program in a sandbox hands over a key instead of
/// paths; the desktop's portal makes paths of it.
/// Source: org.freedesktop.portal.FileTransfer, an open interface of freedesktop.org.
#pragma once

#include <QDBusConnection>
#include <QMimeData>
#include <QStringList>
#include <functional>

class QObject;

namespace brisk::app {

/// Whether there are files in it.
bool holdsFiles(const QMimeData& dropped);

/// Tells them; at once, or when the portal has answered, which may be never.
/// \param context  nothing is told after its end.
void filesOf(const QMimeData& dropped, QObject* context,
             std::function<void(const QStringList&)> tell,
             const QDBusConnection& bus = QDBusConnection::sessionBus());

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The desktop's own list of files that were used, which its file dialogs and start menus show: the
/// Desktop Bookmark specification (XBEL, freedesktop.org).
#pragma once

#include <QDateTime>
#include <QString>

namespace brisk::app {

/// $XDG_DATA_HOME/recently-used.xbel; empty where there is no such place.
[[nodiscard]] QString desktopRecentList();

/// Puts a saved shoot on a list, or renews its date there. What others wrote stays as it is; a
/// list that is not understood is left alone. \return whether it was written.
bool noteRecentFile(const QString& list, const QString& file, const QDateTime& now);

}  // namespace brisk::app

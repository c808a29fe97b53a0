// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Small things about windows that the program remembers from one start to the next, apart from
/// what a person prefers: sizes for each screen, the folder of the last dialog, shoots that were
/// open when the session ended. Kept in $XDG_STATE_HOME/brisk-tether/windows.ini; what makes no
/// sense there is passed over.
#pragma once

#include <QString>
#include <QStringList>

class QWidget;

namespace brisk::app {

/// As large as a window was on the screen that it is on, and never larger than fits on it.
void restoreSize(QWidget& window);
void rememberSize(const QWidget& window);

/// Where files were chosen last; empty where never, or the folder is gone.
[[nodiscard]] QString lastFolder();
void rememberFolder(const QString& ofFile);

void rememberOpenShoots(const QStringList& paths);
/// Once; they are forgotten.
[[nodiscard]] QStringList takeOpenShoots();

}  // namespace brisk::app

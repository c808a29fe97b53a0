// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Puts the shipped font and the palette onto the whole application; its picture.
#pragma once

#include <QFont>
#include <QIcon>

namespace brisk::app {

/// Call once after QApplication exists, and again after setTheme.
void applyStyle();

/// The program's own picture, of all sizes that desktops show.
QIcon programIcon();

/// The interface font; designed pixels, never below 11, at the text scale in force.
QFont uiFont(int pixels, bool strong = false);

}  // namespace brisk::app

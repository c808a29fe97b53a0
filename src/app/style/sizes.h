// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Sizes of text, and of what holds text, relative to the desktop's font. Everything is designed in
/// pixels at the usual text size; here those become pixels on this desktop, and follow when the
/// size is changed while running.
///
///     useFont(title, 15, true);
///     fixHeight(row, 36);
///     p.drawText(QRectF(0, 0, w, scaled(20)), ...);
#pragma once

#include <QWidget>

namespace brisk::app {

/// 1 at the usual text size.
double textScale();
/// Also gives every widget that was set up here its new size. Between 0.5 and 4.
void setTextScale(double scale);
/// What the desktop's own font asks for: its size over the usual one. Before any font was set.
double desktopTextScale();

/// Designed pixels at the scale in force.
int scaled(int pixels);

/// The interface font at a designed size for a widget, kept in step.
void useFont(QWidget* widget, int pixels, bool strong = false);
/// Sizes of which one side is fixed, kept in step.
void fixHeight(QWidget* widget, int pixels);
void fixWidth(QWidget* widget, int pixels);
void leastWidth(QWidget* widget, int pixels);
void mostWidth(QWidget* widget, int pixels);

}  // namespace brisk::app

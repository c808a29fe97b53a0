// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The one table of colours. Nothing else in the program names a colour.
#pragma once

#include <QColor>

namespace brisk::app {

struct Colours {
    QColor paper;       ///< The ground everything lies on.
    QColor raised;      ///< The chosen row, fields.
    QColor ink;         ///< Text, marks, frame ticks, playhead.
    QColor quiet;       ///< Captions; 4.5:1 on paper.
    QColor hairline;    ///< Separators.
    QColor camera;      ///< The scratch sound's body: it is leaving.
    QColor cameraPale;  ///< Its peaks.
    QColor cameraText;
    QColor clean;  ///< The clean sound's body: it is arriving.
    QColor cleanPale;
    QColor cleanText;
    QColor action;      ///< What can be acted on.
    QColor actionText;  ///< On a filled action.
    QColor attention;   ///< What needs a look.
    QColor pictureGround;
    QColor pictureText;
};

enum class Theme { Day, Night };

/// The theme in force; Day until setTheme is called.
const Colours& colours();
Theme theme();
void setTheme(Theme t);

/// Night where the desktop's own window colour is dark.
Theme desktopTheme();

/// Contrast of two opaque colours after WCAG 2.1, 1 to 21.
double contrast(const QColor& a, const QColor& b);

}  // namespace brisk::app

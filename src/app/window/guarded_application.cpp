// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/guarded_application.h"

#include "app/spine/words.h"
#include "core/guarded.h"

namespace brisk::app {

bool GuardedApplication::notify(QObject* receiver, QEvent* event) {
    try {
        return QApplication::notify(receiver, event);
    } catch (...) {
        if (MainWindow* window = told_ ? told_() : nullptr)
            window->session().addNote(inWords(caughtError().fact));
        return true;
    }
}

}  // namespace brisk::app

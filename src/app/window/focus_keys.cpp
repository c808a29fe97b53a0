// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/focus_keys.h"

#include <QAbstractButton>
#include <QAbstractSlider>
#include <QApplication>
#include <QComboBox>
#include <QKeyEvent>
#include <QTreeView>

namespace brisk::app {
namespace {

bool isReturn(int key) {
    return key == Qt::Key_Return || key == Qt::Key_Enter;
}

/// Keys that a control has a use for itself.
bool wants(const QWidget* w, int key) {
    const bool presses = key == Qt::Key_Space || key == Qt::Key_Select || isReturn(key);
    const bool moves = key == Qt::Key_Left || key == Qt::Key_Right || key == Qt::Key_Up ||
                       key == Qt::Key_Down || key == Qt::Key_Home || key == Qt::Key_End ||
                       key == Qt::Key_PageUp || key == Qt::Key_PageDown;
    if (qobject_cast<const QAbstractButton*>(w)) return presses;
    if (qobject_cast<const QComboBox*>(w)) return presses || moves;
    if (qobject_cast<const QAbstractSlider*>(w)) return moves;
    if (qobject_cast<const QTreeView*>(w)) return presses || moves;
    return false;
}

}  // namespace

FocusKeys::FocusKeys(QWidget* window) : QObject(window), window_(window) {
    qApp->installEventFilter(this);
}

bool FocusKeys::eventFilter(QObject* of, QEvent* e) {
    if (e->type() != QEvent::ShortcutOverride && e->type() != QEvent::KeyPress) return false;
    auto* widget = qobject_cast<QWidget*>(of);
    if (!widget || widget->window() != window_ || !widget->hasFocus()) return false;
    const auto* key = static_cast<QKeyEvent*>(e);
    const auto modifiers = key->modifiers() & ~Qt::KeypadModifier;
    if (modifiers != Qt::NoModifier || !wants(widget, key->key())) return false;
    if (e->type() == QEvent::ShortcutOverride) {
        e->accept();
        return true;
    }
    auto* button = qobject_cast<QAbstractButton*>(widget);
    if (!button || !isReturn(key->key())) return false;
    button->click();
    return true;
}

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/choice_group.h"

#include <QAbstractButton>
#include <QEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>

#include "app/style/colours.h"

namespace brisk::app {

ChoiceGroup::ChoiceGroup(QWidget* parent) : QWidget(parent), row_(new QHBoxLayout(this)) {
    row_->setContentsMargins(2, 2, 2, 2);
    row_->setSpacing(0);
    setSizePolicy(QSizePolicy::Maximum, QSizePolicy::Fixed);
}

void ChoiceGroup::add(QAbstractButton* choice) {
    choice->setProperty("choice", true);
    row_->addWidget(choice);
    choice->installEventFilter(this);
}

bool ChoiceGroup::eventFilter(QObject* of, QEvent* e) {
    // Without any of them there is nothing to draw a line around.
    if (e->type() == QEvent::ShowToParent || e->type() == QEvent::HideToParent) {
        bool any = false;
        for (int i = 0; i < row_->count(); ++i) any |= !row_->itemAt(i)->widget()->isHidden();
        setVisible(any);
    }
    // Arrows move within the group, whatever they do elsewhere.
    if (e->type() == QEvent::ShortcutOverride || e->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(e);
        const bool plain = (key->modifiers() & ~Qt::KeypadModifier) == Qt::NoModifier;
        const int ahead = layoutDirection() == Qt::RightToLeft ? -1 : 1;
        const int by = key->key() == Qt::Key_Right  ? ahead
                       : key->key() == Qt::Key_Left ? -ahead
                                                    : 0;
        if (plain && by != 0) {
            e->accept();
            if (e->type() == QEvent::KeyPress) move(of, by);
            return true;
        }
    }
    return QWidget::eventFilter(of, e);
}

void ChoiceGroup::move(const QObject* from, int by) {
    const int n = row_->count();
    int at = 0;
    while (at < n && row_->itemAt(at)->widget() != from) ++at;
    for (int i = at + by; i >= 0 && i < n; i += by) {
        QWidget* w = row_->itemAt(i)->widget();
        if (w->isHidden() || !w->isEnabled()) continue;
        return w->setFocus(by > 0 ? Qt::TabFocusReason : Qt::BacktabFocusReason);
    }
}

void ChoiceGroup::paintEvent(QPaintEvent*) {
    if (row_->isEmpty()) return;  // nothing of it can be chosen now
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(colours().hairline);
    p.setBrush(colours().raised);
    p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 5, 5);
}

}  // namespace brisk::app

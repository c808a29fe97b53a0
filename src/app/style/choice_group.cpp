// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/choice_group.h"

#include <QAbstractButton>
#include <QEvent>
#include <QHBoxLayout>
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
    return QWidget::eventFilter(of, e);
}

void ChoiceGroup::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(colours().hairline);
    p.setBrush(colours().raised);
    p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 5, 5);
}

}  // namespace brisk::app

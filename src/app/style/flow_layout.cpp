// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/flow_layout.h"

#include <QStyle>
#include <QWidget>
#include <algorithm>

namespace brisk::app {

FlowLayout::FlowLayout(QWidget* parent, int spacing) : QLayout(parent) {
    setContentsMargins(0, 0, 0, 0);
    setSpacing(spacing);
}

FlowLayout::~FlowLayout() {
    qDeleteAll(items_);
}

QLayoutItem* FlowLayout::takeAt(int i) {
    return i >= 0 && i < items_.size() ? items_.takeAt(i) : nullptr;
}

int FlowLayout::heightForWidth(int width) const {
    return lay({0, 0, width, 0}, false);
}

QSize FlowLayout::minimumSize() const {
    QSize most;
    for (const QLayoutItem* i : items_) {
        if (!i->isEmpty()) most = most.expandedTo(i->minimumSize());
    }
    return most;
}

void FlowLayout::setGeometry(const QRect& room) {
    QLayout::setGeometry(room);
    lay(room, true);
}

int FlowLayout::lay(const QRect& room, bool place) const {
    int x = room.x(), y = room.y(), high = 0;
    for (QLayoutItem* i : items_) {
        if (i->isEmpty()) continue;
        const QSize size = i->sizeHint();
        if (x > room.x() && x + size.width() > room.x() + room.width()) {
            x = room.x();
            y += high + spacing();
            high = 0;
        }
        if (place) {
            const QRect at(QPoint(x, y), size);
            i->setGeometry(QStyle::visualRect(parentWidget()->layoutDirection(), room, at));
        }
        x += size.width() + spacing();
        high = std::max(high, size.height());
    }
    return y + high - room.y();
}

}  // namespace brisk::app

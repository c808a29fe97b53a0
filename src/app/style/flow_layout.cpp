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
    QList<std::pair<QLayoutItem*, QRect>> row;
    // What is lower than its row stands in the middle of it.
    const auto endRow = [&] {
        for (const auto& [item, at] : place ? row : QList<std::pair<QLayoutItem*, QRect>>{}) {
            const QRect middle = at.translated(0, (high - at.height()) / 2);
            item->setGeometry(QStyle::visualRect(parentWidget()->layoutDirection(), room, middle));
        }
        row.clear();
    };
    for (QLayoutItem* i : items_) {
        if (i->isEmpty()) continue;
        const QSize size = i->sizeHint();
        if (x > room.x() && x + size.width() > room.x() + room.width()) {
            endRow();
            x = room.x();
            y += high + spacing();
            high = 0;
        }
        row.emplace_back(i, QRect(QPoint(x, y), size));
        x += size.width() + spacing();
        high = std::max(high, size.height());
    }
    endRow();
    return y + high - room.y();
}

}  // namespace brisk::app

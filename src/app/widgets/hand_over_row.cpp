// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/widgets/hand_over_row.h"

#include <QPainter>

#include "app/models/hand_over_files.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"

namespace brisk::app {
namespace {
constexpr int kRow = 48;
}

QSize HandOverRow::sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const {
    return {200, kRow};
}

void HandOverRow::paint(QPainter* p, const QStyleOptionViewItem& option,
                        const QModelIndex& index) const {
    const Colours& c = colours();
    const QRect r = option.rect.adjusted(8, 0, -8, 0);
    p->save();
    if (option.state & QStyle::State_Selected) p->fillRect(option.rect, c.raised);
    p->setPen(c.hairline);
    p->drawLine(option.rect.bottomLeft(), option.rect.bottomRight());

    const QString aside = index.data(HandOverFiles::AsideRole).toString();
    p->setFont(uiFont(13));
    const int asideWidth = p->fontMetrics().horizontalAdvance(aside);
    const QRect upper(r.left(), r.top() + 5, r.width(), 20);
    p->setPen(c.quiet);
    p->drawText(upper, Qt::AlignRight | Qt::AlignVCenter, aside);
    p->setFont(uiFont(13, true));
    p->setPen(c.ink);
    const QRect nameRoom = upper.adjusted(0, 0, -asideWidth - 16, 0);
    p->drawText(
        nameRoom, Qt::AlignVCenter,
        p->fontMetrics().elidedText(index.data().toString(), Qt::ElideMiddle, nameRoom.width()));
    p->setFont(uiFont(12));
    p->setPen(index.data(HandOverFiles::AttentionRole).toBool() ? c.attention : c.quiet);
    const QRect lower(r.left(), r.top() + 24, r.width(), 18);
    p->drawText(lower, Qt::AlignVCenter,
                p->fontMetrics().elidedText(index.data(HandOverFiles::SentenceRole).toString(),
                                            Qt::ElideRight, lower.width()));
    const double progress = index.data(HandOverFiles::ProgressRole).toDouble();
    if (progress >= 0) {
        const QRectF bar(r.left(), r.bottom() - 3, r.width(), 3);
        p->fillRect(bar, c.hairline);
        p->fillRect(QRectF(bar.left(), bar.top(), bar.width() * progress, bar.height()), c.action);
    }
    p->restore();
}

}  // namespace brisk::app

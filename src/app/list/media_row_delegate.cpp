// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/list/media_row_delegate.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/list/media_list_model.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/sizes.h"
#include "app/style/state_mark.h"

namespace brisk::app {
namespace {
constexpr int kHeading = 36;
constexpr int kRow = 68;

/// One side, grown from the line in the middle.
void paintSide(QPainter* p, const TinySeam::Side& side, QRect room, double direction,
               const QColor& colour) {
    p->setPen(colour);
    const double y = room.center().y();
    for (int x = 0; x < room.width(); ++x) {
        const auto column = static_cast<std::size_t>(x) * side.size() /
                            static_cast<std::size_t>(std::max(1, room.width()));
        const double h = side[column] * room.height() / 2;
        if (h < 0.5) continue;
        p->drawLine(QPointF(room.left() + x, y), QPointF(room.left() + x, y + direction * h));
    }
}

void paintTinySeam(QPainter* p, const TinySeam& seam, QRect room) {
    const Colours& c = colours();
    p->setPen(c.hairline);
    p->drawLine(room.left(), room.center().y(), room.right(), room.center().y());
    paintSide(p, seam.camera, room, -1, c.camera);
    paintSide(p, seam.clean, room, 1, c.clean);
}
}  // namespace

QSize MediaRowDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const {
    return {200,
            index.data(MediaListModel::HeadingRole).toBool() ? scaled(kHeading) : scaled(kRow)};
}

void MediaRowDelegate::paint(QPainter* p, const QStyleOptionViewItem& option,
                             const QModelIndex& index) const {
    const Colours& c = colours();
    const QRect r = option.rect;
    p->save();
    if (index.data(MediaListModel::HeadingRole).toBool()) {
        p->setFont(uiFont(13, true));
        p->setPen(c.ink);
        p->drawText(r.adjusted(16, 8, -16, 0), Qt::AlignLeft | Qt::AlignVCenter,
                    index.data().toString());
        p->restore();
        return;
    }
    const bool chosen = option.state & QStyle::State_Selected;
    if (chosen) p->fillRect(r, c.raised);
    if (chosen && option.state & QStyle::State_HasFocus) {
        p->setPen(QPen(c.action, 2));
        p->drawRect(r.adjusted(1, 1, -1, -1));
    }
    // What lies left lies right where one reads from there.
    const auto mirrored = [&](QRect part) { return QStyle::visualRect(option.direction, r, part); };
    const bool take = index.data(MediaListModel::IsTakeRole).toBool();
    if (take) {
        drawStateMark(*p, mirrored({r.left() + 12, r.top() + scaled(8), scaled(16), scaled(16)}),
                      static_cast<TetherState>(index.data(MediaListModel::StateRole).toInt()));
    }
    const QString number = index.data(MediaListModel::NumberRole).toString();
    p->setFont(uiFont(13));
    const int numberWidth = p->fontMetrics().horizontalAdvance(number);
    p->setPen(c.quiet);
    const int indent = 20 + scaled(16);
    const QRect line =
        mirrored({r.left() + indent, r.top() + scaled(5), r.width() - indent - 12, scaled(22)});
    p->drawText(line, Qt::AlignRight | Qt::AlignVCenter, number);
    p->setFont(uiFont(13, chosen));
    p->setPen(c.ink);
    const int room = line.width() - numberWidth - 8;
    p->drawText(line, Qt::AlignLeft | Qt::AlignVCenter,
                p->fontMetrics().elidedText(index.data().toString(), Qt::ElideMiddle, room));
    const auto* model = qobject_cast<const MediaListModel*>(index.model());
    if (model) {
        paintTinySeam(p, model->tinySeam(index.data(MediaListModel::IdRole).toInt()),
                      QRect(line.left(), r.top() + scaled(42), line.width(), scaled(20)));
        p->setFont(uiFont(12));
        p->setPen(c.quiet);
        const QString words = index.data(MediaListModel::WordsRole).toString();
        p->drawText(QRect(line.left(), r.top() + scaled(24), line.width(), scaled(18)),
                    Qt::AlignLeft | Qt::AlignVCenter,
                    p->fontMetrics().elidedText(words, Qt::ElideRight, line.width()));
    }
    p->restore();
}

}  // namespace brisk::app

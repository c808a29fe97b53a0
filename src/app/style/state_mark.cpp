// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/state_mark.h"

#include <QPainterPath>

#include "app/style/colours.h"

namespace brisk::app {

void drawStateMark(QPainter& painter, QRectF square, TetherState state) {
    const Colours& p = colours();
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    const QRectF r = square.adjusted(2, 2, -2, -2);
    switch (state) {
        case TetherState::Loose:
            painter.setPen(QPen(p.ink, 1.6));
            painter.drawEllipse(r);
            break;
        case TetherState::Offered: {
            QPen pen(p.ink, 2, Qt::CustomDashLine, Qt::RoundCap);
            pen.setDashPattern({0.1, 2.0});
            painter.setPen(pen);
            painter.drawEllipse(r);
            break;
        }
        case TetherState::NeedsAnEar:
            painter.setPen(QPen(p.attention, 1.6));
            painter.drawEllipse(r);
            painter.setBrush(p.attention);
            painter.drawChord(r, 180 * 16, 180 * 16);
            painter.drawEllipse(QPointF(r.center().x(), r.center().y() - r.height() / 4), 1, 1);
            break;
        case TetherState::Tethered: {
            // A closed knot: one thread crossing itself.
            // A loop of thread, its ends crossed and pulled tight.
            const QPointF c(r.center().x(), r.center().y() - r.height() * 0.12);
            const double loop = r.width() * 0.38;
            QPainterPath knot;
            knot.addEllipse(c, loop, loop);
            const double below = r.bottom() + 1;
            knot.moveTo(c.x() - loop * 0.45, c.y() + loop * 0.9);
            knot.lineTo(c.x() + loop * 1.15, below);
            knot.moveTo(c.x() + loop * 0.45, c.y() + loop * 0.9);
            knot.lineTo(c.x() - loop * 1.15, below);
            painter.setPen(QPen(p.action, 2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            painter.drawPath(knot);
            break;
        }
    }
    painter.restore();
}

}  // namespace brisk::app

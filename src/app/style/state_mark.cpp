// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/state_mark.h"

#include <QPainterPath>
#include <QPixmap>
#include <QPixmapCache>
#include <cmath>

#include "app/style/colours.h"

namespace brisk::app {
namespace {

void drawAnew(QPainter& painter, QRectF square, TetherState state) {
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
            // A closed knot: the trefoil, one thread that crosses itself three times.
            QPainterPath knot;
            const double unit = r.width() / 5.2;
            for (int i = 0; i <= 60; ++i) {
                const double t = i * 2 * M_PI / 60;
                const QPointF at(r.center().x() + unit * (std::sin(t) + 2 * std::sin(2 * t)),
                                 r.center().y() + unit * (0.5 - std::cos(t) + 2 * std::cos(2 * t)));
                i == 0 ? knot.moveTo(at) : knot.lineTo(at);
            }
            painter.setPen(QPen(p.action, 1.5, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            painter.drawPath(knot);
            break;
        }
        case TetherState::Slipped:
            // A ring that came apart, its ends away from each other.
            painter.setPen(QPen(p.attention, 2, Qt::SolidLine, Qt::RoundCap));
            painter.drawArc(r.translated(-1, 0), 110 * 16, 140 * 16);
            painter.drawArc(r.translated(1, 0), -70 * 16, 140 * 16);
            break;
    }
    painter.restore();
}

/// Drawn once for each state, size and theme: a day map has hundreds of them.
QPixmap markOf(TetherState state, QSize size, double pixelRatio) {
    const QString key = QStringLiteral("state-mark-%1-%2x%3@%4-%5")
                            .arg(static_cast<int>(state))
                            .arg(size.width())
                            .arg(size.height())
                            .arg(pixelRatio)
                            .arg(static_cast<int>(theme()));
    QPixmap mark;
    if (QPixmapCache::find(key, &mark)) return mark;
    mark = QPixmap(size * pixelRatio);
    mark.setDevicePixelRatio(pixelRatio);
    mark.fill(Qt::transparent);
    QPainter p(&mark);
    drawAnew(p, QRectF(QPointF(0, 0), QSizeF(size)), state);
    p.end();
    QPixmapCache::insert(key, mark);
    return mark;
}

}  // namespace

void drawStateMark(QPainter& painter, QRectF square, TetherState state) {
    const QSize size = square.size().toSize();
    if (size.isEmpty()) return;
    painter.drawPixmap(square.topLeft(),
                       markOf(state, size, painter.device()->devicePixelRatioF()));
}

}  // namespace brisk::app

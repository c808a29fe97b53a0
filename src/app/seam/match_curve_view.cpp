// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/match_curve_view.h"

#include <QFileInfo>
#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "core/time_text.h"

namespace brisk::app {
namespace {

constexpr int kCaption = 20;
constexpr double kReach = 10;          // pixels a pointer may be off
constexpr double kHere = 0.05;         // seconds within which a place is the one in force
constexpr double kStandsOut = 0.4;     // of the strongest: drawn as a place worth trying
constexpr double kNothingNear = 0.25;  // of the strongest: no rival

}  // namespace

MatchCurveView::MatchCurveView(Session& session, QWidget* parent)
    : QWidget(parent), session_(session) {
    setFixedHeight(68);
    setMouseTracking(true);
    setAccessibleName(tr("Match curve: how strongly the take belongs at each place"));
    connect(&session, &Session::changed, this, &MatchCurveView::refresh);
    connect(&session, &Session::factsChanged, this, &MatchCurveView::refresh);
    connect(&session.work(), &WorkQueue::changed, this, [this] {
        if (pair_ && !points() && !session_.work().busy()) refresh();
    });
    connect(&source_, &MatchCurveSource::ready, this, [this] {
        setAccessibleDescription(words());
        update();
    });
}

void MatchCurveView::showTake(int take) {
    take_ = take;
    refresh();
}

void MatchCurveView::refresh() {
    pair_ = session_.view(take_).pair;
    // Not while files are read or matched: that work is waited for, this is not.
    if (pair_ && !session_.work().busy()) source_.want(*pair_);
    setVisible(pair_.has_value());
    update();
}

const std::vector<MatchPoint>* MatchCurveView::points() const {
    return pair_ ? source_.of(*pair_) : nullptr;
}

double MatchCurveView::strongest() const {
    double most = 0;
    if (const auto* all = points()) {
        for (const MatchPoint& p : *all) most = std::max(most, p.strength);
    }
    return most;
}

QString MatchCurveView::words() const {
    const auto* all = points();
    if (!all) return tr("looking for other places");
    if (all->empty()) return tr("too little is heard to compare places");
    const auto best = std::max_element(
        all->begin(), all->end(),
        [](const MatchPoint& a, const MatchPoint& b) { return a.strength < b.strength; });
    double next = 0;
    for (const MatchPoint& p : *all) {
        if (&p != &*best) next = std::max(next, p.strength);
    }
    if (next < kNothingNear * best->strength) return tr("no other place comes near");
    return tr("the next place is %1 % as strong").arg(std::lround(100 * next / best->strength));
}

QRectF MatchCurveView::plot() const {
    return QRectF(0, kCaption, width() - 16, height() - kCaption - 6);
}

double MatchCurveView::xOf(Seconds offset) const {
    if (!pair_) return 0;
    // From a take that ends where the recording begins, to one that begins where it ends.
    const Seconds first = -pair_->take->endOfTake();
    const double all = (pair_->recording->length() - first).value;
    return plot().left() + (offset - first).value / std::max(1e-9, all) * plot().width();
}

const MatchPoint* MatchCurveView::nearest(double x) const {
    const MatchPoint* best = nullptr;
    const auto* all = points();
    if (!all) return best;
    for (const MatchPoint& p : *all) {
        if (std::fabs(xOf(p.offset) - x) > kReach) continue;
        if (!best || p.strength > best->strength) best = &p;
    }
    return best;
}

void MatchCurveView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(uiFont(11));
    p.setPen(colours().quiet);
    const QRect caption(0, 2, width() - 16, kCaption - 2);
    const QString name = tr("match curve");
    p.drawText(caption, Qt::AlignLeft | Qt::AlignVCenter, name);
    const int used = p.fontMetrics().horizontalAdvance(name) + 16;
    p.drawText(caption.adjusted(used, 0, 0, 0), Qt::AlignRight | Qt::AlignVCenter,
               p.fontMetrics().elidedText(words(), Qt::ElideRight, caption.width() - used));
    const QRectF area = plot();
    const double base = std::floor(area.bottom()) + 0.5;
    p.setPen(QPen(colours().hairline, 1));
    p.drawLine(QPointF(area.left(), base), QPointF(area.right(), base));
    const auto* all = points();
    if (!pair_ || !all) return;
    const double most = std::max(1e-9, strongest());
    const double here = xOf(pair_->tether.line.offset);
    p.setPen(QPen(colours().clean, 1.5));
    p.drawLine(QPointF(here, area.top()), QPointF(here, base + 4));
    for (const MatchPoint& m : *all) {
        const double x = xOf(m.offset);
        const double y = base - m.strength / most * (area.height() - 6);
        const bool inForce = std::fabs((m.offset - pair_->tether.line.offset).value) < kHere;
        const bool stands = m.strength > kStandsOut * most;
        p.setPen(QPen(stands ? colours().ink : colours().cameraPale, stands ? 2 : 1));
        p.drawLine(QPointF(x, base), QPointF(x, y));
        if (!stands) continue;
        p.setPen(Qt::NoPen);
        p.setBrush(inForce ? colours().clean : colours().action);
        p.drawEllipse(QPointF(x, y), 3.5, 3.5);
    }
}

void MatchCurveView::mousePressEvent(QMouseEvent* e) {
    const MatchPoint* m = nearest(e->position().x());
    if (m && pair_ && !pair_->tether.locked) emit tried(m->offset.value);
}

void MatchCurveView::mouseMoveEvent(QMouseEvent* e) {
    const MatchPoint* m = nearest(e->position().x());
    setCursor(m && pair_ && !pair_->tether.locked ? Qt::PointingHandCursor : Qt::ArrowCursor);
    if (!m || !pair_) return QToolTip::hideText();
    const QString text =
        tr("%1 at %2: %3 % of the strongest.")
            .arg(QFileInfo(QString::fromStdString(pair_->recording->info.path)).fileName(),
                 QString::fromStdString(clockText(m->offset, 2)))
            .arg(std::lround(100 * m->strength / std::max(1e-9, strongest())));
    QToolTip::showText(e->globalPosition().toPoint(),
                       pair_->tether.locked ? text : text + tr(" Click to try it; B goes back."),
                       this);
}

bool MatchCurveView::event(QEvent* e) {
    if (e->type() == QEvent::ToolTip) return true;  // shown while moving
    return QWidget::event(e);
}

}  // namespace brisk::app

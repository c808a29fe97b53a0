// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/match_curve_view.h"

#include <QFileInfo>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/sizes.h"
#include "core/time_text.h"

namespace brisk::app {
namespace {

constexpr int kCurveCaptionHigh = 20;
constexpr double kCurveGrab = 10;      // pixels a pointer may be off
constexpr double kHere = 0.05;         // seconds within which a place is the one in force
constexpr double kStandsOut = 0.4;     // of the strongest: drawn as a place worth trying
constexpr double kNothingNear = 0.25;  // of the strongest: no rival

int curveCaptionHeight() {
    return scaled(kCurveCaptionHigh);
}

}  // namespace

MatchCurveView::MatchCurveView(Session& session, QWidget* parent)
    : QWidget(parent), session_(session) {
    fixHeight(this, 68);
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
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
    return QRectF(0, curveCaptionHeight(), width() - 16, height() - curveCaptionHeight() - 6);
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
        if (std::fabs(xOf(p.offset) - x) > kCurveGrab) continue;
        if (!best || p.strength > best->strength) best = &p;
    }
    return best;
}

void MatchCurveView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(uiFont(11));
    p.setPen(colours().quiet);
    const QRect caption(0, 2, width() - 16, curveCaptionHeight() - 2);
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
    if (const auto places = standingOut(); hasFocus() && !places.empty()) {
        const auto i = std::min(static_cast<std::size_t>(at_), places.size() - 1);
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(colours().action, 2));
        p.drawRect(QRectF(xOf(places[i].offset) - 7, area.top() - 2, 14, area.height() + 4));
    }
}

std::vector<MatchPoint> MatchCurveView::standingOut() const {
    std::vector<MatchPoint> out;
    const auto* all = points();
    if (!all) return out;
    const double most = strongest();
    for (const MatchPoint& m : *all) {
        if (m.strength > kStandsOut * most) out.push_back(m);
    }
    std::sort(out.begin(), out.end(),
              [](const MatchPoint& a, const MatchPoint& b) { return a.offset < b.offset; });
    return out;
}

QString MatchCurveView::wordsOf(const MatchPoint& m) const {
    return tr("%1 at %2: %3 % of the strongest.")
        .arg(QFileInfo(QString::fromStdString(pair_->recording->info.path)).fileName(),
             clockWords(m.offset, 2))
        .arg(std::lround(100 * m.strength / std::max(1e-9, strongest())));
}

int MatchCurveView::partCount() const {
    return static_cast<int>(standingOut().size());
}

SpokenParts::Part MatchCurveView::part(int i) const {
    const MatchPoint m = standingOut()[static_cast<std::size_t>(i)];
    const bool here = std::fabs((m.offset - pair_->tether.line.offset).value) < kHere;
    return {wordsOf(m), here ? tr("it is placed here") : QString(),
            QRectF(xOf(m.offset) - kCurveGrab, 0, 2 * kCurveGrab, height()).toRect(), here};
}

void MatchCurveView::pressPart(int i) {
    if (pair_ && !pair_->tether.locked) {
        emit tried(standingOut()[static_cast<std::size_t>(i)].offset.value);
    }
}

void MatchCurveView::keyPressEvent(QKeyEvent* e) {
    const int n = partCount();
    const int by = e->key() == Qt::Key_Right ? 1 : e->key() == Qt::Key_Left ? -1 : 0;
    const bool press =
        e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter || e->key() == Qt::Key_Space;
    if (n == 0 || (by == 0 && !press)) return QWidget::keyPressEvent(e);
    at_ = std::clamp(at_ + by, 0, n - 1);
    if (press) pressPart(at_);
    setAccessibleDescription(wordsOf(standingOut()[static_cast<std::size_t>(at_)]));
    valueSpoken(this);
    update();
}

void MatchCurveView::mousePressEvent(QMouseEvent* e) {
    const MatchPoint* m = nearest(e->position().x());
    if (m && pair_ && !pair_->tether.locked) emit tried(m->offset.value);
}

void MatchCurveView::mouseMoveEvent(QMouseEvent* e) {
    const MatchPoint* m = nearest(e->position().x());
    setCursor(m && pair_ && !pair_->tether.locked ? Qt::PointingHandCursor : Qt::ArrowCursor);
    if (!m || !pair_) return QToolTip::hideText();
    const QString text = wordsOf(*m);
    QToolTip::showText(e->globalPosition().toPoint(),
                       pair_->tether.locked ? text : text + tr(" Click to try it."), this);
}

bool MatchCurveView::event(QEvent* e) {
    if (e->type() == QEvent::ShortcutOverride) {
        // Here these keys go from place to place, and try one.
        const auto* key = static_cast<QKeyEvent*>(e);
        const bool ours = key->key() == Qt::Key_Left || key->key() == Qt::Key_Right ||
                          key->key() == Qt::Key_Return || key->key() == Qt::Key_Space;
        if (ours && key->modifiers() == Qt::NoModifier) e->accept();
    }
    if (e->type() == QEvent::ToolTip) return true;  // shown while moving
    return QWidget::event(e);
}

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/proof/slip_line.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
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
constexpr int kSlipCaptionHigh = 14;
constexpr double kMinRange = 0.001;  // seconds shown either way
constexpr double kOffTheLine = 0.003;
int slipCaptionHeight() {
    return scaled(kSlipCaptionHigh);
}
}  // namespace

SlipLine::SlipLine(Proof& proof, QWidget* parent) : QWidget(parent), proof_(proof) {
    fixHeight(this, 68);
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setAccessibleName(tr("How far apart, along the take"));
    connect(&proof, &Proof::changed, this, [this] {
        setAccessibleDescription(verdict());
        update();
    });
}

QString SlipLine::verdict() const {
    const ProofState& s = proof_.state();
    if (s.slips.empty()) return s.done ? tr("too short to compare along its length") : QString();
    return inWords(s.verdict.said);
}

QRectF SlipLine::plot() const {
    return QRectF(0, slipCaptionHeight(), width() - 16, height() - slipCaptionHeight() - 4);
}

double SlipLine::xOf(Seconds t) const {
    const TimeRange o = proof_.state().overlap;
    return plot().left() + (t - o.start).value / std::max(1e-9, o.length().value) * plot().width();
}

SlipLine::Range SlipLine::range() const {
    const ProofState& s = proof_.state();
    Range r{-kMinRange, kMinRange};
    const auto hold = [&r](Seconds slip) {
        r.least = std::min(r.least, 1.15 * slip.value);
        r.most = std::max(r.most, 1.15 * slip.value);
    };
    for (const auto& p : s.slips) {
        if (p.slip && !strays(p)) hold(*p.slip);
    }
    for (const PathDelay& way : s.path) hold(way.later);
    for (const LeftSlip& left : s.unfollowed) hold(left.slip);
    return r;
}

QString SlipLine::caption() const {
    const ProofState& s = proof_.state();
    if (s.slips.empty()) return tr("how far apart, along the take");
    const Range r = range();
    QString text = tr("how far apart, along the take: %1 to %2")
                       .arg(slipWords({r.least}), slipWords({r.most}));
    if (s.unfollowed.empty()) return text;
    return text + (s.jumps ? tr("; pale: with the jumps left in")
                           : tr("; pale: if the recorder's pace were not followed"));
}

bool SlipLine::hasLine() const {
    const FitVerdict& v = proof_.state().verdict;
    return v.heard >= 2 && v.fit != Fit::Nothing && v.fit != Fit::Jumping;
}

double SlipLine::expected(Seconds t) const {
    const ProofState& s = proof_.state();
    return s.verdict.atStart.value + s.verdict.slope * (t - s.slips.front().time).value +
           pathAt(s.path, t).value;
}

bool SlipLine::strays(const SlipPoint& p) const {
    return hasLine() && p.slip && std::fabs(p.slip->value - expected(p.time)) > kOffTheLine;
}

const SlipPoint* SlipLine::nearest(double x) const {
    const SlipPoint* best = nullptr;
    for (const auto& p : proof_.state().slips) {
        if (!best || std::fabs(xOf(p.time) - x) < std::fabs(xOf(best->time) - x)) best = &p;
    }
    return best;
}

void SlipLine::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(uiFont(11));
    p.setPen(colours().quiet);
    p.drawText(QRect(0, 0, width() - 16, slipCaptionHeight()), Qt::AlignLeft | Qt::AlignVCenter,
               caption());
    const ProofState& s = proof_.state();
    const QRectF area = plot();
    const Range r = range();
    const auto yOf = [&](double slip) {
        const double share = (std::clamp(slip, r.least, r.most) - r.least) / (r.most - r.least);
        return area.bottom() - 3 - share * (area.height() - 6);
    };
    const double none = std::floor(yOf(0)) + 0.5;
    p.setPen(QPen(colours().hairline, 1));
    p.drawLine(QPointF(area.left(), none), QPointF(area.right(), none));
    if (s.slips.empty()) return;

    QPolygonF unfollowed;
    for (const LeftSlip& l : s.unfollowed) {
        unfollowed << QPointF(xOf(l.takeTime), yOf(l.slip.value));
    }
    p.setPen(QPen(colours().cleanPale, 2));
    p.drawPolyline(unfollowed);
    const FitVerdict& v = s.verdict;
    const Seconds first = s.slips.front().time, last = s.slips.back().time;
    if (hasLine()) {
        // Straight as clocks are, but for where somebody walked.
        QPolygonF course{QPointF(xOf(first), yOf(expected(first)))};
        for (const PathDelay& way : s.path) {
            if (way.takeTime <= first || way.takeTime >= last) continue;
            course << QPointF(xOf(way.takeTime), yOf(expected(way.takeTime)));
        }
        course << QPointF(xOf(last), yOf(expected(last)));
        p.setPen(QPen(colours().clean, 1.5));
        p.drawPolyline(course);
    }
    p.setFont(uiFont(11));
    for (const SlipJump& jump : v.jumps) {
        const double x = std::floor(xOf(jump.at)) + 0.5;
        p.setPen(QPen(colours().attention, 1, Qt::DashLine));
        p.drawLine(QPointF(x, area.top()), QPointF(x, area.bottom()));
        p.setPen(colours().attention);
        p.drawText(QPointF(x + 4, area.bottom() - 2), slipWords(jump.by));
    }
    p.setPen(Qt::NoPen);
    for (const auto& point : s.slips) {
        if (!point.slip) continue;
        p.setBrush(strays(point) ? colours().cameraPale : colours().ink);
        p.drawEllipse(QPointF(xOf(point.time), yOf(point.slip->value)), 2, 2);
    }
    if (hasFocus() && at_ < s.slips.size()) {
        const SlipPoint& here = s.slips[at_];
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(colours().action, 2));
        p.drawEllipse(QPointF(xOf(here.time), yOf(here.slip.value_or(Seconds{0}).value)), 5, 5);
    }
}

QString SlipLine::wordsOf(const SlipPoint& p) const {
    return tr("%1 of the take: %2")
        .arg(clockWords(p.time, 1), p.slip ? slipWords(*p.slip) : tr("no common sound"));
}

QString SlipLine::spokenValue() const {
    const auto& all = proof_.state().slips;
    return at_ < all.size() ? wordsOf(all[at_]) : QString();
}

double SlipLine::spokenMost() const {
    return std::max(0.0, static_cast<double>(proof_.state().slips.size()) - 1);
}

void SlipLine::speakTo(double spot) {
    const auto& all = proof_.state().slips;
    if (all.empty()) return;
    at_ = static_cast<std::size_t>(std::clamp(spot, 0.0, spokenMost()));
    emit wentTo(all[at_].time.value);
    valueSpoken(this);
    update();
}

void SlipLine::keyPressEvent(QKeyEvent* e) {
    const double by = e->key() == Qt::Key_Right ? 1 : e->key() == Qt::Key_Left ? -1 : 0;
    if (by == 0) return QWidget::keyPressEvent(e);
    speakTo(std::min<double>(static_cast<double>(at_), spokenMost()) + by);
}

void SlipLine::mousePressEvent(QMouseEvent* e) {
    const SlipPoint* p = nearest(e->position().x());
    if (!p) return;
    at_ = static_cast<std::size_t>(p - proof_.state().slips.data());
    emit wentTo(p->time.value);
}

void SlipLine::mouseMoveEvent(QMouseEvent* e) {
    const SlipPoint* p = nearest(e->position().x());
    if (!p) return;
    QToolTip::showText(e->globalPosition().toPoint(), wordsOf(*p), this);
}

bool SlipLine::event(QEvent* e) {
    if (e->type() == QEvent::ShortcutOverride) {
        // Here these keys go from spot to spot, not from picture to picture.
        const auto* key = static_cast<QKeyEvent*>(e);
        if (key->modifiers() == Qt::NoModifier &&
            (key->key() == Qt::Key_Left || key->key() == Qt::Key_Right)) {
            e->accept();
        }
    }
    if (e->type() == QEvent::ToolTip) return true;  // shown while moving
    return QWidget::event(e);
}

}  // namespace brisk::app

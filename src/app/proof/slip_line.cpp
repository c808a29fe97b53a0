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

double SlipLine::range() const {
    double most = 0;
    for (const auto& p : proof_.state().slips) {
        if (p.slip) most = std::max(most, std::fabs(p.slip->value));
    }
    return std::max(kMinRange, 1.15 * most);
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
    const QRect caption(0, 0, width() - 16, slipCaptionHeight());
    const QString name = proof_.state().slips.empty()
                             ? tr("how far apart, along the take")
                             : tr("how far apart, along the take: ± %1").arg(slipWords({range()}));
    p.drawText(caption, Qt::AlignLeft | Qt::AlignVCenter, name);
    const ProofState& s = proof_.state();
    const QRectF area = plot();
    const double middle = std::floor(area.center().y()) + 0.5;
    p.setPen(QPen(colours().hairline, 1));
    p.drawLine(QPointF(area.left(), middle), QPointF(area.right(), middle));
    if (s.slips.empty()) return;

    const double most = range();
    const auto yOf = [&](double slip) {
        return middle - std::clamp(slip / most, -1.0, 1.0) * (area.height() / 2 - 3);
    };
    const FitVerdict& v = s.verdict;
    const bool line = v.heard >= 2 && v.fit != Fit::Nothing && v.fit != Fit::Jumping;
    const Seconds first = s.slips.front().time, last = s.slips.back().time;
    const auto expected = [&](Seconds t) {
        return v.atStart.value + v.slope * (t - first).value + pathAt(s.path, t).value;
    };
    if (line) {
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
        const bool stray =
            line && std::fabs(point.slip->value - expected(point.time)) > kOffTheLine;
        p.setBrush(stray ? colours().cameraPale : colours().ink);
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

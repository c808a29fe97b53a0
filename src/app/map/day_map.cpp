// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/map/day_map.h"

#include <QApplication>
#include <QDrag>
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QStyle>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>
#include <utility>

#include "app/seam/column_raster.h"
#include "app/spine/dragged_take.h"
#include "app/spine/state_words.h"
#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/desktop_looks.h"
#include "app/style/sizes.h"
#include "app/style/state_mark.h"
#include "core/time_text.h"

namespace brisk::app {
namespace {

constexpr int kRulerHigh = 22;
constexpr int kMargin = 16;
constexpr int kMaxHigh = 168;
constexpr int kShelfBoxWide = 62;
constexpr double kShelfGap = 6, kShelfMost = 0.2;  // pixels; of the map, where names are whole
constexpr int kRowHigh = 30, kLaneHigh = 24, kBoxHigh = 20;
constexpr int kMaxNameLength = 240;  // pixels
constexpr int kSlideMs = 260;
constexpr double kRoundedFrom = 14;  // pixels
constexpr double kSeenPixels = 0.25;
constexpr double kMinBox = 5;  // pixels: a short take in a long day can still be pointed at

QString nameOf(const Session& s, int id) {
    const MediaItem* m = s.state().item(id);
    return m ? QFileInfo(QString::fromStdString(m->path)).completeBaseName() : QString();
}

int ruler() {
    return scaled(kRulerHigh);
}

}  // namespace

DayMap::DayMap(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAcceptDrops(true);
    setAccessibleName(tr("Day map: recordings, and the takes where they belong"));
    sliding_.setStartValue(0.0);
    sliding_.setEndValue(1.0);
    sliding_.setDuration(kSlideMs);
    sliding_.setEasingCurve(QEasingCurve::OutCubic);
    connect(&sliding_, &QVariantAnimation::valueChanged, this, qOverload<>(&QWidget::update));
    connect(&session, &Session::changed, this, &DayMap::refresh);
    connect(&session, &Session::factsChanged, this, [this] {
        refresh();
        redraw();  // the sound of a recording, too
    });
    connect(&session.work(), &WorkQueue::changed, this, &DayMap::redraw);
    refresh();
}

void DayMap::choose(int take) {
    if (take == chosen_) return;
    const auto renew = [this](int which) {
        const QRectF box = shownBox(which);
        box.isNull() ? update() : update(box.toAlignedRect().adjusted(-2, -2, 2, 2));
    };
    renew(chosen_);
    chosen_ = take;
    renew(chosen_);
    valueSpoken(this);
}

int DayMap::partCount() const {
    return static_cast<int>(day_.takes.size() + day_.shelf.size());
}

int DayMap::takeNumber(int i) const {
    const auto n = static_cast<std::size_t>(i);
    return n < day_.takes.size() ? day_.takes[n].take : day_.shelf[n - day_.takes.size()];
}

SpokenParts::Part DayMap::part(int i) const {
    const int take = takeNumber(i);
    return {nameOf(session_, take), stateWords(session_, take), boxOf(take).toRect(),
            take == chosen_};
}

void DayMap::pressPart(int i) {
    emit chosen(takeNumber(i));
}

void DayMap::refresh() {
    std::map<int, QRectF> before;
    const auto remember = [&](int take, const QRectF& box) { before[take] = onItsWay(take, box); };
    for (const auto& t : day_.takes) remember(t.take, boxOf(t));
    for (std::size_t i = 0; i < day_.shelf.size(); ++i) remember(day_.shelf[i], shelfBox(i));
    day_ = layOutDay(session_.state(), [this](int id) { return session_.library().dayFacts(id); });
    layOut();
    came_ = std::move(before);
    slide();
    auto now = looks();
    const bool same = std::equal(now.begin(), now.end(), drawn_.begin(), drawn_.end(),
                                 [](double a, double b) { return std::fabs(a - b) < kSeenPixels; });
    if (same) return;
    drawn_ = std::move(now);
    update();
}

std::vector<double> DayMap::looks() const {
    std::vector<double> out{static_cast<double>(width()), static_cast<double>(height()),
                            axis_.start().value / axis_.secondsPerPixel(),
                            day_.clock.value_or(Seconds{-1}).value};
    const auto name = [&](int id) {
        const MediaItem* m = session_.state().item(id);
        out.push_back(m ? static_cast<double>(std::hash<std::string>{}(m->path)) : 0);
    };
    for (const DayRibbon& r : day_.ribbons) {
        name(r.recording);
        out.insert(out.end(),
                   {axis_.xOf(r.day.start), axis_.xOf(r.day.end), static_cast<double>(r.row)});
    }
    const auto box = [&](int take, const QRectF& b) {
        name(take);
        out.insert(out.end(), {static_cast<double>(session_.stateOf(take)), b.left(), b.top(),
                               b.width(), b.height()});
    };
    for (const DayTake& t : day_.takes) {
        box(t.take, boxOf(t));
        for (const TimeRange& c : t.covered) {
            out.insert(out.end(), {axis_.xOf(c.start), axis_.xOf(c.end)});
        }
    }
    for (std::size_t i = 0; i < day_.shelf.size(); ++i) box(day_.shelf[i], shelfBox(i));
    return out;
}

void DayMap::slide() {
    const auto away = [&](int take, const QRectF& now) {
        const auto from = came_.find(take);
        return from != came_.end() && !now.isNull() &&
               (now.topLeft() - from->second.topLeft()).manhattanLength() > 8;
    };
    bool moved = std::any_of(day_.takes.begin(), day_.takes.end(),
                             [&](const DayTake& t) { return away(t.take, boxOf(t)); });
    for (std::size_t i = 0; i < day_.shelf.size(); ++i) {
        moved = moved || away(day_.shelf[i], shelfBox(i));
    }
    sliding_.stop();
    const bool still = !moved || !isVisible() || !motionWanted();
    if (still) {
        came_.clear();
    } else {
        sliding_.start();
    }
}

void DayMap::layOut() {
    const int rows = std::max(1, day_.rows);
    const int lanes = std::max<int>(1, static_cast<int>(day_.laneNames.size()));
    const double room = scaled(kMaxHigh) - ruler() - 8;
    const double each = std::min(1.0, room / (rows * scaled(kRowHigh) + lanes * scaled(kLaneHigh)));
    rowHeight_ = std::floor(scaled(kRowHigh) * each);
    laneHeight_ = std::floor(scaled(kLaneHigh) * each);
    setFixedHeight(ruler() + static_cast<int>(rows * rowHeight_ + lanes * laneHeight_) + 8);
    shelfBoxWidth_ = shelfBoxWidth();
    axis_.setWidth(static_cast<int>(shelfLeft()) - kMargin);
    if (fitted_) axis_.fit(limits());
    shapeRibbons();
}

TimeRange DayMap::limits() const {
    return {{0}, std::max(Seconds{1}, day_.length)};
}

std::size_t DayMap::shelfRows() const {
    return static_cast<std::size_t>(
        std::max(1.0, std::floor((height() - ruler()) / scaled(kLaneHigh))));
}

double DayMap::shelfColumns() const {
    return std::ceil(static_cast<double>(day_.shelf.size()) / static_cast<double>(shelfRows()));
}

double DayMap::shelfBoxWidth() const {
    const double least = scaled(kShelfBoxWide);
    const double most = width() * kShelfMost / std::max(1.0, shelfColumns()) - kShelfGap;
    if (most <= least) return least;
    // As wide as the names, where few takes are left over.
    const QFontMetrics letters(uiFont(11, true));
    double name = 0;
    for (const int id : day_.shelf) {
        name = std::max<double>(name, letters.horizontalAdvance(nameOf(session_, id)));
    }
    return std::clamp(name + scaled(30), least, most);
}

double DayMap::shelfLeft() const {
    if (day_.shelf.empty()) return width() - kMargin;
    const double wide = std::min(shelfColumns() * (shelfBoxWidth_ + kShelfGap), width() * 0.4);
    return width() - kMargin - wide;
}

double DayMap::laneTop(int lane) const {
    return ruler() + std::max(1, day_.rows) * rowHeight_ + lane * laneHeight_;
}

QRectF DayMap::shelfBox(std::size_t i) const {
    const std::size_t column = i / shelfRows(), row = i % shelfRows();
    const double x =
        shelfLeft() + kShelfGap + static_cast<double>(column) * (shelfBoxWidth_ + kShelfGap);
    if (x + shelfBoxWidth_ > width()) return {};
    return {x, ruler() + static_cast<double>(row) * scaled(kLaneHigh) + 2, shelfBoxWidth_,
            static_cast<double>(scaled(kBoxHigh))};
}

QRectF DayMap::boxOf(const DayTake& t) const {
    const double left = kMargin + axis_.xOf(t.day.start);
    const double wide = std::max(kMinBox, axis_.xOf(t.day.end) - axis_.xOf(t.day.start));
    return {left, laneTop(t.lane) + 2, wide, laneHeight_ - 4};
}

QRectF DayMap::boxOf(int take) const {
    for (const DayTake& t : day_.takes) {
        if (t.take == take) return boxOf(t);
    }
    for (std::size_t i = 0; i < day_.shelf.size(); ++i) {
        if (day_.shelf[i] == take) return shelfBox(i);
    }
    return {};
}

QRectF DayMap::shownBox(int take) const {
    return onItsWay(take, boxOf(take));
}

QRectF DayMap::onItsWay(int take, const QRectF& now) const {
    const auto from = came_.find(take);
    if (from == came_.end() || !sliding()) return now;
    const double way = sliding_.currentValue().toDouble();
    const auto between = [&](double a, double b) { return a + (b - a) * way; };
    return {between(from->second.left(), now.left()), between(from->second.top(), now.top()),
            between(from->second.width(), now.width()),
            between(from->second.height(), now.height())};
}

int DayMap::takeAt(QPointF at) const {
    for (const DayTake& t : day_.takes) {
        if (boxOf(t).adjusted(-1, -2, 1, 2).contains(at)) return t.take;
    }
    for (const int id : day_.shelf) {
        if (boxOf(id).contains(at)) return id;
    }
    return 0;
}

void DayMap::paintEvent(QPaintEvent* e) {
    QPainter p(this);
    p.fillRect(rect(), colours().paper);
    p.setPen(colours().hairline);
    p.drawLine(0, height() - 1, width(), height() - 1);
    if (day_.ribbons.empty() && day_.shelf.empty()) return;
    const QRectF map(kMargin, 0, shelfLeft() - kMargin, height());
    p.save();
    p.setClipRect(map);
    paintRuler(p);
    for (std::size_t i = 0; i < day_.ribbons.size(); ++i) paintRibbon(p, i);
    p.restore();
    p.save();
    if (!sliding()) p.setClipRect(map);
    for (const auto& t : day_.takes) {
        const QRectF box = onItsWay(t.take, boxOf(t));
        if (box.intersects(e->rect())) paintTake(p, t.take, box, t.day, t.covered);
    }
    p.restore();
    if (!day_.shelf.empty()) {
        p.setFont(uiFont(11));
        p.setPen(colours().quiet);
        p.drawText(QRectF(shelfLeft() + kShelfGap, 0, width() - shelfLeft(), ruler()),
                   Qt::AlignVCenter, tr("no place · %1").arg(day_.shelf.size()));
    }
    for (const int id : day_.shelf) {
        if (!boxOf(id).isNull()) paintTake(p, id, shownBox(id), {}, {});
    }
    paintDrop(p);
    if (hasFocus()) {
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(colours().action, 2));
        p.drawRect(rect().adjusted(1, 1, -1, -2));
    }
}

void DayMap::paintRuler(QPainter& p) const {
    p.setFont(uiFont(11));
    const double step = axis_.niceStep(90);
    const Seconds clock = day_.clock.value_or(Seconds{0});
    const auto first = static_cast<std::int64_t>(std::floor((axis_.start() + clock).value / step));
    for (std::int64_t i = first; static_cast<double>(i) * step - clock.value <= axis_.end().value;
         ++i) {
        const Seconds t{static_cast<double>(i) * step};
        const double x = kMargin + std::floor(axis_.xOf(t - clock)) + 0.5;
        p.setPen(colours().hairline);
        p.drawLine(QPointF(x, 4), QPointF(x, height() - 4));
        p.setPen(colours().quiet);
        p.drawText(QPointF(x + 4, scaled(15)), clockWords(t, step < 1 ? 1 : 0));
    }
}

DayMap::RibbonPlace DayMap::placeOf(const DayRibbon& ribbon) const {
    const double left = kMargin + axis_.xOf(ribbon.day.start);
    const double right = kMargin + axis_.xOf(ribbon.day.end);
    return {left, static_cast<int>(std::floor(std::max<double>(kMargin, left))),
            static_cast<int>(std::ceil(std::min(right, shelfLeft())))};
}

void DayMap::shapeRibbons() {
    shapes_.resize(day_.ribbons.size());
    for (std::size_t i = 0; i < shapes_.size(); ++i) {
        const MediaFacts* f = session_.facts(day_.ribbons[i].recording);
        RibbonShape shape;
        shape.recording = day_.ribbons[i].recording;
        shape.place = placeOf(day_.ribbons[i]);
        shape.high = rowHeight_;
        const int columns = shape.place.to - shape.place.from;
        if (f && f->peaks && !f->info.sounds.empty() && columns > 0) {
            shape.perPixel = axis_.secondsPerPixel() * f->info.sounds.front().rate.hertz;
            shape.samples = f->peaks->samples();
        }
        if (shape.sameAs(shapes_[i])) continue;
        shapes_[i] = std::move(shape);
        if (shapes_[i].perPixel <= 0) continue;
        const double most = std::max(0.02, static_cast<double>(f->peaks->largest()));
        const RibbonShape& now = shapes_[i];
        for (const auto& c : f->peaks->columns((now.place.from - now.place.left) * now.perPixel,
                                               now.perPixel, columns)) {
            const auto pixels = [&](double v) {
                return static_cast<float>(std::min(1.0, v / most) * (rowHeight_ / 2 - 3));
            };
            const double peak = std::max(std::fabs(c.low), std::fabs(c.high));
            shapes_[i].heights.push_back(
                {pixels(peak), pixels(std::min<double>(peak, 1.5 * c.rms)), 0});
        }
    }
}

void DayMap::redraw() {
    shapeRibbons();
    update();
}

void DayMap::paintRibbon(QPainter& p, std::size_t i) const {
    const DayRibbon& ribbon = day_.ribbons[i];
    const RibbonPlace place = placeOf(ribbon);
    const int from = place.from, to = place.to;
    if (to <= from) return;
    const double top = ruler() + ribbon.row * rowHeight_;
    const double middle = std::floor(top + rowHeight_ / 2);
    for (const int direction : {-1, 1}) {
        if (shapes_[i].heights.empty()) break;
        paintColumnRaster(p, from, static_cast<int>(middle), direction, shapes_[i].heights,
                          colours().paper, colours().cleanPale, colours().clean);
    }
    const bool chosen = ribbon.recording == chosen_;
    p.setPen(QPen(chosen ? colours().ink : colours().clean, chosen ? 2 : 1));
    p.drawLine(QPointF(from, middle + 0.5), QPointF(to, middle + 0.5));
    p.setFont(uiFont(11, chosen));
    const QString name = p.fontMetrics().elidedText(nameOf(session_, ribbon.recording),
                                                    Qt::ElideMiddle, scaled(kMaxNameLength));
    const double wide = p.fontMetrics().horizontalAdvance(name) + 8;
    if (to - from < wide + 8) return;
    const QRectF label(from + 2, top, wide, scaled(15));
    p.fillRect(label, colours().paper);
    p.setPen(colours().cleanText);
    p.drawText(label, Qt::AlignCenter, name);
}

void DayMap::paintTake(QPainter& p, int take, QRectF box, TimeRange day,
                       const std::vector<TimeRange>& covered) const {
    const Colours& c = colours();
    const bool chosen = take == chosen_;
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF r = box.adjusted(0.5, 0.5, -0.5, -0.5);
    p.setPen(QPen(chosen ? c.ink : c.hairline, 1));
    p.setBrush(chosen ? c.raised : c.paper);
    // Of a small one no corner is seen.
    if (r.width() < kRoundedFrom) {
        p.drawRect(r);
    } else {
        p.drawRoundedRect(r, 3, 3);
    }
    // What has clean sound is filled; the rest stays hollow.
    for (const TimeRange& part : covered) {
        const double scale = r.width() / day.length().value;
        const double from = r.left() + (part.start - day.start).value * scale;
        const double to = r.left() + (part.end - day.start).value * scale;
        p.setPen(Qt::NoPen);
        p.setBrush(chosen ? c.cleanPale : c.hairline);
        p.drawRect(QRectF(from + 1, r.bottom() - 4, std::max(1.0, to - from - 2), 3));
    }
    const double high = std::min<double>(scaled(14), r.height() - 2);
    double x = r.left() + 4;
    if (r.width() > 22) {
        drawStateMark(p, QRectF(x, r.center().y() - high / 2, high, high), session_.stateOf(take));
        x += high + 4;
    }
    const double room = r.right() - x - 3;
    if (room < 14) return;
    p.setFont(uiFont(11, chosen));
    p.setPen(c.ink);
    p.drawText(QRectF(x, r.top(), room, r.height()), Qt::AlignVCenter,
               p.fontMetrics().elidedText(nameOf(session_, take), Qt::ElideMiddle,
                                          static_cast<int>(room)));
}

void DayMap::resizeEvent(QResizeEvent*) {
    layOut();
}

void DayMap::wheelEvent(QWheelEvent* e) {
    const QPoint d = e->angleDelta();
    fitted_ = false;
    if (std::abs(d.x()) > std::abs(d.y()) || e->modifiers() & Qt::ShiftModifier) {
        axis_.scrollBy(-(d.x() != 0 ? d.x() : d.y()), limits());
    } else {
        axis_.zoomAbout(e->position().x() - kMargin, std::pow(1.2, d.y() / 120.0), limits());
    }
    redraw();
    e->accept();
}

void DayMap::mousePressEvent(QMouseEvent* e) {
    dragFrom_ = e->position();
    pressed_ = e->button() == Qt::LeftButton ? takeAt(e->position()) : 0;
    if (pressed_) {
        emit chosen(pressed_);
    } else if (const DayRibbon* r = ribbonAt(e->position())) {
        emit chosen(r->recording);
    }
}

const DayRibbon* DayMap::ribbonAt(QPointF at) const {
    const Seconds t = dayAt(at);
    for (const DayRibbon& r : day_.ribbons) {
        const double top = ruler() + r.row * rowHeight_;
        if (at.y() >= top && at.y() < top + rowHeight_ && t >= r.day.start && t < r.day.end) {
            return &r;
        }
    }
    return nullptr;
}

const DayRibbon* DayMap::ribbonFor(QPointF at) const {
    if (const DayRibbon* under = ribbonAt(at)) return under;
    const Seconds t = dayAt(at);
    const DayRibbon* best = nullptr;
    double away = 0;
    for (const DayRibbon& r : day_.ribbons) {
        const double d = std::max({0.0, (r.day.start - t).value, (t - r.day.end).value});
        if (best && d >= away) continue;
        best = &r;
        away = d;
    }
    return best;
}

Seconds DayMap::dayAt(QPointF at) const {
    return axis_.timeAt(at.x() - kMargin);
}

void DayMap::beginDrag() {
    const int take = std::exchange(pressed_, 0);
    if (session_.stateOf(take) == TetherState::Tethered) {
        emit session_.said(inWords(Fact{"loosen-it-first"}));
        return;
    }
    const auto placed = std::find_if(day_.takes.begin(), day_.takes.end(),
                                     [take](const DayTake& t) { return t.take == take; });
    const double grip =
        placed == day_.takes.end() ? 0 : (dayAt(dragFrom_) - placed->day.start).value;
    auto* drag = new QDrag(this);
    drag->setMimeData(dragOf(take, grip).release());
    drag->exec(Qt::CopyAction);
}

void DayMap::dragEnterEvent(QDragEnterEvent* e) {
    if (!session_.state().item(draggedTake(*e->mimeData())) || day_.ribbons.empty()) return;
    e->setDropAction(Qt::CopyAction);
    e->accept();
}

void DayMap::dragMoveEvent(QDragMoveEvent* e) {
    drop_ = {draggedTake(*e->mimeData()),
             dayAt(e->position()) - Seconds{draggedGrip(*e->mimeData())}};
    e->setDropAction(Qt::CopyAction);
    e->accept();
    update();
}

void DayMap::dragLeaveEvent(QDragLeaveEvent*) {
    drop_.reset();
    update();
}

void DayMap::dropEvent(QDropEvent* e) {
    drop_.reset();
    e->setDropAction(Qt::CopyAction);
    e->accept();
    update();
    const Seconds day = dayAt(e->position()) - Seconds{draggedGrip(*e->mimeData())};
    if (const DayRibbon* r = ribbonFor(e->position())) {
        emit takeLaid(draggedTake(*e->mimeData()), r->recording, (day - r->day.start).value);
    }
}

void DayMap::paintDrop(QPainter& p) const {
    if (!drop_) return;
    const Seconds length = session_.library().dayFacts(drop_->take).length;
    const double left = kMargin + axis_.xOf(drop_->day);
    const double wide = std::max(kMinBox, axis_.xOf(drop_->day + length) - axis_.xOf(drop_->day));
    QColor shade = colours().action;
    shade.setAlphaF(0.2F);
    const QRectF box(left, ruler(), wide, height() - ruler() - 6);
    p.fillRect(box, shade);
    p.setPen(QPen(colours().action, 1.5));
    p.drawLine(box.topLeft(), box.bottomLeft());
    p.drawText(QPointF(left + 4, scaled(15)),
               clockWords(drop_->day + day_.clock.value_or(Seconds{0}), 1));
}

void DayMap::mouseMoveEvent(QMouseEvent* e) {
    const int take = takeAt(e->position());
    setCursor(take ? Qt::PointingHandCursor : Qt::ArrowCursor);
    setToolTip(take ? tr("%1: %2").arg(nameOf(session_, take), stateWords(session_, take))
                    : QString());
    if (!(e->buttons() & Qt::LeftButton)) return;
    if (pressed_) {
        const bool far =
            (e->position() - dragFrom_).manhattanLength() >= QApplication::startDragDistance();
        if (far) beginDrag();
        return;
    }
    fitted_ = false;
    axis_.scrollBy(dragFrom_.x() - e->position().x(), limits());
    dragFrom_ = e->position();
    redraw();
}

void DayMap::mouseDoubleClickEvent(QMouseEvent*) {
    fitted_ = true;
    layOut();
    update();
}

bool DayMap::event(QEvent* e) {
    if (e->type() == QEvent::ShortcutOverride) {
        // Here these keys go from take to take, not from picture to picture.
        const int key = static_cast<QKeyEvent*>(e)->key();
        if (key == Qt::Key_Left || key == Qt::Key_Right) e->accept();
    }
    return QWidget::event(e);
}

void DayMap::keyPressEvent(QKeyEvent* e) {
    const int by = e->key() == Qt::Key_Right ? 1 : e->key() == Qt::Key_Left ? -1 : 0;
    if (by == 0) return QWidget::keyPressEvent(e);
    // In the order of the day, then those without a place.
    std::vector<DayTake> placed = day_.takes;
    std::stable_sort(placed.begin(), placed.end(),
                     [](const DayTake& a, const DayTake& b) { return a.day.start < b.day.start; });
    std::vector<int> order;
    for (const auto& t : placed) order.push_back(t.take);
    order.insert(order.end(), day_.shelf.begin(), day_.shelf.end());
    const auto at = std::find(order.begin(), order.end(), chosen_);
    if (order.empty()) return;
    const auto last = static_cast<std::ptrdiff_t>(order.size()) - 1;
    const auto i =
        at == order.end() ? 0 : std::clamp<std::ptrdiff_t>(at - order.begin() + by, 0, last);
    emit chosen(order[static_cast<std::size_t>(i)]);
}

}  // namespace brisk::app

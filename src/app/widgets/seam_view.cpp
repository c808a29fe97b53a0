// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/widgets/seam_view.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "core/time_text.h"
#include "render/placed_sound.h"

namespace brisk::app {
namespace {

constexpr int kRuler = 28;
constexpr double kLeanPerSecond = 4000;  // pixels a stitch leans for a second of slip
constexpr double kFinerDrag = 0.1;
constexpr double kCloseUp = 0.4;  // seconds across
constexpr double kSamplesShown = 0.002;

/// Brings the loudest moment of a side to nine tenths of its room.
double gainFor(const PeakPyramid& peaks) {
    return 0.92 / std::max(0.02, static_cast<double>(peaks.largest()));
}

}  // namespace

SeamView::SeamView(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAttribute(Qt::WA_OpaquePaintEvent);  // or every paint fills the whole ground three times
    setAccessibleName(tr("Seam: camera sound above, clean sound below"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    connect(&session, &Session::changed, this, &SeamView::changedView);
    connect(&session, &Session::factsChanged, this, &SeamView::changedView);
    connect(&session.work(), &WorkQueue::changed, this, [this] { update(); });
    addZoomButtons();
    const auto keep = [this](std::shared_ptr<const SampleStretch>& into) {
        return [this, &into](const std::shared_ptr<const SampleStretch>& s) {
            into = s;
            update();
        };
    };
    connect(&cameraSource_, &SampleSource::ready, this, keep(cameraSamples_));
    connect(&cleanSource_, &SampleSource::ready, this, keep(cleanSamples_));
}

void SeamView::addZoomButtons() {
    zoomButtons_ = new QWidget(this);
    auto* row = new QHBoxLayout(zoomButtons_);
    row->setContentsMargins(8, 0, 0, 0);
    row->setSpacing(0);
    const auto button = [&](const QString& text, const QString& tip, Qt::Key key, auto what) {
        auto* b = new QPushButton(text, zoomButtons_);
        b->setProperty("arrow", true);
        b->setFont(uiFont(12));
        b->setToolTip(tip);
        b->setAccessibleName(tip);
        b->setShortcut(key);
        connect(b, &QPushButton::clicked, this, what);
        row->addWidget(b);
    };
    button(tr("Whole take"), tr("Show all of the take (Home)"), Qt::Key_Home,
           [this] { zoomToAll(); });
    button(tr("Close up"), tr("Show 0.4 s around the playhead (End)"), Qt::Key_End,
           [this] { zoomToPlayhead(kCloseUp); });
    button(tr("Samples"), tr("Show single samples at the playhead (Page Down)"), Qt::Key_PageDown,
           [this] { zoomToPlayhead(kSamplesShown); });
}

void SeamView::showTake(int take) {
    if (take == take_) return;
    take_ = take;
    playhead_ = {0};
    zoomToAll();
}

const Tether* SeamView::tether() const {
    const Tether* t = session_.state().tetherOf(take_);
    return t && t->state() != TetherState::Loose ? t : nullptr;
}

TimeRange SeamView::limits() const {
    const MediaFacts* f = session_.facts(take_);
    if (!f) return {{0}, {1}};
    Seconds end = f->info.duration;
    if (f->scan) {
        end = std::max(f->scan->pictures.end(), f->scan->length() + f->info.soundStartInTake());
    }
    return {{0}, std::max(end, Seconds{0.1})};
}

std::optional<SeamSide> SeamView::cameraSide() const {
    const MediaFacts* f = session_.facts(take_);
    if (!f || !f->peaks || f->info.sounds.empty()) return std::nullopt;
    SeamSide s;
    s.peaks = f->peaks.get();
    s.rate = f->info.sounds.front().rate;
    s.samples = cameraSamples_.get();
    s.scan = f->scan.get();
    s.line = {-f->info.soundStartInTake(), {0}};
    s.direction = -1;
    s.gain = gainFor(*f->peaks);
    s.ground = colours().paper;
    s.body = colours().camera;
    s.outline = colours().cameraPale;
    return s;
}

std::optional<SeamSide> SeamView::cleanSide() const {
    const Tether* t = tether();
    const MediaFacts* f = t ? session_.facts(t->recording) : nullptr;
    if (!f || !f->peaks || f->info.sounds.empty()) return std::nullopt;
    SeamSide s;
    s.peaks = f->peaks.get();
    s.rate = f->info.sounds.front().rate;
    s.samples = cleanSamples_.get();
    s.scan = f->scan.get();
    s.line = t->line;
    s.line.offset = s.line.offset - cleanDrag();
    s.direction = 1;
    s.gain = gainFor(*f->peaks);
    s.ground = colours().paper;
    s.body = colours().clean;
    s.outline = colours().cleanPale;
    return s;
}

QRect SeamView::seamArea() const {
    return rect().adjusted(0, kRuler, 0, 0);
}
double SeamView::seamY() const {
    return std::floor(seamArea().center().y()) + 0.5;
}

void SeamView::zoomToAll() {
    fitted_ = true;
    axis_.setWidth(width());
    axis_.fit(limits());
    changedView();
}

void SeamView::zoomToPlayhead(double secondsAcross) {
    fitted_ = false;
    axis_.fit({playhead_ - Seconds{secondsAcross / 2}, playhead_ + Seconds{secondsAcross / 2}});
    axis_.scrollBy(0, limits());
    changedView();
}

void SeamView::zoomBy(double factor) {
    fitted_ = false;
    const double x = std::clamp(axis_.xOf(playhead_), 0.0, static_cast<double>(width()));
    axis_.zoomAbout(x, factor, limits());
    changedView();
}

void SeamView::changedView() {
    axis_.setWidth(width());
    if (fitted_) axis_.fit(limits());
    askForSamples();
    update();
}

void SeamView::askForSamples() {
    const auto ask = [&](const std::optional<SeamSide>& side, int id, SampleSource& source,
                         const std::shared_ptr<const SampleStretch>& have) {
        if (!side || !side->scan) return;
        const auto [from, to] = samplesNeeded(*side, axis_, width());
        if (to <= from || (have && have->covers(side->scan, from, to))) return;
        // Some more on both sides, so that small movements need no reading.
        const std::int64_t more = (to - from) / 2;
        const std::int64_t first = std::max<std::int64_t>(0, from - more);
        const std::int64_t last = std::min(side->scan->samples, to + more);
        source.ask(session_.facts(id)->scan, first, last - first);
    };
    ask(cameraSide(), take_, cameraSource_, cameraSamples_);
    if (const Tether* t = tether()) ask(cleanSide(), t->recording, cleanSource_, cleanSamples_);
}

void SeamView::setPlayhead(Seconds t, bool follow) {
    playhead_ = std::clamp(t, limits().start, limits().end);
    if (follow) {
        axis_.reveal(playhead_, limits());
        askForSamples();
    }
    update();
}

void SeamView::setSlips(std::vector<SlipPoint> slips) {
    slips_ = std::move(slips);
    update();
}

void SeamView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), colours().paper);
    const QRect area = seamArea();
    const double room = area.height() / 2.0 - 6;
    if (const auto side = cameraSide()) paintSeamSide(p, *side, axis_, area, seamY(), room);
    if (const auto side = cleanSide()) paintSeamSide(p, *side, axis_, area, seamY(), room);
    paintUncovered(p);
    p.setPen(QPen(colours().ink, 1));
    p.drawLine(QPointF(0, seamY()), QPointF(width(), seamY()));
    paintFrames(p);
    paintStitches(p);
    paintPins(p, pins(), pinPlaces(), chosenMark_);
    paintRuler(p);
    paintCaptions(p);
    paintPlayhead(p);
    paintDragNumbers(p);
    if (hasFocus()) {
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(colours().action, 2));
        p.drawRect(rect().adjusted(1, 1, -1, -1));
    }
}

void SeamView::paintRuler(QPainter& p) const {
    p.setFont(uiFont(12));
    const double step = axis_.niceStep(96);
    const int decimals =
        step >= 1 ? 0 : std::min(6, static_cast<int>(std::ceil(-std::log10(step))));
    const auto first = static_cast<std::int64_t>(std::floor(axis_.start().value / step));
    p.save();
    p.setClipRect(0, 0, zoomButtons_->x(), kRuler);
    for (std::int64_t i = first; i * step <= axis_.end().value; ++i) {
        const Seconds t{static_cast<double>(i) * step};
        const double x = std::floor(axis_.xOf(t)) + 0.5;
        p.setPen(QPen(colours().hairline, 1));
        p.drawLine(QPointF(x, 6), QPointF(x, kRuler - 4));
        p.setPen(colours().quiet);
        p.drawText(QPointF(x + 4, 19), QString::fromStdString(clockText(t, decimals)));
    }
    p.restore();
}

void SeamView::paintFrames(QPainter& p) const {
    const MediaFacts* f = session_.facts(take_);
    if (!f || !f->scan || f->scan->pictures.empty()) return;
    const PictureTimes& pictures = f->scan->pictures;
    const double shown = (axis_.end() - axis_.start()).value;
    const double frames =
        shown / std::max(1e-6, pictures.end().value) * static_cast<double>(pictures.count());
    if (width() / std::max(1.0, frames) < 6) return;
    p.setPen(QPen(colours().ink, 1));
    for (std::int64_t n = pictures.frameAt(axis_.start()); n < pictures.count(); ++n) {
        const double x = axis_.xOf(pictures.timeOf(n));
        if (x > width()) break;
        const double half = n % 5 == 0 ? 6 : 3.5;
        p.drawLine(QPointF(x, seamY() - half), QPointF(x, seamY() + half));
    }
}

void SeamView::paintStitches(QPainter& p) const {
    const Tether* t = tether();
    if (!t) return;
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    for (const SlipPoint& s : slips_) {
        const double x = axis_.xOf(s.time);
        if (x < -20 || x > width() + 20 || !s.slip) continue;
        const double lean = std::clamp((*s.slip - cleanDrag()).value * kLeanPerSecond, -14.0, 14.0);
        p.setPen(QPen(colours().paper, 4, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(QPointF(x - lean, seamY() - 8), QPointF(x + lean, seamY() + 8));
        p.setPen(QPen(colours().action, 2, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(QPointF(x - lean, seamY() - 8), QPointF(x + lean, seamY() + 8));
    }
    p.restore();
}

std::vector<SeamPin> SeamView::pins() const {
    auto pins = seamPins(session_, take_, cleanDrag());
    for (SeamPin& pin : pins) {
        if (drag_ == Drag::Mark && pin.mark == chosenMark_) {
            pin.takeTime = pin.takeTime + dragBy_;
        }
    }
    return pins;
}

PinPlaces SeamView::pinPlaces() const {
    const QRect area = seamArea();
    return {&axis_, static_cast<double>(area.top()), seamY(), static_cast<double>(area.bottom())};
}

void SeamView::nameMark(int mark) {
    const Mark* m = session_.state().mark(mark);
    if (!m) return;
    for (const SeamPin& pin : pins()) {
        if (pin.mark != mark) continue;
        const QPointF head = pinPlaces().head(pin);
        auto* field = new QLineEdit(QString::fromStdString(m->name), this);
        field->setAccessibleName(tr("Name of the mark"));
        field->setGeometry(static_cast<int>(std::min(head.x() + 8, width() - 150.0)),
                           static_cast<int>(head.y()) - 12, 140, 26);
        field->selectAll();
        field->show();
        field->setFocus();
        connect(field, &QLineEdit::editingFinished, this, [this, field, mark] {
            const QString name = field->text().trimmed();
            const Mark* now = session_.state().mark(mark);
            if (now && !name.isEmpty() && name.toStdString() != now->name) {
                session_.renameMark(mark, name);
            }
            field->deleteLater();
            setFocus();
        });
        return;
    }
}

void SeamView::paintUncovered(QPainter& p) const {
    const Tether* t = tether();
    const MediaFacts* c = t ? session_.facts(t->recording) : nullptr;
    if (!c || !c->scan) return;
    const double from = axis_.xOf(t->line.toTake({0}));
    const double to = axis_.xOf(t->line.toTake(c->scan->length()));
    const auto hollow = [&](double a, double b) {
        a = std::max(0.0, a);
        b = std::min(static_cast<double>(width()), b);
        if (b - a < 2) return;
        const QRectF r(a, seamY(), b - a, seamArea().bottom() - seamY());
        p.fillRect(r, QBrush(colours().hairline, Qt::BDiagPattern));
        p.setPen(colours().quiet);
        p.setFont(uiFont(12));
        if (r.width() > 150) p.drawText(r, Qt::AlignCenter, tr("no clean sound here"));
    };
    hollow(-1e9, from);
    hollow(to, 1e9);
}

void SeamView::paintPlayhead(QPainter& p) const {
    if (take_ == 0) return;
    const double x = std::floor(axis_.xOf(playhead_)) + 0.5;
    if (x < 0 || x > width()) return;
    p.setPen(QPen(colours().ink, 1));
    p.drawLine(QPointF(x, 2), QPointF(x, height()));
    QPainterPath flag;
    flag.moveTo(x - 5, 0);
    flag.lineTo(x + 5, 0);
    flag.lineTo(x, 8);
    flag.closeSubpath();
    p.fillPath(flag, colours().ink);
}

void SeamView::paintCaptions(QPainter& p) const {
    if (take_ == 0) return;
    p.setFont(uiFont(12));
    const auto caption = [&](const QString& text, const QColor& colour, int y) {
        const QRect box = p.fontMetrics().boundingRect(text).adjusted(-3, -2, 3, 2);
        const QRect at = box.translated(7 - box.left() - 3, y);
        p.fillRect(at, colours().paper);
        p.setPen(colour);
        p.drawText(QPoint(7, y), text);
    };
    caption(tr("camera"), colours().cameraText, seamArea().top() + 14);
    if (tether()) {
        caption(tr("clean"), colours().cleanText, seamArea().bottom() - 8);
        return;
    }
    const QRectF below(0, seamY() + 1, width(), seamArea().bottom() - seamY());
    p.setPen(colours().quiet);
    p.setFont(uiFont(13));
    const auto t = session_.state().tetherOf(take_);
    const QString text = t ? QString::fromStdString(t->found.reason)
                         : session_.state().ids(MediaKind::Recording).empty()
                             ? tr("Add the recorder's file: its sound will grow here, face to face "
                                  "with the camera's.")
                             : tr("Find matches, and the clean sound will grow here, face to face "
                                  "with the camera's.");
    p.drawText(below.adjusted(24, 8, -24, -8), Qt::AlignCenter | Qt::TextWordWrap, text);
}

void SeamView::paintDragNumbers(QPainter& p) const {
    if (drag_ != Drag::Clean && drag_ != Drag::Mark) return;
    p.setFont(uiFont(13, true));
    const QString by = QString::fromStdString(slipText(dragBy_));
    const QString text =
        (drag_ == Drag::Mark ? tr("mark moved by %1") : tr("clean sound moved by %1")).arg(by);
    const QRect box = p.fontMetrics().boundingRect(text).adjusted(-10, -6, 10, 6);
    const QRect at = box.translated(seamArea().center().x() - box.center().x(),
                                    seamArea().bottom() - 30 - box.center().y());
    p.fillRect(at, colours().raised);
    p.setPen(colours().ink);
    p.drawText(at, Qt::AlignCenter, text);
}

void SeamView::resizeEvent(QResizeEvent*) {
    zoomButtons_->adjustSize();
    zoomButtons_->move(width() - zoomButtons_->width() - 12, 1);
    changedView();
}

void SeamView::wheelEvent(QWheelEvent* e) {
    if (take_ == 0) return;
    const QPoint d = e->angleDelta();
    const bool sideways = std::abs(d.x()) > std::abs(d.y()) || e->modifiers() & Qt::ShiftModifier;
    fitted_ = false;
    if (sideways) {
        axis_.scrollBy(-(d.x() != 0 ? d.x() : d.y()), limits());
    } else {
        axis_.zoomAbout(e->position().x(), std::pow(1.2, d.y() / 120.0), limits());
    }
    changedView();
    e->accept();
}

void SeamView::mousePressEvent(QMouseEvent* e) {
    if (take_ == 0 || e->button() != Qt::LeftButton) return;
    dragFrom_ = e->position();
    dragBy_ = {0};
    const Tether* t = tether();
    const auto pin = pinAt(pins(), pinPlaces(), e->position());
    chosenMark_ = pin ? pin->mark : 0;
    if (pin && pin->mark == 0) {
        // A clap that was found becomes a mark where it is.
        session_.putMark(pin->media, pin->fileTime, true);
        drag_ = Drag::None;
    } else if (pin) {
        drag_ = Drag::Mark;
    } else if (e->position().y() < kRuler) {
        drag_ = Drag::Ruler;
    } else if (t && !t->locked && e->position().y() > seamY() + 12) {
        drag_ = Drag::Clean;
    } else {
        drag_ = Drag::Playhead;
        emit playheadMoved(axis_.timeAt(e->position().x()).value);
    }
}

void SeamView::mouseMoveEvent(QMouseEvent* e) {
    const Tether* t = tether();
    if (const auto pin = pinAt(pins(), pinPlaces(), e->position()); pin && drag_ == Drag::None) {
        setCursor(Qt::PointingHandCursor);
        setToolTip(pin->mark
                       ? tr("%1. Drag to move it, double-click to name it, Delete removes it.")
                             .arg(pin->name)
                       : tr("A clap, %1 dB above what is before it. Click to make it a mark.")
                             .arg(pin->strengthDb, 0, 'f', 0));
        return;
    }
    setToolTip({});
    const bool overClean = t && !t->locked && e->position().y() > seamY() + 12;
    setCursor(overClean || drag_ == Drag::Ruler ? Qt::SizeHorCursor : Qt::ArrowCursor);
    const double dx = e->position().x() - dragFrom_.x();
    switch (drag_) {
        case Drag::Ruler:
            fitted_ = false;
            axis_.scrollBy(-dx, limits());
            dragFrom_ = e->position();
            changedView();
            break;
        case Drag::Playhead:
            emit playheadMoved(axis_.timeAt(e->position().x()).value);
            break;
        case Drag::Mark:
        case Drag::Clean: {
            // Each stretch of the movement counts at the fineness held during it.
            const double fine = e->modifiers() & Qt::ShiftModifier ? kFinerDrag : 1.0;
            dragBy_ = dragBy_ + Seconds{dx * axis_.secondsPerPixel() * fine};
            dragFrom_ = e->position();
            askForSamples();
            update();
            break;
        }
        case Drag::None:
            break;
    }
}

void SeamView::mouseReleaseEvent(QMouseEvent*) {
    const bool moved = drag_ == Drag::Clean && dragBy_ != Seconds{0};
    const Mark* mark = drag_ == Drag::Mark ? session_.state().mark(chosenMark_) : nullptr;
    const Seconds by = dragBy_;
    drag_ = Drag::None;
    dragBy_ = {0};
    if (moved) emit cleanMoved(by.value);
    if (mark && by != Seconds{0}) session_.moveMark(mark->id, mark->time + by);
    update();
}

void SeamView::mouseDoubleClickEvent(QMouseEvent* e) {
    drag_ = Drag::None;
    if (const auto pin = pinAt(pins(), pinPlaces(), e->position()); pin && pin->mark) {
        nameMark(pin->mark);
        return;
    }
    zoomToAll();
}

void SeamView::keyPressEvent(QKeyEvent* e) {
    switch (e->key()) {
        case Qt::Key_Up:
            return zoomBy(1.5);
        case Qt::Key_Down:
            return zoomBy(1 / 1.5);
        case Qt::Key_Delete:
        case Qt::Key_Backspace:
            if (chosenMark_) session_.removeMark(std::exchange(chosenMark_, 0));
            return;
        default:
            QWidget::keyPressEvent(e);
    }
}

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/seam_view.h"

#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPushButton>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

#include "app/spine/dragged_take.h"
#include "app/spine/words.h"
#include "app/style/colours.h"
#include "app/style/sizes.h"
#include "core/time_text.h"
#include "shoot/mark_commands.h"

namespace brisk::app {
namespace {

constexpr int kGrip = 14;           // of the strip at the right edge that scales a side
constexpr double kPixelsForE = 60;  // of a drag that makes a side e times taller
constexpr double kTaller = 1.25;
constexpr double kFinerDrag = 0.1;
constexpr double kBracketsShare = 0.34;  // of the height, above a recording by itself
constexpr double kCloseUp = 0.4;         // seconds across
constexpr double kSamplesShown = 0.002;
constexpr int kCaptionRoom = 56;  // pixels, for the word at the left below

}  // namespace

SeamView::SeamView(Session& session, Verbs& verbs, QWidget* parent)
    : QWidget(parent), session_(session), verbs_(verbs), sides_(session) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAcceptDrops(true);
    setAttribute(Qt::WA_OpaquePaintEvent);  // or every paint fills the whole ground three times
    setAccessibleName(tr("Seam: camera sound above, clean sound below"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    connect(&session, &Session::changed, this, &SeamView::changedView);
    connect(&session, &Session::factsChanged, this, &SeamView::changedView);
    connect(&session.work(), &WorkQueue::changed, this, [this] {
        sides_.prepare(axis_, width());  // more of it is read
        update();
    });
    addTools();
    connect(&sides_, &SeamSides::changed, this, &SeamView::changedView);
}

void SeamView::addTools() {
    const auto withoutPlace = [this] { return tether() ? Fact{} : Fact{"no-place-yet"}; };
    const auto without = [this](bool marks) {
        return [this, marks] {
            const auto all = pins();
            const bool any = std::any_of(all.begin(), all.end(),
                                         [&](const SeamPin& p) { return (p.mark != 0) == marks; });
            return any ? Fact{} : Fact{marks ? "no-marks" : "no-claps"};
        };
    };
    verbs_.teach(Verb::WholeTake, [this] { zoomToAll(); });
    verbs_.teach(
        Verb::Overlap, [this] { zoomToOverlap(); }, withoutPlace);
    verbs_.teach(
        Verb::AllMarks, [this] { zoomToMarks(); }, without(true));
    verbs_.teach(
        Verb::NearestClaps, [this] { zoomToClaps(); }, without(false));
    verbs_.teach(Verb::CloseUp, [this] { zoomToPlayhead(kCloseUp); });
    verbs_.teach(Verb::Samples, [this] { zoomToPlayhead(kSamplesShown); });
    verbs_.teachToggle(
        Verb::EqualHeights, [this](bool on) { sides_.setEqualHeights(on); }, withoutPlace);
    verbs_.teachToggle(
        Verb::SharedSound, [this](bool on) { sides_.setShared(on); }, withoutPlace);
    zooms_ = new SeamTools(verbs_,
                           {Verb::WholeTake, Verb::Overlap, Verb::AllMarks, Verb::NearestClaps,
                            Verb::CloseUp, Verb::Samples, Verb::SeamAlone},
                           this);
    modes_ = new SeamTools(verbs_, {Verb::EqualHeights, Verb::SharedSound}, this);
    // They float, so no layout makes room for them.
    for (const SeamTools* tools : {zooms_, modes_}) {
        connect(tools, &SeamTools::roomWanted, this, &SeamView::layTools);
    }
}

void SeamView::contextMenuEvent(QContextMenuEvent* e) {
    const TakeView& v = session_.view(take_);
    if (v.read && !v.isRecording) emit cutWanted(e->globalPos());
}

void SeamView::showTake(int take) {
    if (take == take_) return;
    take_ = take;
    sides_.showTake(take);
    playhead_ = {0};
    selectedFrom_.reset();
    verbs_.action(Verb::WholeTake)
        ->setText(session_.view(take).isRecording ? tr("Whole recording") : tr("Whole take"));
    zoomToAll();
}

const Tether* SeamView::tether() const {
    const TakeView& v = session_.view(take_);
    return v.placed ? &*v.tether : nullptr;
}

TimeRange SeamView::limits() const {
    const MediaFacts* f = session_.facts(take_);
    if (!f) return {{0}, {1}};
    Seconds end = f->info.duration;
    if (f->scan) {
        end = f->scan->endOfTake();
    }
    return {{0}, std::max(end, Seconds{0.1})};
}

QRect SeamView::seamArea() const {
    return rect().adjusted(0, ruler(), 0, 0);
}
double SeamView::seamY() const {
    const QRect area = seamArea();
    // Above a recording by itself there are only brackets.
    const double share = session_.view(take_).isRecording ? kBracketsShare : 0.5;
    return std::floor(area.top() + (area.height() - 1) * share) + 0.5;
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

std::optional<TimeRange> SeamView::selection() const {
    if (!selectedFrom_) return std::nullopt;
    const TimeRange r =
        TimeRange{std::min(*selectedFrom_, *selectedTo_), std::max(*selectedFrom_, *selectedTo_)}
            .intersect(limits());
    // A click without a drag takes the selection away.
    return r.length().value < 3 * axis_.secondsPerPixel() && drag_ == Drag::None &&
                   r.length().value < 0.005
               ? std::nullopt
               : std::optional(r);
}

void SeamView::zoomTo(TimeRange range) {
    fitted_ = false;
    const Seconds margin = range.length() * 0.04;
    axis_.setWidth(width());
    axis_.fit({range.start - margin, range.end + margin});
    axis_.scrollBy(0, limits());
    changedView();
}

void SeamView::zoomToOverlap() {
    const auto& pair = session_.view(take_).pair;
    if (pair && !pair->overlap().empty()) zoomTo(pair->overlap());
}

void SeamView::zoomToMarks() {
    TimeRange all{{1e300}, {-1e300}};
    for (const SeamPin& pin : pins()) {
        if (pin.mark == 0) continue;
        all = {std::min(all.start, pin.takeTime), std::max(all.end, pin.takeTime)};
    }
    if (all.end < all.start) return;
    const Seconds least{kCloseUp / 2};
    zoomTo({all.start - least, all.end + least});
}

void SeamView::zoomToClaps() {
    // The nearest on each side, and then all that lies between them.
    std::optional<Seconds> nearest[2];
    for (const SeamPin& pin : pins()) {
        auto& best = nearest[pin.onClean ? 1 : 0];
        const auto away = [&](Seconds t) { return std::fabs((t - playhead_).value); };
        if (!best || away(pin.takeTime) < away(*best)) best = pin.takeTime;
    }
    const auto& a = nearest[0] ? nearest[0] : nearest[1];
    if (!a) return;
    const Seconds b = nearest[1].value_or(*a);
    const Seconds around{std::max(kCloseUp / 4, 0.2 * std::fabs((b - *a).value))};
    zoomTo({std::min(*a, b) - around, std::max(*a, b) + around});
}

void SeamView::changedView() {
    brackets_.clear();
    if (session_.view(take_).isRecording) brackets_ = takeBrackets(session_, take_);
    axis_.setWidth(width());
    if (fitted_) axis_.fit(limits());
    sides_.setDragged(cleanDrag());
    sides_.prepare(axis_, width());
    layTools();
    update();
    emit viewChanged();
}

void SeamView::layTools() {
    zooms_->adjustSize();
    zooms_->move(width() - zooms_->width() - 12, height() - zooms_->height() - 2);
    modes_->adjustSize();
    modes_->move(scaled(kCaptionRoom), height() - modes_->height() - 2);
}

void SeamView::setPlayhead(Seconds t, bool follow) {
    playhead_ = std::clamp(t, limits().start, limits().end);
    if (follow) {
        axis_.reveal(playhead_, limits());
        sides_.prepare(axis_, width());
        emit viewChanged();
    }
    valueSpoken(this);
    update();
}

QString SeamView::spokenValue() const {
    const MediaFacts* f = session_.facts(take_);
    const QString time = clockWords(playhead_, 3);
    return f && f->scan && !f->scan->pictures.empty()
               ? tr("%1, frame %2").arg(time).arg(f->scan->pictures.frameAt(playhead_))
               : time;
}

double SeamView::spokenStep() const {
    return 1 / std::max(1e-3, session_.view(take_).units.frameRate.value());
}

void SeamView::speakTo(double takeSeconds) {
    emit playheadMoved(takeSeconds);
    axis_.reveal(playhead_, limits());
    changedView();
}

void SeamView::setSlips(std::vector<SlipPoint> slips) {
    slips_ = std::move(slips);
    update();
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

BracketPlaces SeamView::bracketPlaces() const {
    return {&axis_, static_cast<double>(seamArea().top()), seamY()};
}

Seconds SeamView::onPin(double x) const {
    constexpr double kReach = 5;  // pixels
    Seconds best = axis_.timeAt(x);
    double away = kReach;
    for (const SeamPin& pin : pins()) {
        const double d = std::fabs(axis_.xOf(pin.takeTime) - x);
        if (d >= away) continue;
        away = d;
        best = pin.takeTime;
    }
    return best;
}

void SeamView::dragEnterEvent(QDragEnterEvent* e) {
    const int take = draggedTake(*e->mimeData());
    if (!session_.state().item(take) || !session_.view(take_).isRecording) return;
    e->setDropAction(Qt::CopyAction);
    e->accept();
}

void SeamView::dragMoveEvent(QDragMoveEvent* e) {
    dropAt_ = onPin(e->position().x());
    e->setDropAction(Qt::CopyAction);
    e->accept();
    update();
}

void SeamView::dragLeaveEvent(QDragLeaveEvent*) {
    dropAt_.reset();
    update();
}

void SeamView::dropEvent(QDropEvent* e) {
    dropAt_.reset();
    e->setDropAction(Qt::CopyAction);
    e->accept();
    emit takeDropped(draggedTake(*e->mimeData()), onPin(e->position().x()).value);
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
                session_.apply(commands::renameMark(session_.state(), mark, name.toStdString()));
            }
            field->deleteLater();
            setFocus();
        });
        return;
    }
}

void SeamView::resizeEvent(QResizeEvent*) {
    changedView();
}

void SeamView::wheelEvent(QWheelEvent* e) {
    if (take_ == 0) return;
    const QPoint d = e->angleDelta();
    if (e->modifiers() & Qt::ControlModifier) {
        scaleSide(e->position().y() > seamY(), std::pow(1.2, d.y() / 120.0));
        e->accept();
        return;
    }
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
    } else if (e->position().y() < ruler()) {
        drag_ = Drag::Ruler;
    } else if (e->modifiers() & Qt::ShiftModifier && e->position().y() < seamY()) {
        drag_ = Drag::Select;
        selectedFrom_ = selectedTo_ = onPin(e->position().x());
    } else if (const int take = bracketAt(brackets_, bracketPlaces(), e->position())) {
        drag_ = Drag::None;
        emit takeWanted(take);
    } else if (e->position().x() > width() - kGrip) {
        drag_ = e->position().y() > seamY() ? Drag::CleanHeight : Drag::CameraHeight;
    } else if (t && !t->locked && e->position().y() > seamY() + 12) {
        drag_ = Drag::Clean;
    } else {
        drag_ = Drag::Playhead;
        emit playheadMoved(axis_.timeAt(e->position().x()).value);
    }
}

void SeamView::mouseMoveEvent(QMouseEvent* e) {
    const Tether* t = tether();
    const bool overPicture = drag_ == Drag::None && take_ != 0 && e->position().y() < seamY();
    if (overPicture) {
        emit hovered(axis_.timeAt(e->position().x()).value, static_cast<int>(e->position().x()));
    } else {
        emit left();
    }
    if (const auto pin = pinAt(pins(), pinPlaces(), e->position()); pin && drag_ == Drag::None) {
        setCursor(Qt::PointingHandCursor);
        setToolTip(pin->mark
                       ? tr("%1. Drag to move it, double-click to name it, Delete removes it.")
                             .arg(pin->name)
                       : tr("A clap, %1 dB above what is before it. Click to make it a mark.")
                             .arg(pin->strengthDb, 0, 'f', 0));
        return;
    }
    setToolTip(drag_ == Drag::None ? stitchWords(e->position()) : QString());
    const bool onGrip = e->position().x() > width() - kGrip && e->position().y() > ruler();
    if (onGrip && drag_ == Drag::None) {
        setCursor(Qt::SizeVerCursor);
        setToolTip(
            tr("Drag: how tall this side is drawn. Also Ctrl and wheel; Alt+Up/Down for the "
               "camera, Ctrl+Up/Down for the clean sound."));
        return;
    }
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
            sides_.setDragged(cleanDrag());
            sides_.prepare(axis_, width());
            if (drag_ == Drag::Clean) emit cleanDragged(dragBy_.value);
            update();
            break;
        }
        case Drag::Select:
            selectedTo_ = onPin(e->position().x());
            update();
            break;
        case Drag::CameraHeight:
        case Drag::CleanHeight: {
            // Away from the seam is taller.
            const bool clean = drag_ == Drag::CleanHeight;
            const double away = (e->position().y() - dragFrom_.y()) * (clean ? 1 : -1);
            dragFrom_ = e->position();
            scaleSide(clean, std::exp(away / kPixelsForE));
            break;
        }
        case Drag::None:
            break;
    }
}

void SeamView::scaleSide(bool clean, double factor) {
    sides_.scale(clean, factor);
    const QSignalBlocker quiet(verbs_.action(Verb::EqualHeights));
    verbs_.action(Verb::EqualHeights)->setChecked(false);
}

QString SeamView::stitchWords(QPointF pointer) const {
    constexpr double kReach = 7;  // pixels
    if (!tether() || std::fabs(pointer.y() - seamY()) > 10) return {};
    for (const SlipPoint& s : slips_) {
        if (!s.slip || std::fabs(axis_.xOf(s.time) - pointer.x()) > kReach) continue;
        const Seconds way = pathNear(tether()->found.path, s.time, *s.slip);
        return tr("measured here: %1").arg(inWords(slipFact(s.slip, way)));
    }
    return {};
}

void SeamView::leaveEvent(QEvent*) {
    emit left();
}

void SeamView::mouseReleaseEvent(QMouseEvent*) {
    const bool moved = drag_ == Drag::Clean && dragBy_ != Seconds{0};
    const Mark* mark = drag_ == Drag::Mark ? session_.state().mark(chosenMark_) : nullptr;
    const Seconds by = dragBy_;
    if (drag_ == Drag::Select) emit selectionChanged();
    drag_ = Drag::None;
    dragBy_ = {0};
    if (moved) emit cleanDragged(0);
    if (moved) emit cleanMoved(by.value);
    if (mark && by != Seconds{0})
        session_.apply(commands::moveMark(session_.state(), mark->id, mark->time + by));
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
    const bool up = e->key() == Qt::Key_Up;
    if ((up || e->key() == Qt::Key_Down) &&
        e->modifiers() & (Qt::AltModifier | Qt::ControlModifier)) {
        return scaleSide(e->modifiers() & Qt::ControlModifier, up ? kTaller : 1 / kTaller);
    }
    switch (e->key()) {
        case Qt::Key_Escape:
            if (drag_ == Drag::None) return QWidget::keyPressEvent(e);
            // Back to where it was before the drag.
            if (drag_ == Drag::Select) selectedFrom_.reset();
            if (drag_ == Drag::Clean) emit cleanDragged(0);
            drag_ = Drag::None;
            dragBy_ = {0};
            return changedView();
        case Qt::Key_Home:
            return speakTo(limits().start.value);
        case Qt::Key_End:
            return speakTo(limits().end.value);
        case Qt::Key_PageUp:
            return speakTo(playhead_.value - axis_.secondsPerPixel() * width() / 10);
        case Qt::Key_PageDown:
            return speakTo(playhead_.value + axis_.secondsPerPixel() * width() / 10);
        case Qt::Key_Up:
            return zoomBy(1.5);
        case Qt::Key_Down:
            return zoomBy(1 / 1.5);
        case Qt::Key_Delete:
        case Qt::Key_Backspace:
            if (chosenMark_)
                session_.apply(
                    commands::removeMark(session_.state(), std::exchange(chosenMark_, 0)));
            return;
        default:
            QWidget::keyPressEvent(e);
    }
}

}  // namespace brisk::app

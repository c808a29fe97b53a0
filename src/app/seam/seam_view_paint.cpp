// SPDX-License-Identifier: GPL-3.0-or-later
// What the seam paints, layer by layer, from the ground up.
#include <QFileInfo>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/seam/seam_view.h"
#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "core/time_text.h"

namespace brisk::app {
namespace {
constexpr double kFrameTicks = 6;        // pixels a picture frame needs to be ticked
constexpr int kAboveButtons = 40;        // pixels
constexpr Seconds kWorthALabel{0.001};   // of the way
constexpr double kLeanPerSecond = 4000;  // pixels a stitch leans for a second of slip
}  // namespace

void SeamView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), colours().paper);
    const QRect area = seamArea();
    for (const auto& s : sides_.drawn()) {
        const double edge = s.side.direction < 0 ? area.top() : area.bottom() + 1;
        const double room = std::fabs(edge - seamY()) - 6;
        paintSeamSide(p, s.side, s.columns, axis_, area, seamY(), room);
    }
    paintRecording(p);
    paintCuts(p);
    paintWay(p);
    paintQuietClaps(p);
    paintUncovered(p);
    paintClipped(p);
    paintKept(p);
    paintSelection(p);
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
    const bool frames = framePixels() >= kFrameTicks;
    const double step = axis_.niceStep(frames ? 168 : 96);
    const int decimals =
        step >= 1 ? 0 : std::min(6, static_cast<int>(std::ceil(-std::log10(step))));
    const auto first = static_cast<std::int64_t>(std::floor(axis_.start().value / step));
    p.save();
    p.setClipRect(0, 0, width(), ruler());
    for (std::int64_t i = first; i * step <= axis_.end().value; ++i) {
        const Seconds t{static_cast<double>(i) * step};
        const double x = std::floor(axis_.xOf(t)) + 0.5;
        p.setPen(QPen(colours().hairline, 1));
        p.drawLine(QPointF(x, 6), QPointF(x, ruler() - 4));
        p.setPen(colours().quiet);
        QString text = clockWords(t, decimals);
        if (frames && t >= Seconds{0}) {
            text += tr("  frame %1").arg(session_.facts(take_)->scan->pictures.frameAt(t));
        }
        // None rather than half of one.
        if (x + 4 + p.fontMetrics().horizontalAdvance(text) > width()) continue;
        p.drawText(QPointF(x + 4, scaled(19)), text);
    }
    p.restore();
}

double SeamView::framePixels() const {
    const MediaFacts* f = session_.facts(take_);
    if (!f || !f->scan || f->scan->pictures.empty()) return 0;
    const PictureTimes& pictures = f->scan->pictures;
    const double each = pictures.end().value / static_cast<double>(pictures.count());
    return each / axis_.secondsPerPixel();
}

void SeamView::paintFrames(QPainter& p) const {
    if (framePixels() < kFrameTicks) return;
    const PictureTimes& pictures = session_.facts(take_)->scan->pictures;
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

void SeamView::paintUncovered(QPainter& p) const {
    const auto& pair = session_.view(take_).pair;
    if (!pair) return;
    const auto becomes = session_.view(take_).choice.uncovered;
    const QString what = becomes == Uncovered::Camera ? tr("no clean sound: the camera's is heard")
                         : becomes == Uncovered::Trimmed ? tr("no clean sound: trimmed away")
                                                         : tr("no clean sound here: silence");
    const auto hollow = [&](double a, double b) {
        a = std::max(0.0, a);
        b = std::min(static_cast<double>(width()), b);
        if (b - a < 2) return;
        const QRectF r(a, seamY(), b - a, seamArea().bottom() - seamY());
        p.fillRect(r, QBrush(colours().hairline, Qt::BDiagPattern));
        p.setPen(colours().quiet);
        p.setFont(uiFont(12));
        // At its beginning: its end may be cut away.
        const QRectF words = r.adjusted(10, 0, 0, 0);
        if (r.width() > 190) p.drawText(words, Qt::AlignLeft | Qt::AlignVCenter, what);
    };
    const TimeRange seen{axis_.start() - cleanDrag(), axis_.end() - cleanDrag()};
    for (const TimeRange& r : uncovered(pair->pieces(), seen)) {
        hollow(axis_.xOf(r.start + cleanDrag()), axis_.xOf(r.end + cleanDrag()));
    }
}

void SeamView::paintClipped(QPainter& p) const {
    const auto& pair = session_.view(take_).pair;
    if (!pair) return;
    const TimeRange seen{axis_.start() - cleanDrag(), axis_.end() - cleanDrag()};
    const double edge = seamArea().bottom() - 1;
    // Teeth at the outer edge: where the sound was cut off.
    for (const TimeRange& r : clippedIn(pair->pieces(), seen)) {
        const double a = axis_.xOf(r.start + cleanDrag()), b = axis_.xOf(r.end + cleanDrag());
        const double wide = std::max(4.0, b - a);
        QPainterPath tooth;
        tooth.moveTo(a - 2, edge);
        tooth.lineTo(a + wide / 2, edge - 9);
        tooth.lineTo(a + wide + 2, edge);
        tooth.closeSubpath();
        p.fillPath(tooth, colours().attention);
    }
}

void SeamView::paintKept(QPainter& p) const {
    const TakeView& view = session_.view(take_);
    const TimeRange whole = view.whole;
    if (view.kept == TimeRanges{whole}) return;
    const QRect area = seamArea();
    p.setFont(uiFont(12));
    const auto away = [&](Seconds from, Seconds to) {
        const double a = std::max(-2.0, axis_.xOf(from)),
                     b = std::min(width() + 2.0, axis_.xOf(to));
        if (b - a < 1) return;
        const QRectF band(a, area.top(), b - a, area.height());
        QColor veil = colours().paper;
        veil.setAlphaF(0.8F);
        p.fillRect(band, veil);
        p.fillRect(band, QBrush(colours().hairline, Qt::FDiagPattern));
        p.setPen(QPen(colours().ink, 1));
        p.drawLine(band.topLeft(), band.bottomLeft());
        p.drawLine(band.topRight(), band.bottomRight());
        p.setPen(colours().quiet);
        if (band.width() > 90) {
            p.drawText(band.adjusted(0, 0, 0, -26), Qt::AlignHCenter | Qt::AlignBottom,
                       tr("cut away"));
        }
    };
    Seconds last = whole.start;
    for (const TimeRange& r : view.kept) {
        if (r.start > last) {
            away(last, r.start);
        } else if (r.start > whole.start) {
            const double x = std::floor(axis_.xOf(r.start)) + 0.5;
            p.setPen(QPen(colours().ink, 1, Qt::DashLine));
            p.drawLine(QPointF(x, area.top()), QPointF(x, area.bottom()));
        }
        last = r.end;
    }
    if (last < whole.end) away(last, whole.end);
}

void SeamView::paintQuietClaps(QPainter& p) const {
    const auto& plan = session_.view(take_).sound;
    if (!plan) return;
    p.setFont(uiFont(11));
    const double down = seamArea().bottom() - seamY() - 1, up = seamY() - seamArea().top() - 1;
    for (const TimeRange& c : plan->claps) {
        const TimeRange moved{c.start + cleanDrag(), c.end + cleanDrag()};
        paintQuiet(p, moved, seamY() + 1, down, colours().cleanPale, colours().cleanText);
    }
    for (const QuietStretch& q : plan->quiet) {
        if (q.clean()) {
            paintQuiet(p, q.range, seamY() + 1, down, colours().cleanPale, colours().cleanText);
        }
        if (q.camera()) {
            paintQuiet(p, q.range, seamArea().top(), up, colours().cameraPale,
                       colours().cameraText);
        }
    }
}

void SeamView::paintQuiet(QPainter& p, TimeRange c, double top, double high, const QColor& pale,
                          const QColor& edge) const {
    const double a = axis_.xOf(c.start), b = axis_.xOf(c.end);
    if (b < 0 || a > width()) return;
    const QRectF band(a, top, std::max(3.0, b - a), high);
    QColor veil = colours().paper;
    veil.setAlphaF(0.72F);
    p.fillRect(band, veil);
    p.fillRect(band, QBrush(pale, Qt::Dense6Pattern));
    p.setPen(QPen(edge, 1));
    p.drawLine(band.topLeft(), band.bottomLeft());
    p.drawLine(band.topRight(), band.bottomRight());
    if (band.width() > 36) {
        p.drawText(band.adjusted(0, 0, 0, -22), Qt::AlignHCenter | Qt::AlignBottom, tr("quiet"));
    }
}

void SeamView::paintCuts(QPainter& p) const {
    const auto& pair = session_.view(take_).pair;
    if (!pair) return;
    p.setPen(QPen(colours().cleanText, 1, Qt::DashLine));
    p.setFont(uiFont(12));
    const CleanPieces pieces = pair->pieces();
    for (std::size_t i = 1; i < pieces.size(); ++i) {
        const CleanPiece& a = pieces[i - 1];
        const CleanPiece& b = pieces[i];
        const Seconds at = b.range().start;
        const Seconds apart = b.line.toRecording(at) - a.line.toRecording(at);
        // Where a clock bends nothing is to be heard, nor to be looked for.
        if (a.recording == b.recording && std::fabs(apart.value) <= kMeeting.value) continue;
        const double x = std::floor(axis_.xOf(at + cleanDrag())) + 0.5;
        if (x < 0 || x > width()) continue;
        p.drawLine(QPointF(x, seamY()), QPointF(x, seamArea().bottom()));
        const QString much = spanWords({std::fabs(apart.value)});
        const QString what =
            a.recording != b.recording
                ? tr("goes on in %1")
                      .arg(QFileInfo(QString::fromStdString(b.recording->info.path))
                               .completeBaseName())
            : apart.value < 0 ? tr("%1 missing").arg(much)
                              : tr("%1 too much").arg(much);
        const QPointF start(x + 5, seamArea().bottom() - kAboveButtons);
        p.fillRect(QRectF(p.fontMetrics().boundingRect(what)).translated(start), colours().paper);
        p.drawText(start, what);
    }
}

void SeamView::paintWay(QPainter& p) const {
    if (!tether()) return;
    const std::vector<PathDelay>& path = tether()->found.path;
    p.setFont(uiFont(12));
    const double y = ruler() + 12 + p.fontMetrics().height();
    // Where somebody stands is measured at the first and the last moment of it.
    for (std::size_t i = 1; i < path.size(); ++i) {
        const Seconds later = path[i].later;
        if (later != path[i - 1].later || later < kWorthALabel) continue;
        const double from = axis_.xOf(path[i - 1].takeTime), to = axis_.xOf(path[i].takeTime);
        const double room = to - from - 8;
        if (to < 0 || from > width()) continue;
        QString words = tr("%1 farther: heard %2 later").arg(wayWords(later), slipWords(later));
        if (p.fontMetrics().horizontalAdvance(words) > room) {
            words = tr("%1 farther").arg(wayWords(later));
        }
        const QRectF box = p.fontMetrics().boundingRect(words);
        if (box.width() > room) continue;
        p.fillRect(QRectF(from, y - box.height(), box.width() + 8, box.height() + 6),
                   colours().paper);
        p.setPen(QPen(colours().camera, 1));
        p.drawLine(QPointF(from, y + 6), QPointF(to, y + 6));
        p.drawLine(QPointF(from, y + 6), QPointF(from, y + 12));
        p.drawLine(QPointF(to, y + 6), QPointF(to, y + 12));
        p.setPen(colours().ink);
        p.drawText(QPointF(from + 4, y), words);
    }
}

void SeamView::paintSelection(QPainter& p) const {
    const auto chosen = selection();
    if (!chosen) return;
    const QRectF band(QPointF(axis_.xOf(chosen->start), seamArea().top()),
                      QPointF(axis_.xOf(chosen->end), seamArea().bottom()));
    QColor shade = colours().action;
    shade.setAlphaF(0.12F);
    p.fillRect(band, shade);
    p.setPen(QPen(colours().action, 1));
    p.drawLine(band.topLeft(), band.bottomLeft());
    p.drawLine(band.topRight(), band.bottomRight());
    // How long it is, as the three people count who ask.
    const EntryUnits& units = session_.view(take_).units;
    const Seconds length = chosen->length();
    const QString time =
        length < Seconds{1} ? slipWords(length) : tr("%1 s").arg(numberWords(length.value, 4));
    const QString samples =
        QString::fromStdString(groupedText(std::llround(length.value * units.sampleRate.hertz)));
    const QString words =
        session_.view(take_).isRecording
            ? tr("%1 = %2 samples").arg(time, samples)
            : tr("%1 = %2 = %3 samples").arg(time, framesWords(length, units.frameRate), samples);
    p.setFont(uiFont(12, true));
    const QRect box = p.fontMetrics().boundingRect(words).adjusted(-6, -3, 6, 3);
    const double x = std::clamp(band.center().x() - box.width() / 2.0, 2.0,
                                std::max(2.0, width() - box.width() - 2.0));
    const QRect at(QPoint(static_cast<int>(x), band.top() + 22), box.size());
    p.fillRect(at, colours().raised);
    p.setPen(colours().ink);
    p.drawText(at, Qt::AlignCenter, words);
}

void SeamView::paintRecording(QPainter& p) const {
    if (!session_.view(take_).isRecording) return;
    paintBrackets(p, session_, brackets_, bracketPlaces());
    if (brackets_.empty()) {
        const QRectF above(0, ruler(), width(), seamY() - ruler());
        p.setPen(colours().quiet);
        p.setFont(uiFont(13));
        p.drawText(above.adjusted(24, 8, -24, -8), Qt::AlignCenter | Qt::TextWordWrap,
                   tr("No take lies on this recording yet. Drag one here from the list, or put the "
                      "playhead where it begins and lay it there."));
    }
    if (!dropAt_) return;
    const double x = std::floor(axis_.xOf(*dropAt_)) + 0.5;
    p.setPen(QPen(colours().action, 2));
    p.drawLine(QPointF(x, ruler()), QPointF(x, height()));
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
    const auto name = [&](const QString& side, bool clean) {
        const double scale = sides_.scaleOf(clean);
        QString text = side;
        if (std::fabs(scale - 1) > 0.01) text += tr(", %1 times as tall").arg(scale, 0, 'g', 2);
        return text;
    };
    const QString what = sides_.sharedIsComing()       ? tr(" (looking for the shared sound)")
                         : sides_.shared() && tether() ? tr(", what both share")
                                                       : QString();
    if (session_.view(take_).isRecording) {
        caption(name(tr("clean"), true), colours().cleanText, seamArea().bottom() - 8);
        return;
    }
    caption(name(tr("camera"), false) + what, colours().cameraText, seamArea().top() + 14);
    if (tether()) {
        caption(name(tr("clean"), true) + what + clippedWords(), colours().cleanText,
                seamArea().bottom() - 8);
        return;
    }
    const QRectF below(0, seamY() + 1, width(), seamArea().bottom() - seamY());
    p.setPen(colours().quiet);
    p.setFont(uiFont(13));
    const TakeView& view = session_.view(take_);
    const MediaFacts* f = session_.facts(take_);
    const bool silent = f && f->scan && f->scan->silent();
    const QString text =
        silent && view.anyRecording
            ? tr("A film without sound: the clean sound will grow here once it is "
                 "laid on a recording.")
        : view.tether        ? inWords(view.tether->found.reason)
        : !view.anyRecording ? tr("Add the recorder's file: its sound will grow here, face to face "
                                  "with the camera's.")
        : session_.matching()
            ? tr("Its place is being searched. The clean sound will grow here, face "
                 "to face with the camera's.")
            : tr("Find matches, and the clean sound will grow here, face to face "
                 "with the camera's.");
    // Above the tools, which lie on the seam's lower edge.
    p.drawText(below.adjusted(24, 4, -24, -scaled(38)), Qt::AlignCenter | Qt::TextWordWrap, text);
}

QString SeamView::clippedWords() const {
    const auto& pair = session_.view(take_).pair;
    const std::size_t n = pair ? clippedIn(pair->pieces(), session_.view(take_).whole).size() : 0;
    if (n == 0) return {};
    return n == 1 ? tr(", clipped in 1 place") : tr(", clipped in %1 places").arg(n);
}

void SeamView::paintDragNumbers(QPainter& p) const {
    if (drag_ != Drag::Clean && drag_ != Drag::Mark) return;
    p.setFont(uiFont(13, true));
    const QString by = slipWords(dragBy_);
    const QString text =
        (drag_ == Drag::Mark ? tr("mark moved by %1") : tr("clean sound moved by %1")).arg(by);
    const QRect box = p.fontMetrics().boundingRect(text).adjusted(-10, -6, 10, 6);
    const QRect at = box.translated(seamArea().center().x() - box.center().x(),
                                    seamArea().bottom() - 30 - box.center().y());
    p.fillRect(at, colours().raised);
    p.setPen(colours().ink);
    p.drawText(at, Qt::AlignCenter, text);
}

}  // namespace brisk::app

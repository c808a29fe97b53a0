// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/seam_pins.h"

#include <algorithm>
#include <cmath>
#include <iterator>

#include "app/style/app_style.h"
#include "app/style/colours.h"

namespace brisk::app {
namespace {

constexpr double kMarkHead = 5;
constexpr double kClapHead = 3;
constexpr double kMarkInset = 34;  // of a head from the far end
constexpr double kClapInset = 22;
constexpr double kPinGrab = 8;  // pixels a pointer may be off

void addMarks(const TakeView& view, int media, bool onClean, ClockLine toTake,
              std::vector<SeamPin>& pins) {
    for (const Mark& m : view.marks) {
        if (m.media != media) continue;
        pins.push_back({m.id, media, onClean, onClean ? toTake.toTake(m.time) : m.time, m.time, 0,
                        QString::fromStdString(m.name)});
    }
}

void addClaps(const Session& session, int media, bool onClean, ClockLine toTake,
              std::vector<SeamPin>& pins) {
    const MediaFacts* f = session.facts(media);
    if (!f || !f->scan) return;
    const Seconds start = session.library().soundStart(media);
    for (const Spike& s : f->scan->spikes) {
        if (s.strengthDb < kWorthShowingDb) continue;
        const Seconds at = s.time + start;
        pins.push_back({0, media, onClean, onClean ? toTake.toTake(at) : at, at, s.strengthDb, {}});
    }
}

}  // namespace

std::vector<SeamPin> seamPins(const Session& session, int take, Seconds dragged) {
    std::vector<SeamPin> pins;
    const TakeView& view = session.view(take);
    addClaps(session, take, view.isRecording, {}, pins);
    if (const auto& pair = view.pair) {
        for (const CleanPiece& piece : pair->pieces()) {
            ClockLine line = piece.line;
            line.offset = line.offset - dragged;
            std::vector<SeamPin> mine;
            const int media = session.library().mediaOf(piece.recording);
            addClaps(session, media, true, line, mine);
            addMarks(view, media, true, line, mine);
            const TimeRange heard = piece.range();
            std::copy_if(
                mine.begin(), mine.end(), std::back_inserter(pins), [&](const SeamPin& pin) {
                    const Seconds t = pin.takeTime - dragged;
                    return (!piece.from || t >= heard.start) && (!piece.until || t < heard.end);
                });
        }
    }
    addMarks(view, take, view.isRecording, {}, pins);
    return pins;
}

QPointF PinPlaces::head(const SeamPin& pin) const {
    const double inset = pin.mark ? kMarkInset : kClapInset;
    return {axis->xOf(pin.takeTime), pin.onClean ? bottom - inset : top + inset};
}

void paintPins(QPainter& p, const std::vector<SeamPin>& pins, const PinPlaces& places, int chosen) {
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    const double right = p.viewport().width();
    for (const SeamPin& pin : pins) {
        const QPointF head = places.head(pin);
        if (head.x() < -kMarkHead || head.x() > right + 10) continue;
        const QColor colour = pin.mark == 0        ? colours().quiet
                              : pin.mark == chosen ? colours().action
                                                   : colours().ink;
        p.setPen(QPen(colour, pin.mark ? 1.4 : 0.8, pin.mark ? Qt::SolidLine : Qt::DotLine));
        p.drawLine(head, QPointF(head.x(), places.seamY));
        p.setPen(QPen(colour, 1.2));
        p.setBrush(pin.mark ? QBrush(colour) : QBrush(colours().paper));
        const double r = pin.mark ? kMarkHead : kClapHead;
        p.drawEllipse(head, r, r);
        if (pin.name.isEmpty()) continue;
        p.setFont(uiFont(12, pin.mark == chosen));
        p.drawText(head + QPointF(9, 4), pin.name);
    }
    p.restore();
}

std::optional<SeamPin> pinAt(const std::vector<SeamPin>& pins, const PinPlaces& places,
                             QPointF pointer) {
    std::optional<SeamPin> best;
    for (const SeamPin& pin : pins) {
        const QPointF d = places.head(pin) - pointer;
        if (std::hypot(d.x(), d.y()) > kPinGrab) continue;
        if (!best || (pin.mark != 0 && best->mark == 0)) best = pin;
    }
    return best;
}

}  // namespace brisk::app

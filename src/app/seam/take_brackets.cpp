// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/take_brackets.h"

#include <QFileInfo>
#include <algorithm>

#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/sizes.h"
#include "app/style/state_mark.h"

namespace brisk::app {
namespace {
constexpr int kRow = 26;     // pixels of height
constexpr int kMark = 14;    // of a state's mark
constexpr double kFoot = 5;  // how far a bracket's ends reach down
constexpr double kLeast = 10;
}  // namespace

std::vector<TakeBracket> takeBrackets(const Session& session, int recording) {
    std::vector<TakeBracket> out;
    for (const Tether& t : session.state().tethers) {
        if (t.recording != recording || t.state() == TetherState::Loose) continue;
        const Seconds length = session.library().dayFacts(t.take).length;
        out.push_back({t.take, {t.line.toRecording({0}), t.line.toRecording(length)}, 0});
    }
    std::sort(out.begin(), out.end(), [](const TakeBracket& a, const TakeBracket& b) {
        return a.range.start < b.range.start;
    });
    std::vector<Seconds> ends;  // of each row so far
    for (TakeBracket& b : out) {
        const auto free = std::find_if(ends.begin(), ends.end(),
                                       [&](Seconds end) { return end <= b.range.start; });
        b.row = static_cast<int>(free - ends.begin());
        if (free == ends.end()) ends.emplace_back();
        ends[static_cast<std::size_t>(b.row)] = b.range.end;
    }
    return out;
}

QRectF BracketPlaces::box(const TakeBracket& b) const {
    const double left = axis->xOf(b.range.start);
    const double wide = std::max(kLeast, axis->xOf(b.range.end) - left);
    const double high = scaled(kRow);
    // Where there are more rows than room they come closer.
    return {left, std::max(top, seamY - 12 - high * (b.row + 1)), wide, high};
}

void paintBrackets(QPainter& p, const Session& session, const std::vector<TakeBracket>& brackets,
                   const BracketPlaces& places) {
    p.save();
    p.setFont(uiFont(12));
    const double right = p.viewport().width();
    for (const TakeBracket& b : brackets) {
        const QRectF box = places.box(b);
        if (box.right() < 0 || box.left() > right) continue;
        const double line = box.bottom() - kFoot;
        p.setPen(QPen(colours().ink, 1.4));
        p.drawPolyline(QPolygonF{QPointF(box.left(), box.bottom()), QPointF(box.left(), line),
                                 QPointF(box.right(), line), QPointF(box.right(), box.bottom())});
        // The words stay in view while any of the bracket is.
        const double from = std::max(2.0, box.left() + 2), mark = scaled(kMark);
        const double room = std::min(box.right(), right) - from;
        if (room < mark) continue;
        drawStateMark(p, QRectF(from, line - mark - 3, mark, mark), session.stateOf(b.take));
        const MediaItem* m = session.state().item(b.take);
        if (!m || room < mark + 30) continue;
        const QString name = QFileInfo(QString::fromStdString(m->path)).completeBaseName();
        p.drawText(
            QRectF(from + mark + 5, box.top(), room - mark - 7, line - box.top() - 1),
            Qt::AlignLeft | Qt::AlignVCenter,
            p.fontMetrics().elidedText(name, Qt::ElideMiddle, static_cast<int>(room - mark - 7)));
    }
    p.restore();
}

int bracketAt(const std::vector<TakeBracket>& brackets, const BracketPlaces& places,
              QPointF pointer) {
    for (const TakeBracket& b : brackets) {
        if (places.box(b).contains(pointer)) return b.take;
    }
    return 0;
}

}  // namespace brisk::app

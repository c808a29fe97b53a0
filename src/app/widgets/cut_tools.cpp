// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/widgets/cut_tools.h"

#include <QAction>
#include <QMenu>
#include <QWidget>

namespace brisk::app {

CutTools::CutTools(Session& session, QWidget* on, std::function<Where()> where)
    : QObject(on), session_(session), on_(on), where_(std::move(where)) {
    using S = const Stretches&;
    add(tr("Cut at the playhead"), Qt::Key_X, tr("Cut"),
        [](S kept, TimeRange, const Where& w) { return cutAt(kept, w.playhead); });
    add(tr("Drop the piece at the playhead"), QKeySequence(Qt::SHIFT | Qt::Key_X),
        tr("Drop a piece of"),
        [](S kept, TimeRange, const Where& w) { return dropAt(kept, w.playhead); });
    add(tr("Bring back what was dropped here"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_X),
        tr("Bring back a piece of"), [](S kept, TimeRange whole, const Where& w) {
            return bringBackAt(kept, w.playhead, whole);
        });
    add(tr("Trim away what is before the playhead"), Qt::Key_BracketLeft, tr("Trim the start of"),
        [](S kept, TimeRange whole, const Where& w) {
            return keptWithin(kept, {{w.playhead, whole.end}});
        });
    add(tr("Trim away what is after the playhead"), Qt::Key_BracketRight, tr("Trim the end of"),
        [](S kept, TimeRange whole, const Where& w) {
            return keptWithin(kept, {{whole.start, w.playhead}});
        });
    add(tr("Keep the selection only"), {}, tr("Keep a selection of"),
        [](S kept, TimeRange, const Where& w) {
            return w.selection ? keptWithin(kept, {*w.selection}) : kept;
        });
    add(tr("Keep the shared part"), {}, tr("Keep the shared part of"),
        [this](S kept, TimeRange, const Where&) { return shared(kept); });
    add(tr("Keep the whole take again"), {}, tr("Keep the whole of"),
        [](S, TimeRange whole, const Where&) { return Stretches{whole}; });
}

QAction* CutTools::add(const QString& text, const QKeySequence& key, const QString& said,
                       Change change) {
    auto* a = new QAction(text, this);
    if (!key.isEmpty()) a->setShortcut(key);
    on_->addAction(a);
    connect(a, &QAction::triggered, this, [this, said, change] {
        if (const auto kept = changed(change)) session_.keep(where_().take, *kept, said);
    });
    tools_.push_back({a, std::move(change)});
    return a;
}

Stretches CutTools::shared(const Stretches& kept) const {
    Stretches covered;
    for (const CleanPiece& p : session_.heardPieces(where_().take)) covered.push_back(p.range());
    return keptWithin(kept, covered);
}

std::optional<Stretches> CutTools::changed(const Change& change) const {
    const Where w = where_();
    if (w.take == 0 || !session_.placedPair(w.take)) return std::nullopt;
    const Stretches before = session_.kept(w.take);
    Stretches after = change(before, session_.wholeTake(w.take), w);
    // Something is always kept.
    if (after.empty() || after == before) return std::nullopt;
    return after;
}

void CutTools::popup(const QPoint& globalPos) {
    auto* menu = new QMenu(on_);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    for (const Tool& t : tools_) {
        if (changed(t.change)) menu->addAction(t.action);
    }
    menu->popup(globalPos);
}

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/cut_tools.h"

#include <QAction>
#include <QMenu>
#include <QWidget>
#include <cmath>

#include "core/time_text.h"
#include "render/cut_snap.h"

namespace brisk::app {

CutTools::CutTools(Session& session, QWidget* on, std::function<Where()> where)
    : QObject(on), session_(session), on_(on), where_(std::move(where)) {
    snap_ = new QAction(tr("Cuts settle on pauses and onsets"), this);
    snap_->setCheckable(true);
    on_->addAction(snap_);
    using S = const TimeRanges&;
    add(tr("Cut at the playhead"), Qt::Key_X, "cut", Edge::Made,
        [](S kept, TimeRange, const Where& w) { return cutAt(kept, w.playhead); });
    add(tr("Drop the piece at the playhead"), QKeySequence(Qt::SHIFT | Qt::Key_X), "drop-piece",
        Edge::No, [](S kept, TimeRange, const Where& w) { return dropAt(kept, w.playhead); });
    add(tr("Bring back what was dropped here"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_X),
        "bring-back", Edge::No, [](S kept, TimeRange whole, const Where& w) {
            return bringBackAt(kept, w.playhead, whole);
        });
    add(tr("Trim away what is before the playhead"), Qt::Key_BracketLeft, "trim-start", Edge::Made,
        [](S kept, TimeRange whole, const Where& w) {
            return keptWithin(kept, {{w.playhead, whole.end}});
        });
    add(tr("Trim away what is after the playhead"), Qt::Key_BracketRight, "trim-end", Edge::Made,
        [](S kept, TimeRange whole, const Where& w) {
            return keptWithin(kept, {{whole.start, w.playhead}});
        });
    add(tr("Keep the selection only"), {}, "keep-selection", Edge::Made,
        [](S kept, TimeRange, const Where& w) {
            return w.selection ? keptWithin(kept, {*w.selection}) : kept;
        });
    add(tr("Keep the shared part"), {}, "keep-shared", Edge::No,
        [this](S kept, TimeRange, const Where&) { return shared(kept); });
    add(tr("Keep the whole take again"), {}, "keep-whole", Edge::No,
        [](S, TimeRange whole, const Where&) { return TimeRanges{whole}; });
}

QAction* CutTools::add(const QString& text, const QKeySequence& key, const std::string& what,
                       Edge edge, Change change) {
    auto* a = new QAction(text, this);
    if (!key.isEmpty()) a->setShortcut(key);
    on_->addAction(a);
    const std::size_t which = tools_.size();
    connect(a, &QAction::triggered, this, [this, which] { run(tools_[which]); });
    tools_.push_back({a, what, edge, std::move(change)});
    return a;
}

void CutTools::run(const Tool& tool) {
    const Where chosen = where_(), w = settled(tool);
    const auto kept = changed(tool, w);
    if (!kept) return;
    session_.keep(w.take, *kept, tool.what);
    const Seconds by = w.playhead - chosen.playhead;
    if (std::abs(by.value) < 0.001) return;
    emit session_.said((by > Seconds{0} ? tr("Cut %1 later, where it is heard least.")
                                        : tr("Cut %1 earlier, where it is heard least."))
                           .arg(QString::fromStdString(slipText({std::abs(by.value)}))));
}

CutTools::Where CutTools::settled(const Tool& tool) const {
    Where w = where_();
    if (tool.edge == Edge::No || !snap_->isChecked()) return w;
    const CleanPieces heard = session_.heardPieces(w.take);
    w.playhead = snapCut(heard, w.playhead).at;
    if (w.selection) {
        w.selection = {snapCut(heard, w.selection->start).at, snapCut(heard, w.selection->end).at};
    }
    return w;
}

TimeRanges CutTools::shared(const TimeRanges& kept) const {
    TimeRanges covered;
    for (const CleanPiece& p : session_.heardPieces(where_().take)) covered.push_back(p.range());
    return keptWithin(kept, covered);
}

std::optional<TimeRanges> CutTools::changed(const Tool& tool, const Where& w) const {
    if (w.take == 0 || !session_.placedPair(w.take)) return std::nullopt;
    const TimeRanges before = session_.kept(w.take);
    TimeRanges after = tool.change(before, session_.wholeTake(w.take), w);
    // Something is always kept.
    if (after.empty() || after == before) return std::nullopt;
    return after;
}

void CutTools::popup(const QPoint& globalPos) {
    auto* menu = new QMenu(on_);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    for (const Tool& t : tools_) {
        if (changed(t, settled(t))) menu->addAction(t.action);
    }
    menu->addSeparator();
    menu->addAction(snap_);
    menu->popup(globalPos);
}

}  // namespace brisk::app

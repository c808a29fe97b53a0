// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/cut_tools.h"

#include <QMenu>
#include <QWidget>
#include <cmath>

#include "app/spine/words.h"
#include "core/time_text.h"
#include "render/cut_snap.h"
#include "render/take_sound.h"
#include "shoot/edit_commands.h"

namespace brisk::app {

CutTools::CutTools(Session& session, Verbs& verbs, QWidget* on, std::function<Where()> where)
    : QObject(on), session_(session), verbs_(verbs), on_(on), where_(std::move(where)) {
    snap_ = verbs.action(Verb::CutsSettle);
    using S = const TimeRanges&;
    add(Verb::Cut, "cut", Edge::Made,
        [](S kept, TimeRange, const Where& w) { return cutAt(kept, w.playhead); });
    add(Verb::DropPiece, "drop-piece", Edge::No,
        [](S kept, TimeRange, const Where& w) { return dropAt(kept, w.playhead); });
    add(Verb::BringBack, "bring-back", Edge::No, [](S kept, TimeRange whole, const Where& w) {
        return bringBackAt(kept, w.playhead, whole);
    });
    add(Verb::TrimStart, "trim-start", Edge::Made, [](S kept, TimeRange whole, const Where& w) {
        return keptWithin(kept, {{w.playhead, whole.end}});
    });
    add(Verb::TrimEnd, "trim-end", Edge::Made, [](S kept, TimeRange whole, const Where& w) {
        return keptWithin(kept, {{whole.start, w.playhead}});
    });
    add(Verb::KeepSelection, "keep-selection", Edge::Made, [](S kept, TimeRange, const Where& w) {
        return w.selection ? keptWithin(kept, {*w.selection}) : kept;
    });
    add(Verb::KeepShared, "keep-shared", Edge::No,
        [this](S kept, TimeRange, const Where&) { return shared(kept); });
    add(Verb::KeepWhole, "keep-whole", Edge::No,
        [](S, TimeRange whole, const Where&) { return TimeRanges{whole}; });
}

void CutTools::add(Verb verb, const std::string& what, Edge edge, Change change) {
    const std::size_t which = tools_.size();
    verbs_.teach(verb, [this, which] { run(tools_[which]); });
    tools_.push_back({verbs_.action(verb), what, edge, std::move(change)});
}

void CutTools::run(const Tool& tool) {
    const Where chosen = where_(), w = settled(tool);
    const auto kept = changed(tool, w);
    if (!kept) {
        if (asked(tool, w)) {
            emit session_.said(tr("Nothing was changed: less than one picture would be kept."));
        }
        return;
    }
    session_.apply(
        commands::keep(session_.state(), w.take, *kept, session_.view(w.take).whole, tool.what));
    const Seconds by = w.playhead - chosen.playhead;
    if (std::abs(by.value) < 0.001) return;
    emit session_.said((by > Seconds{0} ? tr("Cut %1 later, where it is heard least.")
                                        : tr("Cut %1 earlier, where it is heard least."))
                           .arg(slipWords({std::abs(by.value)})));
}

CutTools::Where CutTools::settled(const Tool& tool) const {
    Where w = where_();
    const CleanPieces heard = session_.view(w.take).heard();
    if (tool.edge == Edge::No || !snap_->isChecked() || heard.empty()) return w;
    w.playhead = snapCut(heard, w.playhead).at;
    if (w.selection) {
        w.selection = {snapCut(heard, w.selection->start).at, snapCut(heard, w.selection->end).at};
    }
    return w;
}

TimeRanges CutTools::shared(const TimeRanges& kept) const {
    TimeRanges covered;
    for (const CleanPiece& p : session_.view(where_().take).heard()) covered.push_back(p.range());
    return keptWithin(kept, covered);
}

std::optional<TimeRanges> CutTools::asked(const Tool& tool, const Where& w) const {
    const TakeView& view = session_.view(w.take);
    if (!view.read || view.isRecording) return std::nullopt;
    TimeRanges after = tool.change(view.kept, view.whole, w);
    if (after == view.kept) return std::nullopt;
    return after;
}

std::optional<TimeRanges> CutTools::changed(const Tool& tool, const Where& w) const {
    const auto after = asked(tool, w);
    const auto scan = session_.library().scanOf(w.take);
    if (!after || !scan) return std::nullopt;
    const TimeRanges before = session_.view(w.take).kept;
    TimeRanges pieces = longEnough(*after, shortestPiece(*scan));
    // Something is always kept, and a cut right beside an edge cuts nothing off.
    const bool cutsNothing = after->size() > before.size() && pieces.size() <= before.size();
    if (pieces.empty() || pieces == before || cutsNothing) return std::nullopt;
    return pieces;
}

void CutTools::popup(const QPoint& globalPos) {
    auto* menu = new QMenu(on_);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    for (const Tool& t : tools_) {
        if (changed(t, settled(t))) menu->addAction(t.action);
    }
    menu->addSeparator();
    menu->addAction(snap_);
    menu->addSeparator();
    for (const Verb v : {Verb::QuietClean, Verb::QuietCamera, Verb::QuietBoth, Verb::LowerClean,
                         Verb::LetBeHeard}) {
        if (verbs_.action(v)->isEnabled()) menu->addAction(verbs_.action(v));
    }
    menu->popup(globalPos);
}

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/place_bar.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QShortcut>
#include <cmath>

#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/elided_label.h"
#include "core/time_text.h"

namespace brisk::app {

PlaceBar::PlaceBar(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setFixedHeight(36);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 2, 12, 2);
    row->setSpacing(2);

    offset_ = new QLineEdit(this);
    offset_->setFixedWidth(124);
    offset_->setAccessibleName(tr("Where the take falls on the recording"));
    offset_->setToolTip(
        tr("Type a time, or a change: +3 ms, −12 frames, +40 samples. Enter places it."));
    connect(offset_, &QLineEdit::returnPressed, this, &PlaceBar::typed);
    row->addWidget(offset_);
    row->addSpacing(10);

    const auto arrow = [&](const QString& text, const QString& name, const QKeySequence& key,
                           std::function<Seconds()> by) {
        auto* b = new QPushButton(text, this);
        b->setProperty("arrow", true);
        b->setAccessibleName(name);
        b->setToolTip(tr("%1 (%2)").arg(name, key.toString(QKeySequence::NativeText)));
        b->setShortcut(key);
        b->setAutoRepeat(true);
        connect(b, &QPushButton::clicked, this, [this, by = std::move(by)] { nudge(by()); });
        row->addWidget(b);
    };
    const auto pair = [&](const QString& what, int modifiers, QWidget* shown,
                          const std::function<Seconds()>& size) {
        arrow(QStringLiteral("◂"), tr("Clean sound one %1 earlier").arg(what),
              QKeySequence(modifiers | Qt::Key_Left), [size] { return -size(); });
        row->addWidget(shown);
        arrow(QStringLiteral("▸"), tr("Clean sound one %1 later").arg(what),
              QKeySequence(modifiers | Qt::Key_Right), size);
        row->addSpacing(4);
    };
    const auto label = [&](const QString& text) {
        auto* l = new QLabel(text, this);
        l->setFont(uiFont(12));
        return l;
    };
    pair(tr("frame"), Qt::CTRL, label(tr("frame")),
         [this] { return Seconds{1 / std::max(1e-3, units().frameRate.value())}; });
    pair(tr("millisecond"), static_cast<int>(Qt::CTRL) | Qt::SHIFT, label(tr("ms")),
         [] { return milliseconds(1); });
    pair(tr("sample"), static_cast<int>(Qt::CTRL) | Qt::ALT, label(tr("sample")),
         [this] { return Seconds{1.0 / units().sampleRate.hertz}; });
    own_ = new QLineEdit(QStringLiteral("5 ms"), this);
    own_->setFixedWidth(54);
    own_->setAccessibleName(tr("A size of your own"));
    own_->setToolTip(tr("A size of your own: 5 ms, 0.1 ms, 10 frames, 7 samples"));
    pair(tr("step of your own"), Qt::ALT, own_, [this] {
        const auto e = parseTimeEntry(own_->text().toStdString(), units());
        if (e) return Seconds{std::fabs(e->value.value)};
        said_->setText(QString::fromStdString(e.error().sentence));
        return Seconds{0};
    });
    row->addSpacing(6);

    said_ = new ElidedLabel(this);
    said_->setFont(uiFont(12));
    said_->setProperty("quiet", true);
    row->addWidget(said_, 1);
    again_ = new QPushButton(tr("Search again"), this);
    again_->setShortcut(Qt::Key_A);
    again_->setToolTip(
        tr("Search once more, narrowed down: this stretch, near here, by claps, by "
           "another channel (A)"));
    connect(again_, &QPushButton::clicked, this, &PlaceBar::showSearches);
    again_->setProperty("arrow", true);
    row->addWidget(again_);
    next_ = new QPushButton(tr("Next place"), this);
    next_->setShortcut(Qt::Key_N);
    next_->setToolTip(tr("Try the place that came closest after this one (N); B goes back"));
    connect(next_, &QPushButton::clicked, this, &PlaceBar::nextPlace);
    next_->setProperty("arrow", true);
    row->addWidget(next_);
    together_ = new QPushButton(tr("Put the claps together"), this);
    together_->setShortcut(Qt::Key_P);
    connect(together_, &QPushButton::clicked, this, &PlaceBar::marksTogether);
    together_->setProperty("arrow", true);
    row->addWidget(together_);

    const auto markKey = [this](const QKeySequence& key, bool clean, bool exactly) {
        connect(new QShortcut(key, this), &QShortcut::activated, this,
                [this, clean, exactly] { emit markWanted(clean, exactly); });
    };
    markKey(Qt::Key_K, false, false);
    markKey(Qt::SHIFT | Qt::Key_K, true, false);
    markKey(Qt::CTRL | Qt::Key_K, false, true);
    markKey(static_cast<int>(Qt::CTRL) | Qt::SHIFT | Qt::Key_K, true, true);
    connect(&session, &Session::changed, this, &PlaceBar::refresh);
    connect(&session, &Session::factsChanged, this, &PlaceBar::refresh);
    connect(&session, &Session::said, said_, &QLabel::setText);
}

const Tether* PlaceBar::tether() const {
    const Tether* t = session_.state().tetherOf(take_);
    return t && t->state() != TetherState::Loose ? t : nullptr;
}

EntryUnits PlaceBar::units() const {
    EntryUnits u;
    const MediaFacts* take = session_.facts(take_);
    if (take && take->info.video) u.frameRate = take->info.video->rate;
    const Tether* t = tether();
    const MediaFacts* clean = t ? session_.facts(t->recording) : nullptr;
    if (clean && !clean->info.sounds.empty()) u.sampleRate = clean->info.sounds.front().rate;
    return u;
}

void PlaceBar::showTake(int take) {
    take_ = take;
    places_.clear();
    at_ = 0;
    said_->clear();
    refresh();
}

void PlaceBar::refresh() {
    const Tether* t = tether();
    const bool movable = t && !t->locked;
    setVisible(movable);
    if (!movable) return;
    if (!offset_->hasFocus() || !offset_->isModified()) {
        offset_->setText(QString::fromStdString(clockText(t->line.offset, 6)));
    }
    if (!(t->found.line == found_)) {
        found_ = t->found.line;  // searched anew: other places
        places_.clear();
        at_ = 0;
    }
    if (places_.empty()) {
        for (const Rival& r : t->found.rivals) {
            places_.push_back({{r.offset, t->found.line.drift},
                               {"weaker-place", {{"weaker_db", -r.relativeDb}}}});
        }
        if (!places_.empty()) {
            places_.insert(places_.begin(), {t->found.line, {"best-place"}});
        }
    }
    next_->setVisible(places_.size() > 1);
    const bool own = session_.haveMarksOnBoth(take_);
    together_->setText(own ? tr("Put the marks together") : tr("Put the claps together"));
    together_->setToolTip(
        own ? tr("Lay the marks of both sounds upon each other (P)")
            : tr("Lay the claps found in both sounds upon each other (P). With marks of your own "
                 "(K: camera, Shift+K: clean sound) those count instead."));
    together_->setShortcut(Qt::Key_P);  // setting a text takes the shortcut away
}

void PlaceBar::typed() {
    const Tether* t = tether();
    if (!t) return;
    const auto e = parseTimeEntry(offset_->text().toStdString(), units());
    if (!e) {
        said_->setText(QString::fromStdString(e.error().sentence));
        return;
    }
    ClockLine line = t->line;
    line.offset = e->relative ? line.offset + e->value : e->value;
    offset_->setModified(false);
    session_.place(take_, line, {"at-moment", {{"at", line.offset}}});
    said_->setText(tr("placed as typed"));
}

void PlaceBar::nudge(Seconds by) {
    if (!tether() || by.value == 0) return;
    session_.moveClean(take_, by);
    said_->setText(tr("moved by %1").arg(QString::fromStdString(slipText(by))));
}

void PlaceBar::showSearches() {
    const auto pair = session_.placedPair(take_);
    if (!pair) return;
    QMenu* menu = searchMenu(*pair, this, [this](SearchScope s) { emit searchWanted(s); });
    menu->setAttribute(Qt::WA_DeleteOnClose);
    menu->popup(again_->mapToGlobal(QPoint(0, -menu->sizeHint().height())));
}

void PlaceBar::tryPlace(std::size_t i) {
    at_ = i;
    const Place place = places_[i];
    session_.place(take_, place.line, place.where);
    said_->setText(
        tr("place %1 of %2: %3").arg(i + 1).arg(places_.size()).arg(inWords(place.where)));
}

void PlaceBar::nextPlace() {
    if (places_.size() > 1 && tether()) tryPlace((at_ + 1) % places_.size());
}

void PlaceBar::marksTogether() {
    const Tether* t = tether();
    if (!t) return;
    const auto fits = session_.markFits(take_);
    if (fits.empty()) {
        said_->setText(tr("There is no mark or clap on both sounds yet."));
        return;
    }
    places_.clear();
    for (const MarkFit& f : fits) {
        places_.push_back(
            {f.line,
             {"mark-pairs", {{"pairs", f.pairs.size()}, {"apart", std::fabs(f.worst().value)}}}});
    }
    tryPlace(0);
    const bool tie = fits.size() > 1 && fits[1].pairs.size() == fits[0].pairs.size();
    QString words = inWords(places_.front().where);
    if (fits.front().driftMeasured) words += tr("; drift measured");
    if (tie) words += tr("; %1 other ways fit as well: N tries them").arg(fits.size() - 1);
    said_->setText(words);
}

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/place_bar.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <cmath>

#include "app/spine/verb_button.h"
#include "app/spine/words.h"
#include "app/style/sizes.h"
#include "core/time_text.h"
#include "day/permissions.h"
#include "shoot/commands.h"

namespace brisk::app {

PlaceBar::PlaceBar(Session& session, Verbs& verbs, QWidget* parent)
    : QWidget(parent), session_(session), verbs_(verbs) {
    teach();
    fixHeight(this, 36);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 2, 12, 2);
    row->setSpacing(2);

    offset_ = new QLineEdit(this);
    fixWidth(offset_, 124);
    offset_->setAccessibleName(tr("Where the take falls on the recording"));
    offset_->setToolTip(
        tr("Type a time, or a change: +3 ms, −12 frames, +40 samples. Enter places it."));
    connect(offset_, &QLineEdit::returnPressed, this, &PlaceBar::typed);
    row->addWidget(offset_);
    row->addSpacing(10);

    const auto pair = [&](Verb earlier, Verb later, QWidget* shown) {
        for (const Verb v : {earlier, later}) {
            auto* b = new VerbButton(verbs, v, this);
            b->setProperty("arrow", true);
            row->addWidget(b);
            if (v == earlier) row->addWidget(shown);
        }
        row->addSpacing(4);
    };
    const auto label = [&](const QString& text) {
        auto* l = new QLabel(text, this);
        useFont(l, 12);
        return l;
    };
    pair(Verb::FrameEarlier, Verb::FrameLater, label(tr("frame")));
    pair(Verb::MillisecondEarlier, Verb::MillisecondLater, label(tr("ms")));
    pair(Verb::SampleEarlier, Verb::SampleLater, label(tr("sample")));
    own_ = new QLineEdit(QStringLiteral("5 ms"), this);
    fixWidth(own_, 54);
    own_->setAccessibleName(tr("A size of your own"));
    own_->setToolTip(tr("A size of your own: 5 ms, 0.1 ms, 10 frames, 7 samples"));
    pair(Verb::StepEarlier, Verb::StepLater, own_);
    row->addSpacing(6);

    row->addStretch(1);
    for (const Verb v : {Verb::SearchAgain, Verb::NextPlace, Verb::MarksTogether}) {
        auto* b = new VerbButton(verbs, v, this, VerbButton::Unable::Hidden);
        b->setProperty("arrow", true);
        row->addWidget(b);
        if (v == Verb::SearchAgain) again_ = b;
    }
    connect(&session, &Session::changed, this, &PlaceBar::refresh);
    connect(&session, &Session::factsChanged, this, &PlaceBar::refresh);
}

void PlaceBar::teach() {
    const auto whyNot = [this] { return whyNotMove(session_.view(take_)); };
    const auto nudges = [&](Verb earlier, Verb later, const std::function<Seconds()>& size) {
        verbs_.teach(
            earlier, [this, size] { nudge(-size()); }, whyNot);
        verbs_.teach(
            later, [this, size] { nudge(size()); }, whyNot);
    };
    nudges(Verb::FrameEarlier, Verb::FrameLater, [this] {
        return Seconds{1 / std::max(1e-3, session_.view(take_).units.frameRate.value())};
    });
    nudges(Verb::MillisecondEarlier, Verb::MillisecondLater, [] { return milliseconds(1); });
    nudges(Verb::SampleEarlier, Verb::SampleLater,
           [this] { return Seconds{1.0 / session_.view(take_).units.sampleRate.hertz}; });
    nudges(Verb::StepEarlier, Verb::StepLater, [this] { return ownStep(); });
    verbs_.teach(
        Verb::SearchAgain, [this] { showSearches(); }, whyNot);
    verbs_.teach(
        Verb::NextPlace, [this] { nextPlace(); },
        [this, whyNot] {
            const Fact why = whyNot();
            return !why.empty() || places_.size() > 1 ? why : Fact{"no-other-place"};
        });
    verbs_.teach(
        Verb::MarksTogether, [this] { marksTogether(); }, whyNot);
    const auto marks = [&](Verb v, bool clean, bool exactly) {
        verbs_.teach(v, [this, clean, exactly] { emit markWanted(clean, exactly); });
    };
    marks(Verb::MarkCamera, false, false);
    marks(Verb::MarkClean, true, false);
    marks(Verb::MarkCameraExactly, false, true);
    marks(Verb::MarkCleanExactly, true, true);
}

Seconds PlaceBar::ownStep() {
    const auto e =
        parseTimeEntry(typedNumber(own_->text()).toStdString(), session_.view(take_).units);
    if (e) return Seconds{std::fabs(e->value.value)};
    emit session_.said(inWords(e.error().fact));
    return Seconds{0};
}

const Tether* PlaceBar::tether() const {
    const TakeView& v = session_.view(take_);
    return v.placed ? &*v.tether : nullptr;
}

void PlaceBar::showTake(int take) {
    take_ = take;
    places_.clear();
    at_ = 0;
    refresh();
}

void PlaceBar::refresh() {
    const Tether* t = tether();
    const bool movable = t && !t->locked;
    setVisible(movable);
    if (!movable) return;
    if (!offset_->hasFocus() || !offset_->isModified()) {
        offset_->setText(clockWords(t->line.offset, 6));
    }
    if (!(t->found.line == found_)) {
        found_ = t->found.line;  // searched anew: other places
        places_.clear();
        at_ = 0;
    }
    if (places_.empty()) places_ = offersOf(t->found);
    const bool own = session_.view(take_).marksOnBoth;
    verbs_.action(Verb::MarksTogether)
        ->setText(own ? tr("Put the marks together") : tr("Put the claps together"));
}

void PlaceBar::typed() {
    const Tether* t = tether();
    if (!t) return;
    const auto e =
        parseTimeEntry(typedNumber(offset_->text()).toStdString(), session_.view(take_).units);
    if (!e) {
        emit session_.said(inWords(e.error().fact));
        return;
    }
    ClockLine line = t->line;
    line.offset = e->relative ? line.offset + e->value : e->value;
    offset_->setModified(false);
    session_.apply(
        commands::place(session_.state(), take_, line, {"at-moment", {{"at", line.offset}}}));
    emit session_.said(tr("placed as typed"));
}

void PlaceBar::nudge(Seconds by) {
    if (!tether() || by.value == 0) return;
    session_.apply(commands::moveClean(session_.state(), take_, by));
    emit session_.said(tr("moved by %1").arg(slipWords(by)));
}

void PlaceBar::showSearches() {
    const auto pair = session_.view(take_).pair;
    if (!pair) return;
    QMenu* menu = searchMenu(*pair, this, [this](SearchScope s) { emit searchWanted(s); });
    menu->setAttribute(Qt::WA_DeleteOnClose);
    menu->popup(again_->mapToGlobal(QPoint(0, -menu->sizeHint().height())));
}

void PlaceBar::tryPlace(std::size_t i) {
    at_ = i;
    const PlaceOffer place = places_[i];
    session_.apply(commands::place(session_.state(), take_, place.line, place.where));
    emit session_.said(
        tr("place %1 of %2: %3").arg(i + 1).arg(places_.size()).arg(inWords(place.where)));
}

void PlaceBar::nextPlace() {
    if (places_.size() > 1 && tether()) tryPlace((at_ + 1) % places_.size());
}

void PlaceBar::marksTogether() {
    const Tether* t = tether();
    if (!t) return;
    MarkOffers found = session_.markOffers(take_);
    if (found.places.empty()) {
        emit session_.said(tr("There is no mark or clap on both sounds yet."));
        return;
    }
    places_ = std::move(found.places);
    tryPlace(0);
    emit session_.said(inWords(found.said));
}

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/loose_ways.h"

#include <QLabel>
#include <QLineEdit>
#include <QVBoxLayout>
#include <algorithm>

#include "app/spine/choose_recording.h"
#include "app/spine/verb_button.h"
#include "app/spine/words.h"
#include "app/style/flow_layout.h"
#include "app/style/sizes.h"
#include "day/permissions.h"

namespace brisk::app {

LooseWays::LooseWays(Session& session, Verbs& verbs, QWidget* parent)
    : QWidget(parent), session_(session) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 4, 0, 0);
    words_ = new QLabel(this);
    words_->setProperty("quiet", true);
    words_->setWordWrap(true);
    column->addWidget(words_);
    auto* flow = new FlowLayout(nullptr);
    column->addLayout(flow);
    const auto add = [&](Verb v, const std::function<void()>& act) {
        verbs.teach(v, act, [this] { return whyNot(); });
        flow->addWidget(new VerbButton(verbs, v, this));
    };
    add(Verb::LayByStamps, [this] { lay(PlaceWay::Stamps); });
    add(Verb::LayByStarts, [this] { lay(PlaceWay::BothStarts); });
    add(Verb::LayByEnds, [this] { lay(PlaceWay::BothEnds); });
    add(Verb::LayByPins, [this] { layByPins(); });
    time_ = new QLineEdit(this);
    fixWidth(time_, 110);
    time_->setPlaceholderText(tr("0:12:30.5"));
    time_->setAccessibleName(tr("Time of the recording at which the take begins"));
    time_->setToolTip(tr("Type the time of the recording at which the take begins"));
    connect(time_, &QLineEdit::returnPressed, verbs.action(Verb::LayAsTyped), &QAction::trigger);
    flow->addWidget(time_);
    add(Verb::LayAsTyped, [this] { layAsTyped(); });
    connect(&session, &Session::changed, this, &LooseWays::refresh);
    connect(&session, &Session::factsChanged, this, &LooseWays::refresh);
    refresh();
}

void LooseWays::showTake(int take) {
    take_ = take;
    time_->clear();
    refresh();
}

std::vector<int> LooseWays::takes() const {
    auto some = selected_ ? selected_() : std::vector<int>{};
    std::erase_if(some, [&](int id) {
        const TakeView& v = session_.view(id);
        return v.isRecording || v.placed;
    });
    const bool several =
        some.size() > 1 && std::find(some.begin(), some.end(), take_) != some.end();
    return several ? some : std::vector{take_};
}

void LooseWays::refresh() {
    const TakeView& v = session_.view(take_);
    setVisible(!v.placed && !v.isRecording);
    const auto n = takes().size();
    words_->setText(
        n > 1 ? tr("Without a search: lay the %1 selected takes where they may belong, then move "
                   "them and listen.")
                    .arg(n)
              : tr("Without a search: lay it where it may belong, then move it and listen."));
}

Fact LooseWays::whyNot() const {
    return whyNotLayByHand(session_.view(take_));
}

void LooseWays::lay(PlaceWay way) {
    const auto layOn = [this, way](int recording) {
        if (const auto command = session_.layWay(takes(), recording, way)) {
            session_.apply(*command);
        } else {
            emit session_.said(inWords(Fact{"no-stamps"}));
        }
    };
    // The time stamps say which recording, too.
    if (way == PlaceWay::Stamps) return layOn(0);
    chooseRecording(session_, this, layOn);
}

void LooseWays::layAsTyped() {
    const auto e =
        parseTimeEntry(typedNumber(time_->text()).toStdString(), session_.view(take_).units);
    if (!e) return emit session_.said(inWords(e.error().fact));
    chooseRecording(session_, this, [this, at = e->value](int recording) {
        session_.apply(layAt(session_.state(), take_, recording, at, {"laid-as-typed"}));
    });
}

void LooseWays::layByPins() {
    chooseRecording(session_, this, [this](int recording) {
        if (const Fact why = session_.layByPins(take_, recording); !why.empty()) {
            emit session_.said(inWords(why));
        }
    });
}

}  // namespace brisk::app

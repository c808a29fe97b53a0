// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/loose_ways.h"

#include <QLabel>
#include <QVBoxLayout>

#include "app/spine/choose_recording.h"
#include "app/spine/verb_button.h"
#include "app/spine/words.h"
#include "app/style/flow_layout.h"
#include "day/permissions.h"

namespace brisk::app {

LooseWays::LooseWays(Session& session, Verbs& verbs, QWidget* parent)
    : QWidget(parent), session_(session) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 4, 0, 0);
    auto* words = new QLabel(
        tr("Without a search: lay it where it may belong, then move it and listen."), this);
    words->setProperty("quiet", true);
    words->setWordWrap(true);
    column->addWidget(words);
    auto* flow = new FlowLayout(nullptr);
    column->addLayout(flow);
    const auto add = [&](Verb v, PlaceWay way) {
        verbs.teach(
            v, [this, way] { lay(way); }, [this, way] { return whyNot(way); });
        flow->addWidget(new VerbButton(verbs, v, this));
    };
    add(Verb::LayByStamps, PlaceWay::Stamps);
    add(Verb::LayByStarts, PlaceWay::BothStarts);
    add(Verb::LayByEnds, PlaceWay::BothEnds);
    connect(&session, &Session::changed, this, &LooseWays::refresh);
    connect(&session, &Session::factsChanged, this, &LooseWays::refresh);
    refresh();
}

void LooseWays::showTake(int take) {
    take_ = take;
    refresh();
}

void LooseWays::refresh() {
    setVisible(!session_.view(take_).placed);
}

Fact LooseWays::whyNot(PlaceWay way) const {
    Fact why = whyNotLayByHand(session_.view(take_));
    if (!why.empty() || way != PlaceWay::Stamps) return why;
    // With several recordings it is seen once one is chosen.
    const auto recordings = session_.state().ids(MediaKind::Recording);
    if (recordings.size() > 1) return {};
    return session_.layWay(take_, recordings.front(), way) ? Fact{} : Fact{"no-stamps"};
}

void LooseWays::lay(PlaceWay way) {
    chooseRecording(session_, this, [this, way](int recording) {
        if (const auto command = session_.layWay(take_, recording, way)) {
            session_.apply(*command);
        } else {
            emit session_.said(inWords(Fact{"no-stamps"}));
        }
    });
}

}  // namespace brisk::app

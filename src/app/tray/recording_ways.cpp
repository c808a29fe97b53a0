// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/recording_ways.h"

#include <QFileInfo>
#include <QLabel>
#include <QMenu>
#include <QVBoxLayout>
#include <algorithm>

#include "app/spine/state_words.h"
#include "app/spine/verb_button.h"
#include "app/spine/words.h"
#include "app/style/flow_layout.h"
#include "day/place_ways.h"

namespace brisk::app {

RecordingWays::RecordingWays(Session& session, Verbs& verbs, QWidget* parent)
    : QWidget(parent), session_(session) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 4, 0, 0);
    auto* words = new QLabel(tr("Listen, find the clap, mark it; then lay the take that belongs "
                                "there. A bracket above the sound opens its take."),
                             this);
    words->setProperty("quiet", true);
    words->setWordWrap(true);
    column->addWidget(words);
    auto* flow = new FlowLayout(nullptr);
    column->addLayout(flow);
    const auto add = [&](Verb v, const std::function<void()>& act) {
        verbs.teach(v, act, [this] { return whyNot(); });
        auto* b = new VerbButton(verbs, v, this);
        flow->addWidget(b);
        return b;
    };
    here_ = add(Verb::LayHere, [this] {
        chooseTake(here_, [this](int take) {
            lay(take, session_.leftAt(media_).value_or(Seconds{0}), {"laid-at-playhead"});
        });
    });
    pins_ = add(Verb::LayPinHere, [this] {
        chooseTake(pins_, [this](int take) {
            const Fact why = session_.layByPins(take, media_);
            if (!why.empty()) return emit session_.said(inWords(why));
            emit laid(take);
        });
    });
    flow->addWidget(new VerbButton(verbs, Verb::MarkClean, this));
    connect(&session, &Session::changed, this, &RecordingWays::refresh);
    refresh();
}

void RecordingWays::showMedia(int media) {
    media_ = media;
    refresh();
}

void RecordingWays::refresh() {
    setVisible(session_.view(media_).isRecording);
}

std::vector<int> RecordingWays::layable() const {
    auto takes = session_.state().ids(MediaKind::Take);
    std::erase_if(takes, [&](int id) { return session_.stateOf(id) == TetherState::Tethered; });
    std::stable_partition(takes.begin(), takes.end(),
                          [&](int id) { return session_.stateOf(id) == TetherState::Loose; });
    return takes;
}

Fact RecordingWays::whyNot() const {
    if (!session_.view(media_).isRecording) return {"no-recording-on-bench"};
    return layable().empty() ? Fact{"no-take-to-lay"} : Fact{};
}

void RecordingWays::chooseTake(QWidget* below, const std::function<void(int)>& chosen) {
    auto* menu = new QMenu(below);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    for (const int id : layable()) {
        const QString name = QString::fromStdString(session_.state().item(id)->name());
        menu->addAction(tr("%1: %2").arg(name, stateWords(session_, id)), this,
                        [id, chosen] { chosen(id); });
    }
    menu->popup(below->mapToGlobal(QPoint(0, below->height())));
}

void RecordingWays::lay(int take, Seconds at, const Fact& reason) {
    if (session_.stateOf(take) == TetherState::Tethered) {
        return emit session_.said(inWords(Fact{"loosen-it-first"}));
    }
    session_.apply(layAt(session_.state(), take, media_, at, reason));
    emit laid(take);
}

}  // namespace brisk::app

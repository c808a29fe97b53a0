// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/trim_page.h"

#include "app/spine/verb_button.h"
#include "app/style/choice_group.h"
#include "app/style/flow_layout.h"

namespace brisk::app {

TrimPage::TrimPage(const Verbs& verbs, QWidget* parent) : QWidget(parent) {
    auto* flow = new FlowLayout(this);
    flow->setContentsMargins(0, 4, 0, 0);
    for (const Verb v : {Verb::TrimStart, Verb::TrimEnd, Verb::Cut, Verb::DropPiece,
                         Verb::BringBack, Verb::KeepSelection, Verb::KeepShared, Verb::KeepWhole}) {
        flow->addWidget(new VerbButton(verbs, v, this));
    }
    auto* settle = new ChoiceGroup(this);
    settle->add(new VerbButton(verbs, Verb::CutsSettle, settle));
    settle->add(new VerbButton(verbs, Verb::SkipCuts, settle));
    flow->addWidget(settle);
}

}  // namespace brisk::app

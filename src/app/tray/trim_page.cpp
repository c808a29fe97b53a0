// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/trim_page.h"

#include <QHBoxLayout>

#include "app/spine/verb_button.h"
#include "app/style/choice_group.h"

namespace brisk::app {

TrimPage::TrimPage(const Verbs& verbs, QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 4, 0, 0);
    column->setSpacing(8);
    const auto row = [&](std::initializer_list<Verb> all) {
        auto* r = new QHBoxLayout;
        r->setSpacing(8);
        for (const Verb v : all) r->addWidget(new VerbButton(verbs, v, this));
        column->addLayout(r);
        return r;
    };
    auto* first =
        row({Verb::TrimStart, Verb::TrimEnd, Verb::Cut, Verb::DropPiece, Verb::BringBack});
    auto* settle = new ChoiceGroup(this);
    settle->add(new VerbButton(verbs, Verb::CutsSettle, settle));
    first->addStretch(1);
    auto* second = row({Verb::KeepSelection, Verb::KeepShared, Verb::KeepWhole});
    second->addSpacing(16);
    second->addWidget(settle);
    second->addStretch(1);
    column->addStretch(1);
}

}  // namespace brisk::app

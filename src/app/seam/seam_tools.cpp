// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/seam_tools.h"

#include <QHBoxLayout>

#include "app/spine/verb_button.h"
#include "app/style/app_style.h"

namespace brisk::app {

SeamTools::SeamTools(const Verbs& verbs, const std::vector<Verb>& tools, VerbLook look,
                     QWidget* parent)
    : QWidget(parent) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(8, 0, 0, 0);
    row->setSpacing(0);
    for (const Verb v : tools) {
        auto* b = new VerbButton(verbs, v, this, VerbButton::Unable::Hidden);
        b->setFont(uiFont(12));
        b->setProperty(look == VerbLook::Arrows         ? "arrow"
                       : verbs.action(v)->isCheckable() ? "choice"
                                                        : "plain",
                       true);
        row->addWidget(b);
    }
}

}  // namespace brisk::app

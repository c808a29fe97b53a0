// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/seam_tools.h"

#include <QEvent>
#include <QHBoxLayout>

#include "app/spine/verb_button.h"
#include "app/style/choice_group.h"
#include "app/style/sizes.h"

namespace brisk::app {

SeamTools::SeamTools(const Verbs& verbs, const std::vector<Verb>& tools, QWidget* parent)
    : QWidget(parent) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(8, 0, 0, 0);
    row->setSpacing(8);
    auto* group = new ChoiceGroup(this);
    row->addWidget(group);
    for (const Verb v : tools) {
        auto* b = new VerbButton(verbs, v, group, VerbButton::Unable::Hidden);
        useFont(b, 12);
        group->add(b);
    }
}

bool SeamTools::event(QEvent* e) {
    const bool done = QWidget::event(e);
    if (e->type() == QEvent::LayoutRequest) emit roomWanted();
    return done;
}

}  // namespace brisk::app

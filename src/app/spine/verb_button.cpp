// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/verb_button.h"

namespace brisk::app {

VerbButton::VerbButton(const Verbs& verbs, Verb verb, QWidget* parent, Unable unable)
    : QPushButton(parent), action_(verbs.action(verb)), unable_(unable) {
    parent->addAction(action_);
    // A click leaves the keyboard where it was, so that the next key means what it meant before.
    setFocusPolicy(Qt::TabFocus);
    setCheckable(action_->isCheckable());
    setAutoRepeat(action_->autoRepeat());
    // Signs say nothing when they are read aloud.
    if (action_->text().size() < 3) setAccessibleName(verbs.tip(verb));
    setAccessibleDescription(verbs.tip(verb));
    // A press of one of several that exclude each other does not switch it off.
    connect(this, &QPushButton::clicked, this, [this] {
        action_->trigger();
        setChecked(action_->isChecked());
    });
    connect(action_, &QAction::changed, this, &VerbButton::follow);
    follow();
}

void VerbButton::follow() {
    if (text() != action_->text()) setText(action_->text());
    setToolTip(action_->toolTip());
    setEnabled(action_->isEnabled());
    if (isChecked() != action_->isChecked()) setChecked(action_->isChecked());
    // Showing what is not hidden would fix its looks before its properties are set.
    if (unable_ == Unable::Hidden && isHidden() == action_->isEnabled()) {
        setVisible(action_->isEnabled());
    }
}

}  // namespace brisk::app

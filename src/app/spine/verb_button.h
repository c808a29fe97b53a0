// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A button that is one verb: its words, whether it can be pressed, and why not, are the verb's.
/// The verb's keys work wherever the button's parent is shown.
#pragma once

#include <QPushButton>

#include "app/spine/verbs.h"

namespace brisk::app {

class VerbButton : public QPushButton {
    Q_OBJECT
  public:
    /// What becomes of it while its verb cannot be done.
    enum class Unable { Greyed, Hidden };
    VerbButton(const Verbs& verbs, Verb verb, QWidget* parent, Unable unable = Unable::Greyed);

  private:
    void follow();

    QAction* action_;
    Unable unable_;
};

}  // namespace brisk::app

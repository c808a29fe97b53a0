// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The rows of small buttons on the seam: what is shown of the take, and how.
#pragma once

#include <QWidget>

#include "app/spine/verbs.h"

namespace brisk::app {

class SeamTools : public QWidget {
    Q_OBJECT
  public:
    /// Those that cannot be used are not there.
    SeamTools(const Verbs& verbs, const std::vector<Verb>& tools, QWidget* parent);

  signals:
    /// A button came or went, or says something else.
    void roomWanted();

  protected:
    bool event(QEvent* e) override;
};

}  // namespace brisk::app

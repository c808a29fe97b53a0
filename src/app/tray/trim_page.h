// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What of a take is kept: every way to cut it, at the playhead of the seam.
#pragma once

#include <QWidget>

#include "app/spine/verbs.h"

namespace brisk::app {

class TrimPage : public QWidget {
    Q_OBJECT
  public:
    TrimPage(const Verbs& verbs, QWidget* parent);
};

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What was done, in words, to go back to; and the moments that a person gave a name.
#pragma once

#include <QMenu>

#include "app/spine/session.h"

namespace brisk::app {

/// \param take  on the bench; 0 = none.   The caller shows and deletes it.
QMenu* historyMenu(Session& session, int take, QWidget* parent);

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How long work will still take, in the language of the window.
#pragma once

#include <QString>

#include "core/units.h"

namespace brisk::app {

/// "12 s left", "4 min left", "2 h 10 min left": rounded up.
QString timeLeftWords(Seconds left);

}  // namespace brisk::app

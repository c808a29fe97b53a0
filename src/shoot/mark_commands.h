// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What can be done with marks.
#pragma once

#include "shoot/shoot.h"

namespace brisk::commands {

/// Names itself "mark 3" when no name is given.
Command addMark(const ShootState& now, int media, Seconds time, std::string name = {});
Command moveMark(const ShootState& now, int mark, Seconds time);
Command renameMark(const ShootState& now, int mark, std::string name);
Command removeMark(const ShootState& now, int mark);

}  // namespace brisk::commands

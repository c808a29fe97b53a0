// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What several commands do to a state.
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "shoot/shoot.h"

namespace brisk {

/// A file's name, for a sentence.
std::string nameOf(const ShootState& s, int media);

/// Changes a take's edit, which is made where there is none, and gone where it says nothing.
void changeEdit(ShootState& s, int take, const std::function<void(TakeEdit&)>& change);

/// Puts these in the place of a take's tethers; others keep their places in the list.
void replaceTethers(ShootState& s, int take, const std::vector<Tether>& with);

/// Takes away what speaks of files that are not there, or are not used as that any more: tethers,
/// also those that were to be gone back to, marks and edits.
/// \return whether there was any.
bool dropDangling(ShootState& s);
/// The same, of a shoot that comes from elsewhere: as a step of its own.
bool leaveOutDangling(Shoot& shoot);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What several commands do to a state.
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "shoot/shoot_state.h"

namespace brisk {

/// A file's name, for a sentence.
std::string nameOf(const ShootState& s, int media);

/// "1 take", "3 takes".
std::string counted(std::size_t n, const std::string& one, const std::string& many);

/// Changes a take's edit, which is made where there is none, and gone where it says nothing.
void changeEdit(ShootState& s, int take, const std::function<void(TakeEdit&)>& change);

/// Puts these in the place of a take's tethers; others keep their places in the list.
void replaceTethers(ShootState& s, int take, const std::vector<Tether>& with);

}  // namespace brisk

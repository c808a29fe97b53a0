// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The shoot on disk, `*.brisk`. Fields: docs/formats/brisk.md.
#pragma once

#include <string>
#include <vector>

#include "core/result.h"
#include "shoot/shoot_state.h"

namespace brisk {

constexpr int kProjectSchema = 1;

struct LoadedProject {
    ShootState state;
    std::vector<std::string> warnings;  ///< Files not found, or changed since.
};

/// Atomic. Errors: CannotWrite.
Result<void> saveProject(const ShootState& state, const std::string& path);

/// Looks for media beside the project first, then at the old place. A missing file keeps its
/// entry. Errors: CannotRead, BadProject.
Result<LoadedProject> loadProject(const std::string& path);

}  // namespace brisk

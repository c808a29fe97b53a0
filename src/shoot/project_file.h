// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The shoot on disk, `*.brisk`. Fields: docs/formats/brisk.md.
#pragma once

#include <string>
#include <vector>

#include "core/result.h"
#include "shoot/shoot.h"

namespace brisk {

constexpr int kProjectSchema = 2;

struct LoadedProject {
    ShootState state;
    Facts warnings;  ///< Files not found, or changed since.
};

/// How much of a journal (journal.h) a saved shoot already holds.
struct JournalMark {
    std::string id;
    int lines = 0;
    /// Of this saving: a journal that goes on from it says the same.
    std::string save = {};
};

struct LoadedShoot {
    Shoot shoot;     ///< With its history, as far as that can be read.
    Facts warnings;  ///< Files not found, or changed since.
    JournalMark journal;
};

/// With its whole history. Atomic. Errors: CannotWrite.
Result<void> saveProject(const Shoot& shoot, const std::string& path, const JournalMark& journal);
/// Keeps what a file holds beside it, under its name with a tilde, in place of what that held. What
/// cannot be kept is not: saving is worth more.
void keepVersionBefore(const std::filesystem::path& project);
/// A state alone.
Result<void> saveProject(const ShootState& state, const std::string& path);

/// Looks for media beside the project first, then at the old place. A missing file keeps its
/// entry. Errors: CannotRead, BadProject.
Result<LoadedShoot> loadShoot(const std::string& path);
/// Its state alone. Errors: as above.
Result<LoadedProject> loadProject(const std::string& path);

}  // namespace brisk

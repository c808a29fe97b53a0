// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Answers of the command line as a shoot, which the window opens.
#pragma once

#include <map>
#include <memory>
#include <string>

#include "cli/match_files.h"
#include "day/day_layout.h"
#include "shoot/shoot_state.h"

namespace brisk::cli {

/// A shoot of just these files.
struct MadeShoot {
    ShootState state;
    std::vector<int> takes, recordings;  ///< Ids, in the order of the files.
    std::map<int, std::shared_ptr<const SoundScan>> scans;

    /// With a tether for each answer, found and confirmed by nobody; of a take that has no place
    /// one that says so.
    MadeShoot(Scanned files, const std::vector<Placed>& answers);
    [[nodiscard]] DayFacts facts(int id) const;
    /// Clock and way of a camera that was carried away are parted, see day/carried_camera.h.
    void partClocks();
    /// All that its takes say about each other, see day/whole_shoot.h.
    void considerWhole();
};

/// Why a shoot cannot be saved there; nothing is ever written over. Errors: CannotWrite.
Result<void> maySave(const std::string& path);
/// Errors: CannotRead: a file is gone; CannotWrite: or its name cannot be kept.
Result<void> saveShoot(ShootState state, const std::string& path);

}  // namespace brisk::cli

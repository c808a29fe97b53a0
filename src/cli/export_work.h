// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Where the takes of a hand-over come from: plain files that are matched now, or a saved shoot.
#pragma once

#include <vector>

#include "cli/export_options.h"
#include "cli/saved_shoot.h"
#include "day/whole_recording.h"
#include "export/documents/handed_take.h"

namespace brisk::cli {

struct Work {
    std::vector<HandedTake> takes;
    std::vector<WholeRecording> recordings;  ///< Where they were asked for.
    std::vector<Error> problems;
    bool attention = false;
};

/// A shoot of just these files, so that what is written comes from the same rules as in a saved
/// one.
Result<Work> fromFiles(const ExportOptions& o, const Console& console);
/// What of a shoot that was made now is handed over: what was matched.
Work workOf(MadeShoot shoot, const ExportOptions& o, const Console& console);
/// A saved shoot hands over what a person has tethered.
Result<Work> fromProject(const ExportOptions& o, const Console& console);

}  // namespace brisk::cli

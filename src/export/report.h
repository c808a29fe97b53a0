// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What was matched to what, how well, and what was written: as a page with pictures that needs
/// nothing else, as a table, and for scripts.
#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "export/hand_over.h"

namespace brisk {

struct HandedOverShoot {
    const HandOverPlan& plan;
    const std::vector<FileResult>& results;
};

/// The text of a report of this kind. For its pictures the page reads a little of each file; what
/// cannot be read is left out.   Threads: safe.
std::string reportText(FileKind kind, const HandedOverShoot& shoot);

/// The page alone, and the others.
std::string htmlReport(const HandedOverShoot& shoot);
std::string csvReport(const HandedOverShoot& shoot);
std::string jsonReport(const HandedOverShoot& shoot);

}  // namespace brisk

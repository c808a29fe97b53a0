// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Where takes fall, as `align` and `day` print it; each answer is said, too.
#pragma once

#include "cli/json_output.h"
#include "cli/saved_shoot.h"

namespace brisk::cli {

/// One entry an answer; of takes that may lie in several places, all of them.
/// \param placed  what the shoot was made of; what it has of an answer is told as it has it.
ordered_json answersJson(const MadeShoot& shoot, const std::vector<Placed>& placed,
                         const Console& console);
/// As a shoot has it.
ordered_json tethersJson(const MadeShoot& shoot, const Console& console);

}  // namespace brisk::cli

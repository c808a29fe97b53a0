// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Reads a written video again and compares it with what was meant: every picture packet with the
/// take's, the sound at its start, middle and end with the tether.
#pragma once

#include <string>

#include "core/job_control.h"
#include "core/result.h"
#include "core/units.h"
#include "export/sound_check.h"

namespace brisk {

struct VideoExportPlan;

struct ReadBack {
    bool pictureIdentical = false;
    std::int64_t pictures = 0;
    SoundCheck sound;     ///< Of the clean sound.
    std::string problem;  ///< Empty when all is well.
};

/// Errors: CannotRead, Cancelled. A difference is a finding, not an error.
Result<ReadBack> readBack(const VideoExportPlan& plan, const std::string& writtenPath,
                          const JobControl& job);

}  // namespace brisk

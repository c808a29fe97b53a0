// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Reads a written video again and compares it with what was meant: every picture packet with the
/// take's (or how much alike it looks, where it was re-encoded), every sample of lossless sounds
/// with what was rendered, and every sound at its start, middle and end with the tether.
#pragma once

#include <string>

#include "core/job_control.h"
#include "core/result.h"
#include "core/units.h"
#include "export/check_depth.h"
#include "export/picture_check.h"
#include "export/sound_check.h"
#include "media/read/media_info.h"
#include "store/atomic_file.h"

namespace brisk {

struct Remuxed;
struct VideoExportPlan;

struct ReadBack {
    PictureCheck picture;
    SoundCheck sound;       ///< Of the clean sound.
    TimeStamps stamps;      ///< As another program reads them.
    bool fromDisk = false;  ///< From the disk itself; else as the system holds the file.
    Facts problem;          ///< Empty when all is well.
};

/// \param made  what was put into the file; null: the take is read once more, and samples are not
///              compared one by one.
/// Errors: CannotRead, Cancelled. A difference is a finding, not an error.
Result<ReadBack> readBack(const VideoExportPlan& plan, const std::string& writtenPath,
                          const JobControl& job, const Remuxed* made = nullptr);

/// An error of looking at what was written, as a person is told it: of the file that was to be, not
/// of the name it had while it was written. Others, of a take that went away, stay as they are.
Error notReadBack(Error error, const AtomicFile& file);

}  // namespace brisk

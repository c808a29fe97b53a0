// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// When each picture of a video is shown, read from its packets alone: for a film without sound,
/// where nothing else goes through the file.
#pragma once

#include <string>
#include <vector>

#include "core/job_control.h"
#include "core/result.h"
#include "media/read/picture_times.h"

namespace brisk {

/// In the order of the file. Errors: CannotRead, NotMedia, Cancelled.   Threads: safe.
Result<std::vector<PictureStamp>> readPictureStamps(const std::string& path, int videoStream,
                                                    const JobControl& job);

}  // namespace brisk

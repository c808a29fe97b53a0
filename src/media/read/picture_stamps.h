// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// When each picture of a video is shown, as its container tells, without decoding any.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/job_control.h"
#include "core/result.h"
#include "media/read/picture_times.h"

namespace brisk {

/// From the packets, all of which are read; in the order of the file.
/// Errors: CannotRead, NotMedia, Cancelled.   Threads: safe.
Result<std::vector<PictureStamp>> readPictureStamps(const std::string& path, int videoStream,
                                                    const JobControl& job);

/// The same from the index of an MP4 or MOV file: nothing is read but the index. Empty where the
/// file has none that is whole (fragments, other containers). Errors: Cancelled.   Threads: safe.
Result<std::optional<std::vector<PictureStamp>>> indexedPictureStamps(const std::string& path,
                                                                      int videoStream,
                                                                      const JobControl& job);

}  // namespace brisk

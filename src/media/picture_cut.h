// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which coded pictures a stretch of a take needs, when they are copied and not coded anew: from
/// the key frame at or before its first picture on. What is shown begins exactly where it should;
/// what comes before is marked as not to be shown, in containers that can say so.
///
///     auto cut = pictureCut(take.info, {{12.4}, {31}}, job);
#pragma once

#include <cstdint>

#include "core/job_control.h"
#include "core/result.h"
#include "media/media_info.h"

namespace brisk {

struct PictureCut {
    std::int64_t firstPacket = 0;  ///< In file order: the key frame.
    std::int64_t packets = 0;      ///< How many are copied.
    std::int64_t keyDts = 0;       ///< File clock, to seek by.
    std::int64_t startPts = 0;     ///< File clock, of the first picture that is shown.
    Seconds start;                 ///< The same on take time.
    /// Take time at which the last copied picture ends. Pictures that depend on each other may make
    /// it some later than was asked for.
    Seconds end;
};

/// The first picture shown is the one on screen at `stretch.start`.
/// Reads the packets' facts once. Errors: CannotRead, NotMedia (nothing is shown then), Cancelled.
Result<PictureCut> pictureCut(const MediaInfo& take, TimeRange stretch, const JobControl& job);

/// True where a container can say that pictures before a key frame's end are not to be shown.
bool canHidePictures(const std::string& muxer);

}  // namespace brisk

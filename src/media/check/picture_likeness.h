// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Compares pictures that were re-encoded with those of the take: how many, when, how much alike.
#pragma once

#include <string>

#include "core/fact.h"
#include "core/job_control.h"
#include "core/result.h"
#include "media/read/picture_cut.h"

namespace brisk {

struct PictureLikeness {
    std::int64_t pictures = 0;  ///< In the written file.
    /// Peak signal-to-noise ratio of the brightness, of the picture that is least alike; 99 at
    /// most.
    double leastAlikeDb = 99;
    Seconds leastAlike;  ///< Where that is, in the written file.
    Fact difference;     ///< Too few, too many, another time; empty where all is well.
};

/// Decodes both files' pictures once. Errors: CannotRead, NotMedia, Cancelled.
Result<PictureLikeness> comparePictures(const MediaInfo& take, const PictureCut& cut,
                                        const std::string& written, const JobControl& job);

}  // namespace brisk

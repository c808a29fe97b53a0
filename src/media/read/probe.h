// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Looks into one file: streams, rates, the first picture, the first sample, time stamps found.
///
///     auto info = probe("card/press-02.mp4");
///     info->soundStartInTake();   // 0.060 s: the scratch starts after the picture
#pragma once

#include <cstdint>
#include <string>

#include "core/job_control.h"
#include "core/result.h"
#include "media/read/media_info.h"

namespace brisk {

/// Reads headers and decodes the first picture and the first sound of each stream; never the whole
/// file. What is beyond the limits (media_limits.h) is left out with a warning, or refused where
/// nothing else is there. Errors: CannotRead, NotMedia, NoSound, Cancelled. Threads: safe.
Result<MediaInfo> probe(const std::string& path, const JobControl& job = {});

/// Changes with the libraries that decode: what they made is kept for as long as they are the same.
std::uint64_t decoderVersion();

/// As probe, and the file must have a sound to match by. Errors: also NoSound.
Result<MediaInfo> probeWithSound(const std::string& path, const JobControl& job = {});

}  // namespace brisk

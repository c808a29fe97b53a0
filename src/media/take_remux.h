// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A take's picture, copied packet for packet into a new file, with new sound beside it. The
/// picture is never decoded here. Shown times move together so that the first picture is at 0.
///
///     RemuxPlan plan{.source = take, .target = temporary, .format = "mov", .sound = spec};
///     remuxTake(plan, pull, job);
#pragma once

#include <functional>
#include <span>
#include <string>

#include "core/job_control.h"
#include "core/result.h"
#include "media/media_info.h"
#include "media/sound_track.h"

namespace brisk {

struct RemuxPlan {
    MediaInfo source;    ///< The take, probed.
    std::string target;  ///< Where to write; an existing file there is overwritten.
    std::string format;  ///< libav's muxer name.
    SoundTrackSpec sound;
    /// Of the first sample, on take time; 0 or a little before it, see soundStartFor.
    Seconds soundStart;
    Seconds soundLength;  ///< From the first picture on.
};

/// Fills interleaved samples of the new sound, always the whole span.
using SoundPull = std::function<Result<void>(std::span<float>)>;

/// Keeps rotation, colour description, metadata and timecode of the source.
/// Errors: CannotRead, CannotWrite, Cancelled. On an error the target is left for the caller to
/// remove. Threads: safe for distinct targets.
Result<void> remuxTake(const RemuxPlan& plan, const SoundPull& pull, const JobControl& job);

/// Where a sound track should begin so that the container's clock holds its place exactly. Matroska
/// keeps whole milliseconds, so that AAC, which begins with 1024 samples of priming, must begin 32
/// samples before the picture; elsewhere 0.
Seconds soundStartFor(const std::string& muxer, const SoundTrackSpec& sound);

/// The muxer for a file in the take's own container, by its name's ending.
std::string muxerFor(const std::string& path);

}  // namespace brisk

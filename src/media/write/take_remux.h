// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A take's picture, copied packet for packet into a new file, with new sound beside it; decoded
/// and re-encoded only where a cut asks for it. Shown times move together so that the first picture
/// is at 0.
///
///     RemuxPlan plan{.source = take, .target = temporary, .format = "mov",
///                    .tracks = {{spec, {}, pull}}};
///     auto made = remuxTake(plan, job);      // what the file must hold now
#pragma once

#include <functional>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/job_control.h"
#include "core/result.h"
#include "media/check/packet_digest.h"
#include "media/check/sample_digest.h"
#include "media/read/media_info.h"
#include "media/read/picture_cut.h"
#include "media/write/sound_track.h"

namespace brisk {

/// Fills interleaved samples of a new sound, always the whole span.
using SoundPull = std::function<Result<void>(std::span<float>)>;

struct RemuxTrack {
    SoundTrackSpec spec;
    /// Of the first sample, on take time; 0 or a little before it, see soundStartFor.
    Seconds start;
    /// Called in a thread of its own, those of other tracks at the same time.
    SoundPull pull;
};

struct RemuxPlan {
    MediaInfo source;    ///< The take, probed.
    std::string target;  ///< Where to write; an existing file there is overwritten.
    std::string format;  ///< libav's muxer name.
    std::vector<RemuxTrack> tracks;
    Seconds soundLength;  ///< From the first picture on.
    /// Only these pictures; none = all. Its first shown picture is then at 0.
    std::optional<PictureCut> cut = std::nullopt;
};

/// One sound as it was put into the file.
struct RemuxedSound {
    /// Of its samples, where the coding loses nothing.
    std::optional<SampleDigest> digest;
    std::int64_t clipped = 0;  ///< Samples that were cut at full scale.
};

/// What was put into the file, noted while it went by.
struct Remuxed {
    PacketList pictures;  ///< Of the source; empty where they were re-encoded.
    std::vector<RemuxedSound> sounds;
};

/// Keeps rotation, colour description, metadata and timecode of the source.
/// Errors: CannotRead, CannotWrite, Cancelled. On an error the target is left for the caller to
/// remove. Threads: safe for distinct targets.
Result<Remuxed> remuxTake(const RemuxPlan& plan, const JobControl& job);

/// Where a sound track should begin so that the container's clock holds its place exactly. Matroska
/// keeps whole milliseconds, so that AAC, which begins with 1024 samples of priming, must begin 32
/// samples before the picture; elsewhere 0.
Seconds soundStartFor(const std::string& muxer, const SoundTrackSpec& sound);

/// The muxer for a file in the take's own container, by its name's ending.
std::string muxerFor(const std::string& path);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Measures one sound of a written file against what was meant.
#pragma once

#include "core/fact.h"
#include "core/result.h"
#include "export/file_tracks.h"
#include "media/check/sample_digest.h"
#include "media/read/media_info.h"

namespace brisk {

/// Of a written sound against the tether, positive = written too late; 0 where there is only
/// silence.
struct SoundCheck {
    Seconds start, middle, end;
    bool measured = false;
    bool everySample = false;  ///< All samples of all channels are those that were rendered.
    Facts problem;             ///< Empty when all is well.

    /// The largest, without sign.
    [[nodiscard]] Seconds worst() const;
};

/// Every sample of a lossless track against what was rendered: a sentence where they part, else
/// nothing.
Facts compareSamples(const FileTrack& track, const SampleDigest& rendered,
                     const SampleDigest& written);

/// At three places, where the track's pieces reach, in every channel.
/// \param held  the stretch of the take that the file holds from `begins` on, file time.
/// \param written  the file, probed.   \param index  which of its sounds.
/// Errors: CannotRead. A difference is a finding, not an error.   Threads: safe.
Result<SoundCheck> checkSound(const FileTrack& track, TimeRange held, const MediaInfo& written,
                              std::size_t index, Seconds begins = {});

}  // namespace brisk

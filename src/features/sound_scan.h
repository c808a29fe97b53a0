// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Everything the program needs to know of one file's sound, from one decoding: outlines to draw,
/// band levels to match by, loudness, picture times. A few kilobytes for each second.
///
///     auto scan = scanSound("card/press-02.mp4", {}, job);
///     scan->peaks->columns(...); matchPair(*scan, ...);
#pragma once

#include <algorithm>
#include <functional>
#include <memory>

#include "core/job_control.h"
#include "core/mono_mix.h"
#include "core/result.h"
#include "dsp/loudness.h"
#include "features/band_levels.h"
#include "features/noted_sound.h"
#include "features/peak_pyramid.h"
#include "features/spike_detector.h"
#include "media/read/media_info.h"
#include "media/read/picture_times.h"
#include "media/read/sound_reader.h"

namespace brisk {

struct SoundScan {
    MediaInfo info;
    std::int64_t samples = 0;  ///< Presented, holes included.
    std::int64_t from = 0;  ///< The file's sample that this begins with: more than 0 in excerpts.
    SampleRate rate;
    int channel = kMeanOfChannels;  ///< Matched by, and drawn.
    std::shared_ptr<PeakPyramid> peaks;
    BandLevels bands;
    LevelReport level;
    std::vector<Spike> spikes;  ///< Likely claps; times after the first sample.
    PictureTimes pictures;      ///< Empty for recordings.
    std::shared_ptr<const SeekIndex> seekIndex;
    /// The sound by `channel`, from the file's start on, where this run of the program has read it;
    /// else null.
    std::shared_ptr<const NotedSound> noted;
    Facts warnings;  ///< What reading it showed; also part of info.warnings.

    [[nodiscard]] Seconds length() const { return rate.seconds(samples); }
    /// A film without sound: nothing to match by, nothing to hear.
    [[nodiscard]] bool silent() const { return info.sounds.empty(); }
    /// The sound on the time of the take it is the scratch of.
    [[nodiscard]] TimeRange onTake() const {
        const Seconds start = info.soundStartInTake();
        return {start, start + length()};
    }
    /// Where the take ends: its picture or its sound, whichever is longer.
    [[nodiscard]] Seconds endOfTake() const { return std::max(pictures.end(), onTake().end); }
    /// What of a take there is to see: its picture's length, or its sound's where it has none.
    [[nodiscard]] TimeRange wholeTake() const {
        return {{0}, pictures.empty() ? endOfTake() : pictures.end()};
    }
    /// A reader that lands exactly wherever it seeks.
    [[nodiscard]] Result<SoundReader> open() const;
};

struct ScanOptions {
    /// A film without sound is a take of no samples; else it is refused (NoSound).
    bool silentTakes = false;
    int channel = kBestChannel;
    bool loudness = true;  ///< Costs about as much as decoding; matching does not need it.
    /// Filled while reading, for drawing; made anew when null.
    std::shared_ptr<PeakPyramid> peaks = nullptr;
    /// Told what the file is before its sound is read, on the calling thread; again where a damaged
    /// cache makes it begin anew.
    std::function<void(const MediaInfo&)> onInfo = nullptr;
    /// Told, on the calling thread, what is known so far of a long recording that takes longer than
    /// `partsAfter` to read: a scan that ends there, for searching. Its peaks go on being filled;
    /// it has no levels, claps or seek index. Only of WAV, in which every sample is found without.
    std::function<void(SoundScan)> onPart = nullptr;
    Seconds partsAfter{2};
};

/// Reads the whole file once. Errors: CannotRead, NotMedia, NoSound, Cancelled.
/// What was damaged, one-sided or clipped is added to info.warnings.   Threads: safe.
Result<SoundScan> scanSound(const std::string& path, const ScanOptions& options,
                            const JobControl& job);

}  // namespace brisk

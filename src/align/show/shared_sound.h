// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What two sounds have in common, made visible: the strength of what begins, in the bands in which
/// both say the same. Echo, hiss and equalisation fall away, so that a far or noisy take can be
/// judged by eye too.
///
///     auto shared = sharedSound(take.bands, recording.bands, line, job);
///     draw(shared->scratch);  draw(shared->clean);   // 125 values a second
#pragma once

#include <cstdint>
#include <vector>

#include "core/clock_line.h"
#include "core/job_control.h"
#include "core/result.h"
#include "features/band_levels.h"

namespace brisk {

/// Onset strength, 0 where nothing begins, about 1 for an ordinary onset, 5 at most.
struct OnsetCurve {
    std::int64_t first = 0;  ///< Band frame of the first value.
    std::vector<float> values;
};

struct SharedSound {
    OnsetCurve scratch;  ///< The whole scratch sound.
    OnsetCurve clean;    ///< What lies under it, and a minute around.
};

/// Seconds after a file's first sample at which its band frame 0 is centred, at 48 kHz.
constexpr double kBandFrameCentre = 0.0107;

/// \param line  from seconds of scratch sound to seconds of clean sound. Where it is wrong the
/// bands
///              say nothing alike and all count the same: a wrong place gets no reflection.
/// Errors: Cancelled.   Threads: safe.
Result<SharedSound> sharedSound(const BandLevels& scratch, const BandLevels& clean, ClockLine line,
                                const JobControl& job);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How far apart a take and its clean sound are around one moment, wherever the clean sound was
/// put: for the gauge, the spot checks and the slip line.
///
///     auto probe = LagProbe::open(take, recording);
///     auto here = probe->at(tether.line, Seconds{8.4}, job);   // nothing: no common sound
#pragma once

#include <optional>

#include "align/measure/gcc_phat.h"
#include "align/measure/window_reader.h"
#include "align/tether_estimate.h"

namespace brisk {

struct LocalSlip {
    Seconds slip;         ///< Positive where the clean sound comes too early.
    double strength = 0;  ///< Of the agreement, in deviations of its noise.
    int polarity = 1;
};

/// Threads: one object a thread. The scans must outlive it.
class LagProbe {
  public:
    /// Errors: CannotRead.
    static Result<LagProbe> open(const SoundScan& take, const SoundScan& recording);

    /// Listens to a second and a half around `moment` (take time), with the clean sound placed by
    /// `line` (take time to recording time), up to 0.3 s either way. Nothing where no common sound
    /// stands out of chance. Errors: CannotRead, Cancelled.
    Result<std::optional<LocalSlip>> at(ClockLine line, Seconds moment, const JobControl& job);

  private:
    LagProbe(WindowReader reader, Seconds scratchStart);
    Result<void> learnNoise(ClockLine scratchLine, const JobControl& job);
    Result<std::optional<LocalSlip>> near(ClockLine scratchLine, Seconds moment,
                                          const JobControl& job);

    WindowReader reader_;
    Seconds scratchStart_;
    GccPhat correlator_;
    std::optional<NoiseFloor> noise_;  // of the clean sound
};

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How a take is brought to a loudness: a gain, and a limiter where true peaks would come too high.
#pragma once

#include "core/job_control.h"
#include "core/result.h"

namespace brisk {

struct TakeSoundPlan;

struct LevelPlan {
    double gainDb = 0;
    bool limit = false;
    double ceilingDbtp = -1;
    /// What comes out, where it was measured.
    double lufs = -70;
    double truePeakDbtp = -120;
    double samplePeakDb = -120;
    bool peakKnown = false;  ///< Both peaks were measured, as it is rendered with this level.
    [[nodiscard]] bool measured() const { return lufs > -70; }
    friend bool operator==(const LevelPlan&, const LevelPlan&) = default;
};

/// Measures what is kept of the take and finds the gain that its choice asks for. A plain gain
/// needs no measuring, but where its peaks may go over full scale (headroom.h). Silence stays as it
/// is. The whole take is rendered once, or a few times where the limiter takes loudness away.
/// Errors: CannotRead, Cancelled.   Threads: safe.
Result<LevelPlan> resolveLevel(const TakeSoundPlan& plan, const JobControl& job);

/// Loudness and true peak of what a plan sounds like, as it is.
Result<LevelPlan> measureLevel(const TakeSoundPlan& plan, const JobControl& job);

}  // namespace brisk

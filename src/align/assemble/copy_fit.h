// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Whether a file is a repaired copy of a recording - noise taken out, made louder, re-encoded, its
/// head cut off - and how its time lies on the old file's.
///
///     auto fit = fitCopy(copy, old, job);
///     if (fit->same()) tether.line = onCopy(tether.line, fit->line);
#pragma once

#include <string>

#include "core/clock_line.h"
#include "core/fact.h"
#include "core/job_control.h"
#include "core/result.h"
#include "features/sound_scan.h"

namespace brisk {

struct CopyFit {
    ClockLine line;       ///< From the copy's recording time to the old file's.
    int polarity = 1;     ///< Of the copy against the old file.
    double likeness = 0;  ///< Median correlation of the loud moments, 0 to 1.
    Fact refusal;         ///< Why it is no copy; empty where it is one.

    [[nodiscard]] bool same() const { return refusal.empty(); }
};

/// A copy has the old file's clock and its waveform; another microphone has neither, however well
/// it can be matched. Both files are read again in places. Errors: CannotRead, Cancelled. Another
/// sound is a finding, not an error.   Threads: safe.
Result<CopyFit> fitCopy(const SoundScan& copy, const SoundScan& old, const JobControl& job);

/// A line to the old file's time, as a line to the copy's.
ClockLine onCopy(ClockLine toOld, ClockLine copyToOld);

}  // namespace brisk

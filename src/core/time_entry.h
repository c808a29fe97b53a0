// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a person types for a time: a clock time, or an amount with a unit; absolute, or by how much
/// to change.
///
///     parseTimeEntry("0:19:27.483", units)   // absolute, 1167.483 s
///     parseTimeEntry("+3 ms", units)         // relative, 0.003 s
///     parseTimeEntry("-12 frames", units)    // relative
#pragma once

#include <string>

#include "core/rational.h"
#include "core/result.h"
#include "core/units.h"

namespace brisk {

struct EntryUnits {
    Rational frameRate{25, 1};
    SampleRate sampleRate{48000};
};

struct TimeEntry {
    Seconds value;
    bool relative = false;  ///< Written with a sign: to be added to what is there.
};

/// Units: none or s (seconds), ms, f or frames, samples; h:mm:ss.s and m:ss.s without a unit.
/// A leading "=" makes a signed value absolute ("=-0.5"): an offset may be negative. Nothing is
/// rounded. Errors: BadEntry, in words for the person who typed.
Result<TimeEntry> parseTimeEntry(const std::string& text, const EntryUnits& units);

}  // namespace brisk

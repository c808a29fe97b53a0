// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Listens to short windows spread over an overlap: how well take and recording agree in each, at
/// every small lag from a line.
///
///     auto heard = windowCurves(reader, line, {.overlap = both, .size = 1 << 16, .wanted = 32},
///                               job);
///     heard->curves[3].values
#pragma once

#include <optional>

#include "align/measure/slope_search.h"
#include "core/job_control.h"

namespace brisk {

struct WindowCurves {
    std::vector<Curve> curves;  ///< In order of time.
    /// What one arrival looks like in them, mean; 2 × kReach + 1 values, 1 at lag 0.
    std::vector<double> pulse = std::vector<double>(2 * kReach + 1, 0.0);
    std::optional<CommonLine> strongest = {};  ///< Where it was listened to closely.
};

struct WindowsWanted {
    TimeRange overlap;   ///< Scratch time.
    int size = 1 << 16;  ///< Samples of WindowReader::kRate; a power of two.
    int wanted = 32;     ///< Fewer where the overlap is short.
    /// With the pulse and the strongest arrival; and where few windows agree, bands that have
    /// nothing in common count for nothing.
    bool closely = false;
};

/// \param line       scratch seconds to clean seconds: lags are counted from it.
/// \param readAlong  the slope along which the recording is resampled; the line's own, or 0 ppm
///                   where resampling would not be worth its cost.
/// Errors: Silent (nothing to compare in two windows), CannotRead, Cancelled.
Result<WindowCurves> windowCurves(WindowReader& reader, ClockLine line, ClockLine readAlong,
                                  const WindowsWanted& wanted, const JobControl& job);

/// TooShort and Silent: something to say about two sounds, and no failure.
inline bool tooLittleToCompare(const Error& e) {
    return e.code == ErrorCode::TooShort || e.code == ErrorCode::Silent;
}

/// Samples of a window that is long enough to be exact, and leaves room for many.
int exactWindowSize(Seconds overlap);

}  // namespace brisk

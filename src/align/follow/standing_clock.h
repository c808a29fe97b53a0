// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A clock from lags of somebody who stands, moves a little, and stands again. Steps of some tenths
/// of a millisecond are too small to be told from a head that sways, and bend a line that is laid
/// through all points; but windows that follow each other mostly have no step between them.
#pragma once

#include <span>

#include "align/follow/clock_fit.h"

namespace brisk {

/// The slope that most neighbours of one run share, from each to the three after it; each level
/// that of the place where most of its run's points are. What is believed beforehand counts as
/// options say. A clock without bends.
/// \param points  in order of time. \param runs  as in fitClock.
ClockFit standingClock(std::span<const ClockPoint> points, int runs,
                       const ClockFitOptions& options);

}  // namespace brisk

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Draws one side of the seam: a sound's outline and body growing away from the line, at any zoom.
#pragma once

#include <QPainter>
#include <cstdint>
#include <optional>
#include <span>

#include "app/seam/time_axis.h"
#include "core/clock_line.h"
#include "features/peak_pyramid.h"

namespace brisk::app {

struct SeamSide {
    const PeakPyramid* peaks = nullptr;
    SampleRate rate;
    std::int64_t length = 0;         ///< Samples that could be had singly; 0 = none yet.
    std::span<const float> samples;  ///< Those that are; used where they cover what is shown.
    std::int64_t samplesFrom = 0;
    bool curve = true;  ///< Close up the curve of the samples, not their body.
    ClockLine line;     ///< From take time to the file's own time.
    /// Drawn only within this take time; none = wherever there is sound.
    std::optional<TimeRange> only = std::nullopt;
    double direction = -1;     ///< -1 grows upwards, 1 downwards.
    double gain = 1;           ///< Display height of full scale, in halves.
    bool equalHeight = false;  ///< What is shown fills its room, whatever `gain` says.
    QColor ground;             ///< What it lies on.
    QColor body;
    QColor outline;
};

/// What each pixel of `axis` shows of a side's sound; worked out before it is painted.
struct SeamColumns {
    std::vector<PeakColumn> columns;
    bool fromSamples = false;
};
SeamColumns seamColumns(const SeamSide& side, const TimeAxis& axis, int width);

/// \param seamY  the line both sides grow from; `height` is the room on this side.
void paintSeamSide(QPainter& painter, const SeamSide& side, const SeamColumns& columns,
                   const TimeAxis& axis, QRect clip, double seamY, double height);

/// Display height of full scale that lets all but the sharpest of these columns fill their room.
double equalHeightGain(const std::vector<PeakColumn>& columns);

/// The stretch of the file's samples that `axis` shows; empty where outlines are good enough.
std::pair<std::int64_t, std::int64_t> samplesNeeded(const SeamSide& side, const TimeAxis& axis,
                                                    int width);

}  // namespace brisk::app

// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Draws one side of the seam: a sound's outline and body growing away from the line, at any zoom.
#pragma once

#include <QPainter>
#include <memory>

#include "align/sound_scan.h"
#include "app/models/sample_source.h"
#include "app/widgets/time_axis.h"
#include "core/clock_line.h"

namespace brisk::app {

struct SeamSide {
    const PeakPyramid* peaks = nullptr;
    SampleRate rate;
    const SampleStretch* samples = nullptr;  ///< Used where it covers what is shown.
    const SoundScan* scan = nullptr;
    ClockLine line;         ///< From take time to the file's own time.
    double direction = -1;  ///< -1 grows upwards, 1 downwards.
    double gain = 1;        ///< Display height of full scale, in halves.
    QColor ground;  ///< What it lies on.
    QColor body;
    QColor outline;
};

/// \param seamY  the line both sides grow from; `height` is the room on this side.
void paintSeamSide(QPainter& painter, const SeamSide& side, const TimeAxis& axis, QRect clip,
                   double seamY, double height);

/// The stretch of the file's samples that `axis` shows; empty where outlines are good enough.
std::pair<std::int64_t, std::int64_t> samplesNeeded(const SeamSide& side, const TimeAxis& axis,
                                                    int width);

}  // namespace brisk::app
